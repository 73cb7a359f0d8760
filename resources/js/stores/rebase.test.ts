import { expect, it } from 'vitest'
import { reactive } from 'vue'
import { plain, rebase } from './rebase'

const sent = { title: 'Jug', fit: { cell: '1in', left: null as string | null }, points: [{ x: '1/2' }] }
const kept = { title: 'Jug', fit: { cell: '1 in', left: '0.1' as string | null }, points: [{ x: '0.5' }] }

it.each([
  ['takes what the server wrote where nothing was touched since', sent, kept],
  ['keeps what was typed since', { ...sent, title: 'Jug on the sill' }, { ...kept, title: 'Jug on the sill' }],
  ['tells the fields of a part apart', { ...sent, fit: { cell: '2in', left: null } }, { ...kept, fit: { cell: '2in', left: '0.1' } }],
  ['keeps what was put into a list since, and takes what the server wrote of the rest', { ...sent, points: [{ x: '1/2' }, { x: '1/3' }] }, { ...kept, points: [{ x: '0.5' }, { x: '1/3' }] }],
])('%s', (_, draft, result) => {
  expect(rebase(draft, sent, kept)).toEqual(result)
})

it('changes nothing it was given', () => {
  const draft = structuredClone(sent)
  rebase(draft, sent, kept)
  expect(draft).toEqual(sent)
})

it('gives what can be copied and sent, whatever of it was watched', () => {
  const draft = reactive(structuredClone(sent))
  // As a hand does: a part taken from another place of the same draft.
  draft.fit = { ...draft.fit }
  Object.assign(draft, { crops: [{ fit: draft.fit }] })
  expect(() => structuredClone(rebase(draft, sent, kept))).not.toThrow()
  expect(structuredClone(plain(draft))).toEqual(draft)
})

it.each([
  ['adds a tick to what was taken back', ['a', 'b'], ['a'], [], ['b']],
  ['takes one out of what grew elsewhere', [], ['a'], ['a', 'c'], ['c']],
  ['keeps an order that was changed', ['b', 'a'], ['a', 'b'], ['a', 'b'], ['b', 'a']],
  ['has nothing twice', ['a', 'b'], ['a'], ['b'], ['b']],
])('%s', (_, mine, then, theirs, result) => {
  expect(rebase({ done: mine }, { done: then }, { done: theirs })).toEqual({ done: result })
})

const eye = { name: 'eye', x: '0.2' }
const chin = { name: 'chin', x: '0.6' }
const rim = { name: 'rim', x: '0.9' }

it.each([
  ['leaves another alone that was taken back meanwhile', [{ ...eye, x: '0.3' }, chin], [eye, chin], [eye], [{ ...eye, x: '0.3' }]],
  ['keeps what was put in, without what was taken back', [eye, chin, rim], [eye, chin], [eye], [eye, rim]],
  ['takes one out, and leaves in what came back', [chin], [eye, chin], [eye, chin, rim], [chin, rim]],
  ['keeps what was changed here, though it was taken back', [{ ...chin, x: '0.7' }], [chin], [], [{ ...chin, x: '0.7' }]],
  ['tells the fields of one apart', [{ ...eye, x: '0.3', crop: 'a' }], [{ ...eye, crop: 'a' }], [{ ...eye, crop: 'b' }], [{ ...eye, x: '0.3', crop: 'b' }]],
  ['goes by all there is where two are called the same', [eye, eye, chin], [eye, eye], [eye], [eye, eye, chin]],
])('of things by name, it %s', (_, mine, then, theirs, result) => {
  expect(rebase({ points: mine }, { points: then }, { points: theirs })).toEqual({ points: result })
})

const box = (left: string) => ({ left, use: 'not needed' })

it.each([
  ['moves one, and leaves another taken back', [box('3'), box('2')], [box('1'), box('2')], [box('1')], [box('3')]],
  ['moves one, where the server wrote all its own way', [box('3'), box('2')], [box('1'), box('2')], [box('1.0'), box('2.0')], [box('3'), box('2.0')]],
])('of things without names, it %s', (_, mine, then, theirs, result) => {
  expect(rebase({ regions: mine }, { regions: then }, { regions: theirs })).toEqual({ regions: result })
})

it('gives what one hand did where the other did nothing, whatever was done, and what both did alike once', () => {
  let seed = 7
  const random = (below: number) => (seed = (seed * 48271) % 2147483647) % below // Park and Miller, 1988
  const at = () => ({ list: Array.from({ length: random(4) }, (_, i) => ({ name: 'abcd'[i], x: random(3) })), words: ['a', 'b', 'c'].filter(() => random(2)), part: { n: random(3) } })
  for (let i = 0; i < 500; i++) {
    const [then, other] = [at(), at()]
    expect(rebase(then, then, other)).toEqual(other)
    expect(rebase(other, then, then)).toEqual(other)
    expect(rebase(other, then, other)).toEqual(other)
  }
})
