import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Slider from '@mui/material/Slider';
import { useState } from 'react';
import type { Recipe } from '../../api/api';
import { PreviewedPiece } from '../../recipe/face/PaintedPiece';
import { zoneNames } from '../../recipe/face/panel';
import { bench } from '../../theme/theme';
import { ChipTitle } from '../../ui/ChipTitle';
import { date, minutes, money } from '../../ui/words';
import { type Colours, how, near, type Proposal, risk } from './wish';

type Props = {
  proposal: Proposal;
  colours: Colours;
  currency: string;
  isShown: boolean;
  onShow: (isShown: boolean) => void;
  onOpen: () => void;
};

/** A whole recipe that comes near the look: painted, with what it takes and what could go wrong. */
export function ProposalCard({ proposal, colours, currency, isShown, onShow, onOpen }: Props) {
  const [share, setShare] = useState(0.5);
  const risks = proposal.risks.flatMap((r) => risk(r) ?? []);
  return (
    <Box
      component="li"
      sx={{
        bgcolor: 'background.paper',
        border: `1.5px solid ${bench.ink}`,
        borderRadius: '3px',
        p: 1.5,
        display: 'grid',
        gap: 1,
        alignContent: 'start',
      }}
      data-testid="proposal"
      data-family={proposal.family}
    >
      <PreviewedPiece
        document={proposal.document as Recipe}
        preview={proposal.preview}
        label={`${proposal.name}, as it will look; on the right as wanted`}
        wanted={{ colours, share: 1 - share }}
        width={330}
        height={250}
      />
      <Slider
        size="small"
        value={share}
        min={0}
        max={1}
        step={0.05}
        onChange={(_, value) => setShare(value as number)}
        aria-label={`How much of ${proposal.name} is shown, beside the look wanted`}
        sx={{ py: 0.5 }}
      />
      <ChipTitle>{proposal.name}</ChipTitle>
      <Box sx={{ fontSize: 15 }}>{proposal.says}</Box>
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none', display: 'grid', gap: 0.25 }}>
        {proposal.zones.map((zone) => (
          <li key={zone.zone}>
            <Box component="span" aria-hidden="true" sx={{ display: 'inline-flex', verticalAlign: 'middle', mr: 1, border: 1 }}>
              <Box component="span" sx={{ width: 18, height: 14, bgcolor: zone.colour }} />
              <Box component="span" sx={{ width: 18, height: 14, bgcolor: zone.wished }} />
            </Box>
            {zoneNames[zone.zone]}: {near(zone.apart)}
            {zone.apart >= 2.5 ? `, ${how(zone)}` : ''}
          </li>
        ))}
      </Box>
      <Box>
        {minutes(proposal.minutes)} of work
        {proposal.readyOn ? `, ready ${date(proposal.readyOn)}` : ', no end in sight'}
        {proposal.cost === null ? '' : `, ${money(proposal.cost, currency)}`}
      </Box>
      {proposal.buy.length > 0 && <Box>To buy: {proposal.buy.join(', ')}</Box>}
      <Box sx={{ color: risks.length > 0 ? undefined : 'text.secondary' }}>
        {risks[0] ?? 'Sure: a coat a fifth thicker or left twice as long does not show.'}
      </Box>
      <Box sx={{ alignSelf: 'end', display: 'flex', gap: 1.5, alignItems: 'center' }}>
        <Button variant="contained" onClick={onOpen} aria-label={`Open ${proposal.name} as a recipe`}>
          Open as a recipe
        </Button>
        <FormControlLabel
          control={<Checkbox checked={isShown} onChange={(e) => onShow(e.target.checked)} />}
          label="for the client"
          aria-label={`Show ${proposal.name} to the client`}
        />
      </Box>
    </Box>
  );
}
