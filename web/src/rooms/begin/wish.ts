import type { components } from '../../api/api.gen';
import type { Zone } from '../../recipe/face/panel';
import { isColour } from '../../ui/words';

type Schemas = components['schemas'];
export type SearchLine = Schemas['SearchLine'];
export type Proposal = Schemas['Proposal'];
export type Proposals = Schemas['Proposals'];
export type SoFar = Schemas['SoFar'];

export type Colours = Record<Zone, string | null>;
export type Wish = {
  colours: Colours;
  lively: 'any' | 'even' | 'soft' | 'broken';
  sheen: 'any' | 'chalky' | 'matt' | 'eggshell' | 'satin' | 'gloss';
  mayBuy: boolean;
  woodShows: boolean;
  hours: number | null;
  cost: number | null;
};

export const noWish: Wish = {
  colours: { field: null, edge: null, recess: null, pore: null },
  lively: 'any',
  sheen: 'any',
  mayBuy: true,
  woodShows: false,
  hours: null,
  cost: null,
};

/** What the search is asked, or null as long as the flat has no colour. */
export function asked(wish: Wish, piece: unknown) {
  const colours = (Object.entries(wish.colours) as [Zone, string | null][]).filter((c): c is [Zone, string] => isColour(c[1] ?? ''));
  if (!colours.some(([zone]) => zone === 'field')) return null;
  return {
    piece,
    colours: colours.map(([zone, colour]) => ({ zone, colour })),
    ...(wish.lively === 'any' ? {} : { lively: wish.lively }),
    ...(wish.sheen === 'any' ? {} : { sheen: wish.sheen }),
    mayBuy: wish.mayBuy,
    woodShows: wish.woodShows,
    ...(wish.hours === null ? {} : { minutes: Math.round(60 * wish.hours) }),
    ...(wish.cost === null ? {} : { cost: wish.cost }),
  };
}

/** How different two colours look, in words. */
export function near(apart: number): string {
  if (apart < 1) return 'the same to the eye';
  if (apart < 2.5) return 'hardly distinguishable';
  if (apart < 5) return 'a little off';
  if (apart < 10) return 'clearly another shade';
  return 'another colour';
}

/** What is off about a zone, in words: lighter or darker, duller or stronger. */
export function how(zone: Proposal['zones'][number]): string {
  const words = [
    ...(Math.abs(zone.lighter) >= 2 ? [zone.lighter > 0 ? 'lighter' : 'darker'] : []),
    ...(Math.abs(zone.stronger) >= 2 ? [zone.stronger > 0 ? 'stronger' : 'duller'] : []),
  ];
  return words.length > 0 ? words.join(' and ') : 'of another hue';
}

const slips = {
  thicker: 'is applied a fifth thicker',
  thinner: 'is applied a fifth thinner',
  longer: 'is left twice as long',
  shorter: 'is left half as long',
  thirstier: 'is thirstier than usual',
} as const;

/** What could go wrong, in a sentence; null where nothing is seen of it. */
export function risk({ step, slip, apart }: Proposal['risks'][number]): string | null {
  if (apart < 1) return null;
  const moves = apart < 2.5 ? 'it just shows' : apart < 5 ? 'the look moves a little' : 'it is another look';
  return `If ${step === null ? 'the wood' : `“${step}”`} ${slips[slip]}, ${moves}.`;
}
