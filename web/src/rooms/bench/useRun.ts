import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { answerOrKept, api } from '../../api/api';
import type { components } from '../../api/api.gen';
import { keys } from '../../api/keys';
import { deliver } from './deliver';
import { discardRefused, type Event, enqueue, isKept, onChange, waiting } from './queue';

export type Run = components['schemas']['RunResponse'];

/** Milliseconds until the next try, longer while there is no answer. */
const soonest = 2000;
const latest = 30_000;

/**
 * A run with what was noted of it, on this device too: an event counts at once, is queued, and goes to the program as soon as that answers;
 * in order, each once, for the program keeps the same event only once.
 */
export function useRun(id: string) {
  const queries = useQueryClient();
  const [queued, setQueued] = useState(() => waiting());
  const [offline, setOffline] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const underWay = useRef(false);
  const run = useQuery({
    queryKey: keys.job(id),
    queryFn: () => answerOrKept(api.GET('/api/runs/{id}', { params: { path: { id } } })),
    refetchInterval: 15_000,
    staleTime: 0,
  });
  useEffect(() => onChange(() => setQueued(waiting())), []);

  const send = useCallback(async () => {
    if (underWay.current) return true;
    underWay.current = true;
    const delivered = await deliver(async (of, now) => {
      await queries.cancelQueries({ queryKey: keys.job(of), exact: true }); // was asked for before
      queries.setQueryData(keys.job(of), now);
      void queries.invalidateQueries({ queryKey: keys.days });
    }).finally(() => {
      underWay.current = false;
    });
    setOffline(delivered.offline);
    setProblem(delivered.problem);
    return !delivered.offline && delivered.problem === null;
  }, [queries]);

  const toSend = queued.filter((w) => w.refused === undefined).length;
  useEffect(() => {
    if (toSend === 0) return;
    let wait = soonest;
    let timer = window.setTimeout(again, 0);
    async function again() {
      const went = await send();
      wait = went ? soonest : Math.min(latest, 2 * wait);
      timer = window.setTimeout(again, wait);
    }
    const now = () => {
      window.clearTimeout(timer);
      wait = soonest;
      void again();
    };
    window.addEventListener('online', now);
    return () => {
      window.clearTimeout(timer);
      window.removeEventListener('online', now);
    };
  }, [toSend, send]);

  const mine = queued.filter((w) => w.run === id);
  return {
    run,
    pending: mine.filter((w) => w.refused === undefined).map((w) => w.event),
    refused: mine.filter((w) => w.refused !== undefined),
    discardRefused: () => discardRefused(id),
    note: (event: Event) => enqueue(id, event),
    offline: offline || run.isError || !!run.data?.kept,
    problem,
    kept: isKept(),
  };
}
