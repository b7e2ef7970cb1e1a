import { type Folded, fold, keyOf, type Noted, roundsOf } from './fold';
import type { Event } from './queue';
import type { Run } from './useRun';

export type Act = Run['acts'][number];

/** How far a job has come, with what was noted on this device and is not saved yet, and all there is to do. */
export function progress(run: Run, pending: readonly Event[]): Folded & { acts: readonly Act[] } {
  const folded = fold([...run.events, ...pending.map(noted)]);
  const acts = run.document.steps.flatMap((step) => {
    const known = run.acts.filter((a) => a.step === step.id);
    const own = step.repeat ? withRounds(known, roundsOf(folded, step.id, step.coats ?? 1)) : known;
    return folded.skipped.has(step.id) ? own.filter((a) => folded.done.has(keyOf(a))) : own;
  });
  return { ...folded, acts };
}

/** An entry as it waits, as the fold takes it. */
function noted(e: Event): Noted {
  const at = Math.floor(new Date(e.at).getTime() / 1000);
  return { id: e.id, at, kind: e.kind, step: e.step ?? null, coat: e.coat ?? 1, lay: e.lay ?? 1, retracts: e.retracts ?? null };
}

/** So many rounds of a step; more than there are, like the last one. */
function withRounds(own: readonly Act[], rounds: number): readonly Act[] {
  if (own.length === 0) return own;
  const most = Math.max(...own.map((a) => a.coat));
  const last = own.filter((a) => a.coat === most);
  const more = Array.from({ length: Math.max(0, rounds - most) }, (_, i) => last.map((a) => ({ ...a, coat: most + 1 + i })));
  return [...own.filter((a) => a.coat <= rounds), ...more.flat()];
}

/** The round just done of a step that is repeated until something is so, where nobody has said yet whether it is. */
export function toBeJudged(at: number, steps: Run['document']['steps'], { acts, done, passed, again }: ReturnType<typeof progress>) {
  const [next, before] = [acts[at], acts[(at < 0 ? acts.length : at) - 1]];
  const repeat = steps.find((s) => s.id === before?.step)?.repeat;
  if (!before || !repeat || before.coat < repeat.least || (next?.step === before.step && next.coat === before.coat)) return null;
  if (next && done.get(keyOf(next))?.started) return null;
  return passed.get(before.step) === before.coat || (again.get(before.step) ?? 0) >= before.coat
    ? null
    : { round: before, until: repeat.until, last: before.coat >= repeat.most, otherwise: repeat.otherwise ?? null };
}
