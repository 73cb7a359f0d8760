import { useSessionStorage } from '@vueuse/core'
import { computed, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { CellToCopy, Choices } from '@/api/types'
import { away } from '@/offline/away'
import { keyOf, useCopying, type Place } from '@/stores/copying'
import { useDrawing } from '@/stores/drawing'

/** Which cell is in hand, what is known of it, and how one goes on from it. */
export function useCellInHand(props: { id: string; cell?: string }) {
  const router = useRouter()
  const store = useDrawing()
  const cells = useCopying()
  /** The version at which another way was chosen, and the cell that was in hand: it is begun as soon as it is known, which is in a later one. */
  let chosen: { at: number; cell: string } | null = null

  const at = computed<Place>(() => {
    const [column, row] = (props.cell ?? '').split('-').map(Number)
    const known = column !== undefined && row !== undefined && column >= 1 && row >= 1 && column <= cells.columns && row <= cells.rows
    return known ? { column: column - 1, row: row - 1 } : cells.placeAt(cells.way?.at ?? 0)
  })
  /**
   * Cells that were left, in this sitting, and whether that changed what was noted of them; a reload does not forget them,
   * another grid does. Never changed in place: it begins as the list it falls back to.
   */
  const past = useSessionStorage<(Place & { noted?: boolean })[]>(() => `inch-ladder.left.${props.id}.${cells.columns}x${cells.rows}`, [])

  watch(
    // And once the server is back: it was asked in vain, or by what the browser had kept.
    [() => store.drawing?.id, () => store.drawing?.version, () => cells.hand, away],
    async ([, version, , isAway], before) => {
      // That it went asks for nothing that is known; whatever else changed may be in what the browser kept.
      if (isAway && cells.way && before[3] === false) return
      await cells.load().catch((error: Error) => (store.trouble = error.message))
      const isChosen = chosen !== null && version !== undefined && version > chosen.at
      if (!cells.way || (props.cell && !isChosen)) return
      // The keys belong to the cells again.
      if (isChosen && document.activeElement instanceof HTMLElement) document.activeElement.blur()
      const hasMoved = isChosen && chosen?.cell !== keyOf(at.value)
      chosen = null
      // Whoever went on meanwhile is not fetched back.
      if (!hasMoved) go(cells.placeAt(cells.way.at))
    },
    { immediate: true },
  )

  /** Null until it has come. */
  const card = shallowRef<CellToCopy | null>(null)
  watch(
    [() => keyOf(at.value), () => store.drawing?.id, () => store.drawing?.version, away, () => cells.way !== null],
    async (now, before) => {
      // That the server went or came back asks for nothing that is known; which cell it is may not be, before the way is.
      if ((card.value && now[3] !== before[3]) || (!props.cell && !cells.way)) return
      card.value = null
      const here = keyOf(at.value)
      const come = await cells.card(at.value)
      if (keyOf(at.value) === here) card.value = come
    },
    { immediate: true },
  )

  function go(place: Place) {
    void router.replace({ name: 'copy', params: { id: props.id, cell: `${place.column + 1}-${place.row + 1}` } })
  }

  /** Another way of going through the cells: which is first, in what school, in what pass. */
  function goBy(way: Partial<Choices['copy']>) {
    chosen = store.drawing ? { at: store.drawing.version, cell: keyOf(at.value) } : null
    store.decide((choices) => Object.assign(choices.copy, way))
  }

  const move = (dx: number, dy: number) => go(cells.beside(at.value, dx, dy))

  function mark(state: 'done' | 'empty') {
    const here = at.value
    // One that is through already, or further on, is only gone past.
    const noted = cells.stateOf(here) !== state && !(state === 'done' && cells.stateOf(here) === 'open' && cells.isSettled(here))
    if (noted) void (state === 'done' ? cells.finish(here) : cells.note(here, { state }))
    past.value = [...past.value, { ...here, noted }]
    go(cells.nextOpen(here))
  }

  /** Back to the cell last left, open again; opened afresh, to the one that was settled last. */
  function back() {
    const last = past.value.at(-1) ?? (typeof cells.way?.last === 'number' ? { ...cells.placeAt(cells.way.last), noted: true } : null)
    if (!last) return
    past.value = past.value.slice(0, -1)
    if (last.noted && cells.isSettled(last)) void cells.reopen(last)
    go(last)
  }

  /** The cell in hand is to be copied again. */
  function reopen() {
    if (cells.isSettled(at.value)) void cells.reopen(at.value)
  }

  return { at, card, go, goBy, move, mark, back, reopen }
}
