import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Settings } from '../../api/api';
import { Choice, NumberEntry, TextEntry } from '../../ui/Field';
import { Group } from './Group';

type Props = { settings: Settings; onChange: (patch: Partial<Settings>) => void; wrong: (field: string) => string | undefined };
type Cup = Settings['cups'][number];

/** The cups and trays to mix in, by their inside lengths. */
export function CupsSettings({ settings, onChange, wrong }: Props) {
  const set = (i: number, patch: Partial<Cup>) => onChange({ cups: settings.cups.map((c, k) => (k === i ? { ...c, ...patch } : c)) });
  const shape = (i: number, cup: Cup, to: Cup['shape']) => {
    const { bottomWidth: _b, topWidth: _t, ...rest } = cup;
    onChange({
      cups: settings.cups.map((c, k) =>
        k === i ? { ...rest, shape: to, ...(to === 'tray' ? { bottomWidth: cup.bottom, topWidth: cup.top } : {}) } : c,
      ),
    });
  };
  return (
    <Group title="Cups and trays">
      <Box sx={{ gridColumn: '1 / -1', display: 'grid', gap: 1 }}>
        {settings.cups.map((c, i) => {
          const tray = c.shape === 'tray';
          return (
            <Box
              key={i}
              sx={{ display: 'grid', gridTemplateColumns: tray ? '1.4fr 0.9fr repeat(5, 1fr) 40px' : '2fr 1fr 1fr 1fr 1fr 40px', gap: 1 }}
            >
              <TextEntry label="Cup" value={c.name} onChange={(name) => set(i, { name })} error={wrong(`cups/${i}/name`)} />
              <Choice
                label="Shape"
                value={c.shape}
                options={[
                  ['round', 'round'],
                  ['tray', 'tray'],
                ]}
                onChange={(to) => shape(i, c, to)}
              />
              <NumberEntry
                label={tray ? 'Bottom length' : 'Across the bottom'}
                unit="mm"
                value={c.bottom}
                onChange={(v) => set(i, { bottom: v ?? 50 })}
                error={wrong(`cups/${i}/`)}
              />
              {tray && (
                <NumberEntry label="Bottom width" unit="mm" value={c.bottomWidth} onChange={(v) => set(i, { bottomWidth: v ?? 50 })} />
              )}
              <NumberEntry
                label={tray ? 'Top length' : 'Across the top'}
                unit="mm"
                value={c.top}
                onChange={(v) => set(i, { top: v ?? 60 })}
              />
              {tray && <NumberEntry label="Top width" unit="mm" value={c.topWidth} onChange={(v) => set(i, { topWidth: v ?? 60 })} />}
              <NumberEntry label="Height" unit="mm" value={c.height} onChange={(v) => set(i, { height: v ?? 80 })} />
              <Button
                aria-label={`Remove ${c.name}`}
                onClick={() => onChange({ cups: settings.cups.filter((_, k) => k !== i) })}
                sx={{ minWidth: 0 }}
              >
                ×
              </Button>
            </Box>
          );
        })}
        <Button
          variant="outlined"
          sx={{ justifySelf: 'start' }}
          onClick={() => onChange({ cups: [...settings.cups, { name: 'New cup', shape: 'round', bottom: 60, top: 70, height: 90 }] })}
        >
          Add a cup
        </Button>
      </Box>
    </Group>
  );
}
