import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import type { PartProps } from './parts';

type Place = NonNullable<PartProps['part']['worn']>[number];

/** Where hands, feet and time wear the part: there resist and distress fall. */
export function WornFields({ part, vocabulary, set }: PartProps) {
  const worn: readonly Place[] = part.worn ?? ['edges', 'corners'];
  return (
    <Box sx={{ gridColumn: '1 / -1' }}>
      {vocabulary.wornPlaces.map((p) => (
        <FormControlLabel
          key={p.key}
          label={p.name}
          control={
            <Checkbox
              checked={worn.includes(p.key as Place)}
              onChange={(e) =>
                set({
                  worn: vocabulary.wornPlaces.map((x) => x.key as Place).filter((k) => (k === p.key ? e.target.checked : worn.includes(k))),
                })
              }
            />
          }
        />
      ))}
    </Box>
  );
}
