import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import type { Recipe, Vocabulary } from '../../api/api';

type Part = Recipe['piece']['parts'][number];
type Props = { document: Recipe; vocabulary: Vocabulary; value: readonly string[]; onChange: (parts: string[]) => void };

/** A face of a part, or a field that lies on one, as a place of its own. */
type Place = { key: string; name: string; within: string | null };

function placesOf(part: Part, vocabulary: Vocabulary): Place[] {
  const faces = part.shape?.faces ?? (part.fields?.length ? ['whole'] : []);
  const nameOf = (face: string) =>
    vocabulary.shapes
      .find((s) => s.key === part.shape?.kind)
      ?.faces.find((f) => f.key === face)
      ?.name.toLowerCase() ?? 'all of it';
  return faces.flatMap((face, i) => [
    { key: face, name: nameOf(face), within: null },
    ...(part.fields ?? [])
      .filter((f) => (f.face ?? faces[0]) === face || (i === 0 && !faces.includes(f.face ?? '')))
      .map((f) => ({ key: `${face}.${f.id}`, name: f.name, within: face })),
  ]);
}

/** Which parts of the piece a step is done to, and which of their faces and fields; none ticked means the whole piece. */
export function PartsPick({ document, vocabulary, value, onChange }: Props) {
  const { parts } = document.piece;
  if (parts.length < 2 && placesOf(parts[0] as Part, vocabulary).length < 2) return null;
  const others = (part: Part) => value.filter((v) => v !== part.id && !v.startsWith(`${part.id}:`));
  const set = (part: Part, places: Place[]) => {
    const faces = placesOf(part, vocabulary).filter((p) => p.within === null);
    const all = faces.every((f) => places.includes(f));
    const stated = places.filter((p) => !places.some((f) => f.key === p.within));
    onChange([...others(part), ...(all ? [part.id] : stated.map((p) => `${part.id}:${p.key}`))]);
  };
  return (
    <Box component="fieldset" sx={{ border: 1, borderColor: 'divider', borderRadius: 1, m: 0, px: 1.5, py: 0.25 }}>
      <Box component="legend" sx={{ color: 'text.secondary', fontSize: 14, px: 0.5 }}>
        Applies to {value.length === 0 ? 'the whole piece (tick parts to limit)' : 'these parts'}
      </Box>
      {parts.map((part) => {
        const places = placesOf(part, vocabulary);
        const named = (p: Place) => value.includes(part.id) || value.includes(`${part.id}:${p.key}`);
        const implied = (p: Place) => places.some((f) => f.key === p.within && named(f));
        const ticked = places.filter((p) => named(p) || implied(p));
        const on = value.includes(part.id) || ticked.length > 0;
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
              places.length > 1 &&
              places.map((place) => (
                <Box key={place.key} sx={{ pl: place.within === null ? 3.5 : 6, mt: -1 }}>
                  <FormControlLabel
                    label={place.name}
                    disabled={implied(place)}
                    control={
                      <Checkbox
                        size="small"
                        checked={ticked.includes(place)}
                        slotProps={{ input: { 'aria-label': `${part.name}, ${place.name}` } }}
                        onChange={(e) =>
                          set(
                            part,
                            places.filter((p) => (p === place ? e.target.checked : ticked.includes(p) && p.within !== place.key)),
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
