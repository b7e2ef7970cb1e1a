import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Settings } from '../../api/api';
import { newId } from '../../recipe/edits';
import { Choice, NumberEntry, TextEntry } from '../../ui/Field';
import { Group } from './Group';

type Props = { settings: Settings; onChange: (patch: Partial<Settings>) => void; wrong: (field: string) => string | undefined };
type Place = NonNullable<Settings['places']>[number];

/** Places whose air differs from the usual: what stands there dries by it, night by night. */
export function PlacesSettings({ settings, onChange, wrong }: Props) {
  const places = settings.places ?? [];
  const set = (i: number, patch: Partial<Place>) => onChange({ places: places.map((p, k) => (k === i ? { ...p, ...patch } : p)) });
  return (
    <Group title="Other places">
      <Box sx={{ gridColumn: '1 / -1', display: 'grid', gap: 1 }}>
        {places.map((p, i) => (
          <Box
            key={p.id}
            sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr 1fr', sm: '1.6fr repeat(5, 1fr) 40px' }, gap: 1, alignItems: 'end' }}
          >
            <TextEntry label="Place" value={p.name} onChange={(name) => set(i, { name })} error={wrong(`places/${i}/name`)} />
            <NumberEntry
              label="Night temperature"
              unit="°C"
              least={-30}
              value={p.coldest}
              onChange={(v) => set(i, { coldest: v ?? 10 })}
              error={wrong(`places/${i}/coldest`)}
            />
            <NumberEntry label="Day temperature" unit="°C" least={-30} value={p.warmest} onChange={(v) => set(i, { warmest: v ?? 18 })} />
            <NumberEntry label="Humidity" unit="%" least={1} value={p.humidity} onChange={(v) => set(i, { humidity: v ?? 50 })} />
            <Choice
              label="Air"
              value={p.air}
              options={[
                ['still', 'still'],
                ['moving', 'moving'],
                ['fan', 'fan'],
              ]}
              onChange={(air) => set(i, { air })}
            />
            <NumberEntry
              label="Capacity"
              unit="pieces"
              least={1}
              whole
              emptyAllowed
              placeholder="no limit"
              value={p.holds}
              onChange={(holds) => set(i, { holds })}
              error={wrong(`places/${i}/holds`)}
            />
            <Button
              aria-label={`Remove ${p.name}`}
              onClick={() => onChange({ places: places.filter((_, k) => k !== i) })}
              sx={{ minWidth: 0, alignSelf: 'end' }}
            >
              ×
            </Button>
          </Box>
        ))}
        <Button
          variant="outlined"
          sx={{ justifySelf: 'start' }}
          onClick={() =>
            onChange({
              places: [...places, { id: newId('p'), name: 'New place', coldest: 12, warmest: 19, humidity: 55, air: 'still' }],
            })
          }
        >
          Add a place
        </Button>
      </Box>
    </Group>
  );
}
