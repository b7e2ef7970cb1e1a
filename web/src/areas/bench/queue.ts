import type { components } from '../../app/api.gen';

export type Event = components['schemas']['Event'];
type Waiting = { run: string; event: Event };

const place = 'inlaid-bench-queue';

/** What was noted on this device and has not been kept by the program yet, in order; it outlives a reload and a flat battery. */
export function waiting(): Waiting[] {
  try {
    const kept = JSON.parse(localStorage.getItem(place) ?? '[]');
    return Array.isArray(kept) ? kept : [];
  } catch {
    return [];
  }
}

function keep(list: readonly Waiting[]) {
  localStorage.setItem(place, JSON.stringify(list));
  window.dispatchEvent(new CustomEvent(place));
}

export function enqueue(run: string, event: Event) {
  keep([...waiting(), { run, event }]);
}

/** Those that came through, or will never: by their ids. What was noted meanwhile stays. */
export function settle(ids: ReadonlySet<string>) {
  keep(waiting().filter((w) => !ids.has(w.event.id)));
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
