/** Pieces are told apart by a letter and a colour, in the order in which they were put on the bench. */
const colours = ['#2E6A5E', '#8A4B2A', '#3F5877', '#7A6A1F', '#6B4668', '#4C6B2F', '#874040', '#3B6670'];

export function markOf(pieces: readonly { id: string }[], id: string) {
  const at = pieces.findIndex((p) => p.id === id);
  return { letter: String.fromCharCode(65 + (Math.max(0, at) % 26)), colour: colours[Math.max(0, at) % colours.length] ?? colours[0] };
}
