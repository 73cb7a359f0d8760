/// <reference lib="webworker" />
import { clientsClaim } from 'workbox-core'
import { ExpirationPlugin } from 'workbox-expiration'
import { registerRoute } from 'workbox-routing'
import { CacheFirst, NetworkFirst } from 'workbox-strategies'
import { KEPT_IN, TAKE_OVER, TOLD } from './told'

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
      // Who is paired no more is sent elsewhere: that is not the page to be kept.
      await (await caches.open(PAGES)).add(new Request(PAGE, { redirect: 'error' }))
      const known = new Set((await cache.keys()).map((request) => new URL(request.url).pathname))
      await cache.addAll([...files].map((file) => `/build/${file}`).filter((path) => path.includes('/assets/') && !known.has(path)))
    })(),
  )
})
clientsClaim()
// A page that was being opened just then is not among those taken over, and asks for it itself.
self.addEventListener('message', (event) => {
  if (event.data === TAKE_OVER) event.waitUntil(self.clients.claim())
})

registerRoute(({ url }) => url.pathname.startsWith('/build/assets/') || url.pathname === '/icon.svg', new CacheFirst({ cacheName: SHIPPED, plugins: [new ExpirationPlugin({ maxEntries: 400 })] }))

registerRoute(
  ({ request, url }) => request.mode === 'navigate' && !url.pathname.startsWith('/pair') && !url.pathname.startsWith('/api/'),
  new NetworkFirst({ cacheName: PAGES, plugins: [{ cacheKeyWillBeUsed: async () => PAGE, cacheWillUpdate: async ({ response }) => (response.ok && !response.redirected ? response : null) }] }),
)

registerRoute(
  ({ url, request }) => request.method === 'GET' && TOLD.test(url.pathname),
  new NetworkFirst({
    cacheName: KEPT_IN,
    plugins: [
      new ExpirationPlugin({ maxEntries: MOST_ANSWERS, maxAgeSeconds: OLDEST_S }),
      {
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
