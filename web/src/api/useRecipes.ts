import { useQuery } from '@tanstack/react-query';
import { answer, api } from './api';
import { everyPage } from './everyPage';
import { keys } from './keys';

/** All recipes of the book, the last changed first. */
export function useRecipes() {
  return useQuery({
    queryKey: keys.recipeSearch(''),
    queryFn: () =>
      everyPage(
        (page) => answer(api.GET('/api/recipes', { params: { query: { page } } })),
        (list) => list.recipes,
      ),
  });
}
