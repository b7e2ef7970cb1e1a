import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import type { components } from '../../api/api.gen';
import { FaceChip } from '../../recipe/face/FaceChip';
import { bench } from '../../theme/theme';
import { ChipTitle } from '../../ui/ChipTitle';
import { minutes, money } from '../../ui/words';

export type Chip = components['schemas']['WallChip'];

const stands = { light: 'light wear', daily: 'daily use', hard: 'hard use' } as const;

/** Days as one counts them, from the first step until it is ready. */
export function daysOf(hours: number | null | undefined): string {
  if (hours === null || hours === undefined) return 'no end in sight';
  const days = Math.max(1, Math.ceil(hours / 24));
  return days === 1 ? 'in a day' : `in ${days} days`;
}

/** A finish on the wall: painted on the wood chosen, with what it asks of a painter. */
export function FinishChip({ chip, currency, onTake }: { chip: Chip; currency: string; onTake: () => void }) {
  return (
    <ButtonBase
      onClick={onTake}
      sx={{
        width: '100%',
        height: '100%',
        textAlign: 'left',
        font: 'inherit',
        alignItems: 'stretch',
        flexDirection: 'column',
        justifyContent: 'flex-start',
        bgcolor: 'background.paper',
        border: `1.5px solid ${bench.ink}`,
        borderRadius: '3px',
        '&:hover h2, &:focus-visible h2': { textDecoration: 'underline' },
      }}
    >
      <Box sx={{ height: 132, overflow: 'hidden', borderBottom: `1.5px solid ${bench.ink}` }}>
        <FaceChip stack={chip.stack} label={`${chip.name} on this wood`} />
      </Box>
      <Box sx={{ p: 1.25, display: 'grid', gap: 0.5 }}>
        <ChipTitle>{chip.name}</ChipTitle>
        <Box sx={{ fontSize: 15, lineHeight: 1.35 }}>{chip.says}</Box>
        <Box sx={{ color: 'text.secondary', fontSize: 14 }}>
          {minutes(chip.minutes)} of work, ready {daysOf(chip.waits)}
          {chip.cost === null ? '' : `, ${money(chip.cost, currency)}`} · {stands[chip.wear]}
        </Box>
      </Box>
    </ButtonBase>
  );
}
