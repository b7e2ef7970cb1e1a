import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import LinearProgress from '@mui/material/LinearProgress';
import Switch from '@mui/material/Switch';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useMemo, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { answer, api } from '../../api/api';
import { askLines } from '../../api/askLines';
import { useSettings } from '../../api/useSettings';
import { useVocabulary } from '../../api/useVocabulary';
import { type Zone, zoneNames } from '../../recipe/face/panel';
import { FromBoard, FromPhoto } from '../../recipe/TakeColour';
import { twoColumns } from '../../theme/theme';
import { BestSoFar } from '../../ui/BestSoFar';
import { ColourEntry } from '../../ui/ColourEntry';
import { Choice, NumberEntry } from '../../ui/Field';
import { Failed, Loading } from '../../ui/Notice';
import { Swatch } from '../../ui/Swatch';
import { startColours } from '../../ui/startColours';
import { counted, isColour } from '../../ui/words';
import { GroundPick } from './GroundPick';
import { firstGround, newPiece } from './newPiece';
import { ProposalCard } from './ProposalCard';
import { SeenColours } from './SeenColours';
import { asked, near, noWish, type Proposal, type Proposals, type SearchLine, type SoFar } from './wish';

const zones: readonly Zone[] = ['field', 'edge', 'recess', 'pore'];
const photo = 'image/jpeg,image/png,image/webp';

/** A look is asked for; the finishes that come near it are found, each as a whole recipe. */
export default function AskForLook() {
  const navigate = useNavigate();
  const { data: vocabulary, error, refetch } = useVocabulary();
  const currency = useSettings().data?.settings.currency ?? '';
  const [ground, setGround] = useState(firstGround);
  const [wish, setWish] = useState(noWish);
  const [file, setFile] = useState<File | null>(null);
  const [taking, setTaking] = useState<{ zone: Zone; from: 'photo' | 'board' } | null>(null);
  const input = useRef<HTMLInputElement>(null);
  const results = useRef<HTMLDivElement>(null);
  const piece = useMemo(() => vocabulary && newPiece(ground, vocabulary), [ground, vocabulary]);
  const search = useSearch();
  const open = useMutation({
    mutationFn: (proposal: Proposal) => answer(api.POST('/api/recipes', { body: { document: proposal.document } })),
    onSuccess: (made) => navigate(`/recipes/${made.id}`),
  });
  if (error && !vocabulary) return <Failed error={error} retry={() => void refetch()} />;
  if (!vocabulary || !piece) return <Loading what="the finishes" />;
  const give = (zone: Zone, colour: string | null) => setWish((w) => ({ ...w, colours: { ...w.colours, [zone]: colour } }));
  const question = asked(wish, piece);
  return (
    <>
      <Box sx={twoColumns('400px')}>
        <Box
          component="form"
          onSubmit={(e) => {
            e.preventDefault();
            if (!question) return;
            search.ask(question);
            results.current?.scrollIntoView({ block: 'start' });
          }}
          sx={{ display: 'grid', gap: 1.25, alignContent: 'start', p: 2, overflowY: { md: 'auto' }, bgcolor: 'background.paper' }}
        >
          <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1 }}>
            <Typography variant="h1" sx={{ flex: 1, fontSize: 24 }}>
              The look
            </Typography>
            <Button component={Link} to="/recipes/new" size="small">
              All finishes
            </Button>
          </Box>
          {zones.map((zone) => (
            <Box key={zone} sx={{ display: 'flex', gap: 1, alignItems: 'end' }}>
              <Box sx={{ flex: 1 }}>
                <ColourEntry
                  label={zoneNames[zone]}
                  value={wish.colours[zone]}
                  emptyAllowed
                  onChange={(colour) => give(zone, colour)}
                  error={
                    wish.colours[zone] && !isColour(wish.colours[zone] ?? '')
                      ? `Enter a colour code, for example ${startColours.sage}`
                      : undefined
                  }
                />
              </Box>
              {file && (
                <Button onClick={() => setTaking({ zone, from: 'photo' })} aria-label={`Ring on the photo for ${zoneNames[zone]}`}>
                  Ring
                </Button>
              )}
              <Button onClick={() => setTaking({ zone, from: 'board' })} aria-label={`From a board for ${zoneNames[zone]}`}>
                Board
              </Button>
            </Box>
          ))}
          <Box>
            <input
              ref={input}
              type="file"
              accept={photo}
              hidden
              data-testid="look-photo"
              onChange={(e) => {
                setFile(e.target.files?.[0] ?? null);
                e.target.value = '';
              }}
            />
            <Button variant="outlined" onClick={() => input.current?.click()}>
              {file ? 'Another photo' : 'From a photo'}
            </Button>
          </Box>
          {file && <SeenColours file={file} onGive={give} />}
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.25 }}>
            <Choice
              label="The flat is"
              value={wish.lively}
              options={[
                ['any', 'as it comes'],
                ['even', 'even'],
                ['soft', 'soft, with a little movement'],
                ['broken', 'broken, well alive'],
              ]}
              onChange={(lively) => setWish({ ...wish, lively })}
            />
            <Choice
              label="Sheen"
              value={wish.sheen}
              options={[
                ['any', 'any'],
                ['matt', 'matt'],
                ['satin', 'satin'],
                ['gloss', 'gloss'],
              ]}
              onChange={(sheen) => setWish({ ...wish, sheen })}
            />
          </Box>
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.25 }}>
            <GroundPick ground={ground} vocabulary={vocabulary} onChange={setGround} />
          </Box>
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.25 }}>
            <FormControlLabel
              control={<Switch checked={wish.woodShows} onChange={(e) => setWish({ ...wish, woodShows: e.target.checked })} />}
              label="The wood shows"
            />
            <FormControlLabel
              control={<Switch checked={!wish.mayBuy} onChange={(e) => setWish({ ...wish, mayBuy: !e.target.checked })} />}
              label="Only from the shelf"
            />
          </Box>
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.5 }}>
            <NumberEntry
              label="Work at most"
              unit="h"
              emptyAllowed
              value={wish.hours}
              placeholder="any"
              onChange={(hours) => setWish({ ...wish, hours })}
            />
            <NumberEntry
              label="Cost at most"
              unit={currency}
              emptyAllowed
              value={wish.cost}
              placeholder="any"
              onChange={(cost) => setWish({ ...wish, cost })}
            />
          </Box>
          <Button type="submit" variant="contained" size="large" disabled={!question}>
            Find recipes
          </Button>
          {!question && <Box sx={{ color: 'text.secondary' }}>Give the flat areas a colour first.</Box>}
        </Box>
        <Box ref={results} sx={{ p: { xs: 1.5, sm: 2.5 }, overflowY: { md: 'auto' }, scrollMarginTop: '60px' }}>
          {(search.failed ?? open.error) && <Alert severity="error">{(search.failed ?? open.error)?.message}</Alert>}
          {search.busy && <Searching soFar={search.soFar} onStop={search.stop} />}
          {search.answer && (
            <>
              <BestSoFar complete={search.answer.complete} />
              <Typography variant="h2" role="status" sx={{ mb: 1.5 }}>
                {said(search.answer)}
              </Typography>
              <Levers answer={search.answer} />
              <Box
                component="ul"
                sx={{
                  m: 0,
                  p: 0,
                  listStyle: 'none',
                  display: 'grid',
                  gap: 2,
                  gridTemplateColumns: 'repeat(auto-fill, minmax(290px, 1fr))',
                }}
              >
                {search.answer.proposals.map((proposal) => (
                  <ProposalCard
                    key={proposal.family}
                    proposal={proposal}
                    colours={wish.colours}
                    currency={currency}
                    onOpen={() => open.mutate(proposal)}
                  />
                ))}
              </Box>
            </>
          )}
          {!search.busy && !search.answer && !search.failed && (
            <Box sx={{ p: 5, textAlign: 'center', border: '2px dashed', borderColor: 'divider', borderRadius: 1 }}>
              Enter the colours of the look, or take them from a photo or a board. Then up to six whole recipes are found that are close to
              it.
            </Box>
          )}
        </Box>
      </Box>
      {taking?.from === 'board' && (
        <FromBoard
          onClose={() => setTaking(null)}
          onTake={({ colour }) => {
            give(taking.zone, colour);
            setTaking(null);
          }}
        />
      )}
      {taking?.from === 'photo' && file && (
        <FromPhoto
          file={file}
          onClose={() => setTaking(null)}
          onTake={({ colour }) => {
            give(taking.zone, colour);
            setTaking(null);
          }}
        />
      )}
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

function Searching({ soFar, onStop }: { soFar: readonly SoFar[]; onStop: () => void }) {
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

/** The search as it goes on: what is near so far, and its answer. A new question ends the old one. */
function useSearch() {
  const running = useRef<AbortController>(null);
  const [state, setState] = useState<{
    busy: boolean;
    soFar: readonly SoFar[];
    answer: Proposals | null;
    failed: Error | null;
  }>({ busy: false, soFar: [], answer: null, failed: null });
  const stop = () => {
    running.current?.abort();
    setState((s) => ({ ...s, busy: false }));
  };
  const ask = (question: unknown) => {
    running.current?.abort();
    const own = new AbortController();
    running.current = own;
    setState({ busy: true, soFar: [], answer: null, failed: null });
    const isOwn = () => running.current === own && !own.signal.aborted;
    askLines<SearchLine>(
      '/api/finishes/search',
      question,
      (line) => isOwn() && setState((s) => ({ ...s, soFar: line.soFar ?? s.soFar, answer: line.answer ?? s.answer })),
      own.signal,
    )
      .then(() => isOwn() && setState((s) => ({ ...s, busy: false })))
      .catch((failed) => isOwn() && setState((s) => ({ ...s, busy: false, failed })));
  };
  return { ...state, ask, stop };
}
