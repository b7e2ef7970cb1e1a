/** Shares of a place in the words one has for them, but for all of it. */
export const shares = [
  [0.7, 'most'],
  [0.5, 'half'],
  [0.33, 'a third'],
  [0.1, 'a tenth'],
  [0.02, 'a spot'],
] as const;

/** How heavy the hand is. */
export const hands = [
  ['light', 'light'],
  ['middle', 'medium'],
  ['heavy', 'heavy'],
] as const;
