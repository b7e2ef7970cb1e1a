import type { DaysPreview, Settings } from '../../api/api';

/** A day, or some idle days in a row: where it is drawn, as shares of the width, and between which hours of it there is most room. */
export type Column = { date: string; days: number; left: number; width: number; opens: number; closes: number; isWorked: boolean };
/** Something drawn from one moment to another, as shares of the width. */
export type Span = { left: number; width: number };
export type Block = Span & { step: string; number: number; hands: number; day: string; key: string; isLegible: boolean };
export type Row = { blocks: Block[]; dries: Span[]; waits: Span[]; ready: number | null; due: number | null };
export type Axis = { columns: Column[]; at: (moment: string) => number; dayAt: (share: number) => string };

type Hours = Pick<Settings, 'hours' | 'exceptions'>;
type Work = Pick<DaysPreview['works'][number], 'piece' | 'step' | 'coat' | 'lay' | 'number' | 'hands' | 'stretches' | 'over'>;
/** What of a plan is drawn: of all jobs, or of one recipe by itself. */
export type Plan = { now: string; works: readonly Work[]; pieces: readonly Pick<DaysPreview['pieces'][number], 'id' | 'ready' | 'due'>[] };

const dayLong = 86_400_000;
const weekdays = ['sun', 'mon', 'tue', 'wed', 'thu', 'fri', 'sat'] as const;
/** A day with work is as wide as this many days on which only something ends, or runs of idle days. */
const room = { worked: 1, marked: 0.5, idle: 0.45 };
/** Shares of a worked day that its night takes, before and after. */
const night = 0.07;
/** A digit has room where the next comes no sooner. */
const legible = 0.009;

/** A moment as it is told in the studio: what its clock shows counts, whatever the zone of this tablet. */
export const told = (moment: string) => Date.parse(`${moment.slice(0, 19)}Z`);
const midnight = (date: string) => Date.parse(`${date}T00:00:00Z`);
const dateOf = (time: number) => new Date(time).toISOString().slice(0, 10);
export const nextDay = (date: string, days = 1) => dateOf(midnight(date) + days * dayLong);

/** The working hours of a day, from and to in hours. */
export function openOn(date: string, hours: Hours): { from: number; to: number }[] {
  const other = (hours.exceptions ?? []).find((e) => e.date === date);
  const weekday = weekdays[new Date(midnight(date)).getUTCDay()] ?? 'sun';
  return (other ? other.hours : (hours.hours?.[weekday] ?? [])).map((h) => ({ from: inHours(h.from), to: inHours(h.to) }));
}

/** Nights are narrow, days on which nobody does anything are folded into one. */
export function axisOf(plans: readonly Plan[], hours: Hours): Axis {
  const stretches = plans.flatMap((p) => p.works.flatMap((w) => w.stretches));
  const worked = new Set([...stretches.map((s) => s.start.slice(0, 10)), ...plans.map((p) => p.now.slice(0, 10))]);
  const marked = new Set(
    plans.flatMap((p) => p.pieces.flatMap((piece) => [piece.ready, piece.due])).flatMap((m) => (m ? [m.slice(0, 10)] : [])),
  );
  const all = [...worked, ...marked].sort();
  const [first, last] = [plans[0]?.now.slice(0, 10) ?? all[0] ?? dateOf(0), all.at(-1) ?? dateOf(0)];
  const columns: Column[] = [];
  for (let date = first; date <= last; date = nextDay(date)) {
    const before = columns.at(-1);
    if (worked.has(date) || marked.has(date)) {
      columns.push({
        date,
        days: 1,
        left: 0,
        width: worked.has(date) ? room.worked : room.marked,
        isWorked: worked.has(date),
        ...window(date),
      });
    } else if (before && before.width === room.idle) before.days++;
    else columns.push({ date, days: 1, left: 0, width: room.idle, isWorked: false, opens: 0, closes: 24 });
  }
  const whole = columns.reduce((sum, c) => sum + c.width, 0);
  let left = 0;
  for (const c of columns) {
    [c.left, c.width] = [left, c.width / whole];
    left += c.width;
  }
  return { columns, at, dayAt };

  function window(date: string) {
    if (!worked.has(date)) return { opens: 0, closes: 24 };
    const open = openOn(date, hours);
    const used = stretches.filter((s) => s.start.startsWith(date)).flatMap((s) => [hourOf(s.start), hourOf(s.end)]);
    const ends = [...open.flatMap((o) => [o.from, o.to]), ...used];
    return ends.length === 0 ? { opens: 8, closes: 17 } : { opens: Math.floor(Math.min(...ends)), closes: Math.ceil(Math.max(...ends)) };
  }

  function at(moment: string): number {
    const time = told(moment);
    const column = columns.findLast((c) => midnight(c.date) <= time);
    if (!column) return 0;
    const hour = (time - midnight(column.date)) / 3_600_000;
    return column.left + column.width * Math.min(1, within(column, hour));
  }

  function dayAt(share: number): string {
    const column = columns.findLast((c) => c.left <= share) ?? columns[0];
    if (!column) return first;
    const days = Math.floor(((share - column.left) / column.width) * column.days);
    return nextDay(column.date, Math.max(0, Math.min(column.days - 1, days)));
  }
}

/** Where in a column an hour after its beginning is, 0 to 1. */
export function within({ days, opens, closes }: Column, hour: number): number {
  if (days > 1 || (opens === 0 && closes === 24)) return hour / (24 * days);
  if (hour < opens) return (night * hour) / opens;
  if (hour <= closes) return night + ((1 - 2 * night) * (hour - opens)) / (closes - opens);
  return 1 - night + (night * (hour - closes)) / (24 - closes);
}

/** A piece over the days: hands at it, what must pass after that, and from then on whoever waits for hands. */
export function rowOf(plan: Plan, id: string, axis: Axis): Row {
  const row: Row = { blocks: [], dries: [], waits: [], ready: null, due: null };
  const span = (from: string, to: string): Span => ({ left: axis.at(from), width: axis.at(to) - axis.at(from) });
  let over: string | null = null;
  for (const work of plan.works.filter((w) => w.piece === id)) {
    const [begin, end] = [work.stretches[0]?.start, work.stretches.at(-1)?.end];
    if (!begin || !end) continue;
    if (over !== null && told(over) < told(begin)) row.waits.push(span(over, begin));
    for (const s of work.stretches) {
      const key = `${work.step} ${work.coat} ${work.lay} ${s.start}`;
      row.blocks.push({
        ...span(s.start, s.end),
        step: work.step,
        number: work.number,
        hands: work.hands,
        day: s.start.slice(0, 10),
        key,
        isLegible: true,
      });
    }
    if (told(work.over) > told(end)) row.dries.push(span(end, work.over));
    over = [...(over === null ? [] : [over]), work.over, end].reduce((a, b) => (told(a) < told(b) ? b : a));
  }
  row.blocks.forEach((b, i) => {
    const next = row.blocks[i + 1];
    b.isLegible = next === undefined || next.left - b.left >= legible * String(b.number).length;
  });
  row.dries = joined(row.dries);
  const piece = plan.pieces.find((p) => p.id === id);
  row.ready = piece?.ready ? axis.at(piece.ready) : null;
  row.due = piece?.due ? axis.at(piece.due) : null;
  return row;
}

/** Two sides dry at once: what overlaps is drawn once. */
export function joined(spans: readonly Span[]): Span[] {
  const whole: Span[] = [];
  for (const s of [...spans].sort((a, b) => a.left - b.left)) {
    const before = whole.at(-1);
    if (before && s.left <= before.left + before.width) before.width = Math.max(before.width, s.left + s.width - before.left);
    else whole.push({ ...s });
  }
  return whole;
}

const inHours = (clock: string) => Number(clock.slice(0, 2)) + Number(clock.slice(3, 5)) / 60;
const hourOf = (moment: string) => inHours(moment.slice(11, 16));
