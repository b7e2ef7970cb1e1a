import { answer, api, type Settings } from '../../api/api';
import { useCalculation } from '../../api/useCalculation';
import type { MixBook } from '../../recipe/edits';

/** An amount of the mix, or all there is of one of its ingredients. */
export type Wanted = { amount: string } | { material: string; have: string };

/** What it is measured with. */
export type MeasuredBy = 'anything' | 'drops' | 'weight';

/** The mix worked out for what is wanted of it. */
export function useMixWork(book: MixBook, mixId: string, wanted: Wanted, by: MeasuredBy, cup: Settings['cups'][number] | null) {
  const question = {
    materials: book.materials,
    mixes: book.mixes,
    of: { mix: mixId },
    by,
    ...('amount' in wanted ? { amount: wanted.amount } : { allOf: wanted }),
    ...(cup ? { context: { cups: [cup] } } : {}),
  };
  return useCalculation('mix', question, (body, signal) => answer(api.POST('/api/compute/mix', { body, signal })));
}
