// Keeps the interface itself on the device, so that a page opens without the server. What the server says (/api) is never kept here: notebooks are in the page's own database.
const SHELL = 'foxing-shell-3'
/** What stands at the root beside the page: pictures, and what is worked out ahead for reasoning. */
const KEPT = /^\/[^/]+\.(jsonl\.gz|svg|png|webmanifest)$/
const FILES = '/files.json'

self.addEventListener('install', (event) => {
  event.waitUntil(
    caches
      .open(SHELL)
      .then((cache) => cache.addAll(['/', '/mark.svg', '/manifest.webmanifest']))
      .then(() => self.skipWaiting()),
  )
})

self.addEventListener('activate', (event) => {
  event.waitUntil(
    caches
      .keys()
      .then((names) => Promise.all(names.filter((name) => name !== SHELL).map((name) => caches.delete(name))))
      .then(() => self.clients.claim()),
  )
})

/** Whether an answer is what was asked for: a page in the place of a script is none. */
const isPage = (answer) => (answer.headers.get('content-type') ?? '').startsWith('text/html')
const worthKeeping = (answer, page) => answer.ok && isPage(answer) === page

/** From the server if it answers, else as it was last. */
async function fresh(request, key, page) {
  const cache = await caches.open(SHELL)
  try {
    const answer = await fetch(request)
    if (worthKeeping(answer, page)) await cache.put(key, answer.clone())
    if (answer.ok || !(await cache.match(key))) return answer
    return await cache.match(key)
  } catch (error) {
    const kept = await cache.match(key)
    if (kept) return kept
    throw error
  }
}

/** Files whose name changes with their content are asked for once. */
async function once(request) {
  const cache = await caches.open(SHELL)
  const kept = await cache.match(request)
  if (kept) return kept
  const answer = await fetch(request)
  if (worthKeeping(answer, false)) await cache.put(request, answer.clone())
  return answer
}

const pathsOf = (files) => [...new Set(Object.values(files).flatMap((f) => [f.file, ...(f.css ?? []), ...(f.assets ?? [])]))].map((f) => `/${f}`)

/**
 * Fetches every file of the version that is served now, so that a page that is open finds all its parts when the server has another version, or is away; lets go of files of versions before
 * the last.
 */
async function keepVersion() {
  const cache = await caches.open(SHELL)
  const answer = await fetch(FILES)
  if (!worthKeeping(answer, false)) return
  const before = await cache.match(FILES)
  const text = await answer.clone().text()
  if (before && (await before.clone().text()) === text) return
  const now = pathsOf(JSON.parse(text))
  for (const path of now) if (!(await cache.match(path))) await once(new Request(path)).catch(() => undefined)
  const wanted = new Set([...now, ...(before ? pathsOf(await before.json()) : [])])
  for (const request of await cache.keys()) {
    const { pathname } = new URL(request.url)
    if (pathname.startsWith('/assets/') && !wanted.has(pathname)) await cache.delete(request)
  }
  await cache.put(FILES, answer)
}

self.addEventListener('fetch', (event) => {
  const { request } = event
  const url = new URL(request.url)
  if (request.method !== 'GET' || url.origin !== self.location.origin || url.pathname.startsWith('/api')) return
  if (request.mode === 'navigate') {
    event.respondWith(fresh(request, '/', true))
    event.waitUntil(keepVersion().catch(() => undefined))
  } else if (url.pathname.startsWith('/assets/')) event.respondWith(once(request))
  else if (KEPT.test(url.pathname)) event.respondWith(fresh(request, url.pathname, false))
})
