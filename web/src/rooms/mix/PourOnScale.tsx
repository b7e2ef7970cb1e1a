import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useRef, useState } from 'react';
import { answer, api } from '../../api/api';
import { useCalculation } from '../../api/useCalculation';
import type { StepOf } from '../../mix/BeginWith';
import { KeepPot } from '../../mix/KeepPot';
import { bench } from '../../theme/theme';
import { TextEntry } from '../../ui/Field';
import { Swatch } from '../../ui/Swatch';
import { percent } from '../../ui/words';
import type { BenchProps } from './Mixing';
import { ScaleFace } from './ScaleFace';
import { useLoad, useScale } from './useScale';

/** A tenth of a gram is what the scale shows; that near is right. */
const near = 0.15;

/** The mix poured on the scale: until the needle says stop; where something was poured too much the rest follows. */
export function PourOnScale({
  book,
  mix,
  columns,
  amount,
  setAmount,
  stepOf,
}: BenchProps & { amount: string; setAmount: (amount: string) => void; stepOf: StepOf | null }) {
  const shown = useScale();
  const load = useLoad();
  // What the scale shows before each ingredient; the first is the cup. The last is being poured onto.
  const [bases, setBases] = useState<number[]>([]);
  const [done, setDone] = useState(false);
  const now = shown?.grams ?? 0;
  const pour = (more: number) => load.mutateAsync({ more }).catch(() => undefined);
  const all = [...bases, now];
  const poured = bases.map((base, i) => Math.max(0, Number(((all[i + 1] ?? base) - base).toFixed(1))));
  const settled = done ? poured.slice(0, -1) : poured;
  const question = { ...book, of: { mix: mix.id }, amount, poured: shown?.settled ? settled : settled.slice(0, -1) };
  const { worked, violations, said } = useCalculation('pour', question, (body, signal) =>
    answer(api.POST('/api/compute/pour', { body, signal })),
  );
  const targets = worked?.targets ?? [];
  // Where a later one was poured too much the earlier ones are poured up to it, after all have had their turn.
  const lacking = targets.findIndex((t, i) => (t.amount.g ?? 0) - (settled[i] ?? 0) > near && i < settled.length - 1);
  const index = bases.length - 1;
  const target = targets[index]?.amount.g ?? 0;
  const current = settled[index] ?? 0;
  const restart = () => {
    setBases([]);
    setDone(false);
    load.mutate({ grams: 0 });
  };
  const next = () => {
    if (bases.length === targets.length) setDone(true);
    setBases([...bases, now]);
  };
  return columns(
    <>
      <TextEntry
        label="Amount of the mix"
        value={amount}
        onChange={setAmount}
        help="for example 150 ml, 1 1/2 cup"
        error={said('/amount')}
      />
      <Box sx={{ border: `1px dashed ${bench.slate}`, p: 1.5, display: 'grid', gap: 1 }}>
        <b>No scale connected, using the simulated one</b>
        <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
          <PourButton label="Pour" pour={() => pour(2.3)} />
          <PourButton label="A few drops" pour={() => pour(0.2)} />
        </Box>
        <Box sx={{ color: 'text.secondary', fontSize: 15 }}>Hold a button to pour. A real scale posts its weight to the same address.</Box>
      </Box>
      <Button variant="outlined" sx={{ justifySelf: 'start' }} onClick={restart}>
        Start over
      </Button>
    </>,
    <Box sx={{ display: 'grid', gap: 2, alignContent: 'start' }}>
      {violations.length > 0 && <Alert severity="error">{violations[0]?.message}</Alert>}
      {shown === null && <Alert severity="info">Waiting for the scale …</Alert>}
      {worked && shown && (
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 4 }}>
          <Box sx={{ flex: '1 1 330px', display: 'grid', gap: 1.5, alignContent: 'start' }}>
            {bases.length === 0 && (
              <>
                <Typography variant="h2">Put the empty cup on the scale.</Typography>
                <span>Tare sets its weight to zero.</span>
                <Button
                  variant="contained"
                  size="large"
                  sx={{ justifySelf: 'start' }}
                  disabled={!shown.settled}
                  onClick={() => setBases([now])}
                >
                  Tare ({now.toFixed(1)} g)
                </Button>
              </>
            )}
            {bases.length > 0 && !done && (
              <>
                <Typography variant="h2" data-testid="pour-now">
                  Pour {targets[index]?.name} until {target.toFixed(1)} g
                </Typography>
                <Box sx={{ fontSize: 22 }} aria-live="polite">
                  {current > target + near
                    ? `${(current - target).toFixed(1)} g too much.`
                    : current >= target - near
                      ? 'Stop'
                      : `${(target - current).toFixed(1)} g to go`}
                </Box>
                <Button
                  variant="contained"
                  size="large"
                  sx={{ justifySelf: 'start' }}
                  disabled={!shown.settled || current < target - near}
                  onClick={next}
                >
                  {bases.length < targets.length ? `Next: ${targets[index + 1]?.name}` : 'Finish'}
                </Button>
              </>
            )}
            {done && (
              <>
                <Typography variant="h2" data-testid="pour-done">
                  {worked.yield.text} of {mix.name}, at the right ratio
                </Typography>
                <KeepPot
                  book={book}
                  mix={mix}
                  stepOf={stepOf}
                  holds={targets.map((t, i) => ({ material: t.materialId, amount: `${(settled[i] ?? 0).toFixed(1)} g` }))}
                />
              </>
            )}
            {worked.more > 0.0005 && (
              <Alert severity="warning">
                Overpoured: all targets raised by {percent(worked.more)}, {worked.yield.text} in total.
              </Alert>
            )}
            {lacking >= 0 && done && (
              <Alert severity="warning">
                Add {((targets[lacking]?.amount.g ?? 0) - (settled[lacking] ?? 0)).toFixed(1)} g of {targets[lacking]?.name} to restore the
                ratio.
              </Alert>
            )}
            <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0 }}>
              {targets.map((t, i) => (
                <Box
                  component="li"
                  key={t.materialId}
                  sx={{
                    display: 'flex',
                    gap: 1.25,
                    alignItems: 'center',
                    py: 0.75,
                    borderTop: `1px solid ${bench.line}`,
                    fontWeight: i === index && !done ? 700 : 400,
                  }}
                >
                  <Swatch colour={t.colour} />
                  <span style={{ flex: 1 }}>{t.name}</span>
                  <span>
                    {i < settled.length ? `${settled[i]?.toFixed(1)} of ` : ''}
                    {t.amount.g?.toFixed(1)} g
                  </span>
                </Box>
              ))}
            </Box>
          </Box>
          {bases.length > 0 && !done && (
            <ScaleFace shown={current} target={target} near={near} label={`${current.toFixed(1)} g of ${target.toFixed(1)} g`} />
          )}
        </Box>
      )}
    </Box>,
  );
}

/** Pours as long as it is held; the space bar, or Enter, pours once. */
function PourButton({ label, pour }: { label: string; pour: () => Promise<unknown> }) {
  const held = useRef(false);
  const hold = async () => {
    held.current = true;
    while (held.current) {
      await pour();
      await new Promise((done) => window.setTimeout(done, 80));
    }
  };
  const release = () => {
    held.current = false;
  };
  return (
    <Button
      variant="outlined"
      onPointerDown={() => void hold()}
      onPointerUp={release}
      onPointerLeave={release}
      onPointerCancel={release}
      onKeyDown={(e) => (e.key === ' ' || e.key === 'Enter') && void pour()}
    >
      {label}
    </Button>
  );
}
