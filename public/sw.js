// When Oskil cannot be reached, a page says so in its own words, and what to do. Nothing about anybody is ever kept here.
const CACHE = 'oskil-offline-1';
const PAGE = '/offline';

self.addEventListener('install', (event) => {
  event.waitUntil(
    (async () => {
      const cache = await caches.open(CACHE);
      // As nobody: what is kept holds nothing that only the instructor may see.
      const page = await fetch(PAGE, { credentials: 'omit' });
      const looks = (await page.clone().text()).match(/\/_next\/static\/[^"'\\ ]+\.css/g) ?? [];
      await cache.put(PAGE, page);
      await cache.addAll([...new Set(looks), '/icon.svg']);
      await self.skipWaiting();
    })(),
  );
});

self.addEventListener('activate', (event) => {
  event.waitUntil(
    (async () => {
      for (const name of await caches.keys()) if (name !== CACHE) await caches.delete(name);
      await self.clients.claim();
    })(),
  );
});

self.addEventListener('fetch', (event) => {
  const { request } = event;
  if (request.mode === 'navigate')
    event.respondWith(fetch(request).catch(async () => (await caches.match(PAGE)) ?? Response.error()));
  // Only what the page above needs; everything else goes its own way.
  else if (request.method === 'GET' && new URL(request.url).pathname.endsWith('.css'))
    event.respondWith(fetch(request).catch(async () => (await caches.match(request)) ?? Response.error()));
});
