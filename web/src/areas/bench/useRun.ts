import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useState } from 'react';
import { answer, api, Problem } from '../../app/api';
import type { components } from '../../app/api.gen';
import { type Event, enqueue, onChange, settle, waiting } from './queue';

export type Run = components['schemas']['RunOpened'];

const every = 4000;

/**
 * A run with what was noted of it, on this device too: an event counts at once, is queued, and goes to the program as soon as that answers; in order, each once, for the program keeps the same event only once.
 */
export function useRun(id: string) {
  const queries = useQueryClient();
  const [queued, setQueued] = useState(() => waiting());
  const [offline, setOffline] = useState(false);
  const [refused, setRefused] = useState<string | null>(null);
  const run = useQuery({
    queryKey: ['run', id],
    queryFn: () => answer(api.GET('/api/runs/{id}', { params: { path: { id } } })),
    refetchInterval: 15_000,
    staleTime: 0,
  });
  useEffect(() => onChange(() => setQueued(waiting())), []);

  const send = useCallback(async () => {
    const mine = waiting();
    const of = mine[0]?.run;
    if (!of) return;
    const events = mine.filter((w) => w.run === of).map((w) => w.event);
    try {
      const noted = await answer(api.POST('/api/runs/{id}/events', { params: { path: { id: of } }, body: { events } }));
      settle(new Set(events.map((e) => e.id)));
      queries.setQueryData(['run', of], noted.run);
      void queries.invalidateQueries({ queryKey: ['days'] });
      void queries.invalidateQueries({ queryKey: ['run', of], exact: true }); // and so the worker keeps it
      setOffline(false);
      setRefused(noted.refused[0]?.why ?? null);
    } catch (error) {
      // A run that is not there any more must not block what was noted of others.
      if (error instanceof Problem && error.status < 500) {
        settle(new Set(events.map((e) => e.id)));
        setRefused(error.message);
      } else setOffline(true);
    }
  }, [queries]);

  useEffect(() => {
    if (queued.length === 0) return;
    const now = window.setTimeout(() => void send(), 0);
    const again = window.setInterval(() => void send(), every);
    window.addEventListener('online', send);
    return () => {
      window.clearTimeout(now);
      window.clearInterval(again);
      window.removeEventListener('online', send);
    };
  }, [queued, send]);

  const note = (event: Event) => {
    setRefused(null);
    enqueue(id, event);
  };
  const mine = queued.filter((w) => w.run === id).map((w) => w.event);
  return { run, pending: mine, note, offline: offline || run.isError, refused };
}
