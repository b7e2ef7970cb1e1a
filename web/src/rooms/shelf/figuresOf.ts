import type { Material } from '../../api/api';

/** Everything that may be stated of a material, beside its name, kind, carrier and density. */
export type Figure =
  | 'spread'
  | 'thinning'
  | 'solids'
  | 'build'
  | 'touch'
  | 'recoat'
  | 'window'
  | 'through'
  | 'cure'
  | 'open'
  | 'pot'
  | 'lowest'
  | 'dries'
  | 'rewets'
  | 'appearance'
  | 'colour'
  | 'tint'
  | 'on wood'
  | 'hiding'
  | 'sheen'
  | 'ambering'
  | 'place';

const wash: readonly Figure[] = ['spread', 'thinning', 'recoat', 'through', 'open', 'lowest'];
const film: readonly Figure[] = [
  'spread',
  'solids',
  'build',
  'touch',
  'recoat',
  'through',
  'cure',
  'lowest',
  'dries',
  'rewets',
  'appearance',
  'place',
];

/** What a label of that kind says. */
const stated: Readonly<Record<Material['kind'], readonly Figure[]>> = {
  cleaner: wash,
  stripper: wash,
  neutraliser: wash,
  bleach: [...wash, 'pot'],
  filler: [...film, 'open', 'pot', 'hiding'],
  plaster: [...film, 'pot'],
  conditioner: [...film, 'window', 'open'],
  primer: [...film, 'thinning', 'open', 'hiding', 'sheen'],
  paint: [...film, 'thinning', 'open', 'pot', 'window', 'tint', 'hiding', 'sheen', 'ambering'],
  stain: [...film, 'thinning', 'open', 'on wood', 'hiding', 'ambering'],
  'glazing-medium': [...film, 'thinning', 'open', 'sheen'],
  resist: film,
  wax: [...film, 'thinning', 'open', 'hiding', 'sheen', 'ambering'],
  oil: [...film, 'thinning', 'open', 'window', 'sheen', 'ambering'],
  topcoat: [...film, 'thinning', 'open', 'window', 'pot', 'sheen', 'ambering'],
  thinner: ['place'],
};

/** And what it says of its colour. */
const coloured: Readonly<Record<Material['look']['kind'], readonly Figure[]>> = {
  opaque: ['colour', 'tint', 'hiding'],
  translucent: ['colour', 'on wood', 'hiding'],
  flake: ['colour', 'hiding'],
  stain: ['on wood'],
  clear: [],
  none: [],
};

const ofColour: readonly Figure[] = ['tint', 'on wood', 'hiding'];

/** What of a material is asked for at once: the rest is a press away. */
export function figuresOf({ kind, look }: { kind: Material['kind']; look: { kind: Material['look']['kind'] } }): ReadonlySet<Figure> {
  const colours = coloured[look.kind];
  return new Set([
    ...stated[kind].filter((f) => !ofColour.includes(f) || colours.includes(f)),
    ...(colours.includes('colour') ? (['colour'] as const) : []),
  ]);
}
