import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { answer, api } from '../../api/api';
import { useCalculation } from '../../api/useCalculation';
import { PourLines } from '../../mix/PourLines';
import { Choice, TextEntry } from '../../ui/Field';
import { type Amounts, AmountsGrid, written } from './AmountsGrid';
import type { BenchProps } from './Mixing';

/** A closed pot weighed twice with its lid: what evaporated, what it truly is now, and what restores it. */
export function WeighAgain({
  book,
  ingredients,
  shelf,
  inPot,
  setInPot,
  columns,
}: BenchProps & { inPot: Amounts; setInPot: (a: Amounts) => void }) {
  const thinners = [...book.materials, ...shelf.filter((m) => !book.materials.some((b) => b.id === m.id))].filter(
    (m) => m.kind === 'thinner',
  );
  const [thinner, setThinner] = useState(thinners[0]?.id ?? '');
  const [then, setThen] = useState('');
  const [now, setNow] = useState('');
  const pot = written(ingredients, inPot);
  const chosen = thinners.find((m) => m.id === thinner);
  const materials = chosen && !book.materials.some((m) => m.id === chosen.id) ? [...book.materials, chosen] : book.materials;
  const question = pot.length === 0 || then === '' || now === '' || !chosen ? null : { materials, pot, then, now, thinner };
  const { worked, violations, said } = useCalculation('evaporation', question, (body, signal) =>
    answer(api.POST('/api/compute/evaporation', { body, signal })),
  );
  return columns(
    <>
      <Typography variant="h3" component="h2">
        Contents when sealed
      </Typography>
      <AmountsGrid
        ingredients={ingredients}
        columns={[{ label: 'In the pot', amounts: inPot, set: setInPot, placeholder: '0' }]}
        wrong={(_, material) => said(`/pot/${pot.findIndex((p) => p.material === material)}/`)}
      />
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
        <TextEntry
          label="Weight then, with lid"
          value={then}
          onChange={(t) => setThen(t.trim())}
          placeholder="for example 612 g"
          error={said('/then')}
        />
        <TextEntry label="Weight now" value={now} onChange={(t) => setNow(t.trim())} placeholder="for example 597 g" error={said('/now')} />
      </Box>
      <Choice
        label="Thinner that evaporates"
        value={thinner}
        options={thinners.map((m) => [m.id, m.name] as const)}
        onChange={setThinner}
      />
    </>,
    <Box aria-live="polite" sx={{ display: 'grid', gap: 2, alignContent: 'start' }}>
      {said('/pot') && <Alert severity="error">{said('/pot')}</Alert>}
      {question === null && <Box sx={{ fontSize: 18, color: 'text.secondary' }}>Enter what you poured and both weights.</Box>}
      {worked && question !== null && violations.length === 0 && (
        <Box data-testid="evaporation" sx={{ display: 'grid', gap: 2 }}>
          <Typography variant="h2">{worked.restore.amount.g?.toFixed(1)} g evaporated. Add:</Typography>
          <PourLines lines={[worked.restore]} large />
          <Box>
            It was {worked.was.words}. Now it is {worked.now.words}.
          </Box>
          {worked.thickened > 0 && <Box>{worked.thickened.toFixed(1)} g came from the paint itself. Stir well and strain.</Box>}
        </Box>
      )}
    </Box>,
  );
}
