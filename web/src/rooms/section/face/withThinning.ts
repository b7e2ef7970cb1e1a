import type { Recipe, Step } from '../../../api/api';
import { putMix, withStep } from '../../../recipe/edits';
import type { Rung } from './SolveDialog';

/** The recipe with a step's mix in other shares, and so many coats. What the mix was written as no longer holds. */
export function withThinning(document: Recipe, step: Step, rung: Rung): Recipe {
  const mix = document.mixes.find((m) => m.id === step.uses?.mix);
  if (!mix) return document;
  const { written: _written, ...rest } = mix;
  const thinned = { ...rest, parts: mix.parts.map((p, i) => ({ ...p, share: rung.shares[i] ?? p.share })) };
  return withStep(putMix(document, thinned), step.id, { coats: rung.coats, repeat: null });
}
