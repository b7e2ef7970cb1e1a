import { answer, api, type RecipeSummary } from '../api/api';
import { keys } from '../api/keys';
import { SearchPick } from './SearchPick';

type Props = { label: string; chosen?: string | undefined; onPick: (recipe: RecipeSummary) => void };

/** Finds a recipe of the book by its words; the last changed are offered before anything is typed. */
export function RecipePick(props: Props) {
  return (
    <SearchPick<RecipeSummary>
      placeholder="choose a recipe …"
      queryKey={keys.recipeSearch}
      search={(query) => answer(api.GET('/api/recipes', { params: { query: { query } } })).then((list) => list.recipes)}
      titleOf={(recipe) => recipe.title}
      {...props}
    />
  );
}
