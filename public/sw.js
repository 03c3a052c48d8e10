// What the browser keeps for when Oskil cannot be reached: a page that says so, and the class that is being taught. Nothing about
// anybody stays longer than that class: it is forgotten when the class is over, when Oskil is locked, and after three hours.
const SHELL = 'oskil-offline-2';
const CLASS = 'oskil-class-1';
/** The voice says nothing of anybody, so it may stay. */
const VOICE = 'oskil-voice-1';
const PAGE = '/offline';
const TEACH = /^\/classes\/[^/]+\/teach$/;
const GOOD_FOR_MS = 3 * 3_600_000;

self.addEventListener('install', (event) => {
  event.waitUntil(
    (async () => {
      const cache = await caches.open(SHELL);
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
      for (const name of await caches.keys())
        if (![SHELL, CLASS, VOICE].includes(name)) await caches.delete(name);
      await self.clients.claim();
    })(),
  );
});

// The page of a class says when it is under way, with what it is made of, and when it is over.
self.addEventListener('message', (event) => {
  const { keep, parts, forget } = event.data ?? {};
  if (typeof keep === 'string') event.waitUntil(keepClass(keep, parts ?? []));
  if (forget) event.waitUntil(caches.delete(CLASS));
});

async function keepClass(path, parts) {
  const page = await fetch(path).catch(() => null);
  // Not reached, or not let in any more: what is kept stays, or goes, by the other rules.
  if (!page?.ok || page.redirected) return;
  await caches.delete(CLASS);
  const cache = await caches.open(CLASS);
  await cache.put(path, page);
  await Promise.all(parts.map((part) => cache.add(part).catch(() => undefined)));
}

/** What is kept of a class that was opened too long ago, or that does not say when, is forgotten at the next page that is asked for. */
async function forgetOld() {
  const cache = await caches.open(CLASS);
  for (const request of await cache.keys()) {
    if (!TEACH.test(new URL(request.url).pathname)) continue;
    const made = Date.parse((await cache.match(request))?.headers.get('date') ?? '');
    if (!(Date.now() - made < GOOD_FOR_MS)) await caches.delete(CLASS);
  }
}

async function opened(request) {
  const { pathname } = new URL(request.url);
  await forgetOld();
  try {
    const page = await fetch(request);
    if (pathname === '/lock' || new URL(page.url || request.url).pathname === '/lock')
      await caches.delete(CLASS);
    return page;
  } catch {
    const kept = TEACH.test(pathname) ? await (await caches.open(CLASS)).match(pathname) : undefined;
    return kept ?? (await caches.match(PAGE)) ?? Response.error();
  }
}

/** From Oskil, and as it was heard last where Oskil cannot be reached. */
async function spoken(request) {
  const cache = await caches.open(VOICE);
  try {
    const reply = await fetch(request);
    if (reply.ok) await cache.put(request, reply.clone());
    return reply;
  } catch {
    return (await cache.match(request)) ?? Response.error();
  }
}

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const { pathname } = new URL(request.url);
  if (request.mode === 'navigate') event.respondWith(opened(request));
  else if (request.method === 'GET' && pathname.startsWith('/voice/')) event.respondWith(spoken(request));
  // Only what the pages above are made of; everything else goes its own way.
  else if (request.method === 'GET' && pathname.startsWith('/_next/static/'))
    event.respondWith(fetch(request).catch(async () => (await caches.match(request)) ?? Response.error()));
});
