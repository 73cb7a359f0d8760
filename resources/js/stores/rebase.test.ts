import { expect, it } from 'vitest'
import { reactive } from 'vue'
import { plain, rebase } from './rebase'

const sent = { title: 'Jug', fit: { cell: '1in', left: null as string | null }, points: [{ x: '1/2' }] }
const kept = { title: 'Jug', fit: { cell: '1 in', left: '0.1' as string | null }, points: [{ x: '0.5' }] }

it.each([
  ['takes what the server wrote where nothing was touched since', sent, kept],
  ['keeps what was typed since', { ...sent, title: 'Jug on the sill' }, { ...kept, title: 'Jug on the sill' }],
  ['tells the fields of a part apart', { ...sent, fit: { cell: '2in', left: null } }, { ...kept, fit: { cell: '2in', left: '0.1' } }],
  ['keeps a list that was changed since as a whole', { ...sent, points: [{ x: '1/2' }, { x: '1/3' }] }, { ...kept, points: [{ x: '1/2' }, { x: '1/3' }] }],
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
