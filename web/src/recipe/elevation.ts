import type { PaintedPart } from '../api/api';

export type Drawn = { partId: string; x: number; y: number; width: number; height: number };
export type Measured = Pick<PaintedPart, 'id' | 'kind' | 'count' | 'outline'>;
type Row = { partId: string; count: number; width: number; height: number; fill: boolean };

const gap = 14;
const mostAbreast = 6;

/**
 * Puts the parts of a piece together as they are seen from the front, in mm, from their shapes alone: a top above, legs
 * below, sides to the left and right, and all else in rows between them. What has no shape is not drawn.
 */
export function elevation(parts: readonly Measured[]): { drawn: Drawn[]; width: number; height: number } {
  const known = parts.flatMap(({ id, kind, count, outline }) => (outline && kind ? [{ id, kind, count, ...outline }] : []));
  const of = (...kinds: string[]) => known.filter((k) => kinds.includes(k.kind));
  const legs = known.filter((k) => k.kind.startsWith('leg-'));
  const sides = of('side');
  const rows: Row[] = [
    ...of('moulding').map((k) => row(k, true)),
    ...of('apron').map((k) => row(k)),
    ...of('drawer').flatMap((k) => abreast(k)),
    ...of('door', 'front').flatMap((k) => abreast(k)),
    ...of('cage', 'shelf', 'back').map((k) => row(k, k.kind !== 'cage')),
  ];
  const tops = of('top', 'round-top');
  const inner = Math.max(200, ...rows.filter((r) => !r.fill).map((r) => r.count * r.width + (r.count - 1) * gap));
  const sideWidth = sides.reduce((sum, s) => sum + s.width, 0);
  const sidesHeight = Math.max(0, ...sides.map((s) => s.height));
  const rowsHeight = rows.reduce((sum, r) => sum + r.height + gap, 0);
  const bodyHeight = Math.max(rowsHeight, sidesHeight);
  const bodyWidth = inner + (sides.length > 0 ? 2 * (sideWidth + gap) : 0);
  const width = Math.max(bodyWidth, ...tops.map((t) => t.width), legs.length > 0 ? 240 : 0);
  const drawn: Drawn[] = [];
  let y = 0;
  for (const t of tops) {
    drawn.push({ partId: t.id, x: (width - t.width) / 2, y, width: t.width, height: t.height });
    y += t.height + gap;
  }
  let x = (width - bodyWidth) / 2;
  for (const s of sides) {
    drawn.push({ partId: s.id, x, y, width: s.width, height: s.height });
    if (s.count > 1) drawn.push({ partId: s.id, x: width - x - s.width, y, width: s.width, height: s.height });
    x += s.width + gap;
  }
  let at = y;
  for (const r of rows) {
    const each = r.fill ? inner : r.width;
    const whole = r.count * each + (r.count - 1) * gap;
    for (let i = 0; i < r.count; i++) {
      drawn.push({ partId: r.partId, x: (width - whole) / 2 + i * (each + gap), y: at, width: each, height: r.height });
    }
    at += r.height + gap;
  }
  y += bodyHeight;
  for (const leg of legs) {
    const shown = Math.min(leg.count, mostAbreast);
    const span = width - leg.width - 20;
    for (let i = 0; i < shown; i++) {
      const left = 10 + (shown === 1 ? span / 2 : (span * i) / (shown - 1));
      drawn.push({ partId: leg.id, x: left, y, width: leg.width, height: leg.height });
    }
  }
  y += Math.max(0, ...legs.map((l) => l.height));
  return { drawn, width, height: Math.max(y, 60) };

  function row(k: (typeof known)[number], fill = false): Row {
    return { partId: k.id, count: 1, width: k.width, height: Math.max(k.height, 12), fill };
  }

  function abreast(k: (typeof known)[number]): Row[] {
    const perRow = Math.min(k.count, k.kind === 'drawer' ? 2 : 3);
    return Array.from({ length: Math.min(4, Math.ceil(k.count / perRow)) }, (_, i) => ({
      ...row(k),
      count: Math.min(perRow, k.count - i * perRow),
    }));
  }
}
