import { computed, type Ref } from 'vue'
import { useDrawing } from '@/stores/drawing'
import { useCopying, type Place } from '@/stores/copying'

export type View = 'one' | 'four' | 'nine' | 'around'

/** A rectangle as shares of the crop. */
export interface Shares {
  left: number
  top: number
  width: number
  height: number
}

const SPAN = { one: 1, around: 1, four: 2, nine: 3 } as const
/** How much of a cell is shown on every side of it, to see it in its surroundings. */
const AROUND = 0.5

/** What of the crop is in sight around a cell, and where the cell and the gridlines lie in it, in per cent. */
export function useWindow(at: Ref<Place>, view: Ref<View>) {
  const store = useDrawing()
  const cells = useCopying()

  function side(lines: number[], index: number, count: number) {
    const span = Math.min(SPAN[view.value], count)
    // Of three the cell is in the middle; of two it is the first; at an edge as near to that as can be.
    const first = Math.min(Math.max(0, index - (span === 3 ? 1 : 0)), count - span)
    const [from, to] = [lines[first] ?? 0, lines[first + span] ?? 1]
    const more = view.value === 'around' ? AROUND * (to - from) : 0
    const [start, end] = [Math.max(0, from - more), Math.min(1, to + more)]
    const percent = (share: number) => (100 * (share - start)) / (end - start)
    return {
      first,
      span,
      start,
      length: end - start,
      cell: { start: percent(lines[index] ?? 0), end: percent(lines[index + 1] ?? 1) },
      inner: lines.filter((line) => line > start + 1e-9 && line < end - 1e-9).map(percent),
    }
  }

  const lines = computed(() => store.workings?.lines ?? { across: [0, 1], down: [0, 1] })
  const across = computed(() => side(lines.value.across, at.value.column, cells.columns))
  const down = computed(() => side(lines.value.down, at.value.row, cells.rows))
  const shares = computed<Shares>(() => ({ left: across.value.start, top: down.value.start, width: across.value.length, height: down.value.length }))
  /** Width ÷ height on the paper. */
  const ratio = computed(() => {
    const area = store.workings?.drawing
    return (shares.value.width * (area?.width.mm ?? 1)) / (shares.value.height * (area?.height.mm ?? 1))
  })

  /** The gridlines inside it, as a path on 100 by 100. */
  const gridlines = computed(() => [...across.value.inner.map((x) => `M${x} 0V100`), ...down.value.inner.map((y) => `M0 ${y}H100`)].join(''))

  return { across, down, shares, ratio, lines: gridlines }
}
