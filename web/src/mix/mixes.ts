import type { components } from '../api/api.gen';
import { moment } from '../ui/words';

type Pour = components['schemas']['PourPreview'];
type PouredMix = components['schemas']['PouredMix'];

/** What is mixed for a coat; for one that nobody planned, the last. */
export function mixOf(pour: Pour | null, coat: number): PouredMix | null {
  return pour?.mixes.find((m) => m.coats.includes(coat)) ?? pour?.mixes.at(-1) ?? null;
}

/** "coat 2", or "coats 1, 2". */
export function coatsOf(mix: PouredMix): string {
  return `coat${mix.coats.length > 1 ? 's' : ''} ${mix.coats.join(', ')}`;
}

/** "Mix Tue 24 Nov, 08:00 for coat 2". */
export function mixedFor(mix: PouredMix): string {
  return `Mix ${mix.at === null ? '' : `${moment(mix.at)} `}for ${coatsOf(mix)}`;
}
