import type { Event } from './queue';
import type { Run } from './useRun';

export type Act = Run['acts'][number];
export type Done = { started: number | null; finished: number | null; dried: number | null };
type Noted = Pick<Event, 'id' | 'at' | 'kind' | 'step' | 'coat' | 'lay'>;

export const keyOf = (a: { step?: string | null | undefined; coat?: number | undefined; lay?: number | undefined }) =>
  `${a.step}/${a.coat ?? 1}/${a.lay ?? 1}`;

/**
 * How far each act has come, in seconds since 1970: as the program last said, and what was noted on this device since. Once the program has kept those it says the same.
 */
export function progress(run: Run, pending: readonly Event[]) {
  const done = new Map<string, Done>(
    run.works.map((w) => [keyOf(w), { started: w.started, finished: w.finished, dried: w.dried ?? null }]),
  );
  const skipped = new Set(run.skipped);
  const undone = new Set(pending.flatMap((e) => e.retracts ?? []));
  if (run.last && undone.has(run.last.id)) undo(run.last, done, skipped);
  const standing: Noted[] = pending.filter((e) => e.kind !== 'retract' && !undone.has(e.id)).sort((a, b) => a.at.localeCompare(b.at));
  for (const e of standing) {
    const at = Math.floor(new Date(e.at).getTime() / 1000);
    const before = done.get(keyOf(e));
    const is = { started: before?.started ?? null, finished: before?.finished ?? null, dried: before?.dried ?? null };
    if (e.kind === 'started') done.set(keyOf(e), { ...is, started: is.started ?? at });
    if (e.kind === 'finished') done.set(keyOf(e), { ...is, finished: is.finished ?? at });
    if (e.kind === 'dried' && is.finished !== null) done.set(keyOf(e), { ...is, dried: is.dried ?? at });
    if (e.kind === 'skipped' && e.step) skipped.add(e.step);
  }
  const found = { passed: new Map(Object.entries(run.passed)), again: new Map(Object.entries(run.again)) };
  let acts = run.acts;
  for (const e of standing) {
    const [step, coat] = [e.step ?? '', e.coat ?? 1];
    if (e.kind !== 'passed' && e.kind !== 'again') continue;
    found.passed.delete(step);
    found[e.kind].set(step, coat);
    acts = e.kind === 'again' ? withRound(acts, step, coat + 1) : acts.filter((a) => a.step !== step || a.coat <= coat);
  }
  acts = acts.filter((a) => !skipped.has(a.step) || done.get(keyOf(a)));
  const last: Noted | null = standing.at(-1) ?? (run.last && !undone.has(run.last.id) ? run.last : null);
  return { done, acts, found, last };
}

/** With one round more of a step, like the one before it, unless it is there already. */
function withRound(acts: readonly Act[], step: string, coat: number): Act[] {
  const before = acts.filter((a) => a.step === step && a.coat === coat - 1);
  const at = acts.findLastIndex((a) => a.step === step) + 1;
  if (before.length === 0 || acts.some((a) => a.step === step && a.coat >= coat)) return [...acts];
  return [...acts.slice(0, at), ...before.map((a) => ({ ...a, coat })), ...acts.slice(at)];
}

/** The round just done of a step that is repeated until something is so, where nobody has said yet whether it is. */
export function toBeJudged(at: number, steps: Run['document']['steps'], { acts, done, found }: ReturnType<typeof progress>) {
  const [next, before] = [acts[at], acts[(at < 0 ? acts.length : at) - 1]];
  const repeat = steps.find((s) => s.id === before?.step)?.repeat;
  if (!before || !repeat || before.coat < repeat.least || (next?.step === before.step && next.coat === before.coat)) return null;
  if (next && done.get(keyOf(next))?.started) return null;
  return found.passed.get(before.step) === before.coat || (found.again.get(before.step) ?? 0) >= before.coat
    ? null
    : { round: before, until: repeat.until, last: before.coat >= repeat.most, otherwise: repeat.otherwise ?? null };
}

function undo(e: Noted, done: Map<string, Done>, skipped: Set<string>) {
  const before = done.get(keyOf(e));
  if (e.kind === 'started') done.delete(keyOf(e));
  if (e.kind === 'finished') done.set(keyOf(e), { started: before?.started ?? null, finished: null, dried: null });
  if (e.kind === 'dried' && before) done.set(keyOf(e), { ...before, dried: null });
  if (e.kind === 'skipped' && e.step) skipped.delete(e.step);
}
