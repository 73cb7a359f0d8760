import { createPinia, disposePinia, setActivePinia, type Pinia } from 'pinia'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { nextTick, reactive } from 'vue'
import type { CellNote, Copying } from '@/api/types'

const store = reactive({
  drawing: { id: 'one', version: 1, edits: 0, cells: [] as Partial<CellNote>[] } as { id: string; version: number; edits: number; cells: Partial<CellNote>[] } | null,
  workings: { grid: { columns: 3, rows: 2 }, lines: { spared: [] as number[], addresses: ['A1', 'B1', 'C1', 'A2', 'B2', 'C2'] } },
  draft: { copy: { working: 'cells', pass: 'place' } },
  note: vi.fn(),
})
const asked: { id: string; answer: (way: Partial<Copying>) => void }[] = []
const cellToCopy = vi.fn<(...place: unknown[]) => Promise<unknown>>()

vi.mock('./drawing', () => ({ useDrawing: () => store }))
vi.mock('@/api/client', () => ({
  api: { copying: (id: string) => new Promise((resolve) => asked.push({ id, answer: resolve as (way: Partial<Copying>) => void })), cellToCopy: (...place: unknown[]) => cellToCopy(...place) },
}))
const { keyOf, useCopying } = await import('./copying')

const passes = ['place', 'contour', 'detail'].map((name) => ({ name })) as Copying['passes']
const at = (key: string) => ({ column: Number(key[0]), row: Number(key[2]) })
const noted = (cells: Record<string, Partial<CellNote>>) => Object.entries(cells).map(([key, note]) => ({ ...at(key), state: 'open' as const, reached: 0, ...note }))

async function opened(way: Partial<Copying> = {}) {
  const cells = useCopying()
  const loading = cells.load()
  asked.pop()!.answer({ order: [0, 1, 2, 5, 4, 3], goes_on: true, passes, blank: [], at: 0, ...way })
  await loading
  return cells
}

let pinia: Pinia
afterEach(() => disposePinia(pinia))
beforeEach(() => {
  setActivePinia((pinia = createPinia()))
  asked.length = 0
  cellToCopy.mockReset()
  store.note.mockReset()
  Object.assign(store, { drawing: { id: 'one', version: 1, edits: 0, cells: [] } })
  store.workings.lines.spared = []
  store.draft.copy = { working: 'cells', pass: 'place' }
})

it.each<[string, Partial<Copying>, Record<string, Partial<CellNote>>, number[], string, string]>([
  ['the next in the order that is given', {}, {}, [], '2-0', '2-1'],
  ['past what is done, and what has nothing in it', {}, { '1-0': { state: 'done' }, '2-0': { state: 'empty' } }, [], '0-0', '2-1'],
  ['past what is not to be drawn', {}, {}, [1, 2], '0-0', '2-1'],
  ['round to the beginning', {}, { '0-0': { state: 'done' } }, [], '0-1', '1-0'],
  ['from the beginning each time, where it does not go on', { goes_on: false }, { '0-0': { state: 'done' } }, [], '1-1', '1-0'],
  ['nowhere, when no other is open', {}, { '0-0': { state: 'done' }, '1-0': { state: 'done' }, '2-0': { state: 'done' }, '2-1': { state: 'done' }, '1-1': { state: 'done' } }, [], '0-1', '0-1'],
  ['nowhere, while the order is not known', { order: [] }, {}, [], '1-0', '1-0'],
])('goes on to %s', async (_, way, cells, spared, from, to) => {
  const copying = await opened(way)
  store.drawing!.cells = noted(cells)
  store.workings.lines.spared = spared
  expect(keyOf(copying.nextOpen(at(from)))).toBe(to)
})

it.each<[string, Record<string, Partial<CellNote>>, [number, number, number, number]]>([
  ['place', { '0-0': { reached: 1 }, '1-0': { reached: 3 }, '2-0': { state: 'empty' } }, [2, 1, 3, 2]],
  ['contour', { '0-0': { reached: 1 }, '1-0': { reached: 3 }, '2-0': { state: 'done' } }, [2, 0, 4, 2]],
  ['detail', {}, [0, 0, 6, 0]],
])('counts by the pass that is on: %s', async (pass, cells, [done, empty, left, begun]) => {
  store.draft.copy = { working: 'passes', pass }
  const copying = await opened()
  store.drawing!.cells = noted(cells)
  expect([copying.done, copying.empty, copying.left, copying.begun]).toEqual([done, empty, left, begun])
})

it('is through a pass no less than it was, and one pass back when it is to be copied again', async () => {
  const copying = await opened()
  store.drawing!.cells = noted({ '0-0': { reached: 3 }, '1-0': { state: 'empty' } })
  const wrote = () => store.note.mock.calls.map((call) => [(call[0] as { column: number; row: number }[]).map(keyOf).join(), call[1] as object])
  copying.finish(at('0-0'))
  copying.reopen(at('0-0'))
  store.draft.copy = { working: 'passes', pass: 'contour' }
  copying.finish(at('0-0'))
  copying.finish(at('2-0'))
  copying.reopen(at('0-0'))
  copying.reopen(at('1-0'))
  expect(wrote()).toEqual([['0-0', { state: 'done' }], ['0-0', { state: 'open' }], ['0-0', { reached: 3 }], ['2-0', { reached: 2 }], ['0-0', { reached: 1 }], ['1-0', { state: 'open' }]])
})

it('skips as blank what looks so and is open still', async () => {
  const copying = await opened({ blank: [0, 1, 2] })
  store.drawing!.cells = noted({ '1-0': { state: 'done' } })
  store.workings.lines.spared = [2]
  copying.skipBlank()
  expect(store.note).toHaveBeenCalledWith([at('0-0')], { state: 'empty' })
})

it('stays inside the mesh, whichever way it is moved', async () => {
  const copying = await opened()
  expect([copying.beside(at('2-1'), 1, 0), copying.beside(at('0-0'), -1, -1), copying.beside(at('1-0'), 0, 1)].map(keyOf)).toEqual(['2-1', '0-0', '1-1'])
})

it('asks for a cell once, again where it was asked in vain, and anew for other choices', async () => {
  const copying = await opened()
  cellToCopy.mockRejectedValueOnce(new Error('away')).mockResolvedValue({ address: 'A1' })
  expect(await copying.card(at('0-0'))).toBeNull()
  expect(await copying.card(at('0-0'))).toEqual({ address: 'A1' })
  await copying.card(at('0-0'))
  expect(cellToCopy).toHaveBeenCalledTimes(2)
  store.drawing = { ...store.drawing!, version: 2 }
  await copying.card(at('0-0'))
  expect(cellToCopy).toHaveBeenCalledTimes(3)
})

it('shows nothing of a drawing that was left, however late it is told', async () => {
  const copying = await opened()
  store.drawing = { id: 'two', version: 1, edits: 0, cells: [] }
  const first = copying.load()
  expect(copying.way).toBeNull()
  store.drawing = { id: 'three', version: 1, edits: 0, cells: [] }
  const second = copying.load()
  const [two, three] = asked
  three!.answer({ order: [3] })
  two!.answer({ order: [2] })
  await Promise.all([first, second])
  expect([two!.id, three!.id, copying.way]).toEqual(['two', 'three', { order: [3] }])
})

it('asks at once what comes after the last cell, and in a moment after any other', async () => {
  vi.useFakeTimers()
  const copying = await opened()
  store.drawing = { ...store.drawing!, edits: 1, cells: noted({ '0-0': { state: 'done' } }) }
  await nextTick()
  expect([copying.left, asked.length]).toEqual([5, 0])
  await vi.advanceTimersByTimeAsync(1500)
  expect(asked).toHaveLength(1)
  store.drawing = { ...store.drawing!, edits: 2, cells: noted(Object.fromEntries(['0-0', '1-0', '2-0', '0-1', '1-1', '2-1'].map((key) => [key, { state: 'done' as const }]))) }
  await nextTick()
  expect([copying.left, asked.length]).toEqual([0, 2])
  vi.useRealTimers()
})
