import type { Ingredient } from '../api/api';
import { bench } from '../theme/theme';
import { clearColour } from './Cup';

/** The full-strength colours of a mix as stripes in their proportions; what has no colour of its own is left out. */
export function stripes(ingredients: readonly Pick<Ingredient, 'colour' | 'share'>[]): string {
  const coloured = ingredients.filter((i) => i.colour !== null);
  const total = coloured.reduce((sum, i) => sum + i.share, 0);
  if (total === 0) return clearColour;
  let from = 0;
  const stops = coloured.flatMap((i) => {
    const to = from + (i.share / total) * 100;
    const stop = [`${i.colour} ${from.toFixed(2)}%`, `${i.colour} ${to.toFixed(2)}%`];
    from = to;
    return stop;
  });
  return coloured.length === 1 ? (coloured[0]?.colour ?? clearColour) : `linear-gradient(90deg, ${stops.join(', ')})`;
}

/** A small chip of paint. */
export function Swatch({ colour, size = 22, title }: { colour: string | null; size?: number; title?: string }) {
  return (
    <span
      title={title}
      style={{
        display: 'inline-block',
        width: size,
        height: size,
        flexShrink: 0,
        borderRadius: 2,
        border: '1px solid rgba(34,41,43,.45)',
        background: colour ?? `repeating-linear-gradient(115deg, ${clearColour} 0 3px, ${bench.white} 3px 5px)`,
      }}
    />
  );
}
