import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import type { Material, Mix } from '../api/api';
import { type MixBook, nameOf, newId, putMaterial, putMix } from '../recipe/edits';
import { heardOnly } from '../theme/theme';
import { Choice, TextEntry } from '../ui/Field';
import { IngredientPick } from './IngredientPick';
import { RatioEntry } from './RatioEntry';

type Props<T extends MixBook> = {
  book: T;
  mix: Mix;
  shelf: readonly Material[];
  /** The book as it is to be: with the mix changed, and whatever material or mix that needs. */
  onChange: (book: T) => void;
};

/**
 * The parts of a mix, in pouring order, each with its name; the ratio can also be written as one says it. A part that is
 * a mix itself is edited in place below.
 */
export function MixEditor<T extends MixBook>({ book, mix, shelf, onChange }: Props<T>) {
  const names = mix.parts.map((p) => nameOf(book, p.of));
  const set = (changed: Mix, needs?: Material) => onChange(putMix(needs ? putMaterial(book, needs) : book, changed));
  const withPart = (index: number, patch: Partial<Mix['parts'][number]>) => mix.parts.map((p, i) => (i === index ? { ...p, ...patch } : p));
  const plain = ({ written: _, ...rest }: Mix): Mix => rest;
  const mixItself = (index: number) => {
    const part = mix.parts[index];
    if (!part) return;
    const inner: Mix = { id: newId('x'), name: `${names[index]}, mixed`, basis: 'volume', parts: [{ share: '1', of: part.of }] };
    onChange(putMix(putMix(book, inner), { ...mix, parts: withPart(index, { of: { mix: inner.id } }) }));
  };
  const inner = mix.parts.map((p) => book.mixes.find((m) => m.id === p.of.mix)).filter((m) => m !== undefined);
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 130px', gap: 1 }}>
        <TextEntry label="Mix name" value={mix.name} onChange={(name) => set({ ...mix, name })} />
        <Choice
          label="Parts"
          value={mix.basis}
          options={[
            ['volume', 'by volume'],
            ['mass', 'by weight'],
          ]}
          onChange={(basis) => set({ ...mix, basis })}
        />
      </Box>
      <RatioEntry mix={mix} names={names} onChange={set} />
      {mix.parts.map((part, i) => (
        <Box
          key={i}
          sx={{
            display: 'grid',
            gridTemplateColumns: '66px minmax(0, 1fr) 36px',
            gap: 0.75,
            alignItems: 'start',
            // The first row's labels stand for the column; the others are there to be heard.
            ...(i > 0 && { '& label': heardOnly }),
          }}
        >
          <TextEntry
            label="Parts"
            value={part.share}
            onChange={(share) => set(plain({ ...mix, parts: withPart(i, { share: share.trim() }) }))}
          />
          <IngredientPick
            label={`Ingredient ${i + 1}`}
            book={book}
            inside={mix.id}
            shelf={shelf}
            value={part.of}
            onChange={(of, material) => set({ ...mix, parts: withPart(i, { of }) }, material)}
            onMixItself={part.of.mix ? undefined : () => mixItself(i)}
          />
          <IconButton
            aria-label={`Remove ${names[i]}`}
            sx={{ alignSelf: 'end' }}
            disabled={mix.parts.length < 2}
            onClick={() => set(plain({ ...mix, parts: mix.parts.filter((_, k) => k !== i) }))}
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
          if (water) set(plain({ ...mix, parts: [...mix.parts, { share: '1', of: { material: water.id } }] }), water);
        }}
      >
        Add an ingredient
      </Button>
      {inner.map((m) => (
        <Box key={m.id} sx={{ borderLeft: 3, borderColor: 'divider', pl: 1.25, pt: 0.5 }}>
          <MixEditor book={book} mix={m} shelf={shelf} onChange={onChange} />
        </Box>
      ))}
    </Box>
  );
}
