import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import type { DaysPreview } from '../../api/api';
import { type Axis, type Block, rowOf } from '../../log/days/axis';
import { Flag, share, spanned } from '../../log/days/frame';
import { markOf } from '../../log/marks';
import { bench, hatched } from '../../theme/theme';
import { moment } from '../../ui/words';

/** What the marks of the drawing mean. */
export function Legend({ withUsual }: { withUsual: boolean }) {
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2.5, fontSize: 14, color: 'text.secondary', alignItems: 'center' }}>
      <Key words="hands-on, with the number of the step">
        <Box sx={{ width: 22, height: 14, bgcolor: bench.slate }} />
      </Key>
      <Key words="dries or must pass">
        <Box sx={{ width: 22, height: 10, background: hatched(bench.ochre) }} />
      </Key>
      <Key words="waits for hands">
        <Box sx={{ width: 22, borderTop: `2px dotted ${bench.stone}` }} />
      </Key>
      <Key words="ready">
        <Flag />
      </Key>
      <Key words="deadline">
        <Box sx={{ height: 16, borderLeft: `3px dashed ${bench.oxide}` }} />
      </Key>
      <Key words="closed">
        <Box sx={{ width: 14, height: 14, bgcolor: bench.sand, border: `1px solid ${bench.line}` }} />
      </Key>
      {withUsual && (
        <Key words="as planned now">
          <Box sx={{ width: 22, height: 10, border: `1px solid ${bench.ink}` }} />
        </Key>
      )}
    </Box>
  );
}

function Key({ words, children }: { words: string; children: ReactNode }) {
  return (
    <Box component="span" sx={{ display: 'inline-flex', gap: 0.75, alignItems: 'center' }}>
      {children} {words}
    </Box>
  );
}

/** What is done with a piece, and what passes in between; `below` in outline, for a plan that another is held against. */
export function Lane({
  plan,
  piece,
  axis,
  onDay,
  below = false,
}: {
  plan: DaysPreview;
  piece: string;
  axis: Axis;
  onDay: (date: string) => void;
  below?: boolean;
}) {
  const row = rowOf(plan, piece, axis);
  const { colour } = markOf(plan.pieces, piece);
  const [top, height] = below ? [44, 10] : [8, 26];
  const words = (b: Block) => plan.works.find((w) => w.piece === piece && w.step === b.step)?.name ?? '';
  return (
    <>
      {row.waits.map((w) => (
        <Box key={`w ${w.left}`} sx={{ ...spanned(w), top: top + height / 2, borderTop: `2px dotted ${bench.stone}` }} />
      ))}
      {row.dries.map((d) => (
        <Box
          key={`d ${d.left}`}
          data-dries={below ? undefined : piece}
          sx={{
            ...spanned(d),
            top: top + height / 3,
            height: (2 * height) / 3,
            background: below ? undefined : hatched(bench.ochre),
            borderBottom: below ? `1px solid ${bench.stone}` : undefined,
          }}
        />
      ))}
      {row.blocks.map((b) => (
        <Box
          key={b.key}
          title={below ? undefined : words(b)}
          data-block={below ? undefined : piece}
          onClick={() => onDay(b.day)}
          sx={{
            ...spanned(b),
            top,
            height,
            minWidth: !below && b.isLegible ? 1 + 8 * String(b.number).length : 9,
            overflow: 'hidden',
            fontSize: 13,
            fontWeight: 700,
            lineHeight: `${height}px`,
            textAlign: 'center',
            ...(below
              ? { border: `1px solid ${bench.ink}`, bgcolor: bench.sheet }
              : { bgcolor: colour, color: bench.white, borderLeft: `1px solid ${bench.sheet}` }),
            ...(b.hands > 0 && !below
              ? { backgroundImage: `repeating-linear-gradient(90deg, transparent 0 4px, ${bench.paper}55 4px 6px)` }
              : {}),
          }}
        >
          {!below && b.isLegible && b.number}
        </Box>
      ))}
      {row.ready !== null && !below && (
        <Box
          title={`Ready ${moment(plan.pieces.find((p) => p.id === piece)?.ready ?? null)}`}
          sx={{ position: 'absolute', top: 2, left: `calc(${share(row.ready)} - 14px)` }}
        >
          <Flag />
        </Box>
      )}
      {row.due !== null && !below && (
        <Box
          sx={{ position: 'absolute', top: 0, bottom: 0, left: `calc(${share(row.due)} - 3px)`, borderLeft: `3px dashed ${bench.oxide}` }}
        />
      )}
      {!below && (
        <Box
          data-now=""
          sx={{ position: 'absolute', top: 0, bottom: 0, left: share(axis.at(plan.now)), borderLeft: `2px solid ${bench.ochre}` }}
        />
      )}
    </>
  );
}
