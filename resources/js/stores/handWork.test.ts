import { beforeEach, expect, it, vi } from 'vitest'
import type { CellNote, Noted } from '@/api/types'

const asked: string[] = []
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
      cell: (id: string, column: number, row: number, noted: object) => answer(`${id} ${column} ${row} ${JSON.stringify(noted)}`),
      cells: (id: string, cells: number[], noted: object) => answer(`${id} ${cells.join(',')} ${JSON.stringify(noted)}`),
    },
  }
})

const { useHandWork } = await import('./handWork')
const { Refused } = await import('@/api/client')
const done = { state: 'done' } as const
const cell = (column: number, row: number, state: CellNote['state'] = 'open') => ({ column, row, state, doubtful: false, words: '' })

function work() {
  const heard = { kept: 0, said: [] as (string | null)[], dropped: 0 }
  const hand = useHandWork(
    () => heard.kept++,
    (trouble) => heard.said.push(trouble),
    () => heard.dropped++,
  )
  return { ...hand, heard }
}

beforeEach(() => {
  sessionStorage.clear()
  asked.length = 0
  answers = []
  vi.useFakeTimers()
})

it('sends in the order it was done, one after another', async () => {
  const hand = work()
  void hand.note({ drawing: 'a', mesh: [5, 7], cells: [0], noted: done })
  void hand.note({ drawing: 'a', mesh: [5, 7], cells: [6], noted: { doubtful: true } })
  await hand.note({ drawing: 'a', mesh: [5, 7], cells: [1, 2], noted: { state: 'empty' } })
  expect(asked).toEqual(['a 0 0 {"state":"done"}', 'a 1 1 {"doubtful":true}', 'a 1,2 {"state":"empty"}'])
  expect(hand.heard.kept).toBe(3)
})

it.each([0, 502, 503, 504, 507])('waits through a %d, and is sent again by itself, once', async (status) => {
  answers = [new Refused(status, { message: 'away' })]
  const hand = work()
  await hand.note({ drawing: 'a', mesh: [5, 7], cells: [0], noted: done })
  expect(hand.heard.said).toEqual(['away'])
  expect(hand.over('a', [])).toEqual([{ ...cell(0, 0, 'done') }])
  await vi.advanceTimersByTimeAsync(60_000)
  expect(asked).toHaveLength(2)
  expect(hand.over('a', [])).toEqual([])
})

it('lets go of what cannot be, however often it is tried, and says so', async () => {
  answers = [new Refused(422, { message: 'there is no such cell' })]
  const hand = work()
  await hand.note({ drawing: 'a', mesh: [5, 7], cells: [0], noted: done })
  await hand.note({ drawing: 'a', mesh: [5, 7], cells: [1], noted: done })
  expect(asked).toHaveLength(2)
  expect(hand.heard.dropped).toBe(1)
  expect(hand.heard.said[0]).toBe('there is no such cell')
})

it('is shown over what the server knew before it came, and stands over a reload', async () => {
  answers = [new Refused(0, { message: 'away' })]
  const hand = work()
  await hand.note({ drawing: 'a', mesh: [5, 7], cells: [6], noted: done })
  expect(hand.over('a', [cell(1, 1), cell(0, 0)])).toEqual([cell(1, 1, 'done'), cell(0, 0)])
  expect(hand.over('b', [cell(1, 1)])).toEqual([cell(1, 1)])
  expect(work().over('a', [])).toEqual([cell(1, 1, 'done')])
})

it('says what was noted of a grid that is no more, and never puts it on other cells', async () => {
  answers = [new Refused(0, { message: 'away' })]
  const hand = work()
  await hand.note({ drawing: 'a', mesh: [5, 7], cells: [0, 1], noted: done })
  hand.forget('a', [6, 8])
  expect(hand.over('a', [])).toEqual([])
  expect(hand.heard.said.at(-1)).toContain('2 cells')
  hand.forget('a', [6, 8])
  expect(hand.heard.said).toHaveLength(2)
})

it('knows what was noted on the page that was left, when Back brings this one up as it was', async () => {
  const shelf = work()
  answers = [new Refused(0, { message: 'away' })]
  await work().note({ drawing: 'a', mesh: [5, 7], cells: [6], noted: done })
  window.dispatchEvent(Object.assign(new Event('pageshow'), { persisted: true }))
  await shelf.settle()
  expect(asked).toHaveLength(2)
  expect(shelf.over('a', [])).toEqual([])
})
