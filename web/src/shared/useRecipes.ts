import { useQuery } from '@tanstack/react-query';
import { answer, api } from '../app/api';
import { everyPage } from './everyPage';

/** All recipes of the book, the last changed first. */
export function useRecipes() {
  return useQuery({
    queryKey: ['recipes', 'all'],
    queryFn: () =>
      everyPage(
        (page) => answer(api.GET('/api/recipes', { params: { query: { page } } })),
        (list) => list.recipes,
      ),
  });
}
