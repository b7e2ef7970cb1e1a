import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { Problem, type Violation } from './api';
import { keys } from './keys';

/** Milliseconds a question must stand still before it is asked. */
const still = 60;
const beforeAnotherTry = 3_000;

const noAnswer: readonly Violation[] = [{ pointer: '', message: 'Inlaid Recipe isn’t responding.' }];
const nothingWrong: readonly Violation[] = [];

/**
 * What the server calculates for a question, asked again when it changes; the last good answer stays while a new one is on its way, or the
 * question can't be answered. Null for a question that can't be asked yet.
 */
export function useCalculation<Q, A>(name: string, question: Q | null, ask: (question: Q, signal: AbortSignal) => Promise<A>) {
  const asked = useSettled(JSON.stringify(question));
  const good = useRef<A | null>(null);
  const query = useQuery({
    queryKey: keys.calculation(name, asked),
    queryFn: async ({ signal }) => {
      try {
        good.current = await ask(JSON.parse(asked) as Q, signal);
        return { worked: good.current, violations: nothingWrong };
      } catch (error) {
        if (!(error instanceof Problem)) throw error;
        const whole = { pointer: '', message: error.message };
        return { worked: good.current, violations: error.violations.length > 0 ? error.violations : [whole] };
      }
    },
    enabled: asked !== 'null',
    placeholderData: keepPreviousData,
    retry: true, // only a missing connection is thrown
    retryDelay: beforeAnotherTry,
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
  });
  const found = asked === 'null' ? undefined : query.data;
  const unreachable = asked !== 'null' && query.failureReason !== null;
  const violations: readonly Violation[] = unreachable ? noAnswer : (found?.violations ?? nothingWrong);
  return {
    worked: found?.worked ?? null,
    violations,
    unreachable,
    /** What is wrong with what stands at a place, or below it. */
    said: (at: string) => violations.find((v) => v.pointer.startsWith(at))?.message,
  };
}

/** The value once it has stood still for a moment; at first at once. */
export function useSettled<T>(value: T): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = window.setTimeout(() => setSettled(value), still);
    return () => window.clearTimeout(timer);
  }, [value]);
  return settled;
}
