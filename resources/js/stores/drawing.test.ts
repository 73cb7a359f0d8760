import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, it, vi } from 'vitest'
import type { Choices, Drawing } from '@/api/types'

type Call = { what: 'workings' | 'decide' | 'adjust'; cell: string; rung?: string | null; answer: () => void; refuse: (status: number) => void }
let calls: Call[] = []
/** Answers that come later, of the drawing as it is known by then. */
let asked: Promise<Drawing>[] = []
/** A step back, answered when the test says so. */
let undone: (drawing: Drawing) => void = () => undefined

vi.mock('@/api/client', () => {
  class Refused extends Error {
    constructor(
      readonly status: number,
      readonly trouble: { message: string; errors?: Record<string, string[]> },
    ) {
      super(trouble.message)
    }
  }
  /** Waits for the test to answer it. */
  const call = (what: Call['what'], choices: Choices, answer: object, rung?: string | null) =>
    new Promise((resolve, reject) => {
      const cell = choices.fit.cell ?? ''
      calls.push({ what, cell, rung, answer: () => resolve(answer), refuse: (status) => reject(new Refused(status, { message: `${cell} is refused`, errors: { 'fit.cell': [`${cell} is refused`] } })) })
    })
  return {
    Refused,
    api: {
      drawing: () => (asked.length > 0 ? asked.shift()! : Promise.resolve(drawn('1 in'))),
      // A pull is answered with what it makes of the choices.
      workings: (_: unknown, choices: Choices, rung: string | null, pull: { left: number } | null) => call('workings', choices, workings(choices.fit.cell ?? '', pull ? { left: `${pull.left}` } : {}), rung),
      // An adjustment adds one to the count it was sent, and says its own name.
      adjust: (_: unknown, choices: Choices, act: string) =>
        call('adjust', choices, { choices: { fit: { ...choices.fit, columns: (choices.fit.columns ?? 0) + 1 } }, said: act }),
      notes: () => Promise.resolve({ version: 1, edits: 5, undo: 'D2 open again', redo: null, overtaken: [] }),
      undo: () => new Promise<Drawing>((resolve) => (undone = resolve)),
      decide: (_: string, __: number, choices: Choices) => call('decide', choices, drawn(choices.fit.cell ?? '')),
    },
  }
})

const workings = (cell: string, fit = {}) => ({ choices: { fit: { cell, ...fit } }, grid: { columns: 4, rows: 4 }, rungs: {} })
const drawn = (cell: string) => ({ id: 'one', version: 1, photo: {}, workings: workings(cell), cells: [], kept: '', edits: 0, undo: null, redo: null, said: '' }) as unknown as Drawing

const { useDrawing } = await import('./drawing')

/** Writes a cell, and waits until the change is being kept. */
async function write(store: ReturnType<typeof useDrawing>, cell: string) {
  store.decide((choices) => (choices.fit.cell = cell))
  await vi.advanceTimersByTimeAsync(400)
}

async function answer(what: Call['what'], cell: string, status?: number) {
  const call = calls.splice(
    calls.findIndex((one) => one.what === what && one.cell === cell),
    1,
  )[0]!
  expect([call.what, call.cell]).toEqual([what, cell])
  if (status) call.refuse(status)
  else call.answer()
  await vi.advanceTimersByTimeAsync(1)
}

beforeEach(() => {
  localStorage.clear()
  setActivePinia(createPinia())
  calls = []
  asked = []
  vi.useFakeTimers()
})

it.each([422, 500])('keeps what was written while what is refused (%i) was still on its way', async (status) => {
  const store = useDrawing()
  await store.open('one')
  await write(store, '12 in')
  await write(store, '2 in')
  await answer('workings', '12 in', status)
  expect(store.errors).toEqual({})
  await answer('decide', '12 in', status)
  await answer('workings', '2 in')
  await answer('decide', '2 in')
  expect([store.state, store.draft?.fit.cell, store.errors]).toEqual(['saved', '2 in', {}])
})

it('says what is refused where nothing newer waits, and keeps the next', async () => {
  const store = useDrawing()
  await store.open('one')
  await write(store, '12 in')
  await answer('workings', '12 in', 422)
  await answer('decide', '12 in', 422)
  expect([store.state, store.errors]).toEqual(['unsaved', { 'fit.cell': '12 in is refused' }])
  await write(store, '2 in')
  await answer('workings', '2 in')
  await answer('decide', '2 in')
  expect([store.state, store.errors]).toEqual(['saved', {}])
})

it.each([
  ['could not be kept', 500, ['fit']],
  ['is kept', undefined, []],
])('asks again for what another rung shows, where what was done on this one %s', async (_, status, again) => {
  const store = useDrawing()
  await store.open('one')
  store.rung = 'grid'
  await write(store, '2 in')
  expect(calls.map(({ what, rung }) => [what, rung])).toEqual([['workings', 'grid'], ['decide', undefined]])
  await answer('workings', '2 in')
  await answer('decide', '2 in', status)
  store.rung = 'fit'
  await vi.advanceTimersByTimeAsync(1)
  expect(calls.map(({ rung }) => rung)).toEqual(again)
})

it('keeps what a pull made of the choices, however soon it was let go, and the last of many', async () => {
  const store = useDrawing()
  await store.open('one')
  for (const left of [0.1, 0.2, 0.3]) void store.pull({ by: 'move', left, top: 0 })
  void store.keep()
  await vi.advanceTimersByTimeAsync(1)
  expect(calls.map((call) => call.what)).toEqual(['workings'])
  await answer('workings', '1 in')
  expect(store.draft?.fit.left).toBe('0.1')
  expect(store.pulled).toMatchObject({ left: 0.3 })
  await answer('workings', '1 in')
  expect(store.draft?.fit.left).toBe('0.3')
  await answer('decide', '1 in')
  expect([store.state, store.pulled]).toEqual(['saved', null])
})

it('asks about the last of many pulls after a rest, and at once when the hand lets go', async () => {
  const store = useDrawing()
  await store.open('one')
  void store.pull({ by: 'move', left: 0.1, top: 0 })
  await answer('workings', '1 in')
  for (const left of [0.2, 0.3]) void store.pull({ by: 'move', left, top: 0 })
  await vi.advanceTimersByTimeAsync(150)
  expect(calls).toEqual([])
  // The page draws it meanwhile.
  expect(store.held).toMatchObject({ left: 0.3 })
  await vi.advanceTimersByTimeAsync(100)
  await answer('workings', '1 in')
  expect([store.draft?.fit.left, store.held]).toEqual(['0.3', null])
  void store.pull({ by: 'move', left: 0.4, top: 0 })
  void store.keep()
  await vi.advanceTimersByTimeAsync(1)
  await answer('workings', '1 in')
  await answer('decide', '1 in')
  expect(store.state).toBe('saved')
})

it('saves no pull that is not answered yet, also when it comes while one is being saved', async () => {
  const store = useDrawing()
  await store.open('one')
  void store.pull({ by: 'move', left: 0.1, top: 0 })
  void store.keep()
  await answer('workings', '1 in')
  // The first is being saved, and the hand pulls on.
  void store.pull({ by: 'move', left: 0.2, top: 0 })
  void store.keep()
  await answer('decide', '1 in')
  expect(calls.map((call) => call.what)).toEqual(['workings'])
  await answer('workings', '1 in')
  expect(store.draft?.fit.left).toBe('0.2')
  await answer('decide', '1 in')
  expect(store.state).toBe('saved')
})

it('takes over what was done elsewhere, and passes over an answer that is older than what was done here since', async () => {
  const store = useDrawing()
  await store.open('one')
  const told: ((edits: number, cell: string) => void)[] = []
  const later = () => new Promise<Drawing>((go) => told.push((edits, cell) => go({ ...drawn(cell), edits })))
  asked = [later(), later()]
  const [first, second] = [store.refresh(), store.refresh()]
  // Two answers that overtake each other, and a note of one's own in between.
  told[1]!(3, '3 in')
  await second
  expect([store.drawing?.edits, store.draft?.fit.cell]).toEqual([3, '3 in'])
  store.heard({ version: 1, edits: 4, undo: 'noted', redo: null, overtaken: [] })
  told[0]!(2, '2 in')
  await first
  expect([store.drawing?.edits, store.draft?.fit.cell, store.drawing?.undo]).toEqual([4, '3 in', 'noted'])
})

it('keeps what is decided while a step back is on its way, on top of what it took back, and saves nothing before it', async () => {
  const store = useDrawing()
  asked = [Promise.resolve({ ...drawn('3 in'), undo: 'fit' } as Drawing)]
  await store.open('one')
  const step = store.step('undo')
  expect([store.state, store.kept]).toEqual(['saved', 'saving'])
  await vi.advanceTimersByTimeAsync(1)
  store.decide((choices) => (choices.fit.left = '0.25'))
  await vi.advanceTimersByTimeAsync(1000)
  expect(calls.some((one) => one.what === 'decide')).toBe(false)
  undone(drawn('1 in'))
  await step
  await vi.advanceTimersByTimeAsync(1)
  expect([store.draft?.fit.cell, store.draft?.fit.left]).toEqual(['1 in', '0.25'])
  while (calls.some((one) => one.what === 'workings')) await answer('workings', calls.find((one) => one.what === 'workings')!.cell)
  await vi.advanceTimersByTimeAsync(1000)
  expect(calls.some((one) => one.what === 'decide')).toBe(true)
  while (calls.some((one) => one.what === 'decide')) await answer('decide', '1 in')
  expect([store.state, store.kept]).toEqual(['saved', 'saved'])
})

it('knows of a note that was kept while it was opened, whichever answer comes first', async () => {
  localStorage.setItem('inch-ladder.by-hand.left', JSON.stringify([{ key: 'k', at: Date.now(), drawing: 'one', mesh: [4, 4], grid: '4x4', cells: [5], noted: { state: 'open' } }]))
  let late: (drawing: Drawing) => void = () => undefined
  const done = { ...drawn('1 in'), edits: 4, undo: 'B2 copied', cells: [{ column: 1, row: 1, state: 'done' }] } as unknown as Drawing
  const again = { ...drawn('1 in'), edits: 5, undo: 'D2 open again' } as unknown as Drawing
  asked = [new Promise((resolve) => (late = resolve)), Promise.resolve(again)]
  const store = useDrawing()
  const opening = store.open('one')
  await vi.advanceTimersByTimeAsync(1)
  expect(store.waiting).toBe(0)
  late(done)
  await opening
  await vi.advanceTimersByTimeAsync(1)
  expect([store.drawing?.edits, store.drawing?.undo, store.drawing?.cells]).toEqual([5, 'D2 open again', []])
})

it('counts what is done of what there is to draw in: neither what is spared, whatever was noted there, nor what has nothing in it', async () => {
  const cells = [['done', 0, 0], ['done', 1, 0], ['empty', 2, 0], ['empty', 1, 1], ['open', 3, 3]].map(([state, column, row]) => ({ state, column, row }))
  asked.push(Promise.resolve({ ...drawn('1 in'), cells, workings: { ...workings('1 in'), lines: { spared: [0, 5] } } } as unknown as Drawing))
  const store = useDrawing()
  await store.open('one')
  expect(store.progress).toEqual({ done: 1, of: 13 })
})

it('makes one adjustment of what the one before has left, and keeps what was decided while it was on its way', async () => {
  const store = useDrawing()
  await store.open('one')
  void store.adjust('turn', {})
  const second = store.adjust('level', {})
  await vi.advanceTimersByTimeAsync(1)
  // The second is not asked before the first is answered.
  expect(calls.filter((one) => one.what === 'adjust')).toHaveLength(1)
  store.decide((choices) => (choices.fit.cell = '2 in'))
  await answer('adjust', '1 in')
  expect(store.draft!.fit).toMatchObject({ cell: '2 in', columns: 1 })
  await answer('adjust', '2 in')
  await second
  expect(store.draft!.fit).toMatchObject({ cell: '2 in', columns: 2 })
})

it('goes on after an adjustment that was refused', async () => {
  const store = useDrawing()
  await store.open('one')
  void store.adjust('turn', {})
  void store.adjust('level', {})
  await vi.advanceTimersByTimeAsync(1)
  await answer('adjust', '1 in', 422)
  expect(store.errors).toEqual({ 'fit.cell': '1 in is refused' })
  await answer('adjust', '1 in')
  expect(store.draft!.fit.columns).toBe(1)
})
