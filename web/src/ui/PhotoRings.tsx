import Box from '@mui/material/Box';
import type { KeyboardEvent, PointerEvent } from 'react';
import { bench } from '../theme/theme';

export type Spot = { x: number; y: number };
export type Photo = { src: string; width: number; height: number };
export type Ring = { word: string; colour: string; spot: Spot | null };
type Props = {
  photo: Photo;
  rings: readonly Ring[];
  /** As a share of the width. */
  radius: number;
  /** The word of the ring that is being set. */
  setting: string;
  onPut: (spot: Spot) => void;
};

const kept = (v: number) => Math.min(1, Math.max(0, v));

/** A photo with rings on it: the one that is being set goes where it is pressed, or is moved with the arrow keys. */
export function PhotoRings({ photo, rings, radius, setting, onPut }: Props) {
  const press = (event: PointerEvent<HTMLElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    onPut({ x: kept((event.clientX - box.left) / box.width), y: kept((event.clientY - box.top) / box.height) });
  };
  const nudge = (event: KeyboardEvent) => {
    const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    if (!by) return;
    event.preventDefault();
    const from = rings.find((r) => r.word === setting)?.spot ?? { x: 0.5, y: 0.5 };
    const far = event.shiftKey ? 0.05 : 0.01;
    onPut({ x: kept(from.x + (by[0] ?? 0) * far), y: kept(from.y + (by[1] ?? 0) * far) });
  };
  return (
    <Box
      role="application"
      tabIndex={0}
      aria-label={`Photo. Arrow keys move the ring on ${setting}.`}
      data-testid="photo"
      onPointerDown={press}
      onKeyDown={nudge}
      sx={{
        position: 'relative',
        lineHeight: 0,
        cursor: 'crosshair',
        border: `1px solid ${bench.ink}`,
        maxWidth: `min(760px, ${(58 * photo.width) / photo.height}vh)`,
      }}
    >
      <img src={photo.src} alt="" width={photo.width} height={photo.height} style={{ width: '100%', height: 'auto' }} />
      <svg
        viewBox={`0 0 ${photo.width} ${photo.height}`}
        aria-hidden="true"
        style={{ position: 'absolute', inset: 0, width: '100%', height: '100%', pointerEvents: 'none' }}
      >
        {rings.map(
          (ring) =>
            ring.spot && (
              <Drawn key={ring.word} ring={ring} spot={ring.spot} r={radius * photo.width} width={photo.width} height={photo.height} />
            ),
        )}
      </svg>
    </Box>
  );
}

function Drawn({ ring, spot, r, width, height }: { ring: Ring; spot: Spot; r: number; width: number; height: number }) {
  return (
    <g transform={`translate(${spot.x * width} ${spot.y * height})`} data-ring={ring.word}>
      <circle r={r} fill="none" stroke={bench.white} strokeWidth={width / 140} />
      <circle r={r} fill="none" stroke={ring.colour} strokeWidth={width / 260} />
      <text
        y={-r - width / 90}
        textAnchor="middle"
        fontSize={width / 32}
        fontWeight="700"
        fill={bench.white}
        stroke={bench.ink}
        strokeWidth={width / 220}
        paintOrder="stroke"
      >
        {ring.word}
      </text>
    </g>
  );
}
