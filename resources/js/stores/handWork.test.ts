import { beforeEach, expect, it, vi } from 'vitest'
import type { CellNote, Noted } from '@/api/types'

const asked: string[] = []
const keys: string[] = []
const agos: number[] = []
let answers: (Noted | Error)[] = []

vi.mock('@/api/client', () => {
  class Refused extends Error {
    constructor(
      readonly status: number,
      readonly trouble: { message: string },
    ) {
      super(trouble.message)
    }
  }
  const answer = (what: string) => {
    asked.push(what)
    const next = answers.shift() ?? ({ edits: 0 } as unknown as Noted)
    return next instanceof Error ? Promise.reject(next) : Promise.resolve(next)
  }
  return {
    Refused,
    api: {
      notes: (id: string, notes: { key: string; mesh: string; cells: number[]; ago: number }[]) =>
        answer([id, ...notes.map(({ key, mesh, cells, ago, ...noted }) => (keys.push(key), agos.push(ago), `${mesh} ${cells.join(',')} ${JSON.stringify(noted)}`))].join(' | ')),
    },
  }
})

const { useHandWork } = await import('./handWork')
const { Refused } = await import('@/api/client')
const done = { state: 'done' } as const
const cell = (column: number, row: number, state: CellNote['state'] = 'open') => ({ column, row, state, reached: state === 'done' ? 3 : 0, doubtful: false, words: '' })

function work() {
  const heard = { kept: 0, said: [] as (string | null)[], setAside: 0 }
  const hand = useHandWork(
    () => heard.kept++,
    (trouble) => heard.said.push(trouble),
    () => heard.setAside++,
  )
  return { ...hand, heard }
}

beforeEach(() => {
  localStorage.clear()
  asked.length = keys.length = agos.length = 0
  answers = []
  vi.useFakeTimers()
})

it('sends in the order it was done: the first at once, what came meanwhile together', async () => {
  const hand = work()
  void hand.note({ drawing: 'a', mesh: [5, 7], grid: '5x7-a', cells: [0], noted: done })
  void hand.note({ drawing: 'a', mesh: [5, 7], grid: '5x7-a', cells: [6], noted: { doubtful: true } })
  await hand.note({ drawing: 'a', mesh: [5, 7], grid: '5x7-a', cells: [1, 2], noted: { state: 'empty' } })
  expect(asked).toEqual(['a | 5x7-a 0 {"state":"done"}', 'a | 5x7-a 6 {"doubtful":true} | 5x7-a 1,2 {"state":"empty"}'])
  expect(hand.heard.kept).toBe(2)
  expect(new Set(keys).size).toBe(3)
})

it.each([0, 500, 502, 503, 504, 507])('waits through a %d, and is sent again by itself, once', async (status) => {
  answers = [new Refused(status, { message: 'away' })]
  const hand = work()
  await hand.note({ drawing: 'a', mesh: [5, 7], grid: '5x7-a', cells: [0], noted: done })
  expect(hand.heard.said).toEqual(['away'])
  expect(hand.over('a', '5x7-a', [])).toEqual([{ ...cell(0, 0, 'done') }])
  await vi.advanceTimersByTimeAsync(60_000)
  expect(asked).toHaveLength(2)
  // Known by the same key, and told when it was done.
  expect(keys[1]).toBe(keys[0])
  expect(agos).toEqual([0, 2])
  expect(hand.over('a', '5x7-a', [])).toEqual([])
})

it('sets aside what cannot be, with the reason, until it is sent again or deleted by hand', async () => {
  answers = [new Refused(422, { message: 'there is no such cell' })]
  const hand = work()
  await hand.note({ drawing: 'a', mesh: [5, 7], grid: '5x7-a', cells: [0], noted: done })
  await hand.note({ drawing: 'a', mesh: [5, 7], grid: '5x7-a', cells: [1], noted: done })
  expect(asked).toHaveLength(2)
  expect(hand.heard.setAside).toBe(1)
  expect(hand.waiting.value.map(({ cells, why }) => [cells, why])).toEqual([[[0], 'there is no such cell']])
  // Not shown as if it were kept, and there after a reload.
  expect(hand.over('a', '5x7-a', [])).toEqual([])
  answers = [new Refused(422, { message: 'still none' })]
  await hand.tryAgain()
  expect([asked.length, hand.waiting.value.map(({ why }) => why)]).toEqual([3, ['still none']])
  await hand.tryAgain()
  expect([asked.length, hand.waiting.value]).toEqual([4, []])
  answers = [new Refused(422, { message: 'none' })]
  await hand.note({ drawing: 'a', mesh: [5, 7], grid: '5x7-a', cells: [2], noted: done })
  hand.deleteSetAside('b')
  expect(hand.waiting.value).toHaveLength(1)
  hand.deleteSetAside('a')
  expect(hand.waiting.value).toEqual([])
})

it('bears a fault of the server’s own a few times, then sets that note aside and lets the others pass', async () => {
  const fault = () => new Refused(500, { message: 'a fault' })
  answers = [new Refused(0, { message: 'away' }), ...Array.from({ length: 10 }, fault)]
  const hand = work()
  for (const one of [0, 1]) void hand.note({ drawing: 'a', mesh: [5, 7], grid: '5x7-a', cells: [one], noted: done })
  await vi.advanceTimersByTimeAsync(60_000)
  const [one, other] = [0, 1].map((cell) => `5x7-a ${cell} {"state":"done"}`)
  // Both, then the one alone: five times over; after that the other.
  expect(asked).toEqual([`a | ${one}`, ...Array.from({ length: 5 }, () => [`a | ${one} | ${other}`, `a | ${one}`]).flat(), `a | ${other}`])
  expect([hand.heard.setAside, hand.waiting.value.map(({ cells, why }) => [cells, why])]).toEqual([1, [[[0], 'a fault']]])
})

it('finds the one of many that cannot be, and keeps the others, in order', async () => {
  answers = [new Refused(0, { message: 'away' }), new Refused(422, { message: 'no such cell' }), { edits: 1 } as Noted, new Refused(422, { message: 'no such cell' })]
  const hand = work()
  for (const one of [0, 99, 1]) void hand.note({ drawing: 'a', mesh: [5, 7], grid: '5x7-a', cells: [one], noted: done })
  void hand.note({ drawing: 'b', mesh: [3, 3], grid: '3x3-b', cells: [4], noted: done })
  await vi.advanceTimersByTimeAsync(60_000)
  const sent = (cell: number) => `5x7-a ${cell} {"state":"done"}`
  expect(asked).toEqual([`a | ${sent(0)}`, `a | ${sent(0)} | ${sent(99)} | ${sent(1)}`, `a | ${sent(0)}`, `a | ${sent(99)}`, `a | ${sent(1)}`, 'b | 3x3-b 4 {"state":"done"}'])
  expect(hand.waiting.value.map(({ cells }) => cells)).toEqual([[99]])
  expect(hand.heard.setAside).toBe(1)
})

it('is shown over what the server knew before it came, and stands over a reload', async () => {
  answers = [new Refused(0, { message: 'away' })]
  const hand = work()
  await hand.note({ drawing: 'a', mesh: [5, 7], grid: '5x7-a', cells: [6], noted: done })
  expect(hand.over('a', '5x7-a', [cell(1, 1), cell(0, 0)])).toEqual([cell(1, 1, 'done'), cell(0, 0)])
  expect(hand.over('b', '5x7-a', [cell(1, 1)])).toEqual([cell(1, 1)])
  expect(work().over('a', '5x7-a', [])).toEqual([cell(1, 1, 'done')])
})

it('never shows on other cells what was noted of those before, and sends it by their name', async () => {
  answers = [new Refused(0, { message: 'away' })]
  const hand = work()
  await hand.note({ drawing: 'a', mesh: [5, 7], grid: '5x7-a', cells: [0, 1], noted: done })
  expect(hand.over('a', '5x7-c', [])).toEqual([])
  expect(hand.over('a', '6x8-d', [cell(0, 0)])).toEqual([cell(0, 0)])
  await vi.advanceTimersByTimeAsync(60_000)
  expect(asked.at(-1)).toBe('a | 5x7-a 0,1 {"state":"done"}')
})

it('knows what was noted on the page that was left, when Back brings this one up as it was', async () => {
  const shelf = work()
  answers = [new Refused(0, { message: 'away' })]
  await work().note({ drawing: 'a', mesh: [5, 7], grid: '5x7-a', cells: [6], noted: done })
  window.dispatchEvent(Object.assign(new Event('pageshow'), { persisted: true }))
  await shelf.settle()
  expect(asked).toHaveLength(2)
  expect(shelf.over('a', '5x7-a', [])).toEqual([])
})

it.each([
  [{ state: 'open', reached: 1 }, { reached: 3 }, 'done 3'],
  [{ state: 'done', reached: 3 }, { reached: 2 }, 'open 2'],
  [{ state: 'done', reached: 3 }, { state: 'open' }, 'open 0'],
  [{ state: 'empty', reached: 1 }, { state: 'open' }, 'open 1'],
  [{ state: 'empty', reached: 3 }, { state: 'open' }, 'open 0'],
  [{ state: 'open', reached: 2 }, { state: 'empty' }, 'empty 2'],
  [{ state: 'open', reached: 2 }, { words: 'rim' }, 'open 2'],
] as const)('shows of a cell that is %j, and noted %j, what the server will answer', async (before, noted, shown) => {
  answers = [new Refused(0, { message: 'away' })]
  const hand = work()
  await hand.note({ drawing: 'a', mesh: [5, 7], grid: '5x7-a', cells: [6], noted })
  expect(hand.over('a', '5x7-a', [{ ...cell(1, 1), ...before }]).map((one) => `${one.state} ${one.reached}`)).toEqual([shown])
})
