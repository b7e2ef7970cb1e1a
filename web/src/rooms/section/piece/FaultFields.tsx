import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { heardOnly } from '../../../theme/theme';
import { ColourEntry } from '../../../ui/ColourEntry';
import { Choice, NumberEntry, TextEntry } from '../../../ui/Field';
import { startColours } from '../../../ui/startColours';
import type { PartProps } from './parts';

/** Parts that are opened by a pull. */
const pulled = ['door', 'drawer', 'front', 'top'];

/** What is wrong with a part, and the patches that take colour differently from the wood beside them. */
export function FaultFields({ part, vocabulary, set, wrong }: PartProps) {
  const faults = part.faults ?? [];
  const patches = part.patches ?? [];
  type Fault = (typeof faults)[number];
  const setPatch = (i: number, patch: Partial<(typeof patches)[number]>) =>
    set({ patches: patches.map((p, k) => (k === i ? { ...p, ...patch } : p)) });
  return (
    <Box sx={{ gridColumn: '1 / -1' }}>
      {vocabulary.faults.map((f) => (
        <FormControlLabel
          key={f.key}
          label={f.name}
          control={
            <Checkbox
              checked={faults.includes(f.key as Fault)}
              onChange={(e) => {
                const next = vocabulary.faults
                  .map((x) => x.key as Fault)
                  .filter((k) => (k === f.key ? e.target.checked : faults.includes(k)));
                set({ faults: next.length > 0 ? next : null });
              }}
            />
          }
        />
      ))}
      {pulled.includes(part.shape?.kind ?? '') && (
        <Box sx={{ mt: 1, maxWidth: 380 }}>
          <Choice
            label="Handle position"
            value={part.pulls ?? 'none'}
            options={[
              ['none', 'none or unknown'],
              ['placed', 'settled'],
              ['open', 'undecided'],
            ]}
            onChange={(pulls) => set({ pulls: pulls === 'none' ? null : pulls })}
          />
        </Box>
      )}
      <Box sx={{ display: 'grid', gap: 1, mt: 1 }}>
        {patches.map((patch, i) => (
          <Box
            key={i}
            sx={{
              display: 'grid',
              gridTemplateColumns: '1fr 1fr 1fr 40px',
              gap: 1,
              alignItems: 'end',
              ...(i > 0 && { '& label': heardOnly }),
            }}
          >
            <TextEntry label="Repair" value={patch.name} onChange={(name) => setPatch(i, { name })} />
            <NumberEntry
              label="Absorbency"
              unit="× sealed surface"
              value={patch.drinks}
              onChange={(drinks) => setPatch(i, { drinks: drinks ?? 1 })}
              error={wrong(`patches/${i}`)}
            />
            <ColourEntry label="Colour" value={patch.colour} onChange={(colour) => colour && setPatch(i, { colour })} />
            <Button
              aria-label={`Remove ${patch.name}`}
              sx={{ minWidth: 0 }}
              onClick={() => set({ patches: patches.length > 1 ? patches.filter((_, k) => k !== i) : null })}
            >
              ×
            </Button>
          </Box>
        ))}
        <Button
          variant="outlined"
          sx={{ justifySelf: 'start' }}
          onClick={() => set({ patches: [...patches, { name: 'Filler', colour: startColours.filler, drinks: 1 }] })}
        >
          Add repair
        </Button>
      </Box>
    </Box>
  );
}
