const place = 'inlaid-tour';
const watching = new Set<() => void>();

/** At which stop the tour is; null while there is none. It outlives a reload. */
export function stopNow(): number | null {
  const kept = sessionStorage.getItem(place);
  return kept === null ? null : Number(kept);
}

/** Whether it was offered on this device before, and taken or left. */
export const wasOffered = () => localStorage.getItem(place) !== null;

export function onTour(listen: () => void): () => void {
  watching.add(listen);
  return () => watching.delete(listen);
}

function tell() {
  for (const listen of watching) listen();
}

let moved = false;

/** Whether somebody has just gone on, and is to be led there; after a reload nobody is taken away from where they are. */
export function hasMoved(): boolean {
  const was = moved;
  moved = false;
  return was;
}

export function goTo(stop: number) {
  moved = true;
  sessionStorage.setItem(place, String(stop));
  tell();
}

export function begin() {
  localStorage.setItem(place, 'seen');
  goTo(0);
}

/** At any time; it is not offered again. */
export function leave() {
  localStorage.setItem(place, 'seen');
  sessionStorage.removeItem(place);
  tell();
}
