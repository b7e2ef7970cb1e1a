import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import type { Recipe, Step } from '../../api/api';

type Props = { document: Recipe; step: Step; onChange: (masks: string[]) => void };

/** Which of the other parts are taped and covered while a step is done. */
export function MaskPick({ document, step, onChange }: Props) {
  const on = step.parts ?? [];
  const masks = step.masks ?? [];
  const others =
    on.length === 0 ? [] : document.piece.parts.filter((p) => !on.some((place) => place === p.id || place.startsWith(`${p.id}:`)));
  const shown = document.piece.parts.filter((p) => others.includes(p) || masks.includes(p.id));
  if (shown.length === 0) return null;
  return (
    <Box component="fieldset" sx={{ border: 1, borderColor: 'divider', borderRadius: 1, m: 0, px: 1.5, py: 0.25 }}>
      <Box component="legend" sx={{ color: 'text.secondary', fontSize: 14, px: 0.5 }}>
        Mask off
      </Box>
      {shown.map((part) => (
        <FormControlLabel
          key={part.id}
          label={part.name}
          control={
            <Checkbox
              checked={masks.includes(part.id)}
              slotProps={{ input: { 'aria-label': `Mask ${part.name}` } }}
              onChange={(e) => onChange(e.target.checked ? [...masks, part.id] : masks.filter((m) => m !== part.id))}
            />
          }
        />
      ))}
    </Box>
  );
}
