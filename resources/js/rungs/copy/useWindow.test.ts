import { expect, it, vi } from 'vitest'
import { ref } from 'vue'

vi.mock('@/stores/drawing', () => ({ useDrawing: () => ({ workings: { lines: { across: [0, 0.25, 0.5, 0.75, 1], down: [0, 0.5, 1] }, drawing: { width: { mm: 200 }, height: { mm: 100 } } } }) }))
vi.mock('@/stores/copying', () => ({ useCopying: () => ({ columns: 4, rows: 2 }) }))
const { useWindow } = await import('./useWindow')
type View = Parameters<typeof useWindow>[1]['value']

const window = (column: number, row: number, view: View) => useWindow(ref({ column, row }), ref(view))

it.each<[View, number, number, number[]]>([
  ['one', 1, 0, [0.25, 0, 0.25, 0.5]],
  ['four', 1, 0, [0.25, 0, 0.5, 1]],
  ['four', 3, 1, [0.5, 0, 0.5, 1]],
  ['nine', 0, 0, [0, 0, 0.75, 1]],
  ['nine', 2, 1, [0.25, 0, 0.75, 1]],
  ['nine', 3, 1, [0.25, 0, 0.75, 1]],
  ['around', 0, 0, [0, 0, 0.375, 0.75]],
  ['around', 2, 1, [0.375, 0.25, 0.5, 0.75]],
])('shows %s of cell %d, %d, as much of it as there is', (view, column, row, [left, top, width, height]) => {
  expect(window(column, row, view).shares.value).toEqual({ left, top, width, height })
})

it('always holds the cell in hand, and never more than the crop', () => {
  for (const view of ['one', 'four', 'nine', 'around'] as View[]) {
    for (let column = 0; column < 4; column++) {
      for (let row = 0; row < 2; row++) {
        const { across, down, shares } = window(column, row, view)
        for (const side of [across.value, down.value]) {
          expect(side.cell.start).toBeGreaterThanOrEqual(-1e-9)
          expect(side.cell.end).toBeLessThanOrEqual(100 + 1e-9)
          expect(side.inner.every((at) => at > 0 && at < 100)).toBe(true)
        }
        expect(shares.value.left + shares.value.width).toBeLessThanOrEqual(1 + 1e-9)
      }
    }
  }
})

it('has the shape it has on the paper', () => {
  expect(window(1, 0, 'one').ratio.value).toBeCloseTo((0.25 * 200) / (0.5 * 100), 9)
})
