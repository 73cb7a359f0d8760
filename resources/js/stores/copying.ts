import { useDebounceFn } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, shallowRef, watch } from 'vue'
import { api } from '@/api/client'
import type { CellNote, CellToCopy, Copying } from '@/api/types'
import { useHand } from '@/ui/useHand'
import { useDrawing } from './drawing'
import { ALL_PASSES } from './handWork'

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

  // Round with the last cell, what comes after is said at once. A drawing that is opened is asked for by the page that opens it.
  watch([() => store.drawing?.id, () => store.drawing?.edits], ([id], [before]) => {
    if (id === before) void (left.value === 0 ? load().catch(() => undefined) : loadSoon())
  })

  const note = (place: Place, noted: Parameters<typeof store.note>[1]) => store.note([place], noted)

  const columns = computed(() => store.workings?.grid.columns ?? 1)
  const rows = computed(() => store.workings?.grid.rows ?? 1)
  const indexOf = (place: Place) => place.row * columns.value + place.column
  const placeAt = (index: number): Place => ({ column: index % columns.value, row: Math.floor(index / columns.value) })
  const all = computed(() => Array.from({ length: columns.value * rows.value }, (_, i) => placeAt(i)))
  const spared = computed(() => new Set(store.workings?.lines.spared ?? []))
  const notes = computed(() => new Map((store.drawing?.cells ?? []).map((note) => [keyOf(note), note])))
  const toCopy = computed(() => all.value.filter((place) => !isSpared(place)))
  /** The pass that is on; null where a cell is finished before the next. */
  const pass = computed(() => (store.draft?.copy.working === 'passes' ? store.draft.copy.pass : null))
  const passes = computed(() => way.value?.passes ?? [])
  /** How many passes a cell has been through that has been through the one that is on. */
  const rank = computed(() => (pass.value === null ? ALL_PASSES : passes.value.findIndex((one) => one.name === pass.value) + 1))
  const empty = computed(() => toCopy.value.filter((place) => stateOf(place) === 'empty').length)
  const left = computed(() => toCopy.value.filter(isOpen).length)
  const done = computed(() => toCopy.value.length - empty.value - left.value)
  const begun = computed(() => toCopy.value.filter(isBegun).length)
  const doubtful = computed(() => all.value.filter(isDoubtful))
  const noted = computed(() => all.value.filter((place) => wordsOf(place) !== ''))
  const blank = computed(() => (way.value?.blank ?? []).map(placeAt).filter(isOpen))

  function stateOf(place: Place): CellNote['state'] {
    return notes.value.get(keyOf(place))?.state ?? 'open'
  }

  const reachedOf = (place: Place) => notes.value.get(keyOf(place))?.reached ?? 0

  /** Whether nothing more is to be copied there, or not in this pass. */
  function isSettled(place: Place) {
    return stateOf(place) !== 'open' || (pass.value !== null && reachedOf(place) >= rank.value)
  }

  /** Whether something was drawn there, and more is to come. */
  function isBegun(place: Place) {
    return stateOf(place) === 'open' && reachedOf(place) > 0
  }

  /** Notes a cell as done; in a pass, as through it. */
  const finish = (place: Place) => note(place, pass.value === null ? { state: 'done' } : { reached: Math.max(rank.value, reachedOf(place)) })

  /** To be copied again; in a pass, in that pass. */
  const reopen = (place: Place) => note(place, pass.value === null || stateOf(place) === 'empty' ? { state: 'open' } : { reached: rank.value - 1 })

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
    return !isSettled(place) && !isSpared(place)
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
    [() => store.drawing?.id, () => store.drawing?.version],
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

  return { hand, way, load, note, finish, reopen, pass, passes, all, columns, rows, placeAt, toCopy, done, begun, empty, left, doubtful, noted, blank, stateOf, isSettled, isBegun, isDoubtful, wordsOf, isSpared, address, nextOpen, beside, skipBlank, card }
})
