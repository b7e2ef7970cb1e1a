import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { answer, api, type Pot, wrongIn } from '../../api/api';
import { keys } from '../../api/keys';
import { PourLines } from '../../mix/PourLines';
import { usePotWork } from '../../mix/usePotWork';
import { bench } from '../../theme/theme';
import { Choice, TextEntry } from '../../ui/Field';
import { asNumber, date, day, moment, percent } from '../../ui/words';
import { isPast, potColour } from './potLooks';

const kinds: Record<string, string> = {
  bought: 'bought',
  counted: 'counted',
  mixed: 'mixed',
  added: 'added',
  'poured-off': 'poured from another pot',
  pooled: 'combined',
  used: 'used',
  evaporated: 'evaporated',
  thrown: 'discarded',
};

/** One pot: what is in it, what can be done with it, and where everything that was in it went. */
export function PotPanel({ pot }: { pot: Pot }) {
  const [amount, setAmount] = useState('');
  const [note, setNote] = useState('');
  const [more, setMore] = useState('');
  const [of, setOf] = useState(pot.materials[0]?.id ?? '');
  const { use, throwAway, add } = usePotWork();
  const lines = useQuery({
    queryKey: keys.potHistory(pot.id, pot.holds?.holds.exact),
    queryFn: () => answer(api.GET('/api/ledger', { params: { query: { pot: pot.id } } })),
  });
  const error = use.error ?? throwAway.error;
  const take = (how: typeof use) =>
    how.mutate(
      { id: pot.id, note, ...(amount.trim() === '' ? {} : { amount: amount.trim() }) },
      { onSuccess: () => [setAmount(''), setNote('')] },
    );
  const nameOf = (id: string) => pot.materials.find((m) => m.id === id)?.name ?? id;
  return (
    <Box sx={{ display: 'grid', gap: 2.5 }}>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'start', flexWrap: 'wrap' }}>
        <span
          style={{ width: 64, height: 64, border: `1px solid ${bench.ink}`, borderRadius: '0 0 12px 12px', background: potColour(pot) }}
        />
        <Box sx={{ flex: 1, minWidth: 260 }}>
          <Typography variant="h2">{pot.name}</Typography>
          <Box sx={{ color: 'text.secondary' }}>
            mixed {moment(pot.madeAt)}
            {pot.place && ` · ${pot.place}`}
            {pot.useBy && ` · use by ${day(pot.useBy)}`}
          </Box>
        </Box>
        <Button component={Link} to={`/shelf/pots/${pot.id}/label`} variant="outlined">
          Label
        </Button>
        <Button component={Link} to={`/mix?task=right&pot=${pot.id}`} variant="outlined" disabled={pot.holds === null}>
          Correct
        </Button>
      </Box>
      {isPast(pot.useBy) && pot.holds && (
        <Alert severity="warning">Past use-by date ({date(pot.useBy ?? '')}). Test it on a board first.</Alert>
      )}
      {pot.holds ? (
        <>
          <Box>
            <Box sx={{ fontSize: 28, fontWeight: 700 }}>{pot.holds.holds.text}</Box>
            <Box sx={{ fontSize: 18, mb: 1 }}>
              {pot.holds.words} · {percent(pot.holds.solids)} solids
            </Box>
            <PourLines lines={pot.holds.lines} />
          </Box>
          <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '160px 1fr auto auto' }, gap: 1, alignItems: 'end' }}>
            <TextEntry label="Amount" value={amount} placeholder="all" onChange={setAmount} error={wrongIn(error)} />
            <TextEntry label="Note" value={note} onChange={setNote} />
            <Button variant="contained" disabled={use.isPending} onClick={() => take(use)}>
              Record use
            </Button>
            <Button variant="outlined" color="secondary" disabled={throwAway.isPending} onClick={() => take(throwAway)}>
              Record discard
            </Button>
          </Box>
        </>
      ) : (
        <Typography variant="h3" component="p">
          Empty
        </Typography>
      )}
      <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '160px 1fr auto' }, gap: 1, alignItems: 'end' }}>
        <TextEntry label="Top up with" value={more} placeholder="for example 20 ml" onChange={setMore} error={wrongIn(add.error)} />
        <Choice label="Material" value={of} options={pot.materials.map((m) => [m.id, m.name] as const)} onChange={setOf} />
        <Button
          variant="outlined"
          disabled={add.isPending || more.trim() === ''}
          onClick={() => add.mutate({ id: pot.id, add: [{ material: of, amount: more.trim() }] }, { onSuccess: () => setMore('') })}
        >
          Record addition
        </Button>
      </Box>
      <Box>
        <Typography variant="h3" component="h2" sx={{ borderBottom: `2px solid ${bench.ink}` }}>
          Stock history
        </Typography>
        <Box component="ul" data-testid="became" sx={{ listStyle: 'none', m: 0, p: 0 }}>
          {lines.data?.entries.map((e) => (
            <Box
              component="li"
              key={e.id}
              sx={{
                display: 'grid',
                gridTemplateColumns: { xs: '1fr', sm: '170px 140px 1fr' },
                gap: 1,
                py: 0.75,
                borderBottom: `1px solid ${bench.line}`,
              }}
            >
              <span>{moment(e.at)}</span>
              <b>{kinds[e.kind]}</b>
              <span>
                {e.moves.map((m) => `${Number(asNumber(m.grams).toFixed(1))} g ${nameOf(m.material)}`).join(', ')}
                {e.note && ` · ${e.note}`}
              </span>
            </Box>
          ))}
        </Box>
      </Box>
    </Box>
  );
}
