import type { components } from '../api/api.gen';
import { moment } from '../ui/words';

type Pour = components['schemas']['PourPreview'];
type PouredMix = components['schemas']['PouredMix'];

/** What is mixed for a coat; for one that nobody planned, the last. */
export function mixOf(pour: Pour | null, coat: number): PouredMix | null {
  return pour?.mixes.find((m) => m.coats.includes(coat)) ?? pour?.mixes.at(-1) ?? null;
}

/** "coat 2", or "coats 1 to 4": one after another, as a pot is used up. */
export function coatsOf({ coats }: PouredMix): string {
  return coats.length > 1 ? `coats ${coats[0]} to ${coats.at(-1)}` : `coat ${coats[0]}`;
}

/** "Mix Tue 24 Nov, 08:00 for coat 2". */
export function mixedFor(mix: PouredMix): string {
  return `Mix ${mix.at === null ? '' : `${moment(mix.at)} `}for ${coatsOf(mix)}`;
}
