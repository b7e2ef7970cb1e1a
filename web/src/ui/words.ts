import type { Preview } from '../api/api';

/** Said behind cautions. */
export const deferring = 'Follow the label, the safety data sheet and local rules.';

/** Cautions in a list: who decides is said once, behind the last. */
export const withDeferring = (cautions: readonly string[]) =>
  cautions.map((c, i) => (i < cautions.length - 1 || c.endsWith(deferring) ? c : `${c} ${deferring}`));

/** An exact number as it travels, "0.02" or "1/50", as one to reckon or show with. */
export function asNumber(exact: string): number {
  const [over = '', under = '1'] = exact.split('/');
  return Number(over) / Number(under);
}

/** "2 h 30 min", "21 days": a time the way it is said. */
export function minutes(total: number | null | undefined): string {
  if (total === null || total === undefined) return 'not known';
  if (total < 90) return `${total} min`;
  if (total < 60 * 48) {
    const rest = total % 60;
    return rest === 0 ? `${total / 60} h` : `${Math.floor(total / 60)} h ${rest} min`;
  }
  const days = total / 1440;
  return `${Number.isInteger(days) ? days : days.toFixed(days < 10 ? 1 : 0)} days`;
}

/** What of the hands-on time is not spent on a surface; empty where there is none. */
export function besides({ tools, handling, acts }: Preview['handsOn']): string {
  const parts = [
    tools > 0 && `${minutes(tools)} tools`,
    handling > 0 && `${minutes(handling)} handling parts`,
    acts > 0 && `${minutes(acts)} taking apart, carrying and the like`,
  ].filter(Boolean);
  return parts.length === 0 ? '' : `Of it ${parts.join(', ')}`;
}

/** µm to two figures: films are no more even than that. */
export function microns(value: number): string {
  if (value > 0 && value < 1) return 'under 1 µm';
  return `${Number(value.toPrecision(2))} µm`;
}

/** "1 patch", "6 patches". */
export function counted(count: number, one: string, many: string): string {
  return `${count} ${count === 1 ? one : many}`;
}

export function percent(share: number): string {
  const p = share * 100;
  return `${p >= 10 || Number.isInteger(p) ? Math.round(p) : p.toFixed(1)} %`;
}

// Kept, for making one takes far longer than using it.
const shortly = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short', timeZone: 'UTC' });
const inFull = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', year: 'numeric', timeZone: 'UTC' });

/** "Tue 24 Nov, 08:31", always in the offset the time itself carries: the studio's. */
export function moment(iso: string | null): string {
  return iso === null ? 'no date yet' : `${day(iso)}, ${clock(iso)}`;
}

export function day(iso: string): string {
  return shortly.format(new Date(`${iso.slice(0, 10)}T00:00:00Z`));
}

/** "25 November 2026": where it is to be read years later. */
export function date(iso: string): string {
  return inFull.format(new Date(`${iso.slice(0, 10)}T00:00:00Z`));
}

export function clock(iso: string): string {
  return iso.slice(11, 16);
}

export function money(amount: number | null, currency: string): string {
  return amount === null ? 'no price' : `${currency}\u00a0${amount.toFixed(2)}`;
}

/** "4 × rag", "7 m of masking tape". */
export function consumed(c: Preview['consumables'][number]): string {
  return c.unit ? `${c.count} ${c.unit} of ${c.name}` : `${c.count} × ${c.name}`;
}

export const kinds: Record<string, string> = {
  cleaner: 'Cleaners',
  stripper: 'Strippers',
  neutraliser: 'Neutralisers',
  filler: 'Fillers',
  bleach: 'Bleaches',
  conditioner: 'Conditioners',
  primer: 'Primers',
  paint: 'Paints',
  stain: 'Stains',
  'glazing-medium': 'Glazing media',
  resist: 'Resists',
  wax: 'Waxes',
  oil: 'Oils',
  topcoat: 'Topcoats',
  thinner: 'Thinners',
  plaster: 'Plaster and chalk',
};

export const purposes: Record<string, string> = {
  hide: 'Full cover',
  'broken-cover': 'Broken cover',
  pores: 'Pores and recesses only',
  edges: 'Edges only',
  relief: 'Texture for a later coat',
  functional: 'Functional (clean, seal, barrier)',
};

export const waits: Record<string, string> = {
  touch: 'touch-dry',
  recoat: 'recoat time',
  through: 'through-dry',
  cure: 'cured',
  overnight: 'overnight',
  minutes: 'set time',
  nothing: 'none',
};

/** Where there is little room: what stands before the comma says which it is ("Platform Slate, chalk-type"). */
export function shortName(name: string): string {
  const first = name.length > 22 ? (name.split(',')[0] ?? name) : name;
  return first.length > 24 ? `${first.slice(0, 23)}…` : first;
}

/** Six hexadecimal digits after a #. */
export function isColour(text: string): boolean {
  return /^#[0-9a-f]{6}$/i.test(text);
}

/** Words as they begin a line. */
export function capital(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}
