import type { Event } from './queue';
import type { Run } from './useRun';

export type Act = Run['acts'][number];
export type Done = { started: number | null; finished: number | null };
type Noted = Pick<Event, 'id' | 'at' | 'kind' | 'step' | 'coat' | 'lay'>;

export const keyOf = (a: { step?: string | null | undefined; coat?: number | undefined; lay?: number | undefined }) =>
  `${a.step}/${a.coat ?? 1}/${a.lay ?? 1}`;

/**
 * How far each act has come, in seconds since 1970: as the program last said, and what was noted on this device since. Once the program has kept those it says the same.
 */
export function progress(run: Run, pending: readonly Event[]) {
  const done = new Map<string, Done>(run.works.map((w) => [keyOf(w), { started: w.started, finished: w.finished }]));
  const skipped = new Set(run.skipped);
  const undone = new Set(pending.flatMap((e) => e.retracts ?? []));
  if (run.last && undone.has(run.last.id)) undo(run.last, done, skipped);
  const standing: Noted[] = pending.filter((e) => e.kind !== 'retract' && !undone.has(e.id)).sort((a, b) => a.at.localeCompare(b.at));
  for (const e of standing) {
    const at = Math.floor(new Date(e.at).getTime() / 1000);
    const before = done.get(keyOf(e));
    if (e.kind === 'started') done.set(keyOf(e), { started: before?.started ?? at, finished: before?.finished ?? null });
    if (e.kind === 'finished') done.set(keyOf(e), { started: before?.started ?? null, finished: before?.finished ?? at });
    if (e.kind === 'skipped' && e.step) skipped.add(e.step);
  }
  const last: Noted | null = standing.at(-1) ?? (run.last && !undone.has(run.last.id) ? run.last : null);
  return { done, skipped, last };
}

function undo(e: Noted, done: Map<string, Done>, skipped: Set<string>) {
  const before = done.get(keyOf(e));
  if (e.kind === 'started') done.delete(keyOf(e));
  if (e.kind === 'finished') done.set(keyOf(e), { started: before?.started ?? null, finished: null });
  if (e.kind === 'skipped' && e.step) skipped.delete(e.step);
}
