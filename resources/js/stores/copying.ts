import { useDebounceFn } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, shallowRef, watch } from 'vue'
import { api } from '@/api/client'
import type { CellNote, CellToCopy, Copying } from '@/api/types'
import { useHand } from '@/ui/useHand'
import { useDrawing } from './drawing'

export interface Place {
  column: number
  row: number
}

export const keyOf = (place: Place) => `${place.column}-${place.row}`

/** The cells of the mesh in force, in the order the server gives them, and what has become of each. */
export const useCopying = defineStore('copying', () => {
  const store = useDrawing()
  const hand = useHand()
  const way = shallowRef<Copying | null>(null)
  /** The drawing it is of: that of another is not shown for a moment. */
  let wayOf: string | undefined

  async function load() {
    const id = store.drawing?.id
    if (wayOf !== id) way.value = null
    wayOf = id
    if (!id) return
    const fresh = await api.copying(id, hand.value)
    if (store.drawing?.id === id) way.value = fresh
  }

  // What is done changes the pace, and the way where most sides are known: asked again when the hand rests.
  const loadSoon = useDebounceFn(() => load().catch(() => undefined), 1500)

  watch(() => store.drawing?.edits, loadSoon)

  const note = (place: Place, noted: Parameters<typeof store.note>[1]) => store.note([place], noted)

  const columns = computed(() => store.workings?.grid.columns ?? 1)
  const rows = computed(() => store.workings?.grid.rows ?? 1)
  const indexOf = (place: Place) => place.row * columns.value + place.column
  const placeAt = (index: number): Place => ({ column: index % columns.value, row: Math.floor(index / columns.value) })
  const all = computed(() => Array.from({ length: columns.value * rows.value }, (_, i) => placeAt(i)))
  const spared = computed(() => new Set(store.workings?.lines.spared ?? []))
  const notes = computed(() => new Map((store.drawing?.cells ?? []).map((note) => [keyOf(note), note])))
  const toCopy = computed(() => all.value.filter((place) => !isSpared(place)))
  const count = (state: CellNote['state']) => toCopy.value.filter((place) => stateOf(place) === state).length
  const done = computed(() => count('done'))
  const empty = computed(() => count('empty'))
  const left = computed(() => count('open'))
  const doubtful = computed(() => all.value.filter(isDoubtful))
  const noted = computed(() => all.value.filter((place) => wordsOf(place) !== ''))
  const blank = computed(() => (way.value?.blank ?? []).map(placeAt).filter(isOpen))

  function stateOf(place: Place): CellNote['state'] {
    return notes.value.get(keyOf(place))?.state ?? 'open'
  }

  function isSettled(place: Place) {
    return stateOf(place) !== 'open'
  }

  function isDoubtful(place: Place) {
    return notes.value.get(keyOf(place))?.doubtful ?? false
  }

  function wordsOf(place: Place) {
    return notes.value.get(keyOf(place))?.words ?? ''
  }

  /** Whether a cell lies in what is not to be drawn. */
  function isSpared(place: Place) {
    return spared.value.has(indexOf(place))
  }

  function isOpen(place: Place) {
    return stateOf(place) === 'open' && !isSpared(place)
  }

  function address(place: Place) {
    return store.workings?.lines.addresses[indexOf(place)] ?? ''
  }

  /** The next open cell in the server's order, after the one in hand or from the beginning; the cell itself when none other is open. */
  function nextOpen(from: Place): Place {
    const { order = [], goes_on = true } = way.value ?? {}
    const start = goes_on ? order.indexOf(indexOf(from)) : -1
    const ahead = [...order.slice(start + 1), ...order.slice(0, Math.max(0, start))].map(placeAt)
    return ahead.find((place) => isOpen(place) && keyOf(place) !== keyOf(from)) ?? from
  }

  function beside(place: Place, dx: number, dy: number): Place {
    const clamp = (n: number, most: number) => Math.min(Math.max(0, n), most - 1)
    return { column: clamp(place.column + dx, columns.value), row: clamp(place.row + dy, rows.value) }
  }

  /** Notes every blank cell as having nothing in it. */
  const skipBlank = () => store.note(blank.value, { state: 'empty' })

  const asked = new Map<string, Promise<CellToCopy | null>>()
  // What was known of another drawing, or by other choices, is not asked for again.
  watch(
    () => [store.drawing?.id, store.drawing?.version],
    () => asked.clear(),
    { flush: 'sync' },
  )

  /** What is known of one cell; asked once for each version of the choices. */
  function card(place: Place): Promise<CellToCopy | null> {
    const drawing = store.drawing
    if (!drawing) return Promise.resolve(null)
    const key = keyOf(place)
    const known = asked.get(key)
    if (known) return known
    const asking = api.cellToCopy(drawing.id, place.column, place.row).catch(() => {
      asked.delete(key)
      return null
    })
    asked.set(key, asking)
    return asking
  }

  return { hand, way, load, note, all, columns, rows, placeAt, toCopy, done, empty, left, doubtful, noted, blank, stateOf, isSettled, isDoubtful, wordsOf, isSpared, address, nextOpen, beside, skipBlank, card }
})
