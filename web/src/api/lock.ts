let door: { opened: Promise<void>; open: () => void } | null = null;
const watching = new Set<() => void>();

/** Whether the program has said that the studio is locked, and nobody has given the passphrase since. */
export const isLocked = () => door !== null;

/** Tells when that changes. */
export function onLock(listen: () => void): () => void {
  watching.add(listen);
  return () => watching.delete(listen);
}

/** The passphrase was given: all that waited goes on. */
export function letIn() {
  door?.open();
  door = null;
  for (const listen of watching) listen();
}

function unlocked(): Promise<void> {
  if (!door) {
    navigator.serviceWorker?.controller?.postMessage('locked'); // so that it forgets what it kept of the studio
    let open = () => {};
    const opened = new Promise<void>((resolve) => {
      open = resolve;
    });
    door = { opened, open };
    for (const listen of watching) listen();
  }
  return door.opened;
}

/**
 * Asks the program; where the studio is locked, waits until its passphrase was given and asks the same again, so that no edit is lost over
 * it.
 */
export async function ask(request: Request): Promise<Response> {
  for (;;) {
    const response = await fetch(request.clone());
    if (response.status !== 401) return response;
    await unlocked();
  }
}
