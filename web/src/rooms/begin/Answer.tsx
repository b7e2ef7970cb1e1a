import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { BestSoFar } from '../../ui/BestSoFar';
import { Swatch } from '../../ui/Swatch';
import { counted } from '../../ui/words';
import { ProposalCard } from './ProposalCard';
import { type Colours, near, type Proposal, type Proposals, type SoFar } from './wish';

type Props = {
  answer: Proposals;
  colours: Colours;
  currency: string;
  /** Those that the client is to see. */
  shown: readonly string[];
  onShow: (proposal: Proposal, isShown: boolean) => void;
  onOpen: (proposal: Proposal) => void;
};

/** The proposals side by side, and what would bring the look closer. */
export function Answer({ answer, colours, currency, shown, onShow, onOpen }: Props) {
  return (
    <>
      <BestSoFar complete={answer.complete} />
      <Typography variant="h2" role="status" sx={{ mb: 1.5 }}>
        {said(answer)}
      </Typography>
      <Levers answer={answer} />
      <Box
        component="ul"
        sx={{ m: 0, p: 0, listStyle: 'none', display: 'grid', gap: 2, gridTemplateColumns: 'repeat(auto-fill, minmax(290px, 1fr))' }}
      >
        {answer.proposals.map((proposal) => (
          <ProposalCard
            key={proposal.family}
            proposal={proposal}
            colours={colours}
            currency={currency}
            isShown={shown.includes(proposal.family)}
            onShow={(isShown) => onShow(proposal, isShown)}
            onOpen={() => onOpen(proposal)}
          />
        ))}
      </Box>
    </>
  );
}

/** How close anything comes, in a sentence. */
function said({ proposals }: Proposals): string {
  if (proposals.length === 0) return 'Nothing is close to it within these limits.';
  const least = Math.min(...proposals.map((p) => p.apart));
  if (least >= 5) return 'Nothing is very close; these are the closest';
  return `${counted(proposals.length, 'recipe', 'recipes')}: the closest is ${near(least)}`;
}

const rounds = ['once', 'twice', 'three times'] as const;

/** What would bring the look closer than anything that is there. */
function Levers({ answer: { purchase, bleached, proposals } }: { answer: Proposals }) {
  const least = Math.min(...proposals.map((p) => p.apart));
  const helps = bleached.some((apart) => apart < least - 1);
  if (!purchase && bleached.length === 0) return null;
  return (
    <Box sx={{ display: 'grid', gap: 1, mb: 2 }} data-testid="levers">
      {purchase && (
        <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center' }}>
          <Swatch colour={purchase.colour} size={38} />
          <span>
            One more paint brings it closest: one like {purchase.like} in this colour, for “{purchase.step}” of {purchase.finish}. Then it
            is {near(purchase.brings)}.
          </span>
        </Box>
      )}
      {bleached.length > 0 && (
        <span>
          {helps
            ? `Bleached first, the wood itself gets closer: ${bleached.map((apart, i) => `${rounds[i]}, ${near(apart)}`).join('; ')}.`
            : 'Bleaching the wood first brings it no closer.'}
        </span>
      )}
    </Box>
  );
}

export function Searching({ soFar, onStop }: { soFar: readonly SoFar[]; onStop: () => void }) {
  return (
    <Box sx={{ display: 'grid', gap: 1.5, mb: 2 }} role="status">
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center' }}>
        <Typography variant="h2">Trying finishes …</Typography>
        <Button variant="outlined" onClick={onStop}>
          Stop
        </Button>
      </Box>
      <LinearProgress />
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none', display: 'flex', gap: 1.5, flexWrap: 'wrap' }} data-testid="so-far">
        {soFar.map((s) => (
          <Box component="li" key={s.family} sx={{ width: 150 }}>
            <Box
              sx={{
                height: 84,
                bgcolor: s.colours[0]?.colour,
                border: `7px solid ${s.colours[1]?.colour ?? s.colours[0]?.colour}`,
                outline: '1.5px solid',
              }}
            />
            <Box sx={{ fontSize: 15, mt: 0.5 }}>{s.name}</Box>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
