import { useEffect } from 'react';

/** Something that was open: what it is called, and where it is. */
export type Recent = { name: string; to: string };

const place = 'inlaid-recent';
const most = 6;

/** What was open last on this device, the latest first. */
export function recent(): readonly Recent[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(place) ?? '[]');
    return Array.isArray(kept) ? kept.filter((r): r is Recent => typeof r?.name === 'string' && typeof r?.to === 'string') : [];
  } catch {
    return [];
  }
}

export function remember(visited: Recent) {
  try {
    localStorage.setItem(place, JSON.stringify([visited, ...recent().filter((r) => r.to !== visited.to)].slice(0, most)));
  } catch {
    // a device that keeps nothing has no recent things
  }
}

/** Remembers what is open; nothing as long as it has no name. */
export function useVisited(name: string | undefined, to: string) {
  useEffect(() => {
    if (name) remember({ name, to });
  }, [name, to]);
}
