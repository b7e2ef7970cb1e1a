import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import type { Recipe } from '../../app/api';

/** Which parts of the piece a step is done to; none ticked means the whole piece. */
export function PartsPick({
  document,
  value,
  onChange,
}: {
  document: Recipe;
  value: readonly string[];
  onChange: (parts: string[]) => void;
}) {
  if (document.piece.parts.length < 2) return null;
  return (
    <Box component="fieldset" sx={{ border: 1, borderColor: 'divider', borderRadius: 1, m: 0, px: 1.5, py: 0.25 }}>
      <Box component="legend" sx={{ color: 'text.secondary', fontSize: 14, px: 0.5 }}>
        On {value.length === 0 ? 'the whole piece; tick to limit it' : 'these parts'}
      </Box>
      {document.piece.parts.map((part) => (
        <FormControlLabel
          key={part.id}
          label={part.name}
          control={
            <Checkbox
              checked={value.includes(part.id)}
              onChange={(e) => onChange(e.target.checked ? [...value, part.id] : value.filter((id) => id !== part.id))}
            />
          }
        />
      ))}
    </Box>
  );
}
