import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import TextField from '@mui/material/TextField';
import type { Material, Mix, Named } from '../../app/api';
import { Choice, TextEntry } from '../../shared/Field';
import { kinds } from '../../shared/words';
import { type MixBook, nameOf, usableIn } from '../section/edits';
import { RatioEntry } from './RatioEntry';

type Props = {
  book: MixBook;
  mix: Mix;
  shelf: readonly Material[];
  /** The mix as it is to be, and a material it needs that the book may not have yet. */
  onChange: (mix: Mix, needs?: Material) => void;
};

/** The parts of a mix, in pouring order, each with its name; the ratio can also be written as one says it. */
export function MixEditor({ book, mix, shelf, onChange }: Props) {
  const names = mix.parts.map((p) => nameOf(book, p.of));
  const withPart = (index: number, patch: Partial<Mix['parts'][number]>) => mix.parts.map((p, i) => (i === index ? { ...p, ...patch } : p));
  const plain = ({ written: _, ...rest }: Mix): Mix => rest;
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 130px', gap: 1 }}>
        <TextEntry label="Name of the mix" value={mix.name} onChange={(name) => onChange({ ...mix, name })} />
        <Choice
          label="Parts"
          value={mix.basis}
          options={[
            ['volume', 'by volume'],
            ['mass', 'by weight'],
          ]}
          onChange={(basis) => onChange({ ...mix, basis })}
        />
      </Box>
      <RatioEntry mix={mix} names={names} onChange={onChange} />
      {mix.parts.map((part, i) => (
        <Box key={i} sx={{ display: 'grid', gridTemplateColumns: '74px 1fr 40px', gap: 1, alignItems: 'start' }}>
          <TextEntry
            label="Parts"
            value={part.share}
            onChange={(share) => onChange(plain({ ...mix, parts: withPart(i, { share: share.trim() }) }))}
          />
          <IngredientPick
            label={`Ingredient ${i + 1}`}
            book={book}
            inside={mix.id}
            shelf={shelf}
            value={part.of}
            onChange={(of, material) => onChange({ ...mix, parts: withPart(i, { of }) }, material)}
          />
          <IconButton
            aria-label={`Take out ${names[i]}`}
            disabled={mix.parts.length < 2}
            onClick={() => onChange(plain({ ...mix, parts: mix.parts.filter((_, k) => k !== i) }))}
          >
            ×
          </IconButton>
        </Box>
      ))}
      <Button
        variant="outlined"
        sx={{ justifySelf: 'start' }}
        onClick={() => {
          const water = shelf.find((m) => m.id === 'water') ?? shelf[0];
          if (water) onChange(plain({ ...mix, parts: [...mix.parts, { share: '1', of: { material: water.id } }] }), water);
        }}
      >
        Add an ingredient
      </Button>
    </Box>
  );
}

type Option = { of: Named; name: string; group: string; material?: Material };

/** Chooses a material of the book, one of its mixes, or something from the shelf. */
export function IngredientPick({
  label,
  book,
  inside,
  shelf,
  value,
  onChange,
  error,
}: {
  label: string;
  book: MixBook;
  /** The mix it goes into, so that it cannot contain itself. */
  inside: string | null;
  shelf: readonly Material[];
  value: Named | null;
  onChange: (of: Named, material?: Material) => void;
  error?: string | undefined;
}) {
  const mixes = inside === null ? book.mixes : usableIn(book, inside).filter((m) => m.id !== inside);
  const options: Option[] = [
    ...mixes.map((m) => ({ of: { mix: m.id }, name: m.name, group: 'Mixes here' })),
    ...book.materials.map((m) => ({ of: { material: m.id }, name: m.name, group: 'In use here' })),
    ...shelf
      .filter((m) => !book.materials.some((b) => b.id === m.id))
      .map((m) => ({ of: { material: m.id }, name: m.name, group: kinds[m.kind] ?? m.kind, material: m })),
  ];
  const chosen = options.find((o) => (value?.mix ? o.of.mix === value.mix : o.of.material === value?.material)) ?? null;
  return (
    <Autocomplete<Option, false, boolean>
      options={options}
      value={chosen}
      disableClearable={chosen !== null}
      groupBy={(o) => o.group}
      getOptionLabel={(o) => o.name}
      getOptionKey={(o) => o.of.mix ?? o.of.material ?? ''}
      isOptionEqualToValue={(a, b) => a.of.mix === b.of.mix && a.of.material === b.of.material}
      onChange={(_, option) => option && onChange(option.of, option.material)}
      renderInput={(params) => <TextField {...params} label={label} error={error !== undefined} helperText={error} />}
    />
  );
}
