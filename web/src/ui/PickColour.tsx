import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { type KeyboardEvent, type PointerEvent, useState } from 'react';
import type { components } from '../api/api.gen';
import { useCalculation } from '../api/useCalculation';
import { bench } from '../theme/theme';
import { Choice } from './Field';

type Spot = { x: number; y: number };
type Photo = { src: string; width: number; height: number };
type Card = 'none' | 'white' | 'grey';
type Props = {
  photo: Photo;
  /** What may lie beside it to tell the light by, the likeliest first. */
  cards: readonly Card[];
  ask: (asked: components['schemas']['PickColourRequest']) => Promise<components['schemas']['CorrectedColour']>;
  onTake: (colour: string) => void;
};

const names: Record<Card, string> = { none: 'none', grey: 'a grey card, 18 %', white: 'white paper' };

const kept = (v: number) => Math.min(1, Math.max(0, v));

/**
 * A colour read from a photo: one ring on the reference, one on the patch. The rings are set with the mouse or a finger, or moved with the
 * arrow keys.
 */
export function PickColour({ photo, cards, ask, onTake }: Props) {
  const [card, setCard] = useState<Card>(cards[0] ?? 'grey');
  const [radius, setRadius] = useState<'0.012' | '0.03'>('0.012');
  const [chosen, setChosen] = useState<'reference' | 'patch'>('reference');
  const setting = card === 'none' ? 'patch' : chosen;
  const [reference, setReference] = useState<Spot | null>(null);
  const [patch, setPatch] = useState<Spot | null>(null);
  const r = Number(radius);
  const asked =
    patch && card === 'none'
      ? { patch: { ...patch, radius: r } }
      : patch && reference && card !== 'none'
        ? { patch: { ...patch, radius: r }, reference: { ...reference, radius: r }, card }
        : null;
  const { worked, violations } = useCalculation(`colour ${photo.src}`, asked, ask);
  const put = (spot: Spot) => {
    if (setting === 'reference') {
      setReference(spot);
      if (!patch) setChosen('patch');
    } else setPatch(spot);
  };
  const press = (event: PointerEvent<HTMLElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    put({ x: kept((event.clientX - box.left) / box.width), y: kept((event.clientY - box.top) / box.height) });
  };
  const nudge = (event: KeyboardEvent) => {
    const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    if (!by) return;
    event.preventDefault();
    const from = (setting === 'reference' ? reference : patch) ?? { x: 0.5, y: 0.5 };
    const far = event.shiftKey ? 0.05 : 0.01;
    const to = { x: kept(from.x + (by[0] ?? 0) * far), y: kept(from.y + (by[1] ?? 0) * far) };
    if (setting === 'reference') setReference(to);
    else setPatch(to);
  };
  const ring = (spot: Spot | null, word: string, colour: string) =>
    spot && (
      <g>
        <circle
          cx={spot.x * photo.width}
          cy={spot.y * photo.height}
          r={r * photo.width}
          fill="none"
          stroke={bench.white}
          strokeWidth={photo.width / 140}
        />
        <circle
          cx={spot.x * photo.width}
          cy={spot.y * photo.height}
          r={r * photo.width}
          fill="none"
          stroke={colour}
          strokeWidth={photo.width / 260}
        />
        <text
          x={spot.x * photo.width}
          y={spot.y * photo.height - r * photo.width - photo.width / 90}
          textAnchor="middle"
          fontSize={photo.width / 32}
          fontWeight="700"
          fill={bench.white}
          stroke={bench.ink}
          strokeWidth={photo.width / 220}
          paintOrder="stroke"
        >
          {word}
        </text>
      </g>
    );
  return (
    <Box sx={{ display: 'grid', gap: 1.25 }}>
      <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr 1fr' }, gap: 1 }}>
        <Choice
          label="Place ring on"
          value={setting}
          options={[...(card === 'none' ? [] : [['reference', 'the reference'] as const]), ['patch', 'the patch'] as const]}
          onChange={setChosen}
        />
        <Choice label="Reference card" value={card} options={cards.map((c) => [c, names[c]] as const)} onChange={setCard} />
        <Choice
          label="Sample size"
          value={radius}
          options={[
            ['0.012', 'small'],
            ['0.03', 'large (average)'],
          ]}
          onChange={setRadius}
        />
      </Box>
      <Box sx={{ display: 'grid', gridTemplateColumns: { md: 'minmax(0, 1fr) 250px' }, gap: 2, alignItems: 'start' }}>
        <Box
          role="application"
          tabIndex={0}
          aria-label={`Photo. Arrow keys move the ring on ${setting === 'reference' ? 'the reference' : 'the patch'}.`}
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
            {card !== 'none' && ring(reference, 'reference', bench.verdigris)}
            {ring(patch, 'patch', bench.oxide)}
          </svg>
        </Box>
        <Box sx={{ display: 'grid', gap: 1 }}>
          {violations.length > 0 && <Alert severity="warning">{violations[0]?.message}</Alert>}
          <Box aria-live="polite">
            {worked && asked ? (
              <Box sx={{ display: 'grid', gap: 1 }}>
                <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap' }}>
                  <Patch colour={worked.asPhotographed} word="in the photo" />
                  {card !== 'none' && <Patch colour={worked.colour} word="corrected" />}
                  <Button variant="contained" onClick={() => onTake(worked.colour)}>
                    Use this colour
                  </Button>
                </Box>
                {worked.remarks.map((remark) => (
                  <Alert key={remark} severity="warning">
                    {remark}
                  </Alert>
                ))}
                <Box component="ul" sx={{ m: 0, pl: 2.5, color: 'text.secondary' }}>
                  {worked.cannot.map((line) => (
                    <li key={line}>{line}</li>
                  ))}
                </Box>
              </Box>
            ) : (
              <p style={{ margin: 0 }}>{card === 'none' ? 'Tap the colour.' : 'Tap the reference, then the patch.'}</p>
            )}
          </Box>
        </Box>
      </Box>
    </Box>
  );
}

function Patch({ colour, word }: { colour: string; word: string }) {
  return (
    <Box sx={{ textAlign: 'center' }}>
      <Box sx={{ width: 112, height: 80, bgcolor: colour, border: `1px solid ${bench.ink}` }} />
      {word} <span data-testid={word === 'corrected' ? 'corrected' : undefined}>{colour}</span>
    </Box>
  );
}
