import type { PaintedAfter, PaintedFace, PaintedZone } from '../../api/api';
import { size, type Zone, zonesOfPanel } from './panel';
import { inOrder, type WornPlace } from './spread';

/** Which patch every pixel belongs to, after each step; a step that divides nothing shares the map before it. */
type Maps = { pixels: Uint32Array; after: Uint16Array[] };

/** A face made ready: after it, any step of it is painted by looking colours up. */
export type Ready = { after: readonly PaintedAfter[]; zones: ReadonlyMap<Zone, Maps>; coarse: number };

/** Of one patch: up to which of its pixels, and to which patch they go. */
type Cut = { until: number; to: number };

function cutsOf(look: PaintedZone, sizes: ReadonlyMap<number, number>): Map<number, Cut[]> {
  const divided = look.divided ?? [];
  const whole = new Map<number, number>();
  for (const d of divided) whole.set(d.from, (whole.get(d.from) ?? 0) + d.share);
  const cuts = new Map<number, Cut[]>();
  const sums = new Map<number, number>();
  for (const { from, share, to } of divided) {
    const sum = (sums.get(from) ?? 0) + share;
    sums.set(from, sum);
    const until = Math.round(((sizes.get(from) ?? 0) * sum) / (whole.get(from) ?? 1));
    cuts.set(from, [...(cuts.get(from) ?? []), { until, to }]);
  }
  return cuts;
}

/**
 * Hands every pixel on from patch to patch as the shares were handed on, so that the painted shares are the reckoned ones to a pixel: of
 * every patch so many of its pixels go to each of those it was divided into, in the order in which they lie along the step's spread.
 */
function divide(before: Uint16Array, look: PaintedZone, order: Uint32Array): Uint16Array {
  const sizes = new Map<number, number>();
  const counts = new Uint32Array(1 + order.reduce((most, pixel) => Math.max(most, before[pixel] as number), 0));
  for (const pixel of order) counts[before[pixel] as number] = (counts[before[pixel] as number] as number) + 1;
  counts.forEach((count, patch) => {
    sizes.set(patch, count);
  });
  const cuts = cutsOf(look, sizes);
  const lists = Array.from(counts, (_, patch) => cuts.get(patch) ?? []);
  const now = new Uint16Array(before.length);
  const taken = new Uint32Array(counts.length);
  const at = new Uint16Array(counts.length);
  for (const pixel of order) {
    const from = before[pixel] as number;
    const list = lists[from] as Cut[];
    let cut = at[from] as number;
    while (cut < list.length - 1 && (taken[from] as number) >= (list[cut] as Cut).until) cut++;
    at[from] = cut;
    taken[from] = (taken[from] as number) + 1;
    now[pixel] = list[cut]?.to ?? 0;
  }
  return now;
}

const panels = new Map<string, ReturnType<typeof zonesOfPanel>>();
const orders = new Map<string, Uint32Array>();
/** Half a megabyte each at most: enough for a wall of finishes. */
const mostOrders = 60;

function panelOf(grain: PaintedFace['grain'], coarse: number) {
  const known = panels.get(`${grain} ${coarse}`) ?? zonesOfPanel(grain, coarse);
  panels.set(`${grain} ${coarse}`, known);
  return known;
}

/** The same for every face with the same grain and wear, and kept: most of what painting takes. */
function orderOf(key: string, make: () => Uint32Array): Uint32Array {
  const known = orders.get(key) ?? make();
  if (orders.size >= mostOrders) orders.clear();
  orders.set(key, known);
  return known;
}

/** Makes a face ready from the zones that were worked out; a coarse one, for a chip, has half as many pixels across and down. */
export function makeReady({ grain, after }: PaintedFace, wornPlaces: readonly WornPlace[], coarse: 1 | 2 = 1): Ready {
  const panel = panelOf(grain, coarse);
  const zones = new Map<Zone, Maps>();
  for (const { zone } of after[0]?.zones ?? []) {
    const pixels = panel[zone];
    let labels: Uint16Array = new Uint16Array((size.width * size.height) / coarse ** 2);
    const maps = [labels];
    for (const step of after.slice(1)) {
      const look = step.zones.find((z) => z.zone === zone);
      if (look?.divided && look.spread && look.way) {
        const { spread, way } = look;
        const order = orderOf([coarse, grain, zone, spread, way, ...wornPlaces].join(' '), () =>
          inOrder(pixels, spread, way, wornPlaces, coarse),
        );
        labels = divide(labels, look, order);
      }
      maps.push(labels);
    }
    zones.set(zone, { pixels, after: maps });
  }
  return { after, zones, coarse };
}

/** A colour as a canvas holds it. */
function packed(hex: string): number {
  const n = Number.parseInt(hex.slice(1), 16);
  return (0xff000000 | ((n & 0xff) << 16) | (n & 0xff00) | (n >> 16)) >>> 0;
}

/**
 * Paints the face as it is after one of its steps; 0 is the ground. With a target its right half is as wanted, zones without a colour of
 * their own like the flat.
 */
export function paint(image: ImageData, ready: Ready, at: number, target?: Partial<Record<Zone, string | null>> | null): void {
  const out = new Uint32Array(image.data.buffer);
  for (const look of ready.after[at]?.zones ?? []) {
    const maps = ready.zones.get(look.zone);
    const labels = maps?.after[at];
    if (!maps || !labels) continue;
    const colours = Uint32Array.from(look.colours, packed);
    const { pixels } = maps;
    for (const pixel of pixels) out[pixel] = colours[labels[pixel] as number] as number;
    // Split with the target: its right half is as wanted.
    const wanted = target?.[look.zone] ?? target?.field;
    if (!wanted) continue;
    const half = packed(wanted);
    const width = size.width / ready.coarse;
    for (const pixel of pixels) if (pixel % width >= width / 2) out[pixel] = half;
  }
}

export const blank = ({ coarse } = { coarse: 1 }) => new ImageData(size.width / coarse, size.height / coarse);

/** A face as it is after one of its steps, on a canvas of its own. */
export function canvasOf(face: Ready, at: number): HTMLCanvasElement {
  const own = document.createElement('canvas');
  const image = blank(face);
  [own.width, own.height] = [image.width, image.height];
  paint(image, face, at);
  own.getContext('2d')?.putImageData(image, 0, 0);
  return own;
}
