import { useEffect, useRef, useState } from 'react';
import { Problem, type Violation } from '../../app/api';

/**
 * What the program works out for a question, asked anew when it changes; the last good answer stays while a new one is on its way or the
 * question makes no sense. Null for a question that cannot be asked yet.
 */
export function useWorked<Q, A>(question: Q | null, ask: (question: Q) => Promise<A>) {
  const [worked, setWorked] = useState<A | null>(null);
  const [violations, setViolations] = useState<readonly Violation[]>([]);
  const asked = useRef(0);
  const asking = useRef(ask);
  asking.current = ask;
  const key = JSON.stringify(question);
  useEffect(() => {
    const number = ++asked.current;
    const now = JSON.parse(key) as Q | null;
    if (now === null) {
      setWorked(null);
      setViolations([]);
      return;
    }
    const timer = window.setTimeout(async () => {
      try {
        const found = await asking.current(now);
        if (number !== asked.current) return;
        setWorked(found);
        setViolations([]);
      } catch (error) {
        if (number !== asked.current) return;
        const message = error instanceof Problem ? error.message : 'Inlaid Recipe isn’t responding.';
        setViolations(error instanceof Problem && error.violations.length > 0 ? error.violations : [{ pointer: '', message }]);
      }
    }, 60);
    return () => window.clearTimeout(timer);
  }, [key]);
  /** What is wrong with what stands at a place, or below it. */
  const said = (at: string) => violations.find((v) => v.pointer.startsWith(at))?.message;
  return { worked, violations, said };
}
