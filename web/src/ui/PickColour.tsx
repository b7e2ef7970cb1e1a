import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { components } from '../api/api.gen';
import { useCalculation } from '../api/useCalculation';
import { bench } from '../theme/theme';
import { Choice } from './Field';
import { type Photo, PhotoRings, type Spot } from './PhotoRings';

export type Card = 'none' | 'white' | 'grey';
type Props = {
  photo: Photo;
  /** What may lie beside it to tell the light by, the likeliest first. */
  cards: readonly Card[];
  ask: (asked: components['schemas']['PickColourRequest']) => Promise<components['schemas']['CorrectedColour']>;
  onTake: (colour: string) => void;
};

export const cardNames: Record<Card, string> = { none: 'none', grey: 'a grey card, 18 %', white: 'white paper' };

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
  const rings = [
    ...(card === 'none' ? [] : [{ word: 'the reference', colour: bench.verdigris, spot: reference }]),
    { word: 'the patch', colour: bench.oxide, spot: patch },
  ];
  return (
    <Box sx={{ display: 'grid', gap: 1.25 }}>
      <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr 1fr' }, gap: 1 }}>
        <Choice
          label="Place ring on"
          value={setting}
          options={[...(card === 'none' ? [] : [['reference', 'the reference'] as const]), ['patch', 'the patch'] as const]}
          onChange={setChosen}
        />
        <Choice label="Reference card" value={card} options={cards.map((c) => [c, cardNames[c]] as const)} onChange={setCard} />
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
        <PhotoRings photo={photo} rings={rings} radius={r} setting={setting === 'reference' ? 'the reference' : 'the patch'} onPut={put} />
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
