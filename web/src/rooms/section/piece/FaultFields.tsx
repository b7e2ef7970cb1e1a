import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { newId } from '../../../recipe/edits';
import { ColourEntry } from '../../../ui/ColourEntry';
import { Choice, NumberEntry, TextEntry } from '../../../ui/Field';
import { startColours } from '../../../ui/startColours';
import type { PartProps } from './parts';

/** Parts that are opened by a pull. */
const pulled = ['door', 'drawer', 'front', 'top'];

/** What is wrong with a part, and what lies on it that is worked on by itself. */
export function FaultFields({ part, worked, vocabulary, set, wrong }: PartProps) {
  const faults = part.faults ?? [];
  type Fault = (typeof faults)[number];
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
      <FieldsOfPart part={part} worked={worked} set={set} wrong={wrong} vocabulary={vocabulary} />
    </Box>
  );
}

/** Repairs, and other places that can be worked on by themselves: boards of a top, squares of a door. */
function FieldsOfPart({ part, worked, vocabulary, set, wrong }: Omit<PartProps, 'setAll'>) {
  const fields = part.fields ?? [];
  type Field = (typeof fields)[number];
  const setField = (i: number, patch: Partial<Field>) => set({ fields: fields.map((f, k) => (k === i ? { ...f, ...patch } : f)) });
  const add = (field: Omit<Field, 'id'>) => set({ fields: [...fields, { id: newId('f'), ...field }] });
  const faces = vocabulary.shapes.find((s) => s.key === part.shape?.kind)?.faces.filter((f) => part.shape?.faces.includes(f.key)) ?? [];
  return (
    <Box sx={{ display: 'grid', gap: 1, mt: 1 }}>
      {fields.map((field, i) => (
        <Box key={field.id} sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1.4fr) 0.8fr 1fr 1fr 40px', gap: 1, alignItems: 'end' }}>
          <TextEntry label={field.colour ? 'Repair' : 'Field'} value={field.name} onChange={(name) => setField(i, { name })} />
          <NumberEntry
            label="Share"
            unit="%"
            value={Math.round(1000 * field.share) / 10}
            least={0.1}
            onChange={(percent) => setField(i, { share: Math.min(1, (percent ?? 2) / 100) })}
            error={wrong(`fields/${i}`)}
          />
          {field.colour ? (
            <>
              <NumberEntry
                label="Absorbency"
                unit="× sealed surface"
                value={field.drinks ?? 1}
                onChange={(drinks) => setField(i, { drinks: drinks ?? 1 })}
              />
              <ColourEntry label="Colour" value={field.colour} onChange={(colour) => colour && setField(i, { colour })} />
            </>
          ) : (
            <Box sx={{ gridColumn: 'span 2' }}>
              {faces.length > 1 && (
                <Choice
                  label="On"
                  value={field.face ?? faces[0]?.key ?? ''}
                  options={faces.map((f) => [f.key, f.name.toLowerCase()] as const)}
                  onChange={(face) => setField(i, { face })}
                />
              )}
            </Box>
          )}
          {worked?.fields.find((f) => f.id === field.id)?.apart && (
            <Box data-testid="apart" sx={{ gridRow: 2, gridColumn: '1 / -1', fontSize: 14, color: 'text.secondary' }}>
              At the end, beside the rest: {worked.fields.find((f) => f.id === field.id)?.apart?.inWords}
            </Box>
          )}
          <Button
            aria-label={`Remove ${field.name}`}
            sx={{ minWidth: 0 }}
            onClick={() => set({ fields: fields.length > 1 ? fields.filter((_, k) => k !== i) : null })}
          >
            ×
          </Button>
        </Box>
      ))}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button variant="outlined" onClick={() => add({ name: 'Filler', share: 0.02, colour: startColours.filler, drinks: 1 })}>
          Add repair
        </Button>
        <Button variant="outlined" onClick={() => add({ name: 'Left half', share: 0.5 })}>
          Add field
        </Button>
      </Box>
    </Box>
  );
}
