import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, api, Problem, type Settings } from '../../api/api';
import { keys } from '../../api/keys';

type Kept = { version: number; settings: Settings };

/** What is set, in words, for what undo brings back. */
const names: Readonly<Partial<Record<keyof Settings, string>>> = {
  drop: 'drop size',
  tolerance: 'ratio tolerance',
  rate: 'hourly rate',
  climate: 'studio climate',
  flame: 'open flame',
  hours: 'working hours',
  helper: 'helper',
  zone: 'time zone',
  measures: 'measuring tools',
  cups: 'cups and trays',
  schools: 'studio practice',
  places: 'other places',
};

/**
 * The studio's settings, saved as they are changed. What is refused stays in its field until it is mended or undone; one save waits for the
 * other, so that none is made over a version that has passed.
 */
export function useKeptSettings(kept: Kept) {
  const queries = useQueryClient();
  const [mine, setMine] = useState<Settings | null>(null);
  const [past, setPast] = useState<readonly { was: Settings; what: string }[]>([]);
  const save = useMutation({
    scope: { id: 'settings' },
    mutationFn: ({ settings, over }: { settings: Settings; over?: number }) =>
      answer(api.PUT('/api/settings', { body: { version: over ?? queries.getQueryData<Kept>(keys.settings)?.version ?? 0, settings } })),
    onSuccess: (saved, { settings }) => {
      queries.setQueryData(keys.settings, saved);
      setMine((now) => (now === settings ? null : now));
    },
  });
  const shown = mine ?? kept.settings;
  const put = (settings: Settings, over?: number) => {
    setMine(settings);
    save.mutate({ settings, ...(over === undefined ? {} : { over }) });
  };
  const problem = save.error instanceof Problem ? save.error : null;
  return {
    shown,
    save,
    problem,
    isKept: mine === null,
    undoes: past.at(-1)?.what ?? null,
    set: (patch: Partial<Settings>) => {
      const what = Object.keys(patch).map((k) => names[k as keyof Settings] ?? k);
      setPast([...past, { was: shown, what: what.join(', ') }]);
      put({ ...shown, ...patch });
    },
    undo: () => {
      const last = past.at(-1);
      if (!last) return;
      setPast(past.slice(0, -1));
      put(last.was);
    },
    /** Somebody else was first: mine goes over theirs, or theirs is taken. */
    keepMine: () => put(shown, problem?.version ?? undefined),
    takeTheirs: () => {
      setMine(null);
      setPast([]);
      save.reset();
      void queries.invalidateQueries({ queryKey: keys.settings });
    },
  };
}
