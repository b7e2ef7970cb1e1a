// Serves the bench while the program does not answer: its pages, and a run as it was last asked for. What is noted meanwhile waits in the page.
const shelf = 'inlaid-bench-1';
const asked = /^\/api\/(runs\/[^/]+(\/worked)?|vocabulary)$/;

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

// What the page had loaded before this was there to see it.
self.addEventListener('message', (event) => {
  const had = Array.isArray(event.data) ? event.data : [];
  event.waitUntil(caches.open(shelf).then((kept) => Promise.all(had.map((url) => kept.add(url).catch(() => undefined)))));
});

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin) return;
  if (url.pathname.startsWith('/build/')) event.respondWith(fromShelf(request));
  else if (request.mode === 'navigate' && url.pathname.startsWith('/bench/')) event.respondWith(freshest(request, '/bench/'));
  else if (asked.test(url.pathname)) event.respondWith(freshest(request, request.url));
});

/** Built files have their content in their name: once there they never change. */
async function fromShelf(request) {
  const kept = await caches.match(request.url);
  return kept ?? keep(request.url, await fetch(request));
}

/** From the program while it answers, else as it was last. */
async function freshest(request, as) {
  try {
    const answer = await fetch(request);
    return answer.status < 502 ? keep(as, answer) : ((await caches.match(as)) ?? answer);
  } catch (error) {
    const kept = await caches.match(as);
    if (kept) return kept;
    throw error;
  }
}

async function keep(as, answer) {
  if (answer.ok) await (await caches.open(shelf)).put(as, answer.clone());
  return answer;
}
