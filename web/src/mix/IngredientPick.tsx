import Autocomplete, { createFilterOptions } from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import type { Material, Named } from '../api/api';
import { type MixBook, usableIn } from '../recipe/edits';
import { steady } from '../ui/steady';
import { kinds } from '../ui/words';

type Option = { of: Named; name: string; group: string; material?: Material };

/** Nobody reads more of a list; whoever has more on the shelf types a word of the name. */
const filterOptions = createFilterOptions<Option>({ limit: 200 });

type Common = {
  label: string;
  shelf: readonly Material[];
  value: Named | null;
  onChange: (of: Named, material?: Material) => void;
  /** Makes what is chosen a mix of its own. */
  onMixItself?: (() => void) | undefined;
  error?: string | undefined;
};

/**
 * Chooses a material of the book, one of its mixes, or something from the shelf. `inside` is the mix it goes into, so that this cannot
 * contain itself.
 */
export function IngredientPick({ book, inside, ...common }: Common & { book: MixBook; inside: string | null }) {
  const mixes = inside === null ? book.mixes : usableIn(book, inside).filter((m) => m.id !== inside);
  return <PickField {...common} mixes={mixes} materials={book.materials} />;
}

const PickField = steady(function PickField({ label, mixes, materials, shelf, value, onChange, onMixItself, error }: Common & MixBook) {
  const options: Option[] = [
    ...(onMixItself ? [{ of: {}, name: 'Mix this ingredient …', group: 'New' }] : []),
    ...mixes.map((m) => ({ of: { mix: m.id }, name: m.name, group: 'Mixes here' })),
    ...materials.map((m) => ({ of: { material: m.id }, name: m.name, group: 'In use here' })),
    ...shelf
      .filter((m) => !materials.some((b) => b.id === m.id))
      .map((m) => ({ of: { material: m.id }, name: m.name, group: kinds[m.kind] ?? m.kind, material: m })),
  ];
  const chosen = options.find((o) => (value?.mix ? o.of.mix === value.mix : o.of.material === value?.material)) ?? null;
  return (
    <Autocomplete<Option, false, boolean>
      options={options}
      filterOptions={filterOptions}
      value={chosen}
      disableClearable={chosen !== null}
      groupBy={(o) => o.group}
      getOptionLabel={(o) => o.name}
      getOptionKey={(o) => o.of.mix ?? o.of.material ?? 'new'}
      isOptionEqualToValue={(a, b) => a.of.mix === b.of.mix && a.of.material === b.of.material}
      onChange={(_, option) => option && (option.group === 'New' ? onMixItself?.() : onChange(option.of, option.material))}
      renderInput={(params) => <TextField {...params} label={label} error={error !== undefined} helperText={error} />}
    />
  );
});
