import { nextTick } from 'vue'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { useOwnList } from './useOwnList'

/** Locks as a browser keeps them: one has each at a time, the next as soon as that one lets it go. */
const held = new Map<string, Promise<unknown>>()
const letGo = new Map<string, () => void>()
async function request(name: string, ...[options, act]: [() => unknown] | [{ signal: AbortSignal }, () => unknown]) {
  const { signal } = typeof options === 'function' ? {} : options
  const before = held.get(name)
  const run = async () => {
    await before
    signal?.throwIfAborted()
    await Promise.race([(act ?? (options as () => unknown))(), new Promise<void>((go) => letGo.set(name, go))])
  }
  const turn = run()
  held.set(name, turn.catch(() => undefined))
  return turn
}
const settled = (ms = 5) => vi.advanceTimersByTimeAsync(ms)

beforeEach(() => {
  localStorage.clear()
  vi.useFakeTimers()
  vi.spyOn(AbortSignal, 'timeout').mockImplementation((ms) => {
    const controller = new AbortController()
    setTimeout(() => controller.abort(), ms)
    return controller.signal
  })
  held.clear()
  letGo.clear()
  vi.stubGlobal('navigator', { ...navigator, locks: { request } })
})
afterEach(() => void vi.useRealTimers().unstubAllGlobals())

function page() {
  const before = new Set(held.keys())
  const taken = vi.fn()
  const list = useOwnList<string>('queue', taken)
  const name = [...held.keys()].find((one) => !before.has(one)) ?? ''
  return { list, taken, close: () => letGo.get(name)?.() }
}

it('keeps what two open pages write apart, whichever writes last', async () => {
  const [one, other] = [page(), page()]
  one.list.value = ['a']
  other.list.value = ['b', 'c']
  one.list.value = []
  await settled()
  expect([one.list.value, other.list.value]).toEqual([[], ['b', 'c']])
  expect(Object.keys(localStorage).map((key) => localStorage.getItem(key)).sort()).toEqual(['["b","c"]', '[]'])
  expect(one.taken).not.toHaveBeenCalled()
})

it('takes over what a page that is gone left behind, before what is written since, and only once', async () => {
  const gone = page()
  gone.list.value = ['a', 'b']
  await nextTick()
  const living = page()
  living.list.value = ['x']
  await settled(10_000)
  gone.close()
  const next = page()
  next.list.value = ['c']
  await settled()
  expect(next.list.value).toEqual(['a', 'b', 'c'])
  expect(next.taken).toHaveBeenCalledTimes(1)
  const last = page()
  await settled()
  expect([last.list.value, living.list.value]).toEqual([[], ['x']])
})

it('waits for the page it was to end, where a reload begins before it has, and no longer', async () => {
  const [was, beside] = [page(), page()]
  was.list.value = ['a']
  beside.list.value = ['x']
  await nextTick()
  const is = page()
  await settled(1000)
  expect(is.list.value).toEqual([])
  was.close()
  await settled(1000)
  expect(is.list.value).toEqual(['a'])
  await settled(10_000)
  beside.close()
  await settled(10_000)
  expect([is.list.value, beside.list.value]).toEqual([['a'], ['x']])
})

it('takes over all there is where a browser has no locks, and what was left after a page that Back brings up', async () => {
  vi.stubGlobal('navigator', {})
  const first = page()
  first.list.value = ['a']
  await nextTick()
  const second = page()
  expect(second.list.value).toEqual(['a'])
  second.list.value = [...second.list.value, 'b']
  await nextTick()
  first.list.value = []
  await nextTick()
  window.dispatchEvent(Object.assign(new Event('pageshow'), { persisted: true }))
  expect(first.list.value).toEqual(['a', 'b'])
})
