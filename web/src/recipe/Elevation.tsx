import type { Preview, Recipe } from '../api/api';
import { bench } from '../theme/theme';
import { elevation } from './elevation';
import { measuredParts } from './painting';

const most = { width: 400, height: 300 };

type Props = { document: Recipe; parts: Preview['parts']; selected: readonly string[]; onSelect: (partId: string) => void };

/** The piece from the front, drawn from the measurements of its parts: those chosen have a thick line. */
export function Elevation({ document, parts, selected, onSelect }: Props) {
  const { drawn, width, height } = elevation(measuredParts(document, parts));
  if (drawn.length === 0) return null;
  const scale = Math.min(most.width / width, most.height / height);
  const colours = new Map(document.piece.parts.map((p) => [p.id, p.substrate]));
  return (
    <svg
      width={width * scale + 8}
      height={height * scale + 8}
      style={{ display: 'block', margin: '0 auto', maxWidth: '100%' }}
      aria-hidden="true"
    >
      {drawn.map((d, i) => {
        const wood = colours.get(d.partId);
        const [x, y, w, h] = [d.x * scale + 4, d.y * scale + 4, Math.max(3, d.width * scale), Math.max(3, d.height * scale)];
        return (
          // biome-ignore lint/a11y/noStaticElementInteractions: the list of parts beside it does the same by key
          <g key={`${d.partId}-${i}`} data-drawn={d.partId} onClick={() => onSelect(d.partId)} style={{ cursor: 'pointer' }}>
            <rect x={x} y={y} width={w} height={h} fill={wood?.colour ?? bench.line} />
            {wood?.grain !== 'none' &&
              h > 14 &&
              w > 20 &&
              [0.25, 0.5, 0.75].map((f) => (
                <path
                  key={f}
                  d={`M${x} ${y + h * f} q ${w / 4} ${-Math.min(6, h / 10)} ${w / 2} 0 t ${w / 2} 0`}
                  fill="none"
                  stroke="rgba(60,40,20,.28)"
                />
              ))}
            <rect
              x={x}
              y={y}
              width={w}
              height={h}
              fill="none"
              stroke={selected.includes(d.partId) ? bench.verdigris : bench.ink}
              strokeWidth={selected.includes(d.partId) ? 3.5 : 1.2}
            />
          </g>
        );
      })}
    </svg>
  );
}
