import Box from '@mui/material/Box';
import { useNavigate } from 'react-router';
import type { components } from '../../api/api.gen';
import { bench } from '../../theme/theme';

type Figure = components['schemas']['PersonalFactor'];

const [width, height, middle] = [360, 36, 18];
/** The strip ends at a third and at three times of what is typical. */
const ends = 3;
const x = (ratio: number) => (width / 2) * (1 + Math.max(-0.97, Math.min(0.97, Math.log(ratio) / Math.log(ends))));

/**
 * Every observation against what is typical, on one line: half, as typical, twice; the painter's own factor with the interval in which it
 * is nine times in ten. A point opens its job.
 */
export function FactorStrip({ figure, typical }: { figure: Figure; typical: string }) {
  const open = useNavigate();
  return (
    <Box sx={{ width: '100%', maxWidth: width }}>
      <svg viewBox={`0 0 ${width} ${height + 14}`} role="img" aria-label={`${figure.name}: ${figure.points.length} points`} width="100%">
        {[0.5, 1, 2].map((ratio) => (
          <g key={ratio}>
            <path d={`M${x(ratio)} 2V${height - 2}`} stroke={ratio === 1 ? bench.ink : bench.line} strokeWidth={ratio === 1 ? 1.5 : 1} />
            <text x={x(ratio)} y={height + 11} fontSize="12" textAnchor="middle" fill={bench.slate}>
              {ratio === 0.5 ? 'half' : ratio === 2 ? 'twice' : typical}
            </text>
          </g>
        ))}
        <rect x={x(figure.low)} y={middle - 8} width={x(figure.high) - x(figure.low)} height="16" fill={bench.moss} opacity="0.45" />
        {figure.points.map((p) => (
          // biome-ignore lint/a11y/noStaticElementInteractions: the list below holds the same as links
          <circle
            key={`${p.run} ${p.at} ${p.seen}`}
            data-run={p.run}
            cx={x(p.seen / p.typical)}
            cy={middle}
            r="5"
            fill={p.tells ? bench.verdigris : bench.sheet}
            fillOpacity="0.75"
            stroke={bench.ink}
            style={{ cursor: 'pointer' }}
            onClick={() => open(`/logbook/${p.run}`)}
          >
            <title>{p.title}</title>
          </circle>
        ))}
        <path d={`M${x(figure.factor)} ${middle - 12}V${middle + 12}`} stroke={bench.oxide} strokeWidth="3" />
      </svg>
    </Box>
  );
}
