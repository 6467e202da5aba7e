// Keeps the interface itself on the device, so that a page opens without the server. What the server says (/api) is never kept here: notebooks are in the page's own database.
const SHELL = 'foxing-shell-2'

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

/** From the server if it answers, else as it was last. */
async function fresh(request, key) {
  const cache = await caches.open(SHELL)
  try {
    const answer = await fetch(request)
    if (answer.ok) await cache.put(key, answer.clone())
    return answer
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
  if (answer.ok) await cache.put(request, answer.clone())
  return answer
}

self.addEventListener('fetch', (event) => {
  const { request } = event
  const url = new URL(request.url)
  if (request.method !== 'GET' || url.origin !== self.location.origin || url.pathname.startsWith('/api')) return
  if (request.mode === 'navigate') event.respondWith(fresh(request, '/'))
  else if (url.pathname.startsWith('/assets/')) event.respondWith(once(request))
  else if (
    url.pathname === '/percepts.json.gz' ||
    url.pathname === '/organic-percepts.json.gz' ||
    url.pathname === '/mark.svg' ||
    url.pathname === '/manifest.webmanifest'
  )
    event.respondWith(fresh(request, url.pathname))
})
