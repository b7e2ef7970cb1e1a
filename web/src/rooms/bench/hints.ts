import type { Preview, Step } from '../../api/api';
import { minutes } from '../../ui/words';
import { type Done, keyOf } from './fold';
import type { Act } from './progress';

export type Hint = { grave: boolean; words: string };

const span = (seconds: number) => minutes(Math.max(1, Math.round(seconds / 60)));

/**
 * What is to be said of the moment: too early after what lies below, too late for its recoat, or set before it was wiped; and how to go on.
 */
export function hintsOf(
  act: Act,
  acts: readonly Act[],
  done: ReadonlyMap<string, Done>,
  steps: readonly Step[],
  worked: Preview['steps'],
  now: number,
): Hint[] {
  const hints: Hint[] = [];
  const own = worked.find((w) => w.id === act.step);
  const step = steps.find((s) => s.id === act.step);
  const mine = done.get(keyOf(act));
  const onSameParts = (other: string) => {
    const [a, b] = [step?.parts ?? [], steps.find((s) => s.id === other)?.parts ?? []];
    return a.length === 0 || b.length === 0 || a.some((p) => b.includes(p));
  };
  const before = [...acts.slice(0, acts.indexOf(act))]
    .reverse()
    .find((a) => done.get(keyOf(a))?.finished && onSameParts(a.step) && worked.find((w) => w.id === a.step)?.effect === 'adds');
  const below = before && worked.find((w) => w.id === before.step);
  const ended = before && done.get(keyOf(before))?.finished;
  if (below && ended && !mine?.started && own) {
    const rule =
      before.step === act.step ? (before.coat === act.coat ? 'touch' : 'recoat') : steps.find((s) => s.id === before.step)?.wait.until;
    const drying = below.drying;
    const wait =
      rule === 'through'
        ? drying?.through
        : rule === 'touch'
          ? drying?.touch
          : rule === 'cure'
            ? drying?.cure
            : rule === 'nothing'
              ? null
              : drying?.recoat;
    const due = wait?.planned ? ended + 60 * wait.planned : 0;
    if (due > now)
      hints.push({
        grave: false,
        words: `“${below.name}” needs ${span(due - now)} more. Test a hidden spot first.`,
      });
    const most = drying?.recoatMost?.planned;
    if (most && ended + 60 * most < now && own.effect === 'adds')
      hints.push({
        grave: true,
        words:
          `Recoat window of “${below.name}” ended ${span(now - ended - 60 * most)} ago. ` +
          'Scuff with 320 and dust off. Follow the label.',
      });
  }
  const open = own?.drying?.openTime?.planned;
  if (open && mine?.started && !mine.finished && own?.film && own.film.stays < own.film.wet && mine.started + 60 * open < now)
    hints.push({
      grave: true,
      words: 'The start has set. Mist it or wipe with thinner at once. If it won’t move, let it dry, sand and work smaller.',
    });
  return hints;
}
