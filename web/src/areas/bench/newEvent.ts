import type { components } from '../../app/api.gen';

type Event = components['schemas']['Event'];

/** An id that no other device makes; `crypto.randomUUID` is not there where the page came over plain http. */
function newId(): string {
  const random = crypto.getRandomValues(new Uint32Array(4));
  return `${Date.now().toString(36)}-${[...random].map((n) => n.toString(36).padStart(7, '0')).join('')}`;
}

/** Something noted just now, of a coat and its half. */
export function newEvent(kind: Event['kind'], of: { step: string; coat: number; lay: number }): Event {
  return { id: newId(), at: new Date().toISOString(), kind, step: of.step, coat: of.coat, lay: of.lay };
}
