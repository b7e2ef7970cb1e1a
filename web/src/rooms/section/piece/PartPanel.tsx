import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Preview } from '../../../api/api';
import { bench } from '../../../theme/theme';
import { NumberEntry, TextEntry } from '../../../ui/Field';
import { areaWords } from '../../../ui/measures';
import { useSystem } from '../../../ui/useSystem';
import { microns } from '../../../ui/words';
import { FaultFields } from './FaultFields';
import { Fields } from './Fields';
import { FinishFields } from './FinishFields';
import type { PartProps } from './parts';
import { ShapeFields } from './ShapeFields';
import { WoodFields } from './WoodFields';
import { WornFields } from './WornFields';

/** One part as surveyed: its faces, its wood, what lies on it, what is wrong with it, and what all that means. */
export function PartPanel({ onRemove, ...props }: PartProps & { onRemove: (() => void) | null }) {
  const system = useSystem();
  const { part, worked, set, wrong } = props;
  return (
    <Box component="section" aria-label={part.name} sx={{ display: 'grid', gap: 2, maxWidth: 820 }}>
      <Box sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr) 110px auto auto', gap: 1.5, alignItems: 'end' }}>
        <TextEntry label="Part" value={part.name} onChange={(name) => set({ name })} error={wrong('name')} />
        <NumberEntry
          label="Number"
          whole
          least={1}
          value={part.count ?? 1}
          onChange={(count) => set({ count: count ?? 1 })}
          error={wrong('count')}
        />
        <Box data-testid="part-area" sx={{ fontSize: 22, fontWeight: 700, whiteSpace: 'nowrap', pb: 0.5 }}>
          {worked ? areaWords(worked.area, system) : ''}
        </Box>
        <Button
          variant="outlined"
          color="secondary"
          disabled={onRemove === null}
          onClick={() => onRemove?.()}
          aria-label={`Remove ${part.name}`}
        >
          Remove
        </Button>
      </Box>
      {worked && worked.survey.conclusions.length > 0 && (
        <Box component="ul" aria-label="Results" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 0.75 }}>
          {worked.survey.conclusions.map((c) => (
            <li key={c.about + c.text} style={{ borderLeft: `4px solid ${c.tested ? bench.oxide : bench.ochre}`, paddingLeft: 10 }}>
              <b>{c.about}.</b> {c.text}
            </li>
          ))}
        </Box>
      )}
      {worked && <Budget sanding={worked.sanding} finish={part.finish?.kind ?? 'bare'} />}
      <Fields title="Shape and faces">
        <ShapeFields {...props} />
      </Fields>
      <Fields title="Material">
        <WoodFields {...props} />
      </Fields>
      <Fields title="Existing finish">
        <FinishFields {...props} />
      </Fields>
      <Fields title="Wear">
        <WornFields {...props} />
      </Fields>
      <Fields title="Damage and repairs">
        <FaultFields {...props} />
      </Fields>
    </Box>
  );
}

/** What sanding may take of the old finish and of the veneer, and what the recipe takes. */
function Budget({ sanding, finish }: { sanding: Preview['parts'][number]['sanding']; finish: string }) {
  const { veneer } = sanding;
  if (sanding.finish === null && veneer === null) return null;
  const most = sanding.mostOfWood > sanding.ofWood ? `, at most ${microns(sanding.mostOfWood)}` : '';
  return (
    <Box data-testid="sanding-budget">
      <b>Sanding.</b> The recipe removes{' '}
      {sanding.finish !== null && `${microns(sanding.ofFinish)} of about ${microns(sanding.finish)} of the old finish (${finish})`}
      {sanding.finish !== null && veneer !== null && ', and '}
      {veneer !== null && `${microns(sanding.ofWood)} of ${microns(veneer)} of veneer${most}`}
      {'.'}
    </Box>
  );
}
