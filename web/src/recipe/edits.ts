import type { Material, Mix, Named, Recipe, Step } from '../api/api';
import { startColours } from '../ui/startColours';

/** Whatever holds mixes and the materials they are made of: a recipe, or the Mix room. */
export type MixBook = { materials: Material[]; mixes: Mix[] };

/** A short id that is new; works without a secure context, unlike randomUUID. */
export function newId(letter: string): string {
  const bytes = crypto.getRandomValues(new Uint8Array(6));
  return letter + Array.from(bytes, (b) => b.toString(36).padStart(2, '0')).join('');
}

/** The id of the step of a document that a worked out step is, or is a colour of. */
export function documentId(id: string): string {
  return id.split('.')[0] ?? id;
}

export function withStep(doc: Recipe, id: string, patch: Partial<Step>): Recipe {
  return { ...doc, steps: doc.steps.map((s) => (s.id === id ? tidy({ ...s, ...patch }) : s)) };
}

/** Inserts a step before the given index, counted from the wood. */
export function insertStep(doc: Recipe, index: number, step: Step): Recipe {
  return { ...doc, steps: [...doc.steps.slice(0, index), step, ...doc.steps.slice(index)] };
}

function withoutLastResort({ otherwise: _, ...repeat }: NonNullable<Step['repeat']>) {
  return repeat;
}

export function removeStep(doc: Recipe, id: string): Recipe {
  const left = doc.steps.filter((s) => s.id !== id);
  // A step that had it as its last resort has none then.
  return withoutUnused({
    ...doc,
    steps: left.map((s) => (s.repeat?.otherwise === id ? { ...s, repeat: withoutLastResort(s.repeat) } : s)),
  });
}

/**
 * Takes a part out, and with it the steps that were for this part alone (without any part they would be for the whole piece)
 * and the joints it moved in.
 */
export function removePart(doc: Recipe, id: string): Recipe {
  const ofIt = (place: string) => place === id || place.startsWith(`${id}:`);
  const steps = doc.steps
    .map((s) => (s.masks?.includes(id) ? { ...s, masks: s.masks.filter((m) => m !== id) } : s))
    .map((s) => (s.parts?.length ? { ...s, parts: s.parts.filter((p) => !ofIt(p)) } : s))
    .filter((s, i) => s.parts?.length !== 0 || !doc.steps[i]?.parts?.length);
  const { joints = [], ...piece } = doc.piece;
  const left = joints.filter((j) => j.moving.part !== id && j.fixed.part !== id);
  return withoutUnused({
    ...doc,
    piece: { ...piece, ...(left.length > 0 ? { joints: left } : {}), parts: piece.parts.filter((p) => p.id !== id) },
    steps,
  });
}

export function moveStep(doc: Recipe, from: number, to: number): Recipe {
  if (to < 0 || to >= doc.steps.length || from === to) return doc;
  const steps = [...doc.steps];
  const [step] = steps.splice(from, 1);
  if (step) steps.splice(to, 0, step);
  return { ...doc, steps };
}

export function putMix<T extends MixBook>(book: T, mix: Mix): T {
  const known = book.mixes.some((m) => m.id === mix.id);
  return { ...book, mixes: known ? book.mixes.map((m) => (m.id === mix.id ? mix : m)) : [...book.mixes, mix] };
}

/** Takes a copy of a material into the book, unless there is one already. */
export function putMaterial<T extends MixBook>(book: T, material: Material): T {
  return book.materials.some((m) => m.id === material.id) ? book : { ...book, materials: [...book.materials, material] };
}

export function nameOf(book: MixBook, of: Named | null | undefined): string {
  if (of?.mix) return book.mixes.find((m) => m.id === of.mix)?.name ?? 'a missing mix';
  if (of?.material) return book.materials.find((m) => m.id === of.material)?.name ?? 'a missing material';
  return 'nothing';
}

/** What thins a material: water where it will do, else what is carried alike; a powder is thinned with water. */
export function thinnerOf(material: Material, shelf: readonly Material[]): Material | undefined {
  const carrier = material.body.carrier === 'dry' ? 'water' : material.body.carrier;
  const fits = shelf.filter((m) => m.kind === 'thinner' && m.body.carrier === carrier);
  return fits.find((m) => m.id === 'water') ?? fits[0];
}

/** A mix of something and so many parts of thinner to one of it. */
export function thinnedWith(thinner: Material, of: Named, name: string, parts: number): Mix {
  return {
    id: newId('x'),
    name: `${name}, thinned`,
    basis: 'volume',
    parts: [
      { share: '1', of },
      { share: String(parts), of: { material: thinner.id } },
    ],
  };
}

/** The mixes a mix may be put into without containing itself. */
export function usableIn(book: MixBook, mixId: string | null): Mix[] {
  const reaches = (from: string, seen: Set<string>): boolean => {
    if (from === mixId) return true;
    if (seen.has(from)) return false;
    seen.add(from);
    return book.mixes.find((m) => m.id === from)?.parts.some((p) => p.of.mix !== undefined && reaches(p.of.mix, seen)) ?? false;
  };
  return book.mixes.filter((m) => mixId === null || !reaches(m.id, new Set()));
}

/** Leaves out mixes, and copies of materials, that no step comes to use any more. */
export function withoutUnused<T extends MixBook & { steps: Step[]; cleanUp?: Recipe['cleanUp'] }>(doc: T): T {
  const materials = new Set<string>(doc.cleanUp?.with ?? []);
  const mixes = new Set<string>();
  const use = (of: Named | null | undefined) => {
    if (of?.material) materials.add(of.material);
    if (!of?.mix || mixes.has(of.mix)) return;
    mixes.add(of.mix);
    for (const part of doc.mixes.find((m) => m.id === of.mix)?.parts ?? []) use(part.of);
  };
  for (const step of doc.steps) for (const of of [step.uses, ...(step.colours ?? []).map((c) => c.uses)]) use(of);
  return { ...doc, materials: doc.materials.filter((m) => materials.has(m.id)), mixes: doc.mixes.filter((m) => mixes.has(m.id)) };
}

/** What is null is not stated, and not written. */
function tidy(step: Step): Step {
  return Object.fromEntries(Object.entries(step).filter(([, value]) => value !== null && value !== undefined)) as Step;
}

/** Is it still the square metre that a new recipe begins with? */
export const isUnmeasured = ({ parts }: Recipe['piece']) => parts.length === 1 && parts[0]?.id === 'whole' && parts[0].area === 1;

export function emptyRecipe(title: string): Recipe {
  return {
    format: 'inlaid-recipe',
    version: 4,
    title,
    piece: {
      name: 'Untitled piece',
      count: 1,
      parts: [
        {
          id: 'whole',
          name: 'Whole piece',
          area: 1,
          count: 1,
          substrate: { kind: 'solid', species: 'pine', grain: 'close', colour: startColours.pine },
        },
      ],
    },
    materials: [],
    mixes: [],
    steps: [],
  };
}
