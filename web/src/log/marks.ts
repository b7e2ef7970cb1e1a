import { pieceColours } from '../theme/theme';

/** Pieces are told apart by a letter and a colour, in the order in which they were put on the bench. */
export function markOf(pieces: readonly { id: string }[], id: string) {
  const at = pieces.findIndex((p) => p.id === id);
  return {
    letter: String.fromCharCode(65 + (Math.max(0, at) % 26)),
    colour: pieceColours[Math.max(0, at) % pieceColours.length] ?? pieceColours[0],
  };
}
