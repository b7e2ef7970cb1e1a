import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api } from '../../api/api';
import type { components } from '../../api/api.gen';
import { keys } from '../../api/keys';
import { useCalculation } from '../../api/useCalculation';
import { bench } from '../../theme/theme';
import { ColourEntry } from '../../ui/ColourEntry';
import { TextEntry } from '../../ui/Field';
import { isColour, percent } from '../../ui/words';
import type { BenchProps } from './Mixing';

type Rung = components['schemas']['StripeRung'];

/** A pot that nobody measured: a stripe of it on a black-and-white card, held beside those it could make, or read from a photo. */
export function TooThin({ book, mix, columns }: BenchProps) {
  const [holds, setHolds] = useState('');
  const [looks, setLooks] = useState<number | null>(null);
  const [onBlack, setOnBlack] = useState<string | null>(null);
  const [onWhite, setOnWhite] = useState<string | null>(null);
  const eye = useQuery({ queryKey: keys.eye, queryFn: () => answer(api.GET('/api/eye')) }).data?.scores.find((s) => s.kind === 'ratio');
  const read = onBlack !== null && onWhite !== null && isColour(onBlack) && isColour(onWhite);
  const { worked, violations, said } = useCalculation(
    'stripes',
    {
      ...book,
      of: { mix: mix.id },
      ...(holds === '' ? {} : { holds }),
      ...(read ? { onBlack, onWhite } : looks === null ? {} : { looks }),
    },
    (body, signal) => answer(api.POST('/api/compute/stripes', { body, signal })),
  );
  const general = violations.find((v) => !v.pointer.startsWith('/holds'));
  const best = worked && worked.best !== null ? worked.rungs[worked.best] : undefined;
  return columns(
    <>
      <Typography variant="h3" component="h2">
        Is it too thin?
      </Typography>
      <Box>Brush an even stripe over a card that is half black and half white. Let it dry, then press the stripe it looks like.</Box>
      {eye?.isBiased && (
        <Box sx={{ borderLeft: `6px solid ${bench.brass}`, pl: 1.5 }} data-testid="own-eye">
          {eye.inWords} Press the stripe that is {(eye.bias ?? 0) < 0 ? 'thinner' : 'thicker'} where you doubt.
        </Box>
      )}
      <TextEntry label="In the pot" value={holds} onChange={setHolds} placeholder="unknown, for example 300 ml" error={said('/holds')} />
      <Box sx={{ color: 'text.secondary' }}>Or read its colours from a photo beside a grey card:</Box>
      <ColourEntry label="On black" value={onBlack} onChange={setOnBlack} emptyAllowed />
      <ColourEntry label="On white" value={onWhite} onChange={setOnWhite} emptyAllowed />
    </>,
    <Box aria-live="polite" sx={{ display: 'grid', gap: 2, alignContent: 'start' }}>
      {general && <Alert severity="error">{general.message}</Alert>}
      {best && worked && !general && (
        <Box data-testid="stripe" sx={{ fontSize: 24, lineHeight: 1.25 }}>
          {worked.inWords}
          <Box sx={{ fontSize: 16, color: 'text.secondary' }}>
            Wanted: {worked.wanted}. {percent(worked.sure ?? 0)} within one step of it.
          </Box>
        </Box>
      )}
      {worked && !general && (
        <Box role="group" aria-label="Stripes" sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5 }}>
          {worked.rungs.map((r, i) => (
            <Stripe
              key={r.said}
              rung={r}
              chosen={worked.best === i}
              onPick={() => {
                setOnBlack(null);
                setOnWhite(null);
                setLooks(i);
              }}
            />
          ))}
        </Box>
      )}
    </Box>,
  );
}

/** One of the stripes it could make, across the black and the white half of a card. */
function Stripe({ rung, chosen, onPick }: { rung: Rung; chosen: boolean; onPick: () => void }) {
  const half = (card: string, colour: string) => (
    <span style={{ background: card, display: 'block', padding: '16px 0' }}>
      <span style={{ background: colour, display: 'block', height: 44 }} />
    </span>
  );
  return (
    <button
      type="button"
      onClick={onPick}
      aria-pressed={chosen}
      aria-label={`Looks like ${rung.said}`}
      style={{
        cursor: 'pointer',
        display: 'grid',
        alignContent: 'start',
        padding: 0,
        width: 108,
        font: 'inherit',
        background: bench.sheet,
        border: chosen ? `4px solid ${bench.verdigris}` : `1px solid ${bench.stone}`,
      }}
    >
      <span style={{ display: 'grid', gridTemplateColumns: '1fr 1fr' }}>
        {half(bench.black, rung.onBlack)}
        {half(bench.white, rung.onWhite)}
      </span>
      <span style={{ display: 'block', padding: '6px 2px', fontSize: 17, fontWeight: 650 }}>{rung.said}</span>
      {rung.chance !== null && rung.chance >= 0.05 && !chosen && (
        <span style={{ display: 'block', paddingBottom: 6, fontSize: 14 }}>{percent(rung.chance)}</span>
      )}
    </button>
  );
}
