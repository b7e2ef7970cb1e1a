import type { PaintedFace, PaintedPart, Painting, Preview, Recipe, StackPreview } from '../api/api';
import { documentId } from './edits';
import type { Measured } from './elevation';

/** A face with its looks, as it is painted. */
export const faceOf = (stack: StackPreview): PaintedFace => ({ grain: stack.substrate.grain, after: stack.look.after });

/** The parts of a piece as they are seen from the front, from the measurements of them that were worked out. */
export const measuredParts = (document: Recipe, parts: Preview['parts']): (Measured & Pick<PaintedPart, 'worn'>)[] =>
  document.piece.parts.map((part) => ({
    id: part.id,
    kind: part.shape?.kind ?? null,
    count: part.count ?? 1,
    outline: parts.find((p) => p.id === part.id)?.outline ?? null,
    worn: part.worn ?? ['edges', 'corners'],
  }));

/** What the painted piece needs of a recipe that was worked out: with the looks of its first faces after every step. */
export function paintingOf(document: Recipe, preview: Pick<Preview, 'parts' | 'stacks'>): Painting {
  const first = new Map(
    document.piece.parts.map((part) => {
      const own = preview.stacks.findIndex((s) => s.places.some((p) => p.split(':')[0] === part.id));
      return [part.id, Math.max(0, own)];
    }),
  );
  const stacks = [...new Set(first.values())];
  return {
    parts: measuredParts(document, preview.parts).map((part) => ({ ...part, face: stacks.indexOf(first.get(part.id) ?? 0) })),
    faces: stacks.flatMap((i) => preview.stacks[i] ?? []).map(faceOf),
  };
}

/** The steps that are done after one of the document: none before the first, null where none is named, which is the end. */
export function doneAfter(preview: Preview, after: string | null): ReadonlySet<string> | null {
  if (after === null) return null;
  const until = preview.steps.findLastIndex((s) => documentId(s.id) === after);
  return new Set(preview.steps.slice(0, until + 1).map((s) => s.id));
}
