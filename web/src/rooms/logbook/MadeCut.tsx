import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { answer, api } from '../../api/api';
import type { components } from '../../api/api.gen';
import { keys } from '../../api/keys';
import { CutDrawing } from '../../recipe/cut/CutDrawing';
import { cutLayout, woodHeight } from '../../recipe/cut/cutLayout';
import { useRowMiddles } from '../../recipe/cut/useRowMiddles';
import { bench } from '../../theme/theme';
import { Choice } from '../../ui/Field';

type Deviation = components['schemas']['Deviation'];

/** The cut through the finish as it was made: what nobody planned and what was done otherwise, each in its place. */
export function MadeCut({ run, deviations }: { run: string; deviations: readonly Deviation[] }) {
  const made = useQuery({
    queryKey: keys.job(run, 'calculation', 'made'),
    queryFn: () => answer(api.GET('/api/runs/{id}/calculation', { params: { path: { id: run }, query: { made: true } } })),
    staleTime: 0,
  });
  const [stackId, setStackId] = useState<string | null>(null);
  const [list, rows] = useRowMiddles();
  const preview = made.data?.preview;
  const stack = preview?.stacks.find((s) => s.id === stackId) ?? preview?.stacks[0];
  const layout = useMemo(() => stack && cutLayout(stack, () => 0, rows.height), [stack, rows.height]);
  if (!preview || !stack || stack.layers.length === 0) return null;
  const own = [...stack.layers].reverse();
  const words = (id: string) => deviations.filter((d) => d.step === id && d.key.startsWith('changed-')).map((d) => d.words);
  return (
    <Box component="section" aria-label="As made">
      <Typography variant="h2" sx={{ borderBottom: `2px solid ${bench.ink}`, mb: 1 }}>
        As made
      </Typography>
      {preview.stacks.length > 1 && (
        <Box sx={{ maxWidth: 380, mb: 1 }}>
          <Choice
            label="Layers of"
            value={stack.id}
            options={preview.stacks.map((s) => [s.id, s.parts.join(', ')] as const)}
            onChange={setStackId}
          />
        </Box>
      )}
      <Box sx={{ display: 'grid', gridTemplateColumns: 'auto minmax(0, 1fr)', alignItems: 'end', maxWidth: 620 }}>
        {layout && (
          <CutDrawing
            stack={stack}
            drawn={layout.drawn}
            height={layout.height}
            names={new Map([...rows.middles].map(([id, y]) => [id, y + layout.height - woodHeight - rows.height]))}
            coatsOf={(id) => preview.steps.find((s) => s.id === id)?.coats ?? 1}
            selected={null}
            onSelect={() => undefined}
          />
        )}
        <Box>
          <Box component="ol" ref={list} sx={{ listStyle: 'none', m: 0, p: 0 }}>
            {own.map((layer) => (
              <Box component="li" key={layer.stepId} data-step={layer.stepId} sx={{ minHeight: 40, py: 0.5, lineHeight: 1.25 }}>
                <b>{preview.steps.find((s) => s.id === layer.stepId)?.name}</b>
                {words(layer.stepId).map((w) => (
                  <Box key={w} component="span" sx={{ display: 'block', color: bench.oxide, fontWeight: 600 }}>
                    {w}
                  </Box>
                ))}
              </Box>
            ))}
          </Box>
          <Box sx={{ height: woodHeight, color: bench.slate }}>{stack.ground}</Box>
        </Box>
      </Box>
    </Box>
  );
}
