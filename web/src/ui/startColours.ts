/** Colours a field begins with, or gives as an example, until the painter enters their own. */
export const startColours = {
  sage: '#7f8a6b',
  pine: '#e0bd86',
  filler: '#cdb48a',
  grey: '#808080',
} as const;
