import { useQuery } from '@tanstack/react-query';
import { answer, api, type Material } from './api';
import { keys } from './keys';

/** Everything on the shelf: recipes and mixes take a copy of what they use. */
export function useMaterials() {
  return useQuery({
    queryKey: keys.allMaterials,
    queryFn: async () => {
      const all: Material[] = [];
      for (let page = 1; ; page++) {
        const list = await answer(api.GET('/api/materials', { params: { query: { page } } }));
        all.push(...list.materials.map((m) => m.material));
        if (all.length >= list.total || list.materials.length === 0) return all;
      }
    },
  });
}
