// Serves the bench while the program does not answer: its pages, and a run as the program last told it. What is noted meanwhile waits in the page.
// What the studio holds is kept only while it is unlocked on this device: at the first answer that says it is locked, all of it goes.
const pages = 'inlaid-pages-2';
const studio = 'inlaid-studio-3';
const noted = /^\/api\/runs\/[^/]+(?=\/events$)/;
/** How often the program took entries of a run, by its address: what was asked for before is older than what it said with them. */
const taken = new Map();
const asked = /^\/api\/(runs\/[^/]+(\/calculation)?|vocabulary|materials|techniques\/next)$/;

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(Promise.all([dropOlder(), self.clients.claim()])));

// What the page had loaded before this was there to see it; or that it was told the studio is locked.
self.addEventListener('message', (event) => {
  if (event.data === 'locked') event.waitUntil(caches.delete(studio));
  if (!Array.isArray(event.data)) return;
  event.waitUntil(Promise.all(event.data.map((url) => freshest(url, new URL(url, self.location.origin).href).catch(() => undefined))));
});

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (url.origin !== self.location.origin) return;
  if (request.method === 'DELETE' && url.pathname === '/api/lock') event.respondWith(locking(request));
  const run = request.method === 'POST' && noted.exec(url.pathname)?.[0];
  if (run) event.respondWith(taking(request, url.origin + run));
  if (request.method !== 'GET') return;
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
  const before = taken.get(as);
  try {
    const answer = await fetch(request);
    if (answer.status >= 502) return (await lastOf(as)) ?? answer;
    return taken.get(as) === before ? keep(as, answer) : answer;
  } catch (error) {
    const last = await lastOf(as);
    if (last) return last;
    throw error;
  }
}

/** What was kept of an address, marked: whoever asked may ask again. */
async function lastOf(as) {
  const kept = await caches.match(as);
  return kept && new Response(kept.body, { headers: { ...Object.fromEntries(kept.headers), 'X-Kept': '1' } });
}

/** With the entries of a run the program says how the run stands now: before the page forgets them, that is what it was last. */
async function taking(request, run) {
  const answer = await fetch(request);
  if (!answer.ok) return keep(run, answer);
  taken.set(run, (taken.get(run) ?? 0) + 1);
  await keep(run, Response.json((await answer.clone().json()).run));
  return answer;
}

/** The studio is locked on this device: before the page hears of it nothing is left. */
async function locking(request) {
  const answer = await fetch(request);
  if (answer.ok) await caches.delete(studio);
  return answer;
}

async function keep(as, answer) {
  const isOfStudio = new URL(as, self.location.origin).pathname.startsWith('/api/');
  if (answer.status === 401) await caches.delete(studio);
  if (answer.ok) {
    const shelf = await caches.open(isOfStudio ? studio : pages);
    await shelf.put(as, answer.clone()).catch(() => shelf.delete(as)); // no room: served while the program answers
  }
  return answer;
}

async function dropOlder() {
  const names = await caches.keys();
  await Promise.all(names.filter((name) => name !== pages && name !== studio).map((name) => caches.delete(name)));
}
