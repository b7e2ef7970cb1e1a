import Box from '@mui/material/Box';
import type { components } from '../../api/api.gen';
import { bench } from '../../theme/theme';
import { day } from '../../ui/words';

type Score = components['schemas']['EyeScore'];

const [width, height, left, foot] = [640, 220, 44, 30];
const looks: Readonly<Record<Score['kind'], { colour: string; dash: string }>> = {
  ratio: { colour: bench.verdigris, dash: '' },
  coats: { colour: bench.ochre, dash: '9 4' },
  nearer: { colour: bench.ink, dash: '2 4' },
  buried: { colour: bench.stone, dash: '12 4 2 4' },
};

/** How many of a hundred answers were right, week by week, a line for every kind. */
export function EyeWeeks({ scores }: { scores: readonly Score[] }) {
  const weeks = [...new Set(scores.flatMap((s) => s.weeks.map((w) => w.from)))].sort();
  if (weeks.length < 2) return null;
  const x = (week: string) => left + (weeks.indexOf(week) / (weeks.length - 1)) * (width - left - 16);
  const y = (share: number) => 10 + (1 - share) * (height - foot - 10);
  const shown = weeks.filter((_, i) => i === 0 || i === weeks.length - 1 || weeks.length < 7);
  return (
    <Box component="section" aria-label="Week by week">
      <Box component="h2" sx={{ m: 0, mb: 1, fontSize: 18 }}>
        Right answers, week by week
      </Box>
      <svg
        viewBox={`0 0 ${width} ${height}`}
        role="img"
        aria-label="Share of right answers by week"
        style={{ width: '100%', maxWidth: 860 }}
      >
        {[0, 0.5, 1].map((share) => (
          <g key={share}>
            <path d={`M${left} ${y(share)}H${width - 16}`} stroke={bench.line} />
            <text x={left - 6} y={y(share) + 4} fontSize="12" textAnchor="end" fill={bench.ink}>
              {100 * share} %
            </text>
          </g>
        ))}
        {shown.map((week) => (
          <text key={week} x={x(week)} y={height - 8} fontSize="12" textAnchor="middle" fill={bench.ink}>
            {day(week)}
          </text>
        ))}
        {scores.map((score) => (
          <g key={score.kind} data-kind={score.kind}>
            <path
              d={score.weeks.map((w, i) => `${i === 0 ? 'M' : 'L'}${x(w.from)} ${y(w.right / w.answered)}`).join('')}
              fill="none"
              stroke={looks[score.kind].colour}
              strokeWidth="2.5"
              strokeDasharray={looks[score.kind].dash}
            />
            {score.weeks.map((w) => (
              <circle key={w.from} cx={x(w.from)} cy={y(w.right / w.answered)} r="4" fill={looks[score.kind].colour}>
                <title>{`${score.name}, week from ${day(w.from)}: ${w.right} of ${w.answered}`}</title>
              </circle>
            ))}
          </g>
        ))}
      </svg>
      <Box sx={{ display: 'flex', gap: 2.5, flexWrap: 'wrap' }}>
        {scores.map((score) => (
          <span key={score.kind}>
            <svg width="44" height="12" aria-hidden="true">
              <path d="M0 6H44" stroke={looks[score.kind].colour} strokeWidth="3" strokeDasharray={looks[score.kind].dash} />
            </svg>{' '}
            {score.name}
          </span>
        ))}
      </Box>
    </Box>
  );
}
