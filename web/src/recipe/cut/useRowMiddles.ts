import { useCallback, useState } from 'react';

type Rows = { height: number; middles: ReadonlyMap<string, number> };

/** The height of a list whose rows carry `data-step`, and the middle of each row, measured whenever either changes. */
export function useRowMiddles(): [(list: HTMLElement | null) => (() => void) | undefined, Rows] {
  const [rows, setRows] = useState<Rows>({ height: 0, middles: new Map() });
  const list = useCallback((element: HTMLElement | null) => {
    if (!element) return undefined;
    const measure = () => {
      const items = [...element.querySelectorAll<HTMLElement>('[data-step]')];
      const middles = new Map(items.map((row) => [row.dataset.step ?? '', row.offsetTop - element.offsetTop + row.offsetHeight / 2]));
      const height = element.offsetHeight;
      setRows((old) =>
        old.height === height && old.middles.size === middles.size && [...middles].every(([id, y]) => old.middles.get(id) === y)
          ? old
          : { height, middles },
      );
    };
    const sizes = new ResizeObserver(measure);
    const order = new MutationObserver(measure);
    sizes.observe(element);
    order.observe(element, { childList: true, subtree: true, characterData: true });
    measure();
    return () => {
      sizes.disconnect();
      order.disconnect();
    };
  }, []);
  return [list, rows];
}
