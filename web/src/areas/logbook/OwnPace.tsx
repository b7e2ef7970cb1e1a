import Box from '@mui/material/Box';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, api, wrongIn } from '../../app/api';
import { bench } from '../../app/theme';
import { useSettings } from '../../shared/useSettings';
import { counted } from '../../shared/words';

const times = (factor: number) => (Math.abs(factor - 1) < 0.03 ? 'as long as is typical' : `${factor.toFixed(2)} times what is typical`);

/** How long the work takes this painter, as it was noted; the days are planned with it at a switch. */
export function OwnPace() {
  const queries = useQueryClient();
  const settings = useSettings();
  const { data } = useQuery({ queryKey: ['paces'], queryFn: () => answer(api.GET('/api/paces')), staleTime: 0 });
  const use = useMutation({
    mutationFn: (ownPace: boolean) => {
      if (!settings.data) throw new Error('The settings are not there yet.');
      return answer(
        api.PUT('/api/settings', { body: { version: settings.data.version, settings: { ...settings.data.settings, ownPace } } }),
      );
    },
    onSuccess: (kept) => {
      queries.setQueryData(['settings'], kept);
      void queries.invalidateQueries({ queryKey: ['paces'] });
      void queries.invalidateQueries({ queryKey: ['days'] });
    },
  });
  if (!data || data.paces.length === 0) return null;
  return (
    <Box component="section" aria-label="Your pace" sx={{ mt: 4, display: 'grid', gap: 1 }}>
      <Typography variant="h2" sx={{ borderBottom: `2px solid ${bench.ink}` }}>
        Your pace
      </Typography>
      <FormControlLabel
        control={<Switch checked={data.used} disabled={!settings.data || use.isPending} onChange={(e) => use.mutate(e.target.checked)} />}
        label="Plan the days with it, where a step states no time of its own"
      />
      {use.error && <Box role="alert">{wrongIn(use.error)}</Box>}
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {data.paces.map((p) => (
          <Box
            component="li"
            key={p.technique}
            sx={{
              display: 'grid',
              gridTemplateColumns: { sm: '220px 1fr auto' },
              gap: 1.5,
              py: 0.75,
              borderBottom: `1px solid ${bench.line}`,
            }}
          >
            <b>{p.name}</b>
            <span>
              takes you {times(p.factor)}, most likely {p.low.toFixed(2)} to {p.high.toFixed(2)}
            </span>
            <span style={{ color: bench.slate }}>from {counted(p.count, 'work', 'works')}</span>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
