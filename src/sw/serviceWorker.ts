/**
 * Keeps the whole application on the device: every page, its router payload, every hashed file.
 * BUILD, PAGES and FILES are put in by the post-build step.
 */

declare const BUILD: string;
declare const PAGES: readonly string[];
declare const FILES: readonly string[];

/** The page's types and the worker's share this project: this is the worker's own `self`. */
const scope = self as unknown as ServiceWorkerGlobalScope;

const PREFIX = 'open-trail-';
const CACHE = PREFIX + BUILD;
/** Which build each open tab shows, kept across restarts of this worker. */
const TABS = 'open-trail-tabs';
const STATIC = '/_next/static/';

const payload = (path: string): string => `${path}?_rsc`;

async function install(): Promise<void> {
  const cache = await caches.open(CACHE);
  try {
    await Promise.all([
      ...FILES.map((file) => addFile(cache, file)),
      ...PAGES.map((page) => addChecked(cache, page, page)),
      ...PAGES.map((page) =>
        addChecked(cache, payload(page), new Request(payload(page), { headers: { RSC: '1' } })),
      ),
    ]);
  } catch (error) {
    await caches.delete(CACHE);
    throw error;
  }
  await scope.skipWaiting();
}

/** A hashed file does not change: an older build's copy is as good as a new one. */
async function addFile(cache: Cache, file: string): Promise<void> {
  const known = file.startsWith(STATIC) ? await caches.match(file) : undefined;
  const response = known ?? (await fetch(file, { cache: 'reload' }));
  if (!response.ok) throw new Error(`${file}: ${response.status}`);
  if (!isOfItsType(file, response)) throw new Error(`${file} came as something else`);
  await cache.put(file, response);
}

/** The types of hashed files: what a proxy or a portal puts in the place of one is not kept under its name. */
const TYPES: Record<string, RegExp> = {
  js: /javascript/,
  css: /^text\/css/,
  woff2: /font|octet-stream/,
  wasm: /wasm|octet-stream/,
  json: /json/,
  svg: /svg/,
  png: /^image\/png/,
};

function isOfItsType(file: string, response: Response): boolean {
  const expected = TYPES[file.split('.').at(-1) ?? ''];
  return !expected || expected.test(response.headers.get('Content-Type') ?? '');
}

/** A page of another build would ask for files that this cache does not hold. */
async function addChecked(cache: Cache, key: string, request: RequestInfo): Promise<void> {
  const response = await fetch(request, { cache: 'reload' });
  if (!response.ok) throw new Error(`${key}: ${response.status}`);
  const text = await response.clone().text();
  if (!text.includes(BUILD)) throw new Error(`${key} is of another build`);
  await cache.put(key, response);
}

async function activate(): Promise<void> {
  const tabs = await caches.open(TABS);
  const builds = new Set([CACHE]);
  const open = await scope.clients.matchAll({ includeUncontrolled: true });
  const shown = new Set(open.map(({ id }) => `/${id}`));
  for (const note of await tabs.keys()) {
    // The note of a tab that is closed says nothing any more.
    if (!shown.has(new URL(note.url).pathname)) await tabs.delete(note);
  }
  for (const client of open) {
    const build = await tabs.match(`/${client.id}`);
    if (build) builds.add(PREFIX + (await build.text()));
  }
  // The build before stays too: a tab that has not been noted may still show it.
  const own = (await caches.keys()).filter((name) => name.startsWith(PREFIX) && name !== TABS);
  const before = own.filter((name) => name !== CACHE).at(-1);
  for (const name of own) {
    if (!builds.has(name) && name !== before) await caches.delete(name);
  }
  await scope.clients.claim();
}

let takingOver: Promise<void> | null = null;
/** Chromium sends requests to an activating worker before `activate`: all wait for the same one. */
const takenOver = (): Promise<void> => (takingOver ??= activate());

async function noteTab(clientId: string): Promise<void> {
  const tabs = await caches.open(TABS);
  await tabs.put(`/${clientId}`, new Response(BUILD));
}

async function cacheOfTab(clientId: string): Promise<Cache> {
  const tabs = await caches.open(TABS);
  const build = await (await tabs.match(`/${clientId}`))?.text();
  const name = build ? PREFIX + build : CACHE;
  return caches.open((await caches.has(name)) ? name : CACHE);
}

/** A cached answer keeps its own address; a fresh one takes on the address that was asked for. */
function asOwnResponse(response: Response | undefined): Response | undefined {
  return response && new Response(response.body, response);
}

async function answer(event: FetchEvent): Promise<Response> {
  const { request } = event;
  const url = new URL(request.url);
  await takenOver();
  const options = { ignoreVary: true };

  if (request.mode === 'navigate' && PAGES.includes(url.pathname)) {
    await noteTab(event.resultingClientId || event.clientId);
    const cache = await caches.open(CACHE);
    return asOwnResponse(await cache.match(url.pathname, options)) ?? fetch(request);
  }
  if (request.headers.has('rsc') && PAGES.includes(url.pathname)) {
    if (request.headers.has('next-router-prefetch')) return new Response(null, { status: 204 });
    const cache = await cacheOfTab(event.clientId);
    return asOwnResponse(await cache.match(payload(url.pathname), options)) ?? fetch(request);
  }
  const hit = url.pathname.startsWith(STATIC)
    ? await caches.match(url.pathname, options)
    : await (await caches.open(CACHE)).match(url.pathname, options);
  return asOwnResponse(hit) ?? fetch(request);
}

function isOurs(request: Request): boolean {
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== scope.location.origin) return false;
  return (
    url.pathname.startsWith(STATIC) || PAGES.includes(url.pathname) || FILES.includes(url.pathname)
  );
}

scope.addEventListener('install', (event) => event.waitUntil(install()));
scope.addEventListener('activate', (event) => event.waitUntil(takenOver()));
scope.addEventListener('fetch', (event) => {
  if (isOurs(event.request)) event.respondWith(answer(event));
});
