import type { Preview, Recipe, Vocabulary } from '../../../api/api';
import { newId } from '../../../recipe/edits';
import { startColours } from '../../../ui/startColours';

export type Part = Recipe['piece']['parts'][number];
export type Joint = NonNullable<Recipe['piece']['joints']>[number];

export type PartProps = {
  part: Part;
  worked: Preview['parts'][number] | undefined;
  vocabulary: Vocabulary;
  set: (patch: Partial<Part>) => void;
  /** What is stated of this part, stated of all others too; null where there are none. */
  setAll: ((patch: Partial<Part>) => void) | null;
  wrong: (field: string) => string | undefined;
};

export function withPart(doc: Recipe, id: string, patch: Partial<Part>): Recipe {
  return { ...doc, piece: { ...doc.piece, parts: doc.piece.parts.map((p) => (p.id === id ? tidy({ ...p, ...patch }) : p)) } };
}

/** Another part beside the given one, of the same wood. */
export function addPart(doc: Recipe, like: Part | undefined, shape: Vocabulary['shapes'][number] | null): { doc: Recipe; id: string } {
  const id = newId('p');
  const substrate = like?.substrate ?? { kind: 'solid' as const, species: 'pine', grain: 'close' as const, colour: startColours.pine };
  const part: Part = {
    id,
    name: shape?.name ?? 'Another part',
    count: 1,
    ...(shape ? { shape: usualShape(shape) } : { area: 0.5 }),
    substrate,
    ...(like?.finish ? { finish: like.finish } : {}),
  };
  return { doc: { ...doc, piece: { ...doc.piece, parts: [...doc.piece.parts, part] } }, id };
}

/** A shape as one mostly meets it. */
export function usualShape(shape: Vocabulary['shapes'][number]): NonNullable<Part['shape']> {
  return {
    kind: shape.key,
    size: Object.fromEntries(shape.sizes.map((s) => [s.key, s.usual])),
    faces: shape.faces.filter((f) => f.usual).map((f) => f.key),
  };
}

export function withJoints(doc: Recipe, joints: Joint[]): Recipe {
  const { joints: _, ...piece } = doc.piece;
  return { ...doc, piece: joints.length === 0 ? piece : { ...piece, joints } };
}

/** Every face of every part, to be chosen from. */
export function places(doc: Recipe, vocabulary: Vocabulary): [string, string][] {
  return doc.piece.parts.flatMap((p): [string, string][] => {
    const shape = vocabulary.shapes.find((s) => s.key === p.shape?.kind);
    if (!p.shape) return [[`${p.id}:whole`, p.name]];
    return p.shape.faces.map((f) => [`${p.id}:${f}`, `${p.name}, ${shape?.faces.find((x) => x.key === f)?.name.toLowerCase() ?? f}`]);
  });
}

/** What is null is not stated, and not written. */
function tidy(part: Part): Part {
  return Object.fromEntries(Object.entries(part).filter(([, value]) => value !== null && value !== undefined)) as Part;
}
