// Keeps the bench going while the server is away: what a bench page asked for last is answered from
// here as long as nobody else answers. Whatever the server says comes first.
const KEPT = 'bench';
const MOST = 400;
const PAGE = '/bench-page';

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

// what the page had loaded before this worker was there
self.addEventListener('message', (event) => event.waitUntil(keepAll(event.data)));

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const { origin, pathname } = new URL(request.url);
  // events have no end, and nothing of them is kept
  const isKept = origin === self.location.origin && pathname !== '/api/live';
  if (request.method === 'GET' && isKept) {
    event.respondWith(answer(request));
  }
});

async function answer(request) {
  const key = request.mode === 'navigate' ? PAGE : request.url;
  try {
    const fresh = await fetch(request);
    if (fresh.ok) {
      await keep(key, fresh.clone());
    }
    return fresh;
  } catch (away) {
    const kept = await (await caches.open(KEPT)).match(key);
    if (kept) {
      return kept;
    }
    throw away;
  }
}

async function keep(key, response) {
  const cache = await caches.open(KEPT);
  await cache.put(key, response);
  const keys = await cache.keys();
  await Promise.all(keys.slice(0, Math.max(0, keys.length - MOST)).map((k) => cache.delete(k)));
}

async function keepAll({ page, files }) {
  const each = [[PAGE, page], ...files.map((f) => [f, f])];
  await Promise.all(
    each.map(async ([key, address]) => {
      const got = await fetch(address).catch(() => undefined);
      if (got?.ok) {
        await keep(key, got);
      }
    }),
  );
}

// a notice that is tapped brings the bench to the front
self.addEventListener('notificationclick', (event) => {
  event.notification.close();
  event.waitUntil(
    self.clients.matchAll({ type: 'window', includeUncontrolled: true }).then((open) => {
      const bench = open.find((c) => c.url.includes('/work')) ?? open[0];
      return bench === undefined ? undefined : bench.focus();
    }),
  );
});
