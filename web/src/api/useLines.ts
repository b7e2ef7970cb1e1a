import { useCallback, useEffect, useRef, useState } from 'react';
import { askLines } from './askLines';

type State<T> = { lines: readonly T[]; busy: boolean; failed: Error | null };

/** An answer that comes line by line: what came so far. A new question ends the old one, and so does leaving. */
export function useLines<T>(path: string) {
  const running = useRef<AbortController>(null);
  const [state, setState] = useState<State<T>>({ lines: [], busy: false, failed: null });
  const stop = useCallback(() => {
    running.current?.abort();
    setState((s) => ({ ...s, busy: false }));
  }, []);
  const ask = useCallback(
    (question: unknown) => {
      running.current?.abort();
      const own = new AbortController();
      running.current = own;
      const set = (change: (s: State<T>) => State<T>) => !own.signal.aborted && setState(change);
      setState({ lines: [], busy: true, failed: null });
      askLines<T>(path, question, (line) => set((s) => ({ ...s, lines: [...s.lines, line] })), own.signal)
        .then(() => set((s) => ({ ...s, busy: false })))
        .catch((failed) => set((s) => ({ ...s, busy: false, failed })));
    },
    [path],
  );
  useEffect(() => () => running.current?.abort(), []);
  return { ...state, ask, stop };
}
