import Box from '@mui/material/Box';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import type { Settings } from '../../api/api';
import { TextEntry } from '../../ui/Field';
import { Group } from './Group';

const days = [
  ['mon', 'Monday'],
  ['tue', 'Tuesday'],
  ['wed', 'Wednesday'],
  ['thu', 'Thursday'],
  ['fri', 'Friday'],
  ['sat', 'Saturday'],
  ['sun', 'Sunday'],
] as const;

type Stretch = { from: string; to: string };

/** "08:00–12:00, 13:00–17:00" and back; what cannot be read is kept as it is for the answer to complain about. */
function write(hours: readonly Stretch[] | undefined): string {
  return (hours ?? []).map((h) => `${h.from}–${h.to}`).join(', ');
}

function read(text: string): Stretch[] {
  return text
    .split(',')
    .map((t) => t.trim())
    .filter((t) => t !== '')
    .map((t) => {
      const [from = '', to = ''] = t.split(/\s*[–-]\s*/);
      const full = (h: string) => (/^\d{1,2}$/.test(h) ? `${h.padStart(2, '0')}:00` : /^\d:\d\d$/.test(h) ? `0${h}` : h);
      return { from: full(from), to: full(to) };
    });
}

/** Working hours of the week, days that differ, and the zone. */
export function HoursSettings({
  settings,
  onChange,
  error,
}: {
  settings: Settings;
  onChange: (patch: Partial<Settings>) => void;
  error: string | undefined;
}) {
  const exceptions = (settings.exceptions ?? []).map((e) => `${e.date}: ${e.hours.length === 0 ? 'off' : write(e.hours)}`).join('\n');
  return (
    <Group title="Working hours">
      {days.map(([key, name]) => (
        <TextEntry
          key={key}
          label={name}
          placeholder="off"
          value={write(settings.hours[key])}
          onChange={(text) => onChange({ hours: { ...settings.hours, [key]: read(text) } })}
        />
      ))}
      <Box sx={{ gridColumn: '1 / -1' }}>
        <FormControlLabel
          label="Helper"
          control={
            <Switch
              checked={settings.helper !== null && settings.helper !== undefined}
              onChange={(e) => onChange({ helper: e.target.checked ? settings.hours : null })}
            />
          }
        />
      </Box>
      {settings.helper &&
        days.map(([key, name]) => (
          <TextEntry
            key={`helper ${key}`}
            label={`Helper, ${name}`}
            placeholder="off"
            value={write(settings.helper?.[key])}
            onChange={(text) => onChange({ helper: { ...settings.helper, [key]: read(text) } })}
          />
        ))}
      <TextEntry label="Time zone" value={settings.zone} onChange={(zone) => onChange({ zone })} error={error} />
      <Box sx={{ gridColumn: '1 / -1' }}>
        <TextEntry
          label="Exceptions (holidays, short days)"
          multiline
          value={exceptions}
          help="one per line, for example 2026-12-24: 08:00–12:00 or 2026-12-25: off"
          onChange={(text) =>
            onChange({
              exceptions: text
                .split('\n')
                .map((l) => l.trim())
                .filter((l) => l !== '')
                .map((l) => {
                  const [date = '', ...rest] = l.split(': ');
                  const hours = rest.join(': ');
                  return { date: date.trim(), hours: hours.trim() === 'off' ? [] : read(hours) };
                }),
            })
          }
        />
      </Box>
    </Group>
  );
}
