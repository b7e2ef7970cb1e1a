import Box from '@mui/material/Box';
import { useEffect, useRef } from 'react';
import type { Recipe } from '../../api/api';
import { bench } from '../../theme/theme';
import { blank, paint, type Ready } from './paint';
import { mitre, profile, size } from './panel';
import { type Eyes, VisionFilters } from './vision';

type Props = { ready: Ready; at: number; eyes: Eyes; label: string; target?: Recipe['target'] };

/** The painted face itself. What is painted once is kept, so that going through the steps asks nothing and waits for nothing. */
export function FaceCanvas({ ready, at, eyes, label, target }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const image = useRef<ImageData>(null);
  useEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (!context) return;
    performance.mark('face-begun');
    image.current ??= blank();
    paint(image.current, ready, at, target);
    context.putImageData(image.current, 0, 0);
    performance.measure('face', 'face-begun');
  }, [ready, at, target]);
  return (
    <Box sx={{ border: `2px solid ${bench.ink}`, borderRadius: '3px', lineHeight: 0, overflow: 'hidden', position: 'relative' }}>
      <VisionFilters />
      <canvas
        ref={canvas}
        width={size.width}
        height={size.height}
        role="img"
        aria-label={label}
        data-after={at}
        data-zones={[...ready.zones].map(([zone, maps]) => `${zone}:${maps.pixels.length}`).join(' ')}
        style={{ width: '100%', filter: eyes === 'usual' ? undefined : `url(#eyes-${eyes})` }}
      />
      <Profile />
    </Box>
  );
}

/** The edges of the frame and its panel as light falls on them, so that a dark or an even face can be read; over the paint, not in it. */
function Profile() {
  const { width, height } = size;
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      aria-hidden="true"
      fill="none"
      style={{ position: 'absolute', inset: 0, width: '100%', height: '100%', pointerEvents: 'none' }}
    >
      {profile.map(({ inset, lit }) => {
        const [right, foot] = [width - inset, height - inset];
        return (
          <g key={inset}>
            <path d={`M${inset} ${foot}V${inset}H${right}`} stroke={lit ? 'rgba(0,0,0,.4)' : 'rgba(255,255,255,.4)'} />
            <path d={`M${inset} ${foot}H${right}V${inset}`} stroke={lit ? 'rgba(255,255,255,.4)' : 'rgba(0,0,0,.4)'} />
          </g>
        );
      })}
      <path
        d={`M0 0L${mitre} ${mitre}M${width} 0l${-mitre} ${mitre}M0 ${height}l${mitre} ${-mitre}M${width} ${height}l${-mitre} ${-mitre}`}
        stroke="rgba(0,0,0,.35)"
      />
    </svg>
  );
}
