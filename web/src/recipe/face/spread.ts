import type { ZoneLook } from '../../api/api';
import { chance, grainIsAcross, size } from './panel';

type Spread = NonNullable<ZoneLook['spread']>;
export type WornPlace = 'edges' | 'corners' | 'handle' | 'feet' | 'rims';

/** A seed that a name always gives. */
function seedOf(name: string): number {
  let h = 2166136261;
  for (const c of name) h = Math.imul(h ^ c.charCodeAt(0), 16777619);
  return h | 0;
}

/** Noise that changes smoothly from cell to cell. */
function smooth(seed: number, x: number, y: number): number {
  const [i, j] = [Math.floor(x), Math.floor(y)];
  const [u, v] = [x - i, y - j];
  const [s, t] = [u * u * (3 - 2 * u), v * v * (3 - 2 * v)];
  const above = chance(seed, i, j) * (1 - s) + chance(seed, i + 1, j) * s;
  const below = chance(seed, i, j + 1) * (1 - s) + chance(seed, i + 1, j + 1) * s;
  return above * (1 - t) + below * t;
}

const strokes = (seed: number, x: number, y: number) => {
  const [along, across] = grainIsAcross(x, y) ? [x, y] : [y, x];
  return smooth(seed, across / 3.5, along / 70) + 0.6 * smooth(seed + 1, across / 14, along / 120) + 0.15 * chance(seed, x, y);
};

const crossed = (seed: number, x: number, y: number) =>
  smooth(seed, (x + y) / 5, (x - y) / 48) + smooth(seed + 1, (x - y) / 5, (x + y) / 48) + 0.1 * chance(seed, x, y);

const points = (seed: number, x: number, y: number) => smooth(seed, x / 2.6, y / 2.6) + 0.3 * chance(seed, x, y);

const patches = (seed: number, x: number, y: number) =>
  smooth(seed, x / 24, y / 24) + 0.5 * smooth(seed + 1, x / 9, y / 9) + 0.22 * smooth(seed + 2, x / 3, y / 3);

/** A plain leaf in a half-drop repeat: the smaller, the deeper inside it. */
const motifs = (seed: number, x: number, y: number) => {
  const column = Math.floor(x / 56);
  const [u, v] = [(x % 56) - 28, ((y + (column % 2) * 35) % 70) - 35];
  return Math.hypot(u / 15, v / 25) + Math.abs(Math.sin(Math.atan2(v, u) * 2)) * 0.35 + 0.02 * chance(seed, x, y);
};

/** A line beside the panel's edge, all round. */
const stripes = (seed: number, x: number, y: number) => {
  const rim = Math.min(x, size.width - 1 - x, y, size.height - 1 - y);
  return Math.min(Math.abs(rim - 34), Math.abs(rim - 92) + 4) + 0.2 * chance(seed, x, y);
};

/** The nearer to where hands and feet wear a front, the smaller. */
function worn(places: readonly WornPlace[]) {
  return (seed: number, x: number, y: number) => {
    const [left, top] = [Math.min(x, size.width - 1 - x), Math.min(y, size.height - 1 - y)];
    const away = {
      edges: Math.min(left, top, Math.abs(Math.min(left, top) - 70)) * 1.2,
      rims: Math.min(left, top),
      corners: Math.hypot(left, top) * 0.45,
      feet: (size.height - 1 - y) * 0.6,
      handle: Math.hypot(x - size.width + 30, y - size.height / 2) * 0.5,
    };
    const nearest = Math.min(...places.map((p) => away[p]), 200);
    return nearest + 26 * smooth(seed, x / 22, y / 22) + 12 * smooth(seed + 1, x / 6, y / 6) + 3 * chance(seed, x, y);
  };
}

/** From the top, or from the rim inwards, with the unsteadiness of a hand. */
const placed = (way: string) => (seed: number, x: number, y: number) =>
  (way === 'in' ? Math.min(x, size.width - 1 - x, y, size.height - 1 - y) * 2 : y) +
  16 * smooth(seed, x / 30, y / 14) +
  5 * chance(seed, x, y);

function fieldOf(spread: Spread, way: string, wornPlaces: readonly WornPlace[]) {
  const named = way.startsWith('at ') ? (way.slice(3).split(' ') as WornPlace[]) : wornPlaces;
  const of = { strokes, crossed, points, patches, motifs, stripes, worn: worn(named), placed: placed(way) };
  return of[spread];
}

/** More than there are pixels. */
const place = 2 ** 18;

/**
 * The pixels of a zone in the order in which a step's levels lie along them: from the thinnest, the most worn, the top. The same way always
 * gives the same order, also on a panel that is so many times as coarse.
 */
export function inOrder(pixels: Uint32Array, spread: Spread, way: string, wornPlaces: readonly WornPlace[], coarse: number): Uint32Array {
  const at = fieldOf(spread, way, wornPlaces);
  const seed = seedOf(way);
  const width = size.width / coarse;
  const value = new Float64Array(pixels.length);
  let [least, most] = [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY];
  for (let i = 0; i < pixels.length; i++) {
    const pixel = pixels[i] as number;
    const own = at(seed, (pixel % width) * coarse, Math.floor(pixel / width) * coarse);
    value[i] = own;
    least = Math.min(least, own);
    most = Math.max(most, own);
  }
  // The value above, the pixel below: numbers are sorted ten times as fast as by a comparison.
  const fine = 2 ** 30 / (most - least || 1);
  for (let i = 0; i < pixels.length; i++) {
    value[i] = Math.round(((value[i] as number) - least) * fine) * place + (pixels[i] as number);
  }
  return Uint32Array.from(value.sort(), (v) => v % place);
}
