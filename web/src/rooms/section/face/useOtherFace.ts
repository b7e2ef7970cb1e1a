import { useQuery } from '@tanstack/react-query';
import { answer, api, type StackPreview } from '../../../api/api';
import { keys } from '../../../api/keys';
import { useReady } from '../../../recipe/face/useReady';

/** The face of the same place in another revision, worked out in the air of today. */
export function useOtherFace(recipe: string, number: number | null, stack: StackPreview | undefined) {
  const { data } = useQuery({
    queryKey: keys.recipeOf(recipe, 'face', number),
    queryFn: async () => {
      const { document } = await answer(
        api.GET('/api/recipes/{id}/revisions/{number}', { params: { path: { id: recipe, number: number ?? 0 } } }),
      );
      return { document, preview: (await answer(api.POST('/api/preview', { body: { document } }))).preview };
    },
    enabled: number !== null,
  });
  const there = number === null ? undefined : data?.preview.stacks.find((s) => s.places.some((place) => stack?.places.includes(place)));
  const ready = useReady(data?.document, there);
  return { ready, missing: data !== undefined && number !== null && there === undefined };
}

/**
 * How far another face has come by a step of this one: after the same step, else after the last one that comes before it here; in the end
 * where this one is at its end.
 */
export function sameStep(ids: readonly (string | null)[], at: number, there: readonly (string | null)[]): number {
  if (at === ids.length - 1) return there.length - 1;
  for (let i = at; i >= 0; i--) {
    const found = there.indexOf(ids[i] ?? null);
    if (found >= 0) return found;
  }
  return 0;
}
