import { useQuery } from '@tanstack/react-query';
import { answer, api, type Recipe } from '../../../api/api';
import { keys } from '../../../api/keys';
import { useSettled } from '../../../api/useCalculation';

/** The fixes of a finding, each tried on the recipe as it is now; undefined while they are being tried. Nothing is changed by asking. */
export function useRemedies(document: Recipe, finding: string, isAsked: boolean) {
  const now = JSON.stringify({ document, finding });
  const asked = useSettled(now);
  const { data } = useQuery({
    queryKey: keys.calculation('remedies', asked),
    queryFn: ({ signal }) => answer(api.POST('/api/compute/remedies', { body: JSON.parse(asked), signal })),
    enabled: isAsked && asked === now,
    retry: false, // the recipe has changed meanwhile, and the finding is asked for again
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
  });
  return asked === now ? data?.remedies : undefined;
}
