import { answer, api, type Pot } from '../api/api';
import { keys } from '../api/keys';
import { SearchPick } from '../ui/SearchPick';

type Props = { label: string; placeholder: string; chosen?: string | undefined; onPick: (pot: Pot) => void };

/** Finds a pot with something in it by its name; the last mixed are offered before anything is typed. */
export function PotPick(props: Props) {
  return (
    <SearchPick<Pot>
      queryKey={keys.potSearch}
      search={(query) => answer(api.GET('/api/pots', { params: { query: { query, inStock: true } } })).then((list) => list.pots)}
      titleOf={(pot) => `${pot.name}, ${pot.holds?.holds.text}`}
      {...props}
    />
  );
}
