import { createPinia, setActivePinia } from 'pinia'
import { effectScope, nextTick, ref, type EffectScope } from 'vue'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { useTool, type ToolKind } from '@/stores/tool'
import { useCrossHair } from './useCrossHair'

let scope: EffectScope
let board: SVGSVGElement
const set = vi.fn()

/** A board that shows a part of the picture, with a tool in hand that was taken up by a button. */
async function inHand(kind: ToolKind) {
  const button = document.body.appendChild(document.createElement('button'))
  button.focus()
  board = document.body.appendChild(document.createElementNS('http://www.w3.org/2000/svg', 'svg'))
  board.setAttribute('tabindex', '-1')
  const { at } = scope.run(() => useCrossHair(ref(board), () => ({ left: 0.2, top: 0, right: 0.8, bottom: 0.5 }), set))!
  void useTool().ask(kind, 'Point.')
  await nextTick()
  return { at, button }
}

function press(key: string, more: KeyboardEventInit = {}, on: Element = board) {
  const event = new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...more })
  on.dispatchEvent(event)
  return event.defaultPrevented
}

beforeEach(() => {
  setActivePinia(createPinia())
  scope = effectScope()
  set.mockReset()
  document.body.replaceChildren()
})
afterEach(() => scope.stop())

it('begins in the middle of what is seen, goes by steps, and never out of it', async () => {
  const { at } = await inHand('point')
  expect(document.activeElement).toBe(board)
  // Nothing is set before it is seen where.
  expect([press('Enter'), set.mock.calls.length]).toEqual([false, 0])
  press('ArrowLeft')
  expect(at.value).toEqual({ x: 0.5, y: 0.25 })
  press('ArrowLeft')
  press('ArrowDown', { altKey: true })
  expect([at.value!.x.toFixed(3), at.value!.y.toFixed(3)]).toEqual(['0.490', '0.251'])
  for (let i = 0; i < 9; i++) press('ArrowRight', { shiftKey: true })
  for (let i = 0; i < 9; i++) press('ArrowUp', { shiftKey: true })
  expect(at.value).toEqual({ x: 0.8, y: 0 })
  expect([press('Enter'), set.mock.calls]).toEqual([true, [[0.8, 0]]])
})

it.each([
  ['line', 'Enter', true],
  ['box', ' ', true],
  ['outline', ' ', true],
  ['outline', 'Enter', false],
] as const)('sets a place of a %s with “%s”: %s', async (kind, key, sets) => {
  await inHand(kind)
  press('ArrowUp')
  press(key)
  expect(set).toHaveBeenCalledTimes(sets ? 1 : 0)
})

it('leaves the keys of fields and buttons alone, and gives the focus back', async () => {
  const { at, button } = await inHand('line')
  const field = document.body.appendChild(document.createElement('input'))
  expect(press('ArrowLeft', {}, field)).toBe(false)
  press('ArrowLeft')
  // The way out of the tool is a button beside the board: there Enter presses it.
  expect(press('Enter', {}, button)).toBe(false)
  useTool().finish(null)
  await nextTick()
  expect([at.value, document.activeElement, press('ArrowLeft')]).toEqual([null, button, false])
})
