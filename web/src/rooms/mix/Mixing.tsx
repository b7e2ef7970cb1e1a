import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { type ReactNode, useEffect, useState } from 'react';
import { useSearchParams } from 'react-router';
import { answer, api, type Ingredient, type Material, type Mix, type Pot, type Settings } from '../../api/api';
import { keys } from '../../api/keys';
import { useMaterials } from '../../api/useMaterials';
import { useSettings } from '../../api/useSettings';
import { BeginWith, type StepOf } from '../../mix/BeginWith';
import { KeepPot } from '../../mix/KeepPot';
import { MixEditor } from '../../mix/MixEditor';
import type { MixBook } from '../../recipe/edits';
import { twoColumns } from '../../theme/theme';
import { Choice } from '../../ui/Field';
import { Failed, Loading } from '../../ui/Notice';
import { type Amounts, exactly } from './AmountsGrid';
import { Ladder } from './Ladder';
import { MakeIt } from './MakeIt';
import { MatchColour } from './MatchColour';
import { MixResult } from './MixResult';
import { PourOnScale } from './PourOnScale';
import { PutRight } from './PutRight';
import { TooThin } from './TooThin';
import { UseUp } from './UseUp';
import { type MeasuredBy, useMixWork, type Wanted } from './useMixWork';
import { WeighAgain } from './WeighAgain';

/** The mixing bench: any mix, and what can be done with it. */
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
  if (!materials.data || !settings.data) return <Loading what="the Mix page" />;
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

/**
 * What every task at the bench is given; `columns` puts what is asked on the left, below the mix, and what follows on the right; `alone`
 * the same without the mix, which is still to be found.
 */
export type BenchProps = {
  book: MixBook;
  mix: Mix;
  shelf: Material[];
  ingredients: readonly Ingredient[];
  setBook: (book: MixBook) => void;
  columns: (asked: ReactNode, found: ReactNode) => ReactNode;
  alone: (asked: ReactNode, found: ReactNode) => ReactNode;
};

const tasks = {
  make: 'Mix an amount',
  scale: 'Weigh it out',
  right: 'Correct a mix',
  stripe: 'Is it too thin?',
  up: 'Use up leftovers',
  match: 'Match a colour',
  ladder: 'Make a strength ladder',
  weigh: 'Check evaporation',
} as const;

/** What a pot is to be, as a book of its own, with that mix first. */
function bookOf(pot: Pot): MixBook {
  const main = pot.mixes.find((m) => m.id === pot.of.mix) ?? {
    id: 'x',
    name: pot.name,
    basis: 'volume' as const,
    parts: [{ share: '1', of: pot.of }],
  };
  return { materials: pot.materials, mixes: [main, ...pot.mixes.filter((m) => m.id !== main.id)] };
}

function MixRoom({ shelf, settings }: { shelf: Material[]; settings: Settings }) {
  const [book, setBook] = useState(() => firstBook(shelf).book);
  const [params] = useSearchParams();
  const begin = params.get('task');
  const [task, setTask] = useState<keyof typeof tasks>(begin !== null && begin in tasks ? (begin as keyof typeof tasks) : 'make');
  const [wanted, setWanted] = useState<Wanted>({ amount: settings.units === 'metric' ? '150 ml' : '5 fl oz' });
  const [cup, setCup] = useState('fits');
  const [by, setBy] = useState<MeasuredBy>('anything');
  const [inPot, setInPot] = useState<Amounts>({});
  const [pot, setPot] = useState<Pot | null>(null);
  const [stepOf, setStepOf] = useState<StepOf | null>(null);
  const choosePot = (chosen: Pot | null) => {
    setPot(chosen);
    if (chosen?.holds) {
      setBook(bookOf(chosen));
      setInPot(Object.fromEntries(exactly(chosen.holds.lines).map((p) => [p.material, p.amount])));
    }
  };
  const asked = params.get('pot');
  const { data: named } = useQuery({
    queryKey: keys.pot(asked),
    queryFn: () => answer(api.GET('/api/pots/{id}', { params: { path: { id: asked ?? '' } } })),
    enabled: asked !== null,
  });
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, when the pot the address names is known
  useEffect(() => {
    if (named) choosePot(named);
  }, [named?.id]);
  const mix = book.mixes[0] as Mix;
  const { worked, violations } = useMixWork(book, mix.id, wanted, by, settings.cups.find((c) => c.name === cup) ?? null);
  const bench = (asked: ReactNode, found: ReactNode) => (
    <Box
      sx={{
        ...twoColumns('minmax(360px, 460px)'),
      }}
    >
      <Box
        sx={{
          p: 2,
          borderRight: { md: 1 },
          borderColor: { md: 'divider' },
          display: 'grid',
          gap: 1.75,
          alignContent: 'start',
          overflowY: { md: 'auto' },
        }}
      >
        <Typography variant="h1">Mix</Typography>
        <Choice
          label="What do you want to do?"
          value={task}
          options={(Object.keys(tasks) as (keyof typeof tasks)[]).map((t) => [t, tasks[t]] as const)}
          onChange={setTask}
        />
        {asked}
      </Box>
      <Box sx={{ p: { xs: 2, md: 3 }, bgcolor: 'background.paper', overflowY: { md: 'auto' } }}>{found}</Box>
    </Box>
  );
  const props: BenchProps = {
    book,
    mix,
    shelf,
    ingredients: worked?.ingredients ?? [],
    setBook,
    columns: (asked, found) =>
      bench(
        <>
          <BeginWith shelf={shelf} onBegin={(begun, of, need) => [setBook(begun), setStepOf(of), need && setWanted({ amount: need })]} />
          <MixEditor book={book} mix={mix} shelf={shelf} onChange={setBook} />
          {asked}
        </>,
        found,
      ),
    alone: (asked, found) => bench(asked, found),
  };
  if (task === 'scale') {
    return (
      <PourOnScale
        {...props}
        stepOf={stepOf}
        amount={'amount' in wanted ? wanted.amount : '150 ml'}
        setAmount={(amount) => setWanted({ amount })}
      />
    );
  }
  if (task === 'right')
    return <PutRight {...props} inPot={inPot} setInPot={(a) => [setInPot(a), setPot(null)]} pot={pot} choosePot={choosePot} />;
  if (task === 'stripe') return <TooThin {...props} />;
  if (task === 'up') return <UseUp {...props} />;
  if (task === 'match') return <MatchColour {...props} currency={settings.currency} onMade={() => setTask('make')} />;
  if (task === 'ladder') return <Ladder {...props} />;
  if (task === 'weigh') return <WeighAgain {...props} inPot={inPot} setInPot={setInPot} />;
  return props.columns(
    <MakeIt
      ingredients={props.ingredients}
      wanted={wanted}
      setWanted={setWanted}
      cups={settings.cups}
      cup={cup}
      setCup={setCup}
      by={by}
      setBy={setBy}
      wrong={violations[0]?.message}
    />,
    worked ? (
      <MixResult
        worked={worked}
        currency={settings.currency}
        keep={<KeepPot book={book} mix={mix} stepOf={stepOf} holds={exactly((worked.measured ?? worked.exact).lines)} />}
      />
    ) : (
      <Loading what="the cup" />
    ),
  );
}
