import { useEffect, useRef, useState } from 'react';
import { answer, api, type MixPreview, Problem, type Settings, type Violation } from '../../app/api';
import type { MixBook } from '../section/edits';

/** An amount of the mix, or all there is of one of its ingredients. */
export type Wanted = { amount: string } | { material: string; have: string };

/** The mix worked out; the last good answer stays while a new one is on its way or makes no sense. */
export function useMixWork(book: MixBook, mixId: string, wanted: Wanted, cup: Settings['cups'][number] | null) {
  const [worked, setWorked] = useState<MixPreview | null>(null);
  const [violations, setViolations] = useState<readonly Violation[]>([]);
  const asked = useRef(0);
  useEffect(() => {
    const number = ++asked.current;
    const ask = async () => {
      try {
        const found = await answer(
          api.POST('/api/compute/mix', {
            body: {
              materials: book.materials,
              mixes: book.mixes,
              of: { mix: mixId },
              ...('amount' in wanted ? { amount: wanted.amount } : { allOf: wanted }),
              ...(cup ? { context: { cups: [cup] } } : {}),
            },
          }),
        );
        if (number !== asked.current) return;
        setWorked(found);
        setViolations([]);
      } catch (error) {
        if (number !== asked.current) return;
        const message = error instanceof Problem ? error.message : 'The program does not answer.';
        setViolations(error instanceof Problem && error.violations.length > 0 ? error.violations : [{ pointer: '', message }]);
      }
    };
    const timer = window.setTimeout(ask, 60);
    return () => window.clearTimeout(timer);
  }, [book, mixId, wanted, cup]);
  return { worked, violations };
}
