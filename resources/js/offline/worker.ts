/// <reference lib="webworker" />
import { clientsClaim } from 'workbox-core'
import { ExpirationPlugin } from 'workbox-expiration'
import { registerRoute } from 'workbox-routing'
import { CacheFirst, NetworkFirst } from 'workbox-strategies'
import { KEPT_IN, MOST_SHARED, SHARED, SHARED_IN, SHARED_NAME, TAKE_OVER, TOLD } from './told'

/**
 * What the browser keeps, so that the page at the easel opens and turns its cells while the server is out of reach:
 * everything that ships, and the answers about the drawings used last. Whenever the server answers, its answer counts.
 */
declare const self: ServiceWorkerGlobalScope

const SHIPPED = 'shipped'
const PAGES = 'page'
/** The one page there is, under whatever address. */
const PAGE = '/'
/** Cells of two drawings with their pictures, about; two weeks without the server are long (ours). */
const MOST_ANSWERS = 800
const OLDEST_S = 14 * 86400

/** Where a device that is not connected, or not any more, is sent. */
const PAIRING = '/pair'

/** What was kept of the drawings goes as soon as the server says that this device is connected no more. */
async function forgetWhereRefused(response: Response) {
  if (response.status === 401 || new URL(response.url).pathname === PAIRING) await caches.delete(KEPT_IN)
  return response
}

/** A page in place of a script, as a server of another version may answer, is not kept. */
const MEANT: Record<string, RegExp> = { js: /javascript/, css: /css/, woff2: /font|octet/, svg: /svg/ }
function isWhatItIs(response: Response) {
  const kind = MEANT[new URL(response.url).pathname.split('.').pop() ?? '']
  return response.ok && (!kind || kind.test(response.headers.get('Content-Type') ?? ''))
}

/** Said of an answer that is not the server's but what it said last. */
const KEPT = 'X-Kept'

interface Manifest {
  [source: string]: { file: string; css?: string[] }
}

self.addEventListener('install', (event) => {
  void self.skipWaiting()
  event.waitUntil(
    (async () => {
      const manifest = (await (await fetch('/build/manifest.json')).json()) as Manifest
      const files = new Set(Object.values(manifest).flatMap(({ file, css = [] }) => [file, ...css]))
      const cache = await caches.open(SHIPPED)
      // What an earlier version kept under a script's name and is none goes.
      await Promise.all((await cache.keys()).map(async (request) => isWhatItIs((await cache.match(request)) ?? Response.error()) || cache.delete(request)))
      // Who is paired no more is sent elsewhere: that is not the page to be kept.
      await (await caches.open(PAGES)).add(new Request(PAGE, { redirect: 'error' }))
      const known = new Set((await cache.keys()).map((request) => new URL(request.url).pathname))
      const wanted = [...files].map((file) => `/build/${file}`).filter((path) => path.includes('/assets/') && !known.has(path))
      await Promise.all(
        wanted.map(async (path) => {
          const response = await fetch(path)
          if (!isWhatItIs(response)) throw new Error(`${path} is not what it is named after.`)
          await cache.put(path, response)
        }),
      )
    })(),
  )
})
clientsClaim()
// A page that was being opened just then is not among those taken over, and asks for it itself.
self.addEventListener('message', (event) => {
  if (event.data === TAKE_OVER) event.waitUntil(self.clients.claim())
})

registerRoute(({ url }) => url.pathname.startsWith('/build/assets/') || url.pathname === '/icon.svg', new CacheFirst({ cacheName: SHIPPED, plugins: [new ExpirationPlugin({ maxEntries: 400 }), { cacheWillUpdate: async ({ response }) => (isWhatItIs(response) ? response : null) }] }))

registerRoute(
  ({ request, url }) => request.mode === 'navigate' && !url.pathname.startsWith(PAIRING) && !url.pathname.startsWith('/api/'),
  new NetworkFirst({ cacheName: PAGES, plugins: [{ fetchDidSucceed: ({ response }) => forgetWhereRefused(response), cacheKeyWillBeUsed: async () => PAGE, cacheWillUpdate: async ({ response }) => (response.ok && !response.redirected ? response : null) }] }),
)

// Any page may send something here, not another app alone: it is laid aside, and the shelf asks before it is taken in.
registerRoute(
  ({ url }) => url.pathname === SHARED,
  async ({ request }) => {
    const files = (await request.formData()).getAll('photo').filter((one) => one instanceof File).slice(0, MOST_SHARED)
    await caches.delete(SHARED_IN)
    const cache = await caches.open(SHARED_IN)
    const kept = files.map((file, i) => cache.put(`${SHARED}/${i}`, new Response(file, { headers: { [SHARED_NAME]: encodeURIComponent(file.name) } })))
    await Promise.all(kept)
    return Response.redirect('/', 303)
  },
  'POST',
)

registerRoute(
  ({ url, request }) => request.method === 'GET' && TOLD.test(url.pathname),
  new NetworkFirst({
    cacheName: KEPT_IN,
    plugins: [
      new ExpirationPlugin({ maxEntries: MOST_ANSWERS, maxAgeSeconds: OLDEST_S }),
      {
        fetchDidSucceed: ({ response }) => forgetWhereRefused(response),
        cachedResponseWillBeUsed: async ({ cachedResponse }) => {
          if (!cachedResponse) return null
          const headers = new Headers(cachedResponse.headers)
          headers.set(KEPT, '1')
          return new Response(cachedResponse.body, { status: cachedResponse.status, headers })
        },
      },
    ],
  }),
)
