import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Settings } from '../../api/api';
import { heardOnly } from '../../theme/theme';
import { Choice, TextEntry } from '../../ui/Field';
import { Group } from './Group';

type Props = { settings: Settings; onChange: (patch: Partial<Settings>) => void; wrong: (field: string) => string | undefined };
type Measure = Settings['measures'][number];

/** The spoons, syringes, jugs and scales on the bench. */
export function MeasuresSettings({ settings, onChange, wrong }: Props) {
  const set = (i: number, patch: Partial<Measure>) =>
    onChange({ measures: settings.measures.map((m, k) => (k === i ? { ...m, ...patch } : m)) });
  return (
    <Group title="Measuring tools">
      <Box sx={{ gridColumn: '1 / -1', display: 'grid', gap: 1 }}>
        {settings.measures.map((m, i) => (
          <Box
            key={i}
            sx={{
              display: 'grid',
              gridTemplateColumns: '2fr 1fr 1fr 1fr 40px',
              gap: 1,
              alignItems: 'end',
              ...(i > 0 && { '& label': heardOnly }),
            }}
          >
            <TextEntry label="Tool" value={m.name} onChange={(name) => set(i, { name })} error={wrong(`measures/${i}/name`)} />
            <Choice
              label="Measures in"
              value={m.dimension}
              options={[
                ['volume', 'ml'],
                ['mass', 'g (scale)'],
              ]}
              onChange={(dimension) => set(i, { dimension })}
            />
            <TextEntry label="Smallest division" value={m.step} onChange={(step) => set(i, { step })} error={wrong(`measures/${i}/step`)} />
            <TextEntry
              label="Capacity"
              value={m.capacity}
              onChange={(capacity) => set(i, { capacity })}
              error={wrong(`measures/${i}/capacity`)}
            />
            <Button
              aria-label={`Remove ${m.name}`}
              onClick={() => onChange({ measures: settings.measures.filter((_, k) => k !== i) })}
              sx={{ minWidth: 0 }}
            >
              ×
            </Button>
          </Box>
        ))}
        <Button
          variant="outlined"
          sx={{ justifySelf: 'start' }}
          onClick={() =>
            onChange({ measures: [...settings.measures, { name: 'New tool', dimension: 'volume', step: '10', capacity: '10' }] })
          }
        >
          Add tool
        </Button>
      </Box>
    </Group>
  );
}
