import { computed } from 'vue'
import type { CellState } from '@/api/types'
import { useDrawing } from '@/stores/drawing'

export interface Place {
  column: number
  row: number
}

export const keyOf = (place: Place) => `${place.column}-${place.row}`

/** The cells of the mesh in force, row by row from the zero corner, and what has become of each. */
export function useCells() {
  const store = useDrawing()
  const columns = computed(() => store.workings?.grid.columns ?? 1)
  const rows = computed(() => store.workings?.grid.rows ?? 1)
  const route = computed<Place[]>(() => Array.from({ length: columns.value * rows.value }, (_, i) => ({ column: i % columns.value, row: Math.floor(i / columns.value) })))
  const spared = computed(() => new Set(store.workings?.lines.spared ?? []))
  const toCopy = computed(() => route.value.filter((place) => !isSpared(place)))
  const count = (state: CellState) => toCopy.value.filter((place) => stateOf(place) === state).length
  const done = computed(() => count('done'))
  const empty = computed(() => count('empty'))

  function stateOf(place: Place): CellState | 'open' {
    return store.copied.get(keyOf(place)) ?? 'open'
  }

  /** Whether a cell lies in what is not to be drawn. */
  function isSpared(place: Place) {
    return spared.value.has(place.row * columns.value + place.column)
  }

  function address(place: Place) {
    return store.workings?.lines.addresses[place.row * columns.value + place.column] ?? ''
  }

  const isOpen = (place: Place) => stateOf(place) === 'open' && !isSpared(place)

  /** The next open cell after one, going round; the cell itself when none is open. */
  function nextOpen(from: Place): Place {
    const start = from.row * columns.value + from.column
    const ahead = [...route.value.slice(start + 1), ...route.value.slice(0, start)]
    return ahead.find(isOpen) ?? from
  }

  function firstOpen(): Place {
    return route.value.find(isOpen) ?? { column: 0, row: 0 }
  }

  function beside(place: Place, dx: number, dy: number): Place {
    const clamp = (n: number, most: number) => Math.min(Math.max(0, n), most - 1)
    return { column: clamp(place.column + dx, columns.value), row: clamp(place.row + dy, rows.value) }
  }

  return { columns, rows, route, toCopy, done, empty, stateOf, isSpared, address, nextOpen, firstOpen, beside }
}
