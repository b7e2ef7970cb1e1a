import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Recipe, StackPreview, StepPreview } from '../../app/api';
import { bench } from '../../app/theme';
import { Swatch, stripes } from '../../shared/Swatch';
import { percent, shortName } from '../../shared/words';

type Props = {
  document: Recipe;
  stack: StackPreview | undefined;
  steps: readonly StepPreview[];
  selected: string | null;
  onSelect: (id: string) => void;
};

/**
 * A stepped board: bare wood at the bottom, and every coat stopping a hand's breadth short of the one before, in its
 * full-strength colours. What they look like through one another is not shown, because it is not yet worked out.
 */
export function Lay({ document, stack, steps, selected, onSelect }: Props) {
  const all = stack?.layers.filter((l) => l.act === 'adds') ?? [];
  const at = selected ? document.steps.findIndex((s) => s.id === selected) : document.steps.length - 1;
  const laid = all.filter((l) => document.steps.findIndex((s) => s.id === l.stepId) <= at);
  const chosen = steps.find((s) => s.id === selected);
  const strip = 100 / (all.length + 1);
  return (
    <Box
      component="section"
      aria-label="Full-strength colours as they lie"
      sx={{ display: 'flex', flexDirection: 'column', gap: 1.25, height: '100%', minHeight: 400 }}
    >
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1.5, flexWrap: 'wrap' }}>
        <Typography variant="h3" component="h2">
          The colours as they lie
        </Typography>
        <Typography variant="caption" color="text.secondary">
          full strength, from bare wood to step {at + 1}
        </Typography>
      </Box>
      <Box
        sx={{
          position: 'relative',
          flex: 1,
          minHeight: 250,
          border: `2px solid ${bench.ink}`,
          bgcolor: stack?.substrate.colour,
          overflow: 'hidden',
          borderRadius: '3px',
        }}
      >
        <svg
          width="100%"
          height="100%"
          preserveAspectRatio="none"
          viewBox="0 0 300 400"
          aria-hidden="true"
          style={{ position: 'absolute' }}
        >
          {[290, 312, 330, 352, 371, 390].map((y, i) => (
            <path
              key={y}
              d={`M0 ${y} C 80 ${y - 9 + i * 3}, 200 ${y + 10 - i * 2}, 300 ${y - 4}`}
              stroke="rgba(60,40,20,.28)"
              strokeWidth={stack?.substrate.grain === 'open' ? 2.2 : 1.1}
              fill="none"
            />
          ))}
        </svg>
        {laid.map((layer, i) => (
          <button
            type="button"
            key={layer.stepId}
            onClick={() => onSelect(layer.stepId)}
            aria-label={`Step ${layer.number}, ${steps.find((s) => s.id === layer.stepId)?.name ?? ''}`}
            style={{
              position: 'absolute',
              inset: `0 0 ${strip * (i + 1)}% 0`,
              border: 0,
              borderBottom: `2px solid ${bench.ink}`,
              padding: 0,
              cursor: 'pointer',
              background: layer.ingredients.every((x) => x.colour === null)
                ? 'repeating-linear-gradient(115deg, rgba(255,255,255,.28) 0 4px, rgba(255,255,255,0) 4px 14px)'
                : stripes(layer.ingredients),
            }}
          >
            <span
              style={{
                position: 'absolute',
                left: 6,
                bottom: 6,
                minWidth: 26,
                height: 26,
                lineHeight: '26px',
                borderRadius: 13,
                background: bench.paper,
                color: bench.ink,
                fontWeight: 700,
                fontSize: 15,
                boxShadow: layer.stepId === selected ? `0 0 0 3px ${bench.ochre}` : undefined,
              }}
            >
              {layer.number}
            </span>
          </button>
        ))}
      </Box>
      {chosen?.pour ? (
        <Box>
          <Typography variant="caption" color="text.secondary" component="p" sx={{ mb: 0.5 }}>
            In “{chosen.name}”
          </Typography>
          <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 0.5 }}>
            {chosen.pour.ingredients.map((i) => (
              <Box component="li" key={i.materialId} sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
                <Swatch colour={i.colour} />
                <span style={{ lineHeight: 1.2 }}>{shortName(i.name)}</span>
                <span style={{ marginLeft: 'auto', fontWeight: 650, whiteSpace: 'nowrap' }}>{percent(i.share)}</span>
              </Box>
            ))}
          </Box>
        </Box>
      ) : (
        <Typography variant="caption" color="text.secondary">
          {chosen ? 'This step lays no colour.' : 'Press a colour, or a step in the cut.'}
        </Typography>
      )}
    </Box>
  );
}
