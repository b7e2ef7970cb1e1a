import { useEffect, useRef, useSyncExternalStore } from 'react';

/** Something the room one is in can do, for the palette. `keys` as the page of shortcuts writes them. */
export type Command = { name: string; keys?: string; run: () => void };

let offered: readonly Command[] = [];
const listeners = new Set<() => void>();

function offer(commands: readonly Command[]) {
  offered = commands;
  for (const listener of listeners) listener();
}

/** Offers what a room can do, as long as one is in it. The names must not change meanwhile; what they do may. */
export function useOffer(commands: readonly Command[]) {
  const latest = useRef(commands);
  latest.current = commands;
  useEffect(() => {
    offer(latest.current.map((command, i) => ({ ...command, run: () => latest.current[i]?.run() })));
    return () => offer([]);
  }, []);
}

/** What the room one is in offers. */
export function useOffered(): readonly Command[] {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => offered,
  );
}
