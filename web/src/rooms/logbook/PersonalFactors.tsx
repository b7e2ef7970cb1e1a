import Box from '@mui/material/Box';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { answer, api, wrongIn } from '../../api/api';
import { keys } from '../../api/keys';
import { useSettings } from '../../api/useSettings';
import { bench } from '../../theme/theme';
import { Folded } from '../../ui/Folded';
import { counted, date, minutes } from '../../ui/words';
import { ColoursReached } from './ColoursReached';
import { FactorStrip } from './FactorStrip';

const kinds = [
  {
    key: 'paces',
    title: 'Your pace',
    use: 'Use for scheduling (steps without a set time)',
    more: 'slower than typical',
    less: 'faster than typical',
    same: 'as is typical',
    one: 'timed task',
    many: 'timed tasks',
    typical: 'typical',
  },
  {
    key: 'drying',
    title: 'Your drying times',
    use: 'Use instead of the label',
    more: 'slower than the label',
    less: 'faster than the label',
    same: 'as on the label',
    one: 'observed coat',
    many: 'observed coats',
    typical: 'label',
  },
  {
    key: 'amounts',
    title: 'Your consumption',
    use: 'Use instead of the spread rate',
    more: 'more than calculated',
    less: 'less than calculated',
    same: 'as calculated',
    one: 'measured amount',
    many: 'measured amounts',
    typical: 'calculated',
  },
] as const;

const percentOff = (factor: number) => Math.round(100 * (factor - 1));

/** "18 % slower than typical (likely 1 to 37 %)", or "(likely 22 % faster to 5 % slower)": how far off, and what is likely. */
function off({ factor, low, high }: { factor: number; low: number; high: number }, more: string, less: string, same: string): string {
  const [by, from, to] = [percentOff(factor), percentOff(low), percentOff(high)];
  const [side, other] = [more, less].map((words) => words.split(' ')[0]);
  const likely = from >= 0 ? `${from} to ${to} %` : to <= 0 ? `${-to} to ${-from} %` : `${-from} % ${other} to ${to} % ${side}`;
  const says = Math.abs(by) < 3 ? same : `${Math.abs(by)} % ${by > 0 ? more : less}`;
  return `${says} (likely ${likely})`;
}

/** What the log tells of this painter's own pace, drying and amounts; each is reckoned with at a switch. */
export function PersonalFactors() {
  const queries = useQueryClient();
  const settings = useSettings();
  const { data } = useQuery({ queryKey: keys.personalFactors, queryFn: () => answer(api.GET('/api/personal-factors')), staleTime: 0 });
  const use = useMutation({
    mutationFn: (set: Record<string, boolean>) => {
      if (!settings.data) throw new Error('Settings not loaded yet. Try again.');
      return answer(
        api.PUT('/api/settings', { body: { version: settings.data.version, settings: { ...settings.data.settings, ...set } } }),
      );
    },
    onSuccess: (kept) => {
      queries.setQueryData(keys.settings, kept);
      void queries.invalidateQueries();
    },
  });
  if (!data) return null;
  const sections = kinds.map(({ key, title, use: label, more, less, same, one, many, typical }) => {
    const { figures, used, setting } = data[key];
    return figures.length === 0 ? null : (
      <Box component="section" key={key} aria-label={title} sx={{ mt: 4, display: 'grid', gap: 1 }}>
        <Typography variant="h2" sx={{ borderBottom: `2px solid ${bench.ink}` }}>
          {title}
        </Typography>
        <FormControlLabel
          control={
            <Switch
              checked={used}
              disabled={!settings.data || use.isPending}
              onChange={(e) => use.mutate({ [setting]: e.target.checked })}
            />
          }
          label={label}
        />
        {use.error && <Box role="alert">{wrongIn(use.error)}</Box>}
        <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
          {figures.map((p) => (
            <Box
              component="li"
              key={p.of}
              sx={{
                display: 'grid',
                gridTemplateColumns: { sm: '260px minmax(200px, 360px) 1fr' },
                alignItems: 'center',
                gap: 1.5,
                py: 0.75,
                borderBottom: `1px solid ${bench.line}`,
              }}
            >
              <b>{p.name}</b>
              <FactorStrip figure={p} typical={typical} />
              <span>
                {off(p, more, less, same)}, <span style={{ color: bench.slate }}>{counted(p.count, one, many)}</span>
              </span>
            </Box>
          ))}
        </Box>
        <Folded title="As a list">
          <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
            {figures.flatMap((p) =>
              p.points.map((o) => (
                <li key={`${o.run} ${o.at} ${o.seen}`}>
                  <Link to={`/logbook/${o.run}`}>{o.title}</Link>, {date(o.at)}: {p.name}, {measured(o.seen, key)}, {typical}{' '}
                  {measured(o.typical, key)}
                  {!o.tells && ' (too far off to count)'}
                </li>
              )),
            )}
          </Box>
        </Folded>
      </Box>
    );
  });
  return (
    <>
      {sections}
      <ColoursReached colours={data.colours} />
    </>
  );
}

const measured = (value: number, kind: string) => (kind === 'amounts' ? `${Math.round(value)} ml` : minutes(Math.round(value)));
