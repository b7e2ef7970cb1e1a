import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { answer, api, type CorrectionPreview, type Pot } from '../../api/api';
import { useCalculation } from '../../api/useCalculation';
import { PotPick } from '../../mix/PotPick';
import { PourLines, tint } from '../../mix/PourLines';
import { usePotWork } from '../../mix/usePotWork';
import { Cup } from '../../ui/Cup';
import { TextEntry } from '../../ui/Field';
import { percent } from '../../ui/words';
import { type Amounts, AmountsGrid, exactly, written } from './AmountsGrid';
import type { BenchProps } from './Mixing';

/** A pot that is not as wanted: the one thing to add, and what to pour off first where it does not go in or something runs out. */
export function PutRight({
  book,
  mix,
  ingredients,
  inPot,
  setInPot,
  columns,
  pot: chosen,
  choosePot,
}: BenchProps & { inPot: Amounts; setInPot: (a: Amounts) => void; pot: Pot | null; choosePot: (pot: Pot | null) => void }) {
  const [have, setHave] = useState<Amounts>({});
  const [holds, setHolds] = useState('');
  const pot = written(ingredients, inPot);
  const question =
    pot.length === 0 ? null : { ...book, of: { mix: mix.id }, pot, have: written(ingredients, have), ...(holds === '' ? {} : { holds }) };
  const { worked, violations, said } = useCalculation('correct', question, (body, signal) =>
    answer(api.POST('/api/compute/correct', { body, signal })),
  );
  const inColumn = (column: number, material: string) => {
    const list = column === 0 ? pot : written(ingredients, have);
    const index = list.findIndex((p) => p.material === material);
    return index < 0 ? undefined : said(`/${column === 0 ? 'pot' : 'have'}/${index}/`);
  };
  const general = violations.find((v) => !/^\/(pot|have)\/\d|^\/holds/.test(v.pointer));
  return columns(
    <>
      <Typography variant="h3" component="h2">
        Contents of the pot
      </Typography>
      <PotPick label="Pot" placeholder="not on the shelf" chosen={chosen?.name} onPick={choosePot} />
      {chosen && (
        <Button sx={{ justifySelf: 'start' }} onClick={() => choosePot(null)}>
          Not a pot on the shelf
        </Button>
      )}
      <AmountsGrid
        ingredients={ingredients}
        columns={[
          { label: 'In the pot', amounts: inPot, set: setInPot, placeholder: '0' },
          { label: 'Still available', amounts: have, set: setHave, placeholder: 'enough' },
        ]}
        wrong={inColumn}
      />
      <TextEntry label="Pot capacity" value={holds} onChange={setHolds} placeholder="large enough" error={said('/holds')} />
    </>,
    <Box aria-live="polite" sx={{ display: 'grid', gap: 2.5, alignContent: 'start' }}>
      {general && <Alert severity="error">{general.message}</Alert>}
      {question === null && <Box sx={{ fontSize: 18, color: 'text.secondary' }}>Enter what you poured, for example 60 ml or 80 g.</Box>}
      {worked && question !== null && !general && <Answer worked={worked} />}
      {worked && question !== null && !general && chosen && <BookIt pot={chosen} worked={worked} onDone={choosePot} />}
    </Box>,
  );
}

/** What was added to a pot of the shelf, and what was poured off it, goes into the ledger. */
function BookIt({ pot, worked, onDone }: { pot: Pot; worked: CorrectionPreview; onDone: (pot: Pot) => void }) {
  const { correct, add } = usePotWork();
  if (!worked.reached || worked.add.length === 0) return null;
  const error = correct.error ?? add.error;
  const more = { id: pot.id, add: exactly(worked.add) };
  const book = async () =>
    onDone(
      worked.pourOff
        ? await correct.mutateAsync({ ...more, pourOff: `${worked.pourOff.exact} ml`, name: `${pot.name}, poured off` })
        : await add.mutateAsync(more),
    );
  return (
    <Box sx={{ display: 'grid', gap: 1, justifyItems: 'start' }}>
      <Button
        variant="contained"
        size="large"
        disabled={correct.isPending || add.isPending}
        onClick={() => void book().catch(() => undefined)}
      >
        Record in “{pot.name}”
      </Button>
      <span>
        {worked.pourOff ? 'Records what you poured off and takes what you added from stock.' : 'Takes what you added from stock.'}
      </span>
      {error && <Alert severity="error">{error.message}</Alert>}
    </Box>
  );
}

function Answer({ worked }: { worked: CorrectionPreview }) {
  const right = worked.reached && worked.add.length === 0 && worked.pourOff === null;
  const colours = [tint(worked.now.lines), ...worked.add.map((l) => l.colour)];
  return (
    <>
      <Box sx={{ color: 'text.secondary', fontSize: 17 }}>
        {worked.now.holds.text} in the pot: {worked.now.words}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 4, alignItems: 'flex-start' }}>
        <Box sx={{ flex: '1 1 320px', display: 'grid', gap: 2 }} data-testid="correction">
          {right && <Typography variant="h2">The mix is right. Nothing to add.</Typography>}
          {worked.pourOff && worked.reached && (
            <Box sx={{ fontSize: 26, lineHeight: 1.2 }}>
              Pour off <b>{worked.pourOff.text}</b> first
              {worked.pouredOffNeeds.length > 0 && (
                <Box sx={{ fontSize: 16, color: 'text.secondary' }}>
                  Set it aside. With {worked.pouredOffNeeds.map((l) => `${l.amount.text} of ${l.name}`).join(' and ')} it reaches the same
                  ratio.
                </Box>
              )}
            </Box>
          )}
          {worked.reached && worked.add.length > 0 && (
            <Box>
              <Box sx={{ fontSize: 18, mb: 0.5 }}>Add</Box>
              <PourLines lines={worked.add} large />
            </Box>
          )}
          {worked.reached && (
            <Box sx={{ fontSize: 18 }}>
              You then have <b>{worked.yield.text}</b> at the right ratio
              {worked.error !== null && worked.error > 0 && ` (±${percent(worked.error)})`}.
            </Box>
          )}
          {!worked.reached && (
            <Typography variant="h2">
              This ratio isn’t possible: {worked.short.join(' and ')} {worked.short.length > 1 ? 'run' : 'runs'} out.
            </Typography>
          )}
        </Box>
        {worked.cup && !right && <Cup cup={worked.cup} colours={colours} height={300} />}
      </Box>
      {worked.nearest && (
        <Box sx={{ borderLeft: 4, borderColor: 'warning.main', pl: 1.5, display: 'grid', gap: 1 }} data-testid="nearest">
          <Typography variant="h3" component="h2">
            {worked.reached ? 'Or without pouring off: closest you can get' : 'Closest you can get'}
          </Typography>
          {worked.nearest.add.length > 0 ? <PourLines lines={worked.nearest.add} /> : <Box>Nothing left gets closer.</Box>}
          <Box>
            {worked.nearest.then.holds.text}: {worked.nearest.then.words}, <b>{percent(worked.nearest.error)} off</b>
            {Math.abs(worked.nearest.film - 1) >= 0.005 &&
              `; its dry film is ${percent(Math.abs(1 - worked.nearest.film))} ${worked.nearest.film < 1 ? 'thinner' : 'thicker'}`}
            . {worked.short.join(' and ')} {worked.short.length > 1 ? 'run' : 'runs'} out.
          </Box>
        </Box>
      )}
    </>
  );
}
