import Box from '@mui/material/Box';
import { bench } from '../../../theme/theme';
import type { Rung } from './SolveDialog';

type Props = { rungs: readonly Rung[]; chosen: Rung; onChoose: (rung: Rung) => void };

const [width, height, left, foot] = [760, 246, 52, 24];
const top = 24;
const inks = [bench.verdigris, bench.ochre, bench.oxide, bench.slate];
const dashes = [undefined, '9 4', '3 4', '12 3 3 3'];

/** ΔE to the target against the ratio, a line for each number of coats; below, the colours themselves, each to be pressed. */
export function SolveChart({ rungs, chosen, onChoose }: Props) {
  const ratios = [...new Set(rungs.map((r) => r.ratio))];
  const coats = [...new Set(rungs.map((r) => r.coats))];
  const most = Math.max(4, ...rungs.map((r) => r.deltaE));
  const x = (r: Rung) => left + ((ratios.indexOf(r.ratio) + 0.5) / ratios.length) * (width - left);
  const y = (deltaE: number) => top + (1 - deltaE / most) * (height - foot - top);
  const of = (n: number) => rungs.filter((r) => r.coats === n);
  return (
    <Box>
      <svg
        viewBox={`0 0 ${width} ${height}`}
        role="img"
        aria-label="How the difference to the target moves with the ratio"
        style={{ width: '100%' }}
      >
        {[2, Math.round(most / 2), Math.round(most)].map((tick) => (
          <g key={tick}>
            <path
              d={`M${left} ${y(tick)}H${width}`}
              stroke={tick === 2 ? bench.verdigris : bench.line}
              strokeDasharray={tick === 2 ? '2 4' : undefined}
            />
            <text x={left - 8} y={y(tick) + 5} textAnchor="end" fontSize="15" fill={bench.ink}>
              ΔE {tick}
            </text>
          </g>
        ))}
        {coats.map((n, i) => (
          <g key={n}>
            <polyline
              points={of(n)
                .map((r) => `${x(r)},${y(r.deltaE)}`)
                .join(' ')}
              fill="none"
              stroke={inks[i]}
              strokeWidth="2.5"
              strokeDasharray={dashes[i]}
            />
            <text x={width - 4} y={y(of(n).at(-1)?.deltaE ?? 0) - 5} textAnchor="end" fontSize="15" fontWeight="650" fill={inks[i]}>
              {n} {n === 1 ? 'coat' : 'coats'}
            </text>
          </g>
        ))}
        <circle cx={x(chosen)} cy={y(chosen.deltaE)} r="7" fill={bench.paper} stroke={bench.ink} strokeWidth="3" />
        {of(coats[0] ?? 1).map((r) => (
          <text key={r.ratio} x={x(r)} y={height - 6} textAnchor="middle" fontSize={ratios.length > 16 ? 11.5 : 14} fill={bench.ink}>
            {r.said}
          </text>
        ))}
      </svg>
      <Box sx={{ display: 'grid', gap: '3px', pl: `${(left / width) * 100}%` }}>
        {coats.map((n) => (
          <Box key={n} sx={{ display: 'grid', gridTemplateColumns: `repeat(${ratios.length}, 1fr)`, gap: '3px' }}>
            {of(n).map((r) => (
              <button
                key={r.ratio}
                type="button"
                aria-label={`${r.said}, ${n} ${n === 1 ? 'coat' : 'coats'}: ${r.inWords}`}
                aria-pressed={r === chosen}
                onClick={() => onChoose(r)}
                style={{
                  height: 30,
                  border: r === chosen ? `3px solid ${bench.ink}` : '1px solid rgba(34,41,43,.4)',
                  background: r.colour,
                  cursor: 'pointer',
                  padding: 0,
                }}
              />
            ))}
          </Box>
        ))}
      </Box>
    </Box>
  );
}
