/** Words with the ΔE behind them, or without. */
export const withoutDeltaE = (words: string) => words.replaceAll(/\s?\(ΔE\s[\d.]+\)/gu, '');

/** How far two colours are apart, as it is seen. */
export function difference(deltaE: number): string {
  if (deltaE <= 1) return 'no visible difference';
  if (deltaE <= 2) return 'visible side by side';
  return deltaE <= 4 ? 'visible apart' : 'a different colour';
}

/** A dry film, µm, as a painter sees it. */
export function filmWords(dry: number): string {
  if (dry < 4) return 'a breath of a film';
  if (dry < 15) return 'a thin film';
  return dry < 40 ? 'a full film' : 'a heavy film';
}

/** What an abrasive takes, µm, as a painter says it. */
export function depthWords(depth: number): string {
  if (depth < 4) return 'dulls it';
  if (depth < 20) return 'as much as a thin coat';
  return depth < 60 ? 'as much as a full coat' : 'as much as several coats';
}
