import { createPinia, disposePinia, setActivePinia, type Pinia } from 'pinia'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { nextTick, reactive } from 'vue'

const store = reactive({ drawing: { id: 'one', edits: 3 } as { id: string; edits: number } | null, refresh: vi.fn() })
const pointAt = vi.fn<(id: string, at: { by: string; on: boolean; x: number | null; column: number | null }) => Promise<void>>(() => Promise.resolve())
let heard: (told: object) => void
let where: () => string | null

vi.mock('@/stores/drawing', () => ({ useDrawing: () => store }))
vi.mock('@/api/client', () => ({ api: { pointAt: (...what: Parameters<typeof pointAt>) => pointAt(...what) } }))
vi.mock('./useStream', () => ({ useStream: (url: typeof where, hears: typeof heard) => (([where, heard] = [url, hears]), { open: true }) }))
const { useTogether } = await import('./together')

let pinia: Pinia
const theirs = (on: boolean, more = {}) => ({ pointing: { by: 'tablet', on, at: { x: 0.2, y: 0.3 }, cell: null, ...more } })
const told = () => pointAt.mock.calls.map(([id, { on, x, column }]) => [id, on, x, column])

beforeEach(() => {
  vi.useFakeTimers()
  vi.clearAllMocks()
  store.drawing = { id: 'one', edits: 3 }
  setActivePinia((pinia = createPinia()))
})
afterEach(() => {
  disposePinia(pinia)
  vi.useRealTimers()
})

it('listens to the drawing that is open, and looks again only where it is behind', () => {
  useTogether()
  expect(where()).toBe('/api/drawings/one/events')
  heard({ version: 1, edits: 3 })
  expect(store.refresh).not.toHaveBeenCalled()
  heard({ version: 2, edits: 4 })
  expect(store.refresh).toHaveBeenCalledOnce()
  store.drawing = null
  expect(where()).toBeNull()
})

it('follows who points, until that one ends it or is not heard of for a while', () => {
  const together = useTogether()
  heard(theirs(true))
  expect([together.following, together.theirs?.at?.x]).toEqual([true, 0.2])
  vi.advanceTimersByTime(14_000)
  heard(theirs(true, { at: null, cell: { column: 1, row: 2 } }))
  vi.advanceTimersByTime(14_000)
  expect(together.theirs?.cell).toEqual({ column: 1, row: 2 })
  vi.advanceTimersByTime(1_001)
  expect([together.following, together.theirs]).toEqual([true, null])
  heard(theirs(true))
  heard(theirs(false))
  expect([together.following, together.theirs]).toEqual([false, null])
})

it('does not follow itself', () => {
  const together = useTogether()
  together.follow(true)
  const { by } = pointAt.mock.calls[0]![1]
  heard(theirs(false, { by }))
  expect([together.following, together.theirs]).toEqual([true, null])
})

it('tells where its hand is while it is followed, no more often than an eye follows, and that it is still here', async () => {
  const together = useTogether()
  together.point({ at: { x: 0.1, y: 0.1 } })
  await vi.advanceTimersByTimeAsync(1000)
  expect(told()).toEqual([])
  together.follow(true)
  for (let i = 2; i <= 9; i++) {
    together.point({ at: { x: i / 10, y: 0.1 } })
    await vi.advanceTimersByTimeAsync(10)
  }
  together.point({ cell: { column: 2, row: 0 } })
  await vi.advanceTimersByTimeAsync(200)
  // At once, the first of the hand's, and where it came to rest.
  expect(told()).toEqual([['one', true, 0.1, null], ['one', true, 0.2, null], ['one', true, 0.9, 2]])
  await vi.advanceTimersByTimeAsync(5000)
  expect(told().at(-1)).toEqual(['one', true, 0.9, 2])
  together.follow(false)
  expect(told().at(-1)).toEqual(['one', false, 0.9, 2])
  const soFar = told().length
  together.point({ at: null })
  await vi.advanceTimersByTimeAsync(6000)
  expect(told()).toHaveLength(soFar)
})

it('begins anew with another drawing', async () => {
  const together = useTogether()
  together.follow(true)
  together.point({ at: { x: 0.5, y: 0.5 } })
  heard(theirs(true))
  store.drawing = { id: 'two', edits: 0 }
  await nextTick()
  expect([together.following, together.theirs]).toEqual([false, null])
  together.follow(true)
  expect(told().at(-1)).toEqual(['two', true, null, null])
})
