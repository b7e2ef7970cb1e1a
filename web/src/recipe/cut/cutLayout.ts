import type { Layer, StackPreview } from '../../api/api';

/** Where one step lies in the drawn cut. Pixels, y downwards; `height` is 0 for what leaves no film. */
export type Drawn = { layer: Layer; y: number; height: number; bite: 'through' | 'into' | undefined };

export const woodHeight = 46;
const thinnest = 3;
const leastLine = 8;
/** A very long recipe is drawn smaller, down to this, so that it stays beside its names. */
const least = 0.35;

/** Thickness on screen: compressed, so that a 3 µm wash and an 80 µm coat can both be seen. */
function thick(layer: Layer): number {
  return layer.thickness <= 0 ? 0 : 8 + 7 * Math.log2(1 + layer.thickness / 2);
}

/** The space a wait leaves in the cut: two hours are just seen, a night more, a month most. */
function space(minutes: number): number {
  return minutes <= 0 ? 1.5 : 2 + 2.5 * Math.log2(1 + minutes / 60);
}

/**
 * Lays the films of a cut out from the wood up, waits as the spaces between, stretched to the height of the list beside it
 * so that the lines from film to name stay short.
 */
export function cutLayout(stack: StackPreview, waitOf: (stepId: string) => number, list: number): { drawn: Drawn[]; height: number } {
  const bitten = bites(stack.layers);
  const sizes = stack.layers.map((layer) => {
    const film = layer.effect === 'adds' ? Math.max(thinnest, thick(layer)) : 0;
    const line = layer.effect === 'takes-away' && layer.cover < 1 ? 0 : layer.effect === 'adds' ? 0 : leastLine;
    return { layer, film, above: line + (layer.effect === 'adds' ? space(waitOf(layer.stepId)) : 0) };
  });
  const natural = sizes.reduce((sum, s) => sum + s.film + s.above, 0);
  const stretch = natural === 0 ? 1 : Math.min(3.2, Math.max(least, (list - 12) / natural));
  const height = Math.max(list, natural * stretch + 12) + woodHeight;
  let y = height - woodHeight;
  const drawn = sizes.map(({ layer, film, above }) => {
    y -= film * stretch;
    const here = { layer, y: film > 0 ? y : y - (above * stretch) / 2, height: film * stretch, bite: bitten.get(layer.stepId) };
    y -= above * stretch;
    return here;
  });
  return { drawn, height };
}

/** How far a local removal bites into each layer below it: the whole of those it passes, half of the one it ends in. */
function bites(layers: readonly Layer[]): Map<string, 'through' | 'into'> {
  const bitten = new Map<string, 'through' | 'into'>();
  layers.forEach((layer, i) => {
    if (layer.depth === null || layer.cover >= 1) return;
    for (let k = i - 1; k >= 0; k--) {
      const below = layers[k];
      if (!below || below.thickness <= 0) continue;
      if (below.stepId === layer.reaches) {
        if (!bitten.has(below.stepId)) bitten.set(below.stepId, 'into');
        break;
      }
      bitten.set(below.stepId, 'through');
    }
  });
  return bitten;
}
