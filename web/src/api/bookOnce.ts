import { Problem } from './api';
import { newId } from './newId';

/** Keys of bookings of which nobody knows yet whether they were done, by what was asked. */
const open = new Map<string, string>();

/**
 * Books something once. Where the answer was lost, pressing again sends the same under the same key, and the program books it only if it
 * has not.
 *
 * @param what all that is sent
 */
export async function bookOnce<T>(what: unknown, send: (header: { 'Idempotency-Key': string }) => Promise<T>): Promise<T> {
  const asked = JSON.stringify(what);
  const key = open.get(asked) ?? newId();
  open.set(asked, key);
  try {
    const done = await send({ 'Idempotency-Key': key });
    open.delete(asked);
    return done;
  } catch (error) {
    if (error instanceof Problem && error.status < 500 && error.status !== 429) open.delete(asked); // refused: another try next time
    throw error;
  }
}
