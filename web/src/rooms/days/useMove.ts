import { type KeyboardEvent, type PointerEvent, type RefObject, useEffect, useRef, useState } from 'react';
import type { DaysPreview, RunSummary } from '../../api/api';
import { type Axis, nextDay } from '../../log/days/axis';
import { useRunWork } from '../../log/useBench';
import { day } from '../../ui/words';

/** Where a piece is being moved to: a place, and a day before which it does not begin. */
type Move = { piece: string; place: string | null; from: string | null };
type Given = {
  plan: DaysPreview;
  runs: readonly RunSummary[];
  places: readonly { id: string | null; name: string }[];
  axis: Axis;
  drawing: RefObject<HTMLDivElement | null>;
};

/** Less is a press, not a move, pixels. */
const still = 8;
/** Sideways less leaves the day as it is. */
const sameDay = 24;

/** A job of the drawing is moved by a pointer or by the arrow keys; kept when it is let go, and taken back at a press. */
export function useMove({ plan, runs, places, axis, drawing }: Given) {
  const { change } = useRunWork();
  const [move, setMove] = useState<Move | null>(null);
  const [moved, setMoved] = useState<{ words: string; back: () => void } | null>(null);
  const begun = useRef<{ piece: string; x: number; y: number } | null>(null);
  const focused = useRef<string | null>(null);
  // A row that has moved to another place takes the focus with it.
  useEffect(() => {
    if (runs.length > 0 && focused.current && document.activeElement === document.body) {
      drawing.current?.querySelector<HTMLElement>(`[data-moves="${focused.current}"]`)?.focus();
    }
  }, [runs, drawing]);
  const today = plan.now.slice(0, 10);
  const runOf = (id: string) => runs.find((r) => r.id === id);
  const begins = (id: string) => plan.works.find((w) => w.piece === id)?.stretches[0]?.start.slice(0, 10) ?? today;
  const after = (date: string | null) => (date !== null && date <= today ? null : date);
  const wordsOf = (to: Move, run: RunSummary) =>
    `${run.title}: ${
      [
        to.place !== run.place && places.find((p) => p.id === to.place)?.name,
        to.from !== run.notBefore && (to.from === null ? 'start as soon as possible' : `start ${day(to.from)} at the earliest`),
      ]
        .filter(Boolean)
        .join(', ') || 'stays as it is'
    }`;

  const keep = (to: Move) => {
    const run = runOf(to.piece);
    setMove(null);
    if (!run || (to.place === run.place && to.from === run.notBefore)) return;
    const words = wordsOf(to, run);
    const was = { place: run.place, notBefore: run.notBefore };
    const back = (now: RunSummary) => change.mutate({ run: now, to: was }, { onSuccess: () => setMoved(null) });
    change.mutate({ run, to: { place: to.place, notBefore: to.from } }, { onSuccess: (now) => setMoved({ words, back: () => back(now) }) });
  };

  const handlers = (id: string) => ({
    onFocus: () => {
      focused.current = id;
    },
    onBlur: () => setMove(null),
    onPointerDown: (e: PointerEvent) => {
      if (e.button !== 0 || !runOf(id)) return;
      begun.current = { piece: id, x: e.clientX, y: e.clientY };
      e.currentTarget.setPointerCapture(e.pointerId);
    },
    onPointerMove: (e: PointerEvent) => {
      const box = drawing.current;
      const run = runOf(begun.current?.piece ?? '');
      if (e.buttons === 0) begun.current = null; // let go where nothing saw it
      if (!begun.current || !box || !run) return;
      const [dx, dy] = [e.clientX - begun.current.x, e.clientY - begun.current.y];
      if (move === null && Math.hypot(dx, dy) < still) return;
      const under = [...box.querySelectorAll<HTMLElement>('[data-place]')].find((row) => {
        const { top, bottom } = row.getBoundingClientRect();
        return top <= e.clientY && e.clientY < bottom;
      });
      const scale = box.querySelector('[data-scale]')?.getBoundingClientRect().width ?? 1;
      const to = axis.dayAt(axis.at(`${begins(run.id)}T12:00:00`) + dx / scale);
      setMove({
        piece: run.id,
        place: under ? under.dataset.place || null : run.place,
        from: Math.abs(dx) < sameDay || to === begins(run.id) ? run.notBefore : after(to),
      });
    },
    onPointerUp: () => {
      begun.current = null;
      if (move) keep(move);
    },
    onPointerCancel: () => {
      begun.current = null;
      setMove(null);
    },
    onKeyDown: (e: KeyboardEvent) => {
      const run = runOf(id);
      if (!run) return;
      const at = move?.piece === id ? move : { piece: id, place: run.place, from: run.notBefore };
      const down = { ArrowUp: -1, ArrowDown: 1 }[e.key] ?? 0;
      const across = { ArrowLeft: -1, ArrowRight: 1 }[e.key] ?? 0;
      if (e.key === 'Enter' && move) keep(move);
      else if (e.key === 'Escape' && move) setMove(null);
      else if (down !== 0 || across !== 0) {
        const place = places[places.findIndex((p) => p.id === at.place) + down];
        setMove({
          piece: id,
          place: place ? place.id : at.place,
          from: across === 0 ? at.from : after(nextDay(at.from ?? begins(id), across)),
        });
      } else return;
      e.preventDefault();
      e.stopPropagation();
    },
  });
  const run = move ? runOf(move.piece) : undefined;
  return { move, moved, error: change.error, words: move && run ? wordsOf(move, run) : null, handlers };
}
