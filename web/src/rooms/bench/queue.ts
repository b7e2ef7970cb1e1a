import type { components } from '../../api/api.gen';

export type Event = components['schemas']['Event'];
/** `refused` is why the program will not have it: it stays until somebody has read that. */
export type Waiting = { run: string; event: Event; refused?: string };

const place = 'inlaid-bench-queue';
/** What the browser had no room to keep; gone with the page, but not before. */
let unkept: Waiting[] | null = null;

/** What was noted on this device and is not saved yet, in order; it outlives a reload and a flat battery. */
export function waiting(): Waiting[] {
  if (unkept) return unkept;
  try {
    const kept = JSON.parse(localStorage.getItem(place) ?? '[]');
    return Array.isArray(kept) ? kept : [];
  } catch {
    return [];
  }
}

/** Whether all that waits outlives the page. */
export const isKept = () => unkept === null;

function keep(list: Waiting[]) {
  try {
    localStorage.setItem(place, JSON.stringify(list));
    unkept = null;
  } catch {
    unkept = list;
  }
  window.dispatchEvent(new CustomEvent(place));
}

export function enqueue(run: string, event: Event) {
  keep([...waiting(), { run, event }]);
}

/** What the program has goes; what it refused for itself stays, with the reason. What was noted meanwhile is left alone. */
export function settle(saved: ReadonlySet<string>, refused: ReadonlyMap<string, string>) {
  keep(
    waiting()
      .filter((w) => !saved.has(w.event.id))
      .map((w) => {
        const why = refused.get(w.event.id);
        return why === undefined ? w : { ...w, refused: why };
      }),
  );
}

/** Drops what the program refused of a job, once somebody has read why. */
export function discardRefused(run: string) {
  keep(waiting().filter((w) => w.run !== run || w.refused === undefined));
}

/** Tells when the queue changes, in this window and in others. */
export function onChange(listen: () => void): () => void {
  const other = (e: StorageEvent) => e.key === place && listen();
  window.addEventListener(place, listen);
  window.addEventListener('storage', other);
  return () => {
    window.removeEventListener(place, listen);
    window.removeEventListener('storage', other);
  };
}
