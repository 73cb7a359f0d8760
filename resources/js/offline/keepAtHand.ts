import { KEPT_IN, TAKE_OVER, TOLD } from './told'

/** Lets the browser keep the page and what was seen last, for when the server is out of reach. Where it cannot, all goes on as it is. */
export function keepAtHand() {
  if (!('serviceWorker' in navigator) || import.meta.env.DEV) return
  const workers = navigator.serviceWorker
  // What this page fetched before there was a worker to keep it is fetched once more.
  if (!workers.controller) workers.addEventListener('controllerchange', fetchAgain, { once: true })
  // Named after what was built: another build is another worker, which fetches what is new in it.
  const build = new URL(import.meta.url).pathname.split('/').pop()
  workers.register(`/build/worker.js?${build}`, { type: 'module', scope: '/' }).catch(() => undefined)
  void workers.ready.then(({ active }) => {
    if (!workers.controller) active?.postMessage(TAKE_OVER)
  })
}

function fetchAgain() {
  const taken = performance.now()
  const again = new Set<string>()
  // Also what is on its way at that moment, once it has come.
  new PerformanceObserver((fetched) => {
    for (const { name, startTime } of fetched.getEntries()) {
      if (startTime > taken || again.has(name) || !TOLD.test(new URL(name).pathname)) continue
      again.add(name)
      void fetch(name, { headers: { Accept: 'application/json' } }).catch(() => undefined)
    }
  }).observe({ type: 'resource', buffered: true })
}

/** What is known by now of something that was asked for before: without a server it is opened as it stands, not as it was when it was asked for. */
export async function keepAsKnown(path: string, answer: unknown) {
  if (!navigator.serviceWorker?.controller) return
  const kept = await caches.open(KEPT_IN)
  // Put in its very place: at no moment is nothing there.
  const [known = path] = await kept.keys(path, { ignoreVary: true })
  await kept.put(known, new Response(JSON.stringify(answer), { headers: { 'Content-Type': 'application/json' } }))
}
