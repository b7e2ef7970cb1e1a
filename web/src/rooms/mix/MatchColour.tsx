import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { answer, api, type Material, type Mix } from '../../api/api';
import type { components } from '../../api/api.gen';
import { useCalculation } from '../../api/useCalculation';
import { bench } from '../../theme/theme';
import { ColourEntry } from '../../ui/ColourEntry';
import { Choice, TextEntry } from '../../ui/Field';
import { Swatch } from '../../ui/Swatch';
import { startColours } from '../../ui/startColours';
import { money } from '../../ui/words';
import type { BenchProps } from './Mixing';

const most = 12;
type Found = components['schemas']['MatchFound'];

/** A colour to be hit with paints of the shelf: the nearest mix in small whole parts, and others. */
export function MatchColour({ shelf, alone, setBook, currency, onMade }: BenchProps & { currency: string; onMade: () => void }) {
  const paints = shelf.filter((m) => m.look.kind === 'opaque' && m.look.colour && m.kind === 'paint' && m.body.carrier !== 'dry');
  // to begin with those that go together, of which most is known first
  const first = paints.filter((m) => m.body.carrier === 'water').sort((a, b) => Number(!!b.look.tint) - Number(!!a.look.tint));
  const [target, setTarget] = useState<string>(startColours.sage);
  const [chosen, setChosen] = useState<readonly string[]>(() => first.slice(0, most).map((m) => m.id));
  const [up, setUp] = useState<'2' | '3' | '4'>('3');
  const [amount, setAmount] = useState('250 ml');
  const { worked, violations, said } = useCalculation(
    'match',
    chosen.length === 0 ? null : { target, paints: [...chosen], most: Number(up), amount },
    (body, signal) => answer(api.POST('/api/compute/match', { body, signal })),
  );
  const general = violations.find((v) => !['/target', '/amount'].some((field) => v.pointer.startsWith(field)));
  const make = (found: Found) => {
    const materials = found.parts.map((p) => shelf.find((m) => m.id === p.materialId)).filter((m): m is Material => m !== undefined);
    const mix: Mix = {
      id: 'x',
      name: 'A match',
      basis: 'volume',
      parts: found.parts.map((p) => ({ share: String(p.parts), of: { material: p.materialId } })),
    };
    setBook({ materials, mixes: [mix] });
    onMade();
  };
  return alone(
    <>
      <ColourEntry label="Target colour" value={target} onChange={(c) => c && setTarget(c)} error={said('/target')} />
      <TextEntry label="Amount" value={amount} onChange={setAmount} help="for example 250 ml, 1 1/2 cup" error={said('/amount')} />
      <Choice
        label="Paints in the mix"
        value={up}
        options={[
          ['2', 'up to 2'],
          ['3', 'up to 3'],
          ['4', 'up to 4 (slower)'],
        ]}
        onChange={setUp}
      />
      <Box component="fieldset" sx={{ border: 0, m: 0, p: 0 }}>
        <Box component="legend" sx={{ color: 'text.secondary', fontSize: 14, p: 0 }}>
          Paints to use (maximum 12)
        </Box>
        {paints.map((m) => (
          <FormControlLabel
            key={m.id}
            sx={{ display: 'flex', mr: 0 }}
            control={
              <Checkbox
                checked={chosen.includes(m.id)}
                disabled={!chosen.includes(m.id) && chosen.length >= most}
                onChange={(_, on) => setChosen(on ? [...chosen, m.id] : chosen.filter((id) => id !== m.id))}
              />
            }
            label={
              <Box component="span" sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
                <Swatch colour={m.look.colour ?? null} /> {m.name}
              </Box>
            }
          />
        ))}
      </Box>
    </>,
    <Box aria-live="polite" sx={{ display: 'grid', gap: 2, alignContent: 'start' }}>
      {general && <Alert severity="error">{general.message}</Alert>}
      {chosen.length === 0 && <p style={{ margin: 0 }}>Tick the paints to mix from.</p>}
      {worked?.best && (
        <Box data-testid="match">
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', border: `1px solid ${bench.ink}`, height: 200 }}>
            <Box role="img" aria-label={`Target ${target}`} sx={{ bgcolor: target }} />
            <Box role="img" aria-label={`The mix ${worked.best.colour}`} sx={{ bgcolor: worked.best.colour }} />
          </Box>
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', color: 'text.secondary' }}>
            <span>target</span>
            <span>the mix, at full strength</span>
          </Box>
          <Typography variant="h2" sx={{ mt: 1.5 }}>
            {worked.best.words}
          </Typography>
          <Box sx={{ fontSize: 18 }}>
            {worked.best.off.inWords}
            {worked.best.price !== null && ` · ${money(worked.best.price, currency)} for ${amount}`}
          </Box>
          <Amounts of={worked.best} />
          <Button variant="contained" sx={{ mt: 1.5 }} onClick={() => worked.best && make(worked.best)}>
            Use this mix
          </Button>
        </Box>
      )}
      {worked && !worked.complete && <Alert severity="warning">Time ran out. Best so far:</Alert>}
      {worked && worked.others.length > 0 && (
        <Box>
          <Typography variant="h3" component="h2" sx={{ borderBottom: `2px solid ${bench.ink}` }}>
            From other paints
          </Typography>
          {worked.others.map((o) => (
            <Box
              key={o.words}
              sx={{
                display: 'grid',
                gridTemplateColumns: '40px 1fr auto',
                gap: 1.5,
                alignItems: 'center',
                py: 1,
                borderBottom: `1px solid ${bench.line}`,
              }}
            >
              <Swatch colour={o.colour} size={40} />
              <span>
                <b>{o.words}</b>
                <span style={{ display: 'block', color: bench.slate }}>
                  {o.off.inWords}
                  {o.price !== null && ` · ${money(o.price, currency)}`}
                </span>
              </span>
              <Button variant="outlined" onClick={() => make(o)} aria-label={`Use the mix ${o.words}`}>
                Use
              </Button>
            </Box>
          ))}
        </Box>
      )}
      {worked && worked.without.length > 0 && <Alert severity="info">Left out, different carrier: {worked.without.join(', ')}.</Alert>}
      {worked && <Box sx={{ color: 'text.secondary' }}>Calculated from colour, hiding power and tints. Confirm on a board.</Box>}
    </Box>,
  );
}

function Amounts({ of }: { of: Found }) {
  return (
    <Box component="ul" data-testid="amounts" sx={{ listStyle: 'none', m: 0, mt: 0.75, p: 0, fontVariantNumeric: 'tabular-nums' }}>
      {of.parts.map((p, i) => {
        const amount = of.amounts[i];
        return (
          <li key={p.materialId}>
            <b>{amount?.text}</b> {p.name}
            {typeof amount?.g === 'number' && ` (${amount.g.toFixed(1)} g)`}
          </li>
        );
      })}
    </Box>
  );
}
