import Box from '@mui/material/Box';
import { bench } from '../../theme/theme';
import { minutes } from '../../ui/words';

export type BarRow = { step: string; name: string; first: number | null; second: number | null };

/** Hands-on minutes step by step, the first as a frame and the second as a bar over it. */
export function StepBars({ rows, first, second }: { rows: readonly BarRow[]; first: string; second: string }) {
  const shown = rows.filter((r) => r.first !== null || r.second !== null);
  if (shown.length === 0) return null;
  const most = Math.max(...shown.flatMap((r) => [r.first ?? 0, r.second ?? 0]));
  const wide = (value: number | null) => `${(100 * (value ?? 0)) / most}%`;
  return (
    <Box component="section" aria-label={`Hands-on: ${first} and ${second}`} sx={{ display: 'grid', gap: 0.75 }} data-testid="step-bars">
      <Box sx={{ display: 'flex', gap: 2.5, fontSize: 15 }}>
        <span>
          <Box component="span" sx={{ display: 'inline-block', width: 26, height: 14, border: `2px solid ${bench.ink}`, mr: 0.75 }} />
          {first}
        </span>
        <span>
          <Box component="span" sx={{ display: 'inline-block', width: 26, height: 14, bgcolor: bench.moss, mr: 0.75 }} />
          {second}
        </span>
      </Box>
      {shown.map((r) => (
        <Box
          key={r.step}
          sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '240px 1fr 190px' }, gap: 1.5, alignItems: 'center' }}
        >
          <span>{r.name}</span>
          <Box aria-hidden="true" sx={{ position: 'relative', height: 22, bgcolor: bench.sheet }}>
            <Box sx={{ position: 'absolute', left: 0, top: 4, height: 14, width: wide(r.second), bgcolor: bench.moss }} />
            <Box
              sx={{
                position: 'absolute',
                left: 0,
                top: 0,
                height: 22,
                width: wide(r.first),
                border: r.first ? `2px solid ${bench.ink}` : 0,
              }}
            />
          </Box>
          <span>
            {r.first === null ? '–' : minutes(r.first)} · {r.second === null ? '–' : minutes(r.second)}
          </span>
        </Box>
      ))}
    </Box>
  );
}
