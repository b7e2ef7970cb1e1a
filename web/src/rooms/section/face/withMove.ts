import type { Material, Recipe, Step } from '../../../api/api';
import { newId, putMaterial, putMix } from '../../../recipe/edits';
import type { Move } from './WhereDialog';

/** The recipe with the steps of a move after one of its own, and what they take from the shelf; the first of the new steps. */
export function withMove(
  document: Recipe,
  after: string | null,
  move: Move,
  shelf: readonly Material[],
): { document: Recipe; first: string } {
  let next = document;
  const added: Step[] = move.steps.map((step) => {
    for (const part of step.parts) {
      const material = shelf.find((m) => m.id === part.materialId);
      if (material) next = putMaterial(next, material);
    }
    const only = step.parts.length === 1 ? step.parts[0] : undefined;
    const mix = newId('x');
    if (!only) {
      next = putMix(next, {
        id: mix,
        name: step.says.slice(0, 60),
        basis: 'volume',
        parts: step.parts.map((p) => ({ share: String(p.parts), of: { material: p.materialId } })),
      });
    }
    return {
      id: newId('s'),
      technique: step.technique,
      intent: { purpose: step.purpose },
      uses: only ? { material: only.materialId } : { mix },
      coats: step.coats,
      wait: { until: 'recoat' },
    } as Step;
  });
  const at = after === null ? 0 : next.steps.findIndex((s) => s.id === after) + 1;
  return { document: { ...next, steps: [...next.steps.slice(0, at), ...added, ...next.steps.slice(at)] }, first: added[0]?.id ?? '' };
}
