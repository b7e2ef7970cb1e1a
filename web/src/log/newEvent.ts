import type { components } from '../api/api.gen';
import { newId } from '../api/newId';

type Event = components['schemas']['Event'];

/** Something noted just now, of a coat and its half. */
export function newEvent(kind: Event['kind'], of: { step: string; coat: number; lay: number }): Event {
  return { id: newId(), at: new Date().toISOString(), kind, step: of.step, coat: of.coat, lay: of.lay };
}
