/** All of a list that is told page by page. */
export async function everyPage<L extends { total: number }, T>(
  ask: (page: number) => Promise<L>,
  items: (list: L) => readonly T[],
): Promise<T[]> {
  const all: T[] = [];
  for (let page = 1; ; page++) {
    const list = await ask(page);
    const more = items(list);
    all.push(...more);
    if (all.length >= list.total || more.length === 0) return all;
  }
}
