import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import type { Recipe, Vocabulary } from '../../api/api';

type Part = Recipe['piece']['parts'][number];
type Props = { document: Recipe; vocabulary: Vocabulary; value: readonly string[]; onChange: (parts: string[]) => void };

/** Which parts of the piece a step is done to, and which of their faces; none ticked means the whole piece. */
export function PartsPick({ document, vocabulary, value, onChange }: Props) {
  const { parts } = document.piece;
  const facesOf = (part: Part) => part.shape?.faces ?? [];
  if (parts.length < 2 && facesOf(parts[0] as Part).length < 2) return null;
  const others = (part: Part) => value.filter((v) => v !== part.id && !v.startsWith(`${part.id}:`));
  const ticked = (part: Part) => (value.includes(part.id) ? facesOf(part) : facesOf(part).filter((f) => value.includes(`${part.id}:${f}`)));
  const setFaces = (part: Part, faces: string[]) =>
    onChange([...others(part), ...(faces.length === facesOf(part).length ? [part.id] : faces.map((f) => `${part.id}:${f}`))]);
  const nameOf = (part: Part, face: string) =>
    vocabulary.shapes.find((s) => s.key === part.shape?.kind)?.faces.find((f) => f.key === face)?.name ?? face;
  return (
    <Box component="fieldset" sx={{ border: 1, borderColor: 'divider', borderRadius: 1, m: 0, px: 1.5, py: 0.25 }}>
      <Box component="legend" sx={{ color: 'text.secondary', fontSize: 14, px: 0.5 }}>
        Applies to {value.length === 0 ? 'the whole piece (tick parts to limit)' : 'these parts'}
      </Box>
      {parts.map((part) => {
        const on = value.includes(part.id) || ticked(part).length > 0;
        return (
          <Box key={part.id} sx={{ display: 'inline-block', verticalAlign: 'top', mr: 1 }}>
            <FormControlLabel
              label={part.name}
              control={
                <Checkbox
                  checked={on}
                  indeterminate={on && !value.includes(part.id)}
                  onChange={(e) => onChange(e.target.checked ? [...others(part), part.id] : others(part))}
                />
              }
            />
            {on &&
              facesOf(part).length > 1 &&
              facesOf(part).map((face) => (
                <Box key={face} sx={{ pl: 3.5, mt: -1 }}>
                  <FormControlLabel
                    label={nameOf(part, face).toLowerCase()}
                    control={
                      <Checkbox
                        size="small"
                        checked={ticked(part).includes(face)}
                        slotProps={{ input: { 'aria-label': `${part.name}, ${nameOf(part, face).toLowerCase()}` } }}
                        onChange={(e) =>
                          setFaces(
                            part,
                            facesOf(part).filter((f) => (f === face ? e.target.checked : ticked(part).includes(f))),
                          )
                        }
                      />
                    }
                  />
                </Box>
              ))}
          </Box>
        );
      })}
    </Box>
  );
}
