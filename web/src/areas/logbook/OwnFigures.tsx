import Box from '@mui/material/Box';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, api, wrongIn } from '../../app/api';
import { bench } from '../../app/theme';
import { useSettings } from '../../shared/useSettings';
import { counted } from '../../shared/words';

const kinds = [
  {
    key: 'paces',
    title: 'Your pace',
    use: 'Plan the days with it, where a step states no time of its own',
    verb: 'takes you',
    as: 'as long as is typical',
    than: 'what is typical',
    one: 'work',
    many: 'works',
  },
  {
    key: 'drying',
    title: 'How it dries here',
    use: 'Reckon with it instead of the label',
    verb: 'dries in',
    as: 'the time its label says',
    than: 'the time of its label, in the same air',
    one: 'coat seen to become dry',
    many: 'coats seen to become dry',
  },
  {
    key: 'amounts',
    title: 'How far it goes',
    use: 'Reckon with it instead of the spread rate',
    verb: 'takes',
    as: 'as much as is reckoned',
    than: 'what is reckoned',
    one: 'pour noted',
    many: 'pours noted',
  },
] as const;

const times = (factor: number, as: string, than: string) => (Math.abs(factor - 1) < 0.03 ? as : `${factor.toFixed(2)} times ${than}`);

/** What the log tells of this painter's own pace, drying and amounts; each is reckoned with at a switch. */
export function OwnFigures() {
  const queries = useQueryClient();
  const settings = useSettings();
  const { data } = useQuery({ queryKey: ['own-figures'], queryFn: () => answer(api.GET('/api/own-figures')), staleTime: 0 });
  const use = useMutation({
    mutationFn: (set: Record<string, boolean>) => {
      if (!settings.data) throw new Error('The settings are not there yet.');
      return answer(
        api.PUT('/api/settings', { body: { version: settings.data.version, settings: { ...settings.data.settings, ...set } } }),
      );
    },
    onSuccess: (kept) => {
      queries.setQueryData(['settings'], kept);
      void queries.invalidateQueries();
    },
  });
  if (!data) return null;
  return kinds.map(({ key, title, use: label, verb, as, than, one, many }) => {
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
                gridTemplateColumns: { sm: '320px 1fr auto' },
                gap: 1.5,
                py: 0.75,
                borderBottom: `1px solid ${bench.line}`,
              }}
            >
              <b>{p.name}</b>
              <span>
                {verb} {times(p.factor, as, than)}, most likely {p.low.toFixed(2)} to {p.high.toFixed(2)}
              </span>
              <span style={{ color: bench.slate }}>from {counted(p.count, one, many)}</span>
            </Box>
          ))}
        </Box>
      </Box>
    );
  });
}
