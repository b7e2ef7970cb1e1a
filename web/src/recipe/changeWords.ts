import type { Recipe, Step } from '../api/api';

const fields: Readonly<Record<string, string>> = {
  technique: 'technique',
  intent: 'purpose',
  parts: 'parts',
  uses: 'material',
  coats: 'coats',
  weight: 'thickness',
  left: 'share left after wiping',
  grit: 'grit',
  depth: 'depth',
  dwell: 'dwell',
  handsOn: 'hands-on time',
  tool: 'tool',
  strokes: 'direction',
  hand: 'hand',
  where: 'place of the blend',
  layout: 'layout',
  aim: 'sanding purpose',
  masks: 'masking',
  within: 'place',
  share: 'share',
  sections: 'sections',
  wiping: 'wiping',
  wait: 'wait',
  title: 'title',
  note: 'note',
  repeat: 'repeat',
  colours: 'colours',
  at: 'place of the colour',
};
const wholes: readonly (readonly [keyof Recipe, string])[] = [
  ['piece', 'the piece'],
  ['target', 'the target'],
  ['mixes', 'a mix'],
  ['schools', 'practices'],
  ['accepted', 'an accepted finding'],
  ['cleanUp', 'clean-up'],
  ['title', 'the title'],
  ['summary', 'the summary'],
  ['materials', 'a material'],
];

const same = (a: unknown, b: unknown) => JSON.stringify(a ?? null) === JSON.stringify(b ?? null);

/** What one edit of a recipe changed, in a few words: "coats of Smoke glaze", "added: Remove dust". */
export function changeWords(before: Recipe, after: Recipe, nameOf: (step: Step) => string): string {
  const [was, is] = [new Map(before.steps.map((s) => [s.id, s])), new Map(after.steps.map((s) => [s.id, s]))];
  const added = after.steps.filter((s) => !was.has(s.id));
  const removed = before.steps.filter((s) => !is.has(s.id));
  if (added.length > 0 && removed.length === 0) return `added: ${listed(added.map(nameOf))}`;
  if (removed.length > 0 && added.length === 0) return `removed: ${listed(removed.map(nameOf))}`;
  if (added.length > 0) return `replaced: ${listed(removed.map(nameOf))}`;
  const changed = after.steps.filter((s) => !same(s, was.get(s.id)));
  const step = changed[0];
  if (changed.length > 1) return `${changed.length} steps`;
  if (step) {
    const then = was.get(step.id);
    const field = [...new Set([...Object.keys(step), ...Object.keys(then ?? {})])].filter(
      (key) => !same(step[key as keyof Step], then?.[key as keyof Step]),
    );
    return `${listed(field.map((key) => fields[key] ?? key))} of ${nameOf(step)}`;
  }
  if (!same([...was.keys()], [...is.keys()])) {
    const moved = after.steps.find((s, i) => before.steps[i]?.id !== s.id);
    return `order of ${moved ? nameOf(moved) : 'steps'}`;
  }
  const whole = wholes.find(([key]) => !same(before[key], after[key]));
  return whole ? whole[1] : 'an edit';
}

const listed = (names: readonly string[]) => (names.length > 2 ? `${names[0]} and ${names.length - 1} more` : names.join(' and '));
