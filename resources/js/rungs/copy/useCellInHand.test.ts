import { beforeEach, afterEach, expect, it, vi } from 'vitest'
import { effectScope, nextTick, reactive, ref, type EffectScope } from 'vue'

const replaced: string[] = []
const isAway = ref(false)
const store = reactive({ drawing: { id: 'one', version: 1 } as { id: string; version: number } | null, trouble: null as string | null, decide: vi.fn() })
/** A mesh of 4 × 3, gone through from the left; the hand turns it round. */
const cells = reactive({
  columns: 4,
  rows: 3,
  hand: 'right',
  way: null as { at: number; last: number | null } | null,
  settled: new Set<string>(),
  load: vi.fn(async () => void (cells.way = { at: cells.hand === 'right' ? 0 : 3, last: 5 })),
  card: vi.fn(async (place: { column: number; row: number }): Promise<object | null> => ({ of: `${place.column}-${place.row}` })),
  placeAt: (index: number) => ({ column: index % 4, row: Math.floor(index / 4) }),
  beside: (place: { column: number; row: number }, dx: number, dy: number) => ({ column: place.column + dx, row: place.row + dy }),
  nextOpen: (from: { column: number; row: number }) => ({ column: from.column + 1, row: from.row }),
  stateOf: (place: { column: number; row: number }) => (cells.settled.has(`${place.column}-${place.row}`) ? 'done' : 'open'),
  isSettled: (place: { column: number; row: number }) => cells.settled.has(`${place.column}-${place.row}`),
  finish: vi.fn((place: { column: number; row: number }) => cells.settled.add(`${place.column}-${place.row}`)),
  reopen: vi.fn((place: { column: number; row: number }) => cells.settled.delete(`${place.column}-${place.row}`)),
  note: vi.fn((place: { column: number; row: number }) => cells.settled.add(`${place.column}-${place.row}`)),
})
const props = reactive<{ id: string; cell?: string }>({ id: 'one' })

vi.mock('vue-router', () => ({ useRouter: () => ({ replace: (to: { params: { cell: string } }) => (replaced.push(to.params.cell), (props.cell = to.params.cell)) }) }))
vi.mock('@/offline/away', () => ({ away: isAway }))
vi.mock('@/stores/drawing', () => ({ useDrawing: () => store }))
vi.mock('@/stores/copying', () => ({ useCopying: () => cells, keyOf: (place: { column: number; row: number }) => `${place.column}-${place.row}` }))
const { useCellInHand } = await import('./useCellInHand')

let scope: EffectScope
const settle = async () => {
  for (let i = 0; i < 5; i++) await nextTick()
}
async function taken(cell?: string) {
  props.cell = cell
  const hand = scope.run(() => useCellInHand(props))!
  await settle()
  return hand
}
const inHand = (hand: Awaited<ReturnType<typeof taken>>) => `${hand.at.value.column + 1}-${hand.at.value.row + 1}`

beforeEach(() => {
  scope = effectScope()
  sessionStorage.clear()
  replaced.length = 0
  isAway.value = false
  Object.assign(store, { drawing: { id: 'one', version: 1 }, trouble: null })
  Object.assign(cells, { hand: 'right', way: null, columns: 4, settled: new Set() })
  vi.clearAllMocks()
})
afterEach(() => scope.stop())

it.each([
  ['where the last sitting stopped, when none is asked for', undefined, '1-1'],
  ['the one that is asked for', '3-2', '3-2'],
  ['where it stopped, when there is none such', '9-9', '1-1'],
  ['where it stopped, when it is no cell at all', 'x', '1-1'],
])('takes %s', async (_, asked, cell) => {
  expect(inHand(await taken(asked))).toBe(cell)
})

it('goes on by a hand that was chosen while the server was away, once that is back', async () => {
  const hand = await taken()
  isAway.value = true
  await settle()
  cells.load.mockRejectedValueOnce(new Error('not answering'))
  cells.hand = 'left'
  await settle()
  expect([store.trouble, inHand(hand), cells.load.mock.calls.length]).toEqual(['not answering', '1-1', 2])
  isAway.value = false
  await settle()
  expect(cells.way?.at).toBe(3)
})

it('asks for nothing that is known when the server merely goes', async () => {
  await taken('2-2')
  const [ways, cards] = [cells.load.mock.calls.length, cells.card.mock.calls.length]
  isAway.value = true
  await settle()
  expect([cells.load.mock.calls.length, cells.card.mock.calls.length]).toEqual([ways, cards])
})

it('shows what is known of the cell in hand, not of the one before it, and asks again for what it asked in vain', async () => {
  const hand = await taken('1-1')
  let late: (card: object) => void = () => undefined
  cells.card.mockImplementationOnce(() => new Promise((resolve) => (late = resolve)))
  hand.move(1, 0)
  await settle()
  hand.move(1, 0)
  await settle()
  expect(hand.card.value).toEqual({ of: '2-0' })
  late({ of: '1-0' })
  await settle()
  expect(hand.card.value).toEqual({ of: '2-0' })
  cells.card.mockResolvedValueOnce(null)
  hand.move(1, 0)
  await settle()
  isAway.value = true
  await settle()
  isAway.value = false
  await settle()
  expect(hand.card.value).toEqual({ of: '3-0' })
})

it('begins another way as soon as it is known, and fetches nobody back who went on meanwhile', async () => {
  const hand = await taken('3-3')
  hand.goBy({ start: 'corner' })
  expect(store.decide).toHaveBeenCalledOnce()
  await settle()
  expect(inHand(hand)).toBe('3-3')
  store.drawing = { id: 'one', version: 2 }
  await settle()
  expect(inHand(hand)).toBe('1-1')
  hand.goBy({ start: 'corner' })
  hand.move(1, 0)
  store.drawing = { id: 'one', version: 3 }
  await settle()
  expect(inHand(hand)).toBe('2-1')
  // Somebody else's change moves nobody.
  store.drawing = { id: 'one', version: 4 }
  await settle()
  expect(inHand(hand)).toBe('2-1')
})

it('goes back to what it left, opened again where it was noted here, and after a reload too', async () => {
  const first = await taken('1-1')
  first.mark('done')
  first.mark('empty')
  // One that is through already is only gone past, and stays so.
  cells.settled.add('2-0')
  first.mark('done')
  expect([inHand(first), cells.finish.mock.calls.length, cells.note.mock.calls.length]).toEqual(['4-1', 1, 1])
  await settle()
  scope.stop()
  scope = effectScope()
  const again = await taken('4-1')
  again.back()
  expect([inHand(again), [...cells.settled]]).toEqual(['3-1', ['0-0', '1-0', '2-0']])
  again.back()
  again.back()
  expect([inHand(again), [...cells.settled]]).toEqual(['1-1', ['2-0']])
  // Nothing is left to go back to but what was settled last, as the server knows it.
  cells.settled.add('1-1')
  again.back()
  expect([inHand(again), [...cells.settled]]).toEqual(['2-2', ['2-0']])
})

it('forgets what it left when the cells are others', async () => {
  const hand = await taken('1-1')
  hand.mark('done')
  await settle()
  Object.assign(cells, { columns: 5, way: { at: 0, last: null } })
  await settle()
  hand.back()
  expect(inHand(hand)).toBe('2-1')
})

it('copies the one in hand again, if it was copied', async () => {
  const hand = await taken('2-1')
  hand.reopen()
  cells.settled.add('1-0')
  hand.reopen()
  expect(cells.reopen.mock.calls).toEqual([[{ column: 1, row: 0 }]])
})
