import Box from '@mui/material/Box';
import type { components } from '../../api/api.gen';
import { bench } from '../../theme/theme';

type Swatch = components['schemas']['EyeSwatch'];

const [width, height] = [420, 300];
/** Dapples that lie so that every part of them is small against the whole. */
const dapples = Array.from({ length: 54 }, (_, i) => ({
  x: ((i * 137.5) % 100) / 100,
  y: ((i * 61.8 + (i % 5) * 7) % 100) / 100,
  r: 10 + ((i * 29) % 17),
}));

/** What is to be looked at: a colour, a stripe across a card, or one colour dappled over another. */
export function EyeSwatch({ swatch, many }: { swatch: Swatch; many: boolean }) {
  const { grounds = [] } = swatch;
  const [first, second] = swatch.colours;
  const [w, h] = many ? [280, 240] : [width, height];
  return (
    <Box component="figure" sx={{ m: 0, flex: '1 1 0', minWidth: 90, maxWidth: w }}>
      <svg
        viewBox={`0 0 ${w} ${h}`}
        role="img"
        aria-label={swatch.label}
        style={{ display: 'block', width: '100%', border: `1px solid ${bench.ink}` }}
      >
        {grounds.length > 0 ? (
          grounds.map((ground, i) => (
            <g key={ground}>
              <rect x={(i * w) / 2} width={w / 2} height={h} fill={ground} />
              <rect x={(i * w) / 2} y={h * 0.25} width={w / 2} height={h / 2} fill={swatch.colours[i]} />
            </g>
          ))
        ) : (
          <>
            <rect width={w} height={h} fill={first} />
            {second && dapples.map((d) => <circle key={`${d.x} ${d.y}`} cx={d.x * w} cy={d.y * h} r={d.r} fill={second} />)}
          </>
        )}
      </svg>
      <Box component="figcaption" sx={{ fontSize: 17 }}>
        {swatch.label}
      </Box>
    </Box>
  );
}
