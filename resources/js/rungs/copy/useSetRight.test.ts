import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { effectScope, reactive, ref, type EffectScope } from 'vue'
import type { CellToCopy } from '@/api/types'
import type { CellLooks } from './useCellLooks'

const adjust = vi.fn()
vi.mock('@/stores/drawing', () => ({ useDrawing: () => ({ adjust }) }))
vi.mock('@/lang', () => ({ t: (key: string) => key }))
const { useSetRight } = await import('./useSetRight')

const looks = reactive({ view: 'four', pointed: null, chosen: null }) as unknown as CellLooks
const card = ref({ crossings: [{ place: [0, 0.3] }, { place: [1, 0.6] }], courses: [{ middle: [0.5, 0.4] }] } as unknown as CellToCopy)
let scope: EffectScope
let right: ReturnType<typeof useSetRight>
const key = (name: string, shiftKey = false) => {
  const event = new KeyboardEvent('keydown', { key: name, shiftKey, cancelable: true })
  window.dispatchEvent(event)
  return event.defaultPrevented
}

beforeEach(() => {
  vi.clearAllMocks()
  Object.assign(looks, { view: 'four', pointed: null, chosen: null })
  scope = effectScope()
  right = scope.run(() => useSetRight(ref({ column: 2, row: 1 }), card, looks))!
})
afterEach(() => scope.stop())

it.each([
  ['the crossing pointed at', { pointed: 1, chosen: 0 }, { what: 'crossing', was: [1, 0.6] }],
  ['the contour in hand, where no crossing is', { pointed: null, chosen: 0 }, { what: 'contour', was: [0.5, 0.4] }],
  ['nothing, where neither is', { pointed: null, chosen: null }, null],
  ['nothing of what is there no more', { pointed: 7, chosen: 7 }, null],
])('means %s', (_, seen, meant) => {
  Object.assign(looks, seen)
  expect(right.meant.value).toEqual(meant)
  right.strike()
  expect(adjust.mock.calls).toEqual(meant ? [['edge', { column: 2, row: 1, ...meant, now: [] }]] : [])
})

it('moves a crossing by keys, no further than the cell, and sends it once', () => {
  Object.assign(looks, { pointed: 1 })
  right.move()
  expect([looks.view, right.setting.value?.at]).toEqual(['one', [1, 0.6]])
  for (const [name, shift] of [['ArrowRight', true], ['ArrowUp', false], ['ArrowDown', true]] as const) expect(key(name, shift)).toBe(true)
  key('Enter')
  expect(adjust.mock.calls).toEqual([['edge', { column: 2, row: 1, what: 'crossing', was: [1, 0.6], now: [[1, expect.closeTo(0.64)]] }]])
  expect([right.setting.value, looks.pointed, key('Enter')]).toEqual([null, null, false])
})

it('takes a contour in three places, each from where the one before lay, and says which is next', () => {
  right.add('contour')
  const says = [right.says.value]
  right.put([0, 0.2])
  says.push(right.says.value)
  key('ArrowRight', true)
  key(' ')
  says.push(right.says.value)
  expect(adjust).not.toHaveBeenCalled()
  right.put([1, 0.9])
  expect(says).toEqual(['copy.setRight.tapThe.0', 'copy.setRight.tapThe.1', 'copy.setRight.tapThe.2'])
  expect(adjust.mock.calls).toEqual([['edge', { column: 2, row: 1, what: 'contour', was: null, now: [[0, 0.2], [0.05, 0.2], [1, 0.9]] }]])
})

it('leaves the keys to the cells where nothing is being shown, and ends with Escape', () => {
  expect([key('ArrowLeft'), key('Escape')]).toEqual([false, false])
  right.add('crossing')
  expect([key('Tab'), key('Escape'), right.setting.value]).toEqual([false, true, null])
  right.put([0.5, 0.5])
  expect(adjust).not.toHaveBeenCalled()
})
