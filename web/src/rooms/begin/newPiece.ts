import type { Recipe, Vocabulary } from '../../api/api';
import { emptyRecipe } from '../../recipe/edits';

export type Wear = 'light' | 'daily' | 'hard';
export type Ground = { species: string; old: 'bare' | 'varnish' | 'paint'; wear: Wear };

export const firstGround: Ground = { species: 'pine', old: 'bare', wear: 'daily' };

/** A piece of a known wood, with one part, on which finishes are shown; measures and parts come later. */
export function newPiece(ground: Ground, vocabulary: Vocabulary): Recipe['piece'] {
  const { piece } = emptyRecipe('');
  const wood = vocabulary.species.find((s) => s.name === ground.species);
  const [part] = piece.parts;
  if (!part || !wood) return piece;
  return {
    ...piece,
    use: { place: 'dry', wear: ground.wear },
    parts: [
      {
        ...part,
        substrate: {
          kind: 'solid',
          species: wood.name,
          grain: wood.grain,
          colour: wood.colour,
          ...(wood.bleeds.length > 0 ? { bleeds: wood.bleeds } : {}),
        },
        ...(ground.old === 'bare' ? {} : { finish: { kind: ground.old, state: 'sound' }, tests: { age: 'after' } }),
      },
    ],
  };
}
