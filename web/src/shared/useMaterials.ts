import { useQuery } from '@tanstack/react-query';
import { answer, api } from '../app/api';
import { everyPage } from './everyPage';

/** Everything on the shelf, or what was taken off it. */
export function useMaterials(archived = false) {
  return useQuery({
    queryKey: ['materials', archived],
    queryFn: () =>
      everyPage(
        (page) => answer(api.GET('/api/materials', { params: { query: { page, archived } } })),
        (list) => list.materials.map((m) => m.material),
      ),
  });
}
