import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Material, Mix, Settings } from '../../app/api';
import { Choice, TextEntry } from '../../shared/Field';
import { Failed, Loading } from '../../shared/Notice';
import { useMaterials } from '../../shared/useMaterials';
import { useSettings } from '../../shared/useSettings';
import type { MixBook } from '../section/edits';
import { MixEditor } from './MixEditor';
import { MixResult } from './MixResult';
import { useMixWork, type Wanted } from './useMixWork';

/** Any mix, worked out for an amount: batch, measures and marks on one large cup. */
export default function Mixing() {
  const materials = useMaterials();
  const settings = useSettings();
  const error = materials.error ?? settings.error;
  if (error) {
    return (
      <Failed
        error={error}
        retry={() => {
          void materials.refetch();
          void settings.refetch();
        }}
      />
    );
  }
  if (!materials.data || !settings.data) return <Loading what="the mixing bench" />;
  return <MixRoom shelf={materials.data} settings={settings.data.settings} />;
}

function firstBook(shelf: Material[]): { book: MixBook; mix: Mix } {
  const paint = shelf.find((m) => m.id === 'platform-slate') ?? shelf.find((m) => m.kind === 'paint') ?? shelf[0];
  const water = shelf.find((m) => m.id === 'water') ?? shelf.find((m) => m.kind === 'thinner') ?? shelf[0];
  const parts = [paint, water].filter((m) => m !== undefined);
  const mix: Mix = {
    id: 'x',
    name: 'A wash',
    basis: 'volume',
    parts: parts.map((m, i) => ({ share: i === 0 ? '1' : '3', of: { material: m.id } })),
  };
  return { mix, book: { materials: parts, mixes: [mix] } };
}

function MixRoom({ shelf, settings }: { shelf: Material[]; settings: Settings }) {
  const [book, setBook] = useState(() => firstBook(shelf).book);
  const [wanted, setWanted] = useState<Wanted>({ amount: settings.units === 'metric' ? '150 ml' : '5 fl oz' });
  const [cup, setCup] = useState('fits');
  const mix = book.mixes[0] as Mix;
  const { worked, violations } = useMixWork(book, mix.id, wanted, settings.cups.find((c) => c.name === cup) ?? null);
  const leaves = worked?.ingredients ?? [];
  const wrong = violations[0]?.message;

  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: 'minmax(360px, 460px) 1fr' }, flex: 1, minHeight: 0 }}>
      <Box sx={{ p: 2, borderRight: { md: 1 }, borderColor: { md: 'divider' }, display: 'grid', gap: 1.75, alignContent: 'start' }}>
        <Typography variant="h1">Mix</Typography>
        <MixEditor book={book} mix={mix} shelf={shelf} onChange={setBook} />
        <Typography variant="h3" component="h2">
          How much
        </Typography>
        <Choice
          label="Wanted"
          value={'amount' in wanted ? 'amount' : wanted.material}
          options={[['amount', 'so much of the mix'] as const, ...leaves.map((l) => [l.materialId, `all I have of ${l.name}`] as const)]}
          onChange={(key) => setWanted(key === 'amount' ? { amount: '150 ml' } : { material: key, have: '100 ml' })}
        />
        {'amount' in wanted ? (
          <TextEntry
            label="Amount of the mix"
            value={wanted.amount}
            onChange={(amount) => setWanted({ amount })}
            help="for example 150 ml, 1 1/2 cup, 12 drops"
            error={wrong}
          />
        ) : (
          <TextEntry
            label="What I have"
            value={wanted.have}
            onChange={(have) => setWanted({ ...wanted, have })}
            help="for example 80 ml or 80 g"
            error={wrong}
          />
        )}
        <Choice
          label="Cup"
          value={cup}
          options={[['fits', 'the smallest that fits'] as const, ...settings.cups.map((c) => [c.name, c.name] as const)]}
          onChange={setCup}
        />
      </Box>
      <Box sx={{ p: { xs: 2, md: 3 }, bgcolor: 'background.paper' }}>
        {worked ? <MixResult worked={worked} currency={settings.currency} /> : <Loading what="the cup" />}
      </Box>
    </Box>
  );
}
