import type { ZoneLook } from '../../api/api';

export type Zone = ZoneLook['zone'];

export const zones: readonly Zone[] = ['field', 'edge', 'recess', 'pore'];

export const zoneNames: Readonly<Record<Zone, string>> = { field: 'Flat areas', edge: 'Edges', recess: 'Recesses', pore: 'Pores' };

/** The size of the painted face, in its own pixels. */
export const size = { width: 400, height: 330 } as const;

const frame = 62;
const arris = 5;
const quirk = 7;
const bead = 6;

/** How far inside the rim the edges of its profile lie, and whether one is lit from above: for the lines drawn over the painted face. */
export const profile: readonly { inset: number; lit: boolean }[] = [
  { inset: arris, lit: false },
  { inset: frame - bead, lit: true },
  { inset: frame, lit: false },
  { inset: frame + quirk, lit: true },
  { inset: frame + quirk + arris, lit: false },
];
/** Where the mitres of the frame end. */
export const mitre = frame - bead;

/** How far a pixel lies inside a rectangle that leaves so much all round; less than 0 outside. */
function inset(x: number, y: number, by: number): number {
  return Math.min(x - by, size.width - 1 - by - x, y - by, size.height - 1 - by - y);
}

/** A number in 0 … 1 that a seed and a place always give. */
export function chance(seed: number, x: number, y: number): number {
  let h = (seed ^ Math.imul(x, 374761393) ^ Math.imul(y, 668265263)) | 0;
  h = Math.imul(h ^ (h >>> 13), 1274126177);
  return ((h ^ (h >>> 16)) >>> 0) / 4294967296;
}

/** Where the grain runs across: on the rails above and below, up to the mitre. */
export function grainIsAcross(x: number, y: number): boolean {
  return inset(x, y, frame) < 0 && Math.min(y, size.height - 1 - y) < Math.min(x, size.width - 1 - x);
}

/** Pores are short strokes along the grain; so many of a hundred pixels of the flat. */
const poresIn100 = { open: 11, close: 3, none: 0 } as const;

function isPore(x: number, y: number, grain: keyof typeof poresIn100): boolean {
  const [along, across] = grainIsAcross(x, y) ? [x, y] : [y, x];
  const length = grain === 'open' ? 17 : 7;
  const start = Math.floor(chance(77, 0, across) * length);
  return chance(91, Math.floor((along + start) / length), across) * 100 < poresIn100[grain];
}

/**
 * A framed panel, seen from the front: the zone of every pixel. The frame has an arris all round; a bead and a quirk lie between it and the
 * panel. Of a coarse one only every so many-th pixel across and down.
 */
export function zonesOfPanel(grain: keyof typeof poresIn100, coarse: number): Record<Zone, Uint32Array> {
  const pixels: Record<Zone, number[]> = { field: [], edge: [], recess: [], pore: [] };
  for (let y = 0; y < size.height; y += coarse) {
    for (let x = 0; x < size.width; x += coarse) {
      const inFrame = inset(x, y, 0);
      const inPanel = inset(x, y, frame);
      const isEdge = inFrame < arris || (inPanel >= -bead && inPanel < 0) || (inPanel >= quirk && inPanel < quirk + arris);
      const zone = isEdge ? 'edge' : inPanel >= 0 && inPanel < quirk ? 'recess' : isPore(x, y, grain) ? 'pore' : 'field';
      pixels[zone].push((y / coarse) * (size.width / coarse) + x / coarse);
    }
  }
  return {
    field: Uint32Array.from(pixels.field),
    edge: Uint32Array.from(pixels.edge),
    recess: Uint32Array.from(pixels.recess),
    pore: Uint32Array.from(pixels.pore),
  };
}
