import { useQuery } from '@tanstack/react-query';
import { answer, api, type Material } from './api';
import { keys } from './keys';

/** Everything on the shelf, or what was taken off it, whole: recipes and mixes take a copy of what they use. */
export function useMaterials(archived = false) {
  return useQuery({
    queryKey: keys.materialList(archived),
    queryFn: async () => {
      const all: Material[] = [];
      for (let page = 1; ; page++) {
        const list = await answer(api.GET('/api/materials', { params: { query: { page, archived } } }));
        all.push(...list.materials.map((m) => m.material));
        if (all.length >= list.total || list.materials.length === 0) return all;
      }
    },
  });
}
