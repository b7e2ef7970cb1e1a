import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { Link, useNavigate } from 'react-router';
import type { components } from '../../api/api.gen';
import { bench } from '../../theme/theme';
import { Folded } from '../../ui/Folded';
import { difference } from '../../ui/figureWords';
import { date, day } from '../../ui/words';

type Seen = components['schemas']['LogColour'];

const [width, height, left, foot] = [900, 230, 150, 26];
const most = 8;
/** Where a band of difference ends. */
const bands = [1, 2, 4, most];

/** Colours as they came out against those that were expected: expected in the left half, seen in the right, the farther off the higher. */
export function ColoursReached({ colours }: { colours: readonly Seen[] }) {
  const open = useNavigate();
  if (colours.length === 0) return null;
  const x = (i: number) => left + 24 + (i / Math.max(1, colours.length - 1)) * (width - left - 48);
  const y = (deltaE: number) => 14 + (1 - Math.min(most, deltaE) / most) * (height - foot - 28);
  return (
    <Box component="section" aria-label="Colours reached" sx={{ mt: 4 }}>
      <Typography variant="h2" sx={{ borderBottom: `2px solid ${bench.ink}`, mb: 1 }}>
        Colours reached
      </Typography>
      <svg viewBox={`0 0 ${width} ${height}`} role="img" aria-label="How far colours came out from what was expected" width="100%">
        {bands.map((deltaE, i) => (
          <g key={deltaE}>
            <path d={`M${left} ${y(deltaE)}H${width}`} stroke={bench.line} />
            <text x={left - 8} y={(y(deltaE) + y(bands[i - 1] ?? 0)) / 2 + 4} fontSize="13" textAnchor="end" fill={bench.ink}>
              {difference(deltaE)}
            </text>
          </g>
        ))}
        {colours.map((c, i) => (
          // biome-ignore lint/a11y/noStaticElementInteractions: the list below holds the same as links
          <g
            key={`${c.run} ${c.step} ${c.at}`}
            data-run={c.run}
            transform={`translate(${x(i)} ${y(c.deltaE)})`}
            style={{ cursor: 'pointer' }}
            onClick={() => open(`/logbook/${c.run}`)}
          >
            <title>{`${c.title}, ${c.step}: ${c.inWords}`}</title>
            <path d="M0 -12A12 12 0 0 0 0 12Z" fill={c.expected} stroke={bench.ink} />
            <path d="M0 -12A12 12 0 0 1 0 12Z" fill={c.seen} stroke={bench.ink} />
          </g>
        ))}
        {[0, colours.length - 1]
          .filter((i, at) => at === 0 || i > 0)
          .map((i) => (
            <text key={i} x={x(i)} y={height - 6} fontSize="13" textAnchor={i === 0 ? 'middle' : 'end'} fill={bench.ink}>
              {day(colours[i]?.at ?? '')}
            </text>
          ))}
      </svg>
      <Box sx={{ color: 'text.secondary', fontSize: 15 }}>Left half: expected. Right half: seen.</Box>
      <Folded title="As a list">
        <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
          {colours.map((c) => (
            <li key={`${c.run} ${c.step} ${c.at}`}>
              <Link to={`/logbook/${c.run}`}>
                {c.title}, {c.step}
              </Link>
              , {c.zone}, {date(c.at)}: {c.inWords}
            </li>
          ))}
        </Box>
      </Folded>
    </Box>
  );
}
