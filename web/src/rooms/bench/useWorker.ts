import { useEffect } from 'react';

/**
 * Has the bench served by a worker while the program does not answer; where the browser allows none, the bench still works as long as its
 * window is open.
 */
export function useWorker(run: string) {
  useEffect(() => {
    if (!('serviceWorker' in navigator)) return;
    navigator.serviceWorker
      .register('/worker.js')
      .then(() => navigator.serviceWorker.ready)
      .then((at) => {
        const built = performance
          .getEntriesByType('resource')
          .map((r) => new URL(r.name))
          .filter((url) => url.origin === window.location.origin && url.pathname.startsWith('/build/'))
          .map((url) => url.pathname);
        at.active?.postMessage([
          ...new Set(built),
          '/bench/',
          `/api/runs/${run}`,
          `/api/runs/${run}/calculation`,
          '/api/vocabulary',
          '/api/techniques/next',
        ]);
      })
      .catch(() => undefined);
  }, [run]);
}
