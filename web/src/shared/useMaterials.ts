import { useQuery } from '@tanstack/react-query';
import { answer, api } from '../app/api';

/** Everything on the shelf, or what was taken off it. */
export function useMaterials(archived = false) {
  return useQuery({
    queryKey: ['materials', archived],
    queryFn: async () => {
      const all = [];
      for (let page = 1; ; page++) {
        const list = await answer(api.GET('/api/materials', { params: { query: { page, archived } } }));
        all.push(...list.materials.map((m) => m.material));
        if (all.length >= list.total || list.materials.length === 0) return all;
      }
    },
  });
}
