/** An id that no other device makes; `crypto.randomUUID` is not there where the page came over plain http. */
export function newId(): string {
  const random = crypto.getRandomValues(new Uint32Array(4));
  return `${Date.now().toString(36)}-${[...random].map((n) => n.toString(36).padStart(7, '0')).join('')}`;
}
