import { expect, it } from 'vitest'
import { useLatest } from './latest'

/** Questions that are answered, or refused, when and in what order one likes. */
function asked(count: number) {
  const latest = useLatest()
  const taken: number[] = []
  const failed: number[] = []
  const questions = Array.from({ length: count }, (_, i) => {
    let [resolve, reject]: [(answer: number) => void, (error: Error) => void] = [() => undefined, () => undefined]
    const promise = new Promise<number>((...how) => ([resolve, reject] = how))
    const told = latest(promise, (answer) => taken.push(answer)).catch(() => failed.push(i))
    return { answer: () => (resolve(i), told), refuse: () => (reject(new Error()), told) }
  })
  return { latest, questions, taken, failed }
}

const orders = [[0, 1, 2], [0, 2, 1], [1, 0, 2], [1, 2, 0], [2, 0, 1], [2, 1, 0]]

it.each(orders)('takes the last that was asked, answered %d, %d, %d', async (...order) => {
  const { questions, taken, failed } = asked(3)
  for (const one of order) await questions[one]?.answer()
  expect([taken, failed]).toEqual([[2], []])
})

it.each(orders)('says no failure but the last one’s, refused %d, %d, %d', async (...order) => {
  const { questions, taken, failed } = asked(3)
  for (const one of order) await (one === 1 ? questions[one]?.answer() : questions[one]?.refuse())
  expect([taken, failed]).toEqual([[], [2]])
})

it('takes nothing of what is not wanted any more', async () => {
  const { latest, questions, taken, failed } = asked(1)
  latest.forget()
  await questions[0]?.answer()
  expect([taken, failed]).toEqual([[], []])
})
