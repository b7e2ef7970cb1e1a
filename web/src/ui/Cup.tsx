import type { CupPreview } from '../api/api';
import { bench } from '../theme/theme';
import { inStudio } from './measures';
import { useSystem } from './useSystem';
import { shortName } from './words';

/** Water has no colour of its own; it is drawn as a pale, hatched blue-grey so that its level can be seen. */
export const clearColour = bench.clear;

/**
 * A cup drawn to scale, filled layer by layer to its marks, the marks lettered in pouring order; a layer without a colour is drawn clear.
 *
 * Labels that would touch are moved apart; a fine line leads from each to its mark.
 */
export function Cup({ cup, colours, height = 200 }: { cup: CupPreview; colours: readonly (string | null)[]; height?: number }) {
  const system = useSystem();
  const high = (mm: number) => inStudio(`${mm.toFixed(0)} mm`, system);
  const top = 14;
  const scale = (height - top - 10) / cup.height;
  const wide = Math.max(cup.top, cup.bottom) * scale;
  const squeeze = Math.min(1, 150 / wide);
  const half = (mm: number) => ((cup.bottom + (cup.top - cup.bottom) * (mm / cup.height)) * scale * squeeze) / 2;
  const middle = (wide * squeeze) / 2 + 8;
  const y = (mm: number) => height - 10 - mm * scale;
  const marks = cup.marks.filter((m) => m.height !== null) as { name: string; upTo: number; height: number; materialId: string }[];
  const labels = spread(
    marks.map((m) => y(m.height)),
    36,
    top + 14,
    height - 6,
  );
  const right = middle + (wide * squeeze) / 2 + 22;
  /** The wall on the left (-1) or right (1) at a height. */
  const at = (side: -1 | 1, h: number) => `${middle + side * half(h)} ${y(h)}`;
  return (
    <svg
      width={right + 168}
      height={height}
      viewBox={`0 0 ${right + 168} ${height}`}
      role="img"
      aria-label={`${cup.name}: ${marks.map((m, i) => `mark ${i + 1}, ${m.name}, at ${high(m.height)}`).join('; ')}`}
      style={{ maxWidth: '100%' }}
    >
      <defs>
        <pattern id="clear" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(20)">
          <rect width="7" height="7" fill={clearColour} />
          <path d="M0 3.5h7" stroke={bench.clearLine} strokeWidth="1" />
        </pattern>
      </defs>
      {marks.map((m, i) => {
        const from = i === 0 ? 0 : (marks[i - 1]?.height ?? 0);
        const colour = colours[i];
        return (
          <path
            key={m.materialId + String(i)}
            d={`M${at(-1, from)} L${at(-1, m.height)} L${at(1, m.height)} L${at(1, from)} Z`}
            fill={colour ?? 'url(#clear)'}
          />
        );
      })}
      <path
        d={`M${at(-1, cup.height)} L${at(-1, 0)} L${at(1, 0)} L${at(1, cup.height)}`}
        fill="none"
        stroke={bench.ink}
        strokeWidth="2.5"
        strokeLinejoin="round"
      />
      <ellipse cx={middle} cy={y(cup.height)} rx={half(cup.height)} ry="4" fill="none" stroke={bench.ink} strokeWidth="1.5" />
      {marks.map((m, i) => (
        <g key={m.materialId + String(i)}>
          <path
            d={`M${middle - half(m.height)} ${y(m.height)} H${middle + half(m.height) + 8} L${right - 4} ${(labels[i] ?? 0) - 4}`}
            stroke={bench.oxide}
            strokeWidth="1.5"
            fill="none"
          />
          <text x={right} y={labels[i]} fontSize="15" fontWeight="650" fill={bench.ink}>
            {`${i + 1} · ${high(m.height)}`}
          </text>
          <text x={right} y={(labels[i] ?? 0) + 15} fontSize="14" fill={bench.ink}>
            {shortName(m.name)}
          </text>
        </g>
      ))}
    </svg>
  );
}

/** Moves label positions apart, keeping their order (marks rise, so positions fall) and staying within the drawing. */
function spread(at: number[], gap: number, least: number, most: number): number[] {
  const out = at.map((v) => Math.min(most - 18, Math.max(least, v + 4)));
  for (let i = 1; i < out.length; i++) out[i] = Math.min(out[i] ?? 0, (out[i - 1] ?? 0) - gap);
  const overflow = least - (out[out.length - 1] ?? least);
  return overflow > 0 ? out.map((v, i) => Math.max(v, least + (out.length - 1 - i) * gap)) : out;
}
