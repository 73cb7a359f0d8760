import { useSessionStorage } from '@vueuse/core'
import { computed, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { CellToCopy, Choices } from '@/api/types'
import { keyOf, useCopying, type Place } from '@/stores/copying'
import { useDrawing } from '@/stores/drawing'

/** Which cell is in hand, what is known of it, and how one goes on from it. */
export function useCellInHand(props: { id: string; cell?: string }) {
  const router = useRouter()
  const store = useDrawing()
  const cells = useCopying()
  /** The version at which another way was chosen: it is begun as soon as it is known, which is in a later one. */
  let chosenAt: number | null = null

  const at = computed<Place>(() => {
    const [column, row] = (props.cell ?? '').split('-').map(Number)
    const known = column !== undefined && row !== undefined && column >= 1 && row >= 1 && column <= cells.columns && row <= cells.rows
    return known ? { column: column - 1, row: row - 1 } : cells.placeAt(cells.way?.at ?? 0)
  })
  /** Cells that were left, in this sitting; a reload does not forget them, another grid does. */
  const past = useSessionStorage<Place[]>(() => `inch-ladder.left.${props.id}.${cells.columns}x${cells.rows}`, [])

  watch(
    () => [store.drawing?.id, store.drawing?.version, cells.hand] as const,
    async ([, version]) => {
      await cells.load().catch((error: Error) => (store.trouble = error.message))
      const isChosen = chosenAt !== null && version !== undefined && version > chosenAt
      if (!cells.way || (props.cell && !isChosen)) return
      // The keys belong to the cells again.
      if (isChosen && document.activeElement instanceof HTMLElement) document.activeElement.blur()
      chosenAt = null
      go(cells.placeAt(cells.way.at))
    },
    { immediate: true },
  )

  /** Null until it has come. */
  const card = shallowRef<CellToCopy | null>(null)
  watch(
    () => [keyOf(at.value), store.drawing?.id, store.drawing?.version],
    async () => {
      card.value = null
      const here = keyOf(at.value)
      const come = await cells.card(at.value)
      if (keyOf(at.value) === here) card.value = come
    },
  )

  function go(place: Place) {
    void router.replace({ name: 'copy', params: { id: props.id, cell: `${place.column + 1}-${place.row + 1}` } })
  }

  function goBy(start: Choices['copy']['start']) {
    chosenAt = store.drawing?.version ?? null
    store.decide((choices) => (choices.copy.start = start))
  }

  const move = (dx: number, dy: number) => go(cells.beside(at.value, dx, dy))

  function mark(state: 'done' | 'empty') {
    const here = at.value
    void cells.note(here, { state })
    past.value.push(here)
    go(cells.nextOpen(here))
  }

  /** Back to the cell last left, open again; opened afresh, to the one that was settled last. */
  function back() {
    const last = past.value.pop() ?? (typeof cells.way?.last === 'number' ? cells.placeAt(cells.way.last) : null)
    if (!last) return
    if (cells.isSettled(last)) void cells.note(last, { state: 'open' })
    go(last)
  }

  /** The cell in hand is to be copied again. */
  function reopen() {
    if (cells.isSettled(at.value)) void cells.note(at.value, { state: 'open' })
  }

  return { at, card, go, goBy, move, mark, back, reopen }
}
