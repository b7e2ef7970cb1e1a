import type { Material, Mix, Named, Recipe, Step } from '../../api/api';
import { insertStep, nameOf, putMaterial, putMix, thinnedWith, withoutUnused } from '../../recipe/edits';
import type { Act } from './progress';
import type { Event } from './queue';
import type { Run } from './useRun';

/** A step nobody planned, as far as it has been said. */
export type Said = {
  technique: string;
  title?: string;
  places: readonly string[];
  within: NonNullable<Step['within']>;
  share: number;
  uses: Named | null;
  /** What it uses, where it is not in the recipe yet. */
  material?: Material;
  /** Parts of thinner to one of it; 0 as it is. */
  thinned: number;
  hand: NonNullable<Step['hand']>;
  tool: Step['tool'];
};

export type Change = Pick<Event, 'kind' | 'step' | 'of' | 'before' | 'coat' | 'does'>;

/** The same id the program gives it: known before it answers. */
export const improvisedId = (event: string) => `i-${event}`;

/** What is said, as an entry says it: a step without an id, with copies of what it needs. */
export function doesOf(said: Said, document: Recipe, thinner: Material | undefined): NonNullable<Event['does']> {
  const thinned =
    said.thinned > 0 && said.uses && thinner
      ? thinnedWith(thinner, said.uses, said.material?.name ?? nameOf(document, said.uses), said.thinned)
      : null;
  const uses = thinned ? { mix: thinned.id } : said.uses;
  const step = {
    technique: said.technique,
    ...(said.title ? { title: said.title } : {}),
    intent: { purpose: said.within.includes('edges') ? 'edges' : said.share < 1 ? 'functional' : 'broken-cover' },
    ...(said.places.length > 0 ? { parts: [...said.places] } : {}),
    ...(said.within.length > 0 ? { within: said.within } : {}),
    ...(said.share < 1 ? { share: said.share } : {}),
    ...(uses ? { uses } : {}),
    coats: 1,
    ...(said.hand === 'middle' ? {} : { hand: said.hand }),
    ...(said.tool ? { tool: said.tool } : {}),
    wait: { until: said.uses ? 'recoat' : 'nothing' },
  };
  const needed = withoutUnused({
    materials: [...document.materials, ...(said.material ? [said.material] : []), ...(thinned && thinner ? [thinner] : [])].filter(
      (m, i, all) => all.findIndex((o) => o.id === m.id) === i,
    ),
    mixes: [...document.mixes, ...(thinned ? [thinned] : [])],
    steps: [{ ...step, id: 'it' } as Step],
  });
  return { step, materials: needed.materials, mixes: needed.mixes };
}

/**
 * A job with what was improvised on this device and is not saved yet, in its place: its step, what that needs, and what there is to do.
 * What it takes is worked out when the program answers.
 */
export function withPending(run: Run, pending: readonly Event[]): Run {
  let { document, acts } = run;
  for (const e of pending) {
    if (!e.does) continue;
    const does = e.does as { step: Partial<Step>; materials?: Material[]; mixes?: Mix[] };
    if (e.kind === 'otherwise') {
      document = { ...document, steps: document.steps.map((s) => (s.id === e.step ? ({ ...s, ...does.step } as Step) : s)) };
    } else if (e.kind === 'improvised' && !document.steps.some((s) => s.id === improvisedId(e.id))) {
      const step = { ...does.step, id: improvisedId(e.id) } as Step;
      const at = document.steps.findIndex((s) => s.id === e.before);
      const place = at < 0 ? document.steps.length : at;
      document = (does.mixes ?? []).reduce(putMix, (does.materials ?? []).reduce(putMaterial, document));
      document = insertStep(document, place, step);
      const own: Act = { step: step.id, coat: 1, lay: 1, minutes: 0, half: null, pours: !!step.uses };
      acts = [...acts, own];
    }
  }
  return { ...run, document, acts };
}
