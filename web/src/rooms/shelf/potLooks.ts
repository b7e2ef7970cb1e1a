import type { Pot } from '../../api/api';
import { bench } from '../../theme/theme';
import { stripes } from '../../ui/Swatch';

/** Its full-strength colours side by side; empty it shows none. */
export function potColour(pot: Pot): string {
  return pot.holds ? stripes(pot.holds.lines.map((l) => ({ colour: l.colour, share: l.volume }))) : bench.paper;
}

export function isPast(useBy: string | null): boolean {
  return useBy !== null && useBy < new Date().toISOString().slice(0, 10);
}
