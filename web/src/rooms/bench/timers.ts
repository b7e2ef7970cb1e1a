import type { Preview, Step } from '../../api/api';
import { type Done, keyOf } from './fold';
import type { Act } from './progress';

/** Something that ends at a moment: until then it is waited for, or it must be done before. */
export type Timer = {
  key: string;
  name: string;
  what: 'dwell' | 'open' | 'touch' | 'recoat' | 'through' | 'cure' | 'wait';
  from: number;
  until: number;
  of: Act;
};

/**
 * What runs now, from what was begun and done: the dwell of what was begun, how long it stays wet, and what must dry. Seconds since 1970.
 */
export function timersOf(
  acts: readonly Act[],
  done: ReadonlyMap<string, Done>,
  steps: readonly Step[],
  worked: Preview['steps'],
  now: number,
): Timer[] {
  const timers: Timer[] = [];
  for (const act of acts) {
    const at = done.get(keyOf(act));
    const step = steps.find((s) => s.id === act.step);
    const figures = worked.find((w) => w.id === act.step);
    if (!at || !step || !figures) continue;
    const name = figures.name;
    const add = (what: Timer['what'], from: number, minutes: number | null | undefined) => {
      if (minutes && from + 60 * minutes > now - 600)
        timers.push({ key: `${keyOf(act)}/${what}`, name, what, from, until: from + 60 * minutes, of: act });
    };
    if (at.started !== null && at.finished === null) {
      add('dwell', at.started, step.dwell);
      add('open', at.started, figures.drying?.openTime?.planned);
    }
    if (at.finished !== null && at.dried === null && figures.effect === 'adds') {
      // Half of a coat waits until it can be turned, and a coat under another until that can be laid.
      const ofStep = acts.filter((a) => a.step === act.step);
      const isLast = ofStep.at(-1) === act;
      const then = ofStep.find((a) => a.coat === act.coat && a.lay > act.lay);
      const until = isLast ? step.wait.until : then === undefined ? 'recoat' : then.pours ? 'touch' : 'dwell';
      if (until === 'minutes') add('wait', at.finished, step.wait.minutes);
      else if (until === 'dwell') add('dwell', at.finished, step.dwell);
      else if (until !== 'nothing') {
        const what = until === 'overnight' ? 'recoat' : until;
        add(what, at.finished, figures.drying?.[what].planned);
      }
    }
  }
  return timers.sort((a, b) => a.until - b.until);
}
