import { answer, api, Problem } from '../../api/api';
import { type Event, settle, waiting } from './queue';
import type { Run } from './useRun';

/** So many entries go at once. */
const piece = 100;
/** Answers to a whole request that one entry in it may be the reason for. */
const forOne = [400, 413, 422];

export type Delivered = { offline: boolean; problem: string | null };
/** Is told how a job stands with what was taken of it, before that leaves the queue. */
type Taken = (run: string, now: Run) => Promise<void>;

/**
 * Sends what waits, job by job and piece by piece. Only what the program has, or has refused by its id, leaves the queue: any other answer
 * keeps all of it for later. What one job, or one entry, is the trouble of stops none behind it.
 */
export async function deliver(taken: Taken): Promise<Delivered> {
  const delivered: Delivered = { offline: false, problem: null };
  const open = waiting().filter((w) => w.refused === undefined);
  for (const run of new Set(open.map((w) => w.run))) {
    const events = open.filter((w) => w.run === run).map((w) => w.event);
    for (let at = 0; at < events.length && !delivered.offline; at += piece) await send(run, events.slice(at, at + piece), delivered, taken);
  }
  return delivered;
}

async function send(run: string, events: readonly Event[], delivered: Delivered, taken: Taken): Promise<void> {
  try {
    const noted = await answer(api.POST('/api/runs/{id}/events', { params: { path: { id: run } }, body: { events: [...events] } }));
    const refused = new Map(noted.refused.map((r) => [events[r.place]?.id ?? '', r.why]));
    await taken(run, noted.run);
    settle(new Set(events.map((e) => e.id).filter((id) => !refused.has(id))), refused);
  } catch (error) {
    if (error instanceof Problem && forOne.includes(error.status) && events.length > 1) {
      const half = Math.ceil(events.length / 2);
      await send(run, events.slice(0, half), delivered, taken);
      await send(run, events.slice(half), delivered, taken);
    } else if (error instanceof Problem && error.status < 500 && error.status !== 429) delivered.problem ??= error.message;
    else delivered.offline = true;
  }
}
