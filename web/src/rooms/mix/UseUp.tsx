import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { answer, api, type Pot } from '../../api/api';
import { useCalculation } from '../../api/useCalculation';
import { PotPick } from '../../mix/PotPick';
import { PourLines, tint } from '../../mix/PourLines';
import { usePotWork } from '../../mix/usePotWork';
import { Cup } from '../../ui/Cup';
import { TextEntry } from '../../ui/Field';
import { percent } from '../../ui/words';
import { type Amounts, AmountsGrid, exactly, written } from './AmountsGrid';
import type { BenchProps } from './Mixing';

type Leftover = { name: string; holds: Amounts; pot?: Pot };

/** Leftovers used up for the mix: as much of it as they make, or so much of it with as little new as can be. */
export function UseUp({ book, mix, ingredients, columns }: BenchProps) {
  const [pots, setPots] = useState<Leftover[]>([
    { name: 'Leftover 1', holds: {} },
    { name: 'Leftover 2', holds: {} },
  ]);
  const [have, setHave] = useState<Amounts>({});
  const [amount, setAmount] = useState('');
  const set = (index: number, pot: Leftover) => setPots(pots.map((p, i) => (i === index ? pot : p)));
  const { pool } = usePotWork();
  const known = pots.flatMap((p) => p.pot?.materials ?? []).filter((m) => !book.materials.some((b) => b.id === m.id));
  const materials = [...book.materials, ...known.filter((m, i) => known.findIndex((k) => k.id === m.id) === i)];
  const filled = pots
    .map(({ name, holds, pot }) => ({
      name,
      pot,
      holds: pot?.holds ? exactly(pot.holds.lines) : written(ingredients, holds),
    }))
    .filter((p) => p.holds.length > 0);
  const lines = (some: (typeof filled)[number]) => ingredients.filter((i) => some.holds.some((h) => h.material === i.materialId));
  const question =
    filled.length === 0
      ? null
      : {
          mixes: book.mixes,
          materials,
          of: { mix: mix.id },
          pots: filled.map(({ name, holds }) => ({ name, holds })),
          have: written(ingredients, have),
          ...(amount === '' ? {} : { amount }),
        };
  const { worked, violations } = useCalculation('pool', question, (body, signal) =>
    answer(api.POST('/api/compute/pool', { body, signal })),
  );
  const taken = filled
    .map((p, i) => ({ name: p.name, pot: p.pot, taken: worked?.taken[i], left: worked?.left[i], lines: lines(p) }))
    .filter((p) => (p.taken?.ml ?? 0) > 0);
  const wrong = violations[0];
  const fromShelf = taken.flatMap((p) => (p.pot && p.taken ? [{ pot: p.pot.id, amount: `${p.taken.exact} ml` }] : []));
  return columns(
    <>
      {pots.map((pot, i) => (
        <Box key={i} sx={{ display: 'grid', gap: 1, borderLeft: 3, borderColor: 'divider', pl: 1.25 }}>
          <TextEntry label="Name" value={pot.name} onChange={(name) => set(i, { ...pot, name: name.trim() || `Leftover ${i + 1}` })} />
          {pot.pot ? (
            <Box>
              {pot.pot.holds?.holds.text}: {pot.pot.holds?.words}
            </Box>
          ) : (
            <AmountsGrid
              ingredients={ingredients}
              columns={[{ label: 'Contents', amounts: pot.holds, set: (holds) => set(i, { ...pot, holds }), placeholder: '0' }]}
            />
          )}
        </Box>
      ))}
      <PotPick
        label="A pot from the shelf"
        placeholder="choose one …"
        onPick={(pot) => {
          const begun = pots.filter((p) => p.pot?.id !== pot.id && (p.pot || written(ingredients, p.holds).length > 0));
          setPots([...begun, { name: pot.name, holds: {}, pot }]);
        }}
      />
      <Button
        variant="outlined"
        sx={{ justifySelf: 'start' }}
        disabled={pots.length >= 12}
        onClick={() => setPots([...pots, { name: `Leftover ${pots.length + 1}`, holds: {} }])}
      >
        Add leftover
      </Button>
      <Typography variant="h3" component="h2">
        Available to add
      </Typography>
      <AmountsGrid ingredients={ingredients} columns={[{ label: 'To add', amounts: have, set: setHave, placeholder: 'none' }]} />
      <TextEntry label="Target amount" value={amount} onChange={(a) => setAmount(a.trim())} placeholder="maximum" />
    </>,
    <Box aria-live="polite" sx={{ display: 'grid', gap: 2, alignContent: 'start' }}>
      {wrong && <Alert severity="error">{wrong.message}</Alert>}
      {question === null && <Box sx={{ fontSize: 18, color: 'text.secondary' }}>Enter what is left in each pot.</Box>}
      {worked && question !== null && !wrong && (
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 4 }}>
          <Box sx={{ flex: '1 1 320px', display: 'grid', gap: 2, alignContent: 'start' }} data-testid="pool">
            <Typography variant="h2">
              {worked.yield.ml === 0 ? `None of these make ${mix.name}.` : `${worked.yield.text} of ${mix.name}`}
            </Typography>
            {worked.yield.ml > 0 && (
              <>
                <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 0.75, fontSize: 20 }}>
                  {taken.map((p) => (
                    <li key={p.name}>
                      {p.left?.ml === 0 ? 'All' : ''} <b>{p.taken?.text}</b> of {p.name}
                      {p.left && p.left.ml > 0 && <span style={{ fontSize: 16 }}> ({p.left.text} left over)</span>}
                    </li>
                  ))}
                </Box>
                {worked.add.length > 0 && <PourLines lines={worked.add} />}
                {fromShelf.length > 0 && fromShelf.length === taken.length && (
                  <Button
                    variant="contained"
                    sx={{ justifySelf: 'start' }}
                    disabled={pool.isPending}
                    onClick={() =>
                      pool.mutate(
                        {
                          name: mix.name,
                          from: fromShelf,
                          add: exactly(worked.add),
                        },
                        { onSuccess: () => setPots([]) },
                      )
                    }
                  >
                    Save as pot “{mix.name}”
                  </Button>
                )}
                <Box>{percent(worked.used)} leftovers. This is the maximum you can make.</Box>
              </>
            )}
          </Box>
          {worked.cup && (
            <Cup cup={worked.cup} colours={[...taken.map((p) => tint(p.lines)), ...worked.add.map((l) => l.colour)]} height={300} />
          )}
        </Box>
      )}
    </Box>,
  );
}
