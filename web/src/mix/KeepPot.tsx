import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Mix } from '../api/api';
import type { MixBook } from '../recipe/edits';
import { DayEntry } from '../ui/DayEntry';
import { TextEntry } from '../ui/Field';
import type { StepOf } from './BeginWith';
import { usePotWork } from './usePotWork';

/** What was mixed is kept as a pot: its name, where it stands, until when it is good. */
export function KeepPot({
  book,
  mix,
  stepOf,
  holds,
}: {
  book: MixBook;
  mix: Mix;
  stepOf: StepOf | null;
  holds: { material: string; amount: string }[];
}) {
  const [name, setName] = useState('');
  const [place, setPlace] = useState('');
  const [useBy, setUseBy] = useState<string | null>(null);
  const { mix: keep } = usePotWork();
  if (keep.data) {
    return (
      <Alert
        severity="success"
        action={
          <Button component={Link} to={`/shelf/pots/${keep.data.id}`}>
            Open pot
          </Button>
        }
        onClose={() => keep.reset()}
      >
        {keep.data.holds?.holds.text} saved as “{keep.data.name}”. The amounts were taken from stock.
      </Alert>
    );
  }
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr 170px auto' }, gap: 1, alignItems: 'end' }}>
      <TextEntry label="Pot name" value={name} placeholder={mix.name} onChange={setName} />
      <TextEntry label="Storage" value={place} onChange={setPlace} />
      <DayEntry label="Use by" value={useBy} onChange={setUseBy} />
      <Button
        variant="contained"
        disabled={keep.isPending}
        onClick={() =>
          keep.mutate({
            name: name.trim() || mix.name,
            place,
            ...only(book, mix, holds),
            of: { mix: mix.id },
            holds,
            ...(useBy ? { useBy } : {}),
            ...stepOf,
          })
        }
      >
        Save as pot
      </Button>
      <Box sx={{ gridColumn: '1 / -1', color: 'text.secondary', fontSize: 14 }}>Takes the amounts from stock.</Box>
      {keep.error && (
        <Alert severity="error" sx={{ gridColumn: '1 / -1' }}>
          {keep.error.message}
        </Alert>
      )}
    </Box>
  );
}

/** What is needed to say what the pot is: its materials, the mix, and the mixes in that. */
function only(book: MixBook, mix: Mix, holds: { material: string }[]): MixBook {
  const inside = (m: Mix): Mix[] => [m, ...m.parts.flatMap((p) => book.mixes.filter((other) => other.id === p.of.mix).flatMap(inside))];
  const mixes = inside(mix);
  return {
    materials: holds.flatMap((h) => book.materials.filter((m) => m.id === h.material)), // in pouring order
    mixes: mixes.filter((m, i) => mixes.indexOf(m) === i),
  };
}
