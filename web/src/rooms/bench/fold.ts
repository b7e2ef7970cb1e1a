import type { components } from '../../api/api.gen';

/** Something noted at the bench, as far as it tells how far a job has come. `at` in seconds since 1970. */
export type Noted = components['schemas']['RunEvent'];
export type Done = { started: number | null; finished: number | null; dried: number | null };

/**
 * How far a job has come: works by key, steps that were skipped, after which round a repeated step was found enough, or not; and the entry
 * that undo takes back.
 */
export type Folded = {
  done: Map<string, Done>;
  skipped: Map<string, number>;
  passed: Map<string, number>;
  again: Map<string, number>;
  last: Noted | null;
};

export const keyOf = (of: { step?: string | null | undefined; coat?: number | undefined; lay?: number | undefined }) =>
  `${of.step ?? ''}/${of.coat ?? 1}/${of.lay ?? 1}`;

/**
 * Folds entries into how far a job has come, whatever order they came in: what the program does in `FoldRun`, for the time in which it does
 * not answer. A test holds the two to each other.
 */
export function fold(entries: readonly Noted[]): Folded {
  const standing = standingOf(entries);
  const folded: Folded = { done: new Map(), skipped: new Map(), passed: new Map(), again: new Map(), last: standing.at(-1) ?? null };
  for (const e of standing) {
    const step = e.step ?? '';
    const before = folded.done.get(keyOf(e)) ?? { started: null, finished: null, dried: null };
    if (e.kind === 'started') folded.done.set(keyOf(e), { ...before, started: before.started ?? e.at });
    if (e.kind === 'finished') folded.done.set(keyOf(e), { ...before, finished: before.finished ?? e.at });
    if (e.kind === 'dried' && before.finished !== null) folded.done.set(keyOf(e), { ...before, dried: before.dried ?? e.at });
    if (e.kind === 'skipped') folded.skipped.set(step, e.at);
    if (e.kind === 'passed') {
      folded.passed.set(step, e.coat);
      folded.again.delete(step);
    }
    if (e.kind === 'again') {
      folded.passed.delete(step);
      folded.again.set(step, Math.max(e.coat, folded.again.get(step) ?? 0));
    }
  }
  return folded;
}

/** How many rounds of a step there are, by what was found at the bench: never fewer than are done. */
export function roundsOf({ done, passed, again }: Folded, step: string, expected: number): number {
  const finished = [...done].filter(([key, at]) => at.finished !== null && key.startsWith(`${step}/`)).map(([key]) => coatOf(key));
  return Math.max(passed.get(step) ?? Math.max(expected, 1 + (again.get(step) ?? 0)), ...finished, 0);
}

const coatOf = (key: string) => Number(key.split('/')[1]);

/** In order, each once, without what is retracted and the retractions themselves. */
function standingOf(entries: readonly Noted[]): Noted[] {
  const once = [...new Map(entries.map((e) => [e.id, e])).values()];
  once.sort((a, b) => a.at - b.at || (a.id < b.id ? -1 : 1));
  const by = new Map<string, string[]>();
  for (const e of once) if (e.retracts !== null) by.set(e.retracts, [...(by.get(e.retracts) ?? []), e.id]);
  return once.filter((e) => e.kind !== 'retract' && !isRetracted(e.id, by, new Set()));
}

/** By a retraction that is not retracted itself; `asked` against a ring of them. */
function isRetracted(id: string, by: ReadonlyMap<string, readonly string[]>, asked: ReadonlySet<string>): boolean {
  return !asked.has(id) && (by.get(id) ?? []).some((retraction) => !isRetracted(retraction, by, new Set([...asked, id])));
}
