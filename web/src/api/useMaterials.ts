import { useQuery } from '@tanstack/react-query';
import { answer, api } from './api';
import { everyPage } from './everyPage';
import { keys } from './keys';

/** Everything on the shelf, or what was taken off it. */
export function useMaterials(archived = false) {
  return useQuery({
    queryKey: keys.materialList(archived),
    queryFn: () =>
      everyPage(
        (page) => answer(api.GET('/api/materials', { params: { query: { page, archived } } })),
        (list) => list.materials.map((m) => m.material),
      ),
  });
}
