import { useEffect, useRef, useSyncExternalStore } from 'react';

/** Something the room one is in can do, for the palette. `keys` as the page of shortcuts writes them. */
export type Command = { name: string; keys?: string; run: () => void };

/** By who offers them: a room and its parts each offer their own. */
const offers = new Map<object, readonly Command[]>();
let offered: readonly Command[] = [];
const listeners = new Set<() => void>();

function offer(who: object, commands: readonly Command[]) {
  if (commands.length > 0) offers.set(who, commands);
  else offers.delete(who);
  offered = [...offers.values()].flat();
  for (const listener of listeners) listener();
}

/** Offers what a room, or a part of it, can do, as long as one is in it. */
export function useOffer(commands: readonly Command[]) {
  const latest = useRef(commands);
  latest.current = commands;
  const names = commands.map((c) => c.name).join('\n');
  // biome-ignore lint/correctness/useExhaustiveDependencies: what they do is looked up when it is done
  useEffect(() => {
    const who = {};
    offer(
      who,
      latest.current.map((command, i) => ({ ...command, run: () => latest.current[i]?.run() })),
    );
    return () => offer(who, []);
  }, [names]);
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
