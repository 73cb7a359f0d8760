import { useIntervalFn, useThrottleFn, useTimeoutFn } from '@vueuse/core'
import { defineStore } from 'pinia'
import { ref, shallowRef, watch } from 'vue'
import { api } from '@/api/client'
import { useDrawing } from '@/stores/drawing'
import { useStream } from './useStream'

/** What is pointed at on another device: a place of the picture in use, as shares of the crop, or a cell. */
export interface Pointing {
  by: string
  on: boolean
  at: { x: number; y: number } | null
  cell: { column: number; row: number } | null
}

interface Told {
  version?: number
  edits?: number
  pointing?: Pointing
}

/** No more is told of a hand that moves; the eye follows at that rate. */
const POINT_EVERY_MS = 120

/** Told again so often, for who has come meanwhile; who was not heard of for three times as long has gone. */
const STILL_HERE_MS = 5000

/**
 * The open drawing on several devices: what is done on one is seen on the others as it happens, and, while they follow
 * each other, what is pointed at.
 */
export const useTogether = defineStore('together', () => {
  const store = useDrawing()
  const me = crypto.randomUUID()
  const following = ref(false)
  const theirs = shallowRef<Pointing | null>(null)
  let mine: Pick<Pointing, 'at' | 'cell'> = { at: null, cell: null }

  const { start: forgetLater } = useTimeoutFn(() => (theirs.value = null), 3 * STILL_HERE_MS, { immediate: false })

  function heard({ edits, pointing }: Told) {
    if (pointing && pointing.by !== me) {
      following.value = pointing.on
      theirs.value = pointing.on ? pointing : null
      forgetLater()
    }
    if (edits !== undefined && store.drawing && edits > store.drawing.edits) void store.refresh()
  }

  const { open } = useStream<Told>(
    () => (store.drawing ? `/api/drawings/${store.drawing.id}/events` : null),
    heard,
    () => void store.refresh(),
  )

  const tell = (id: string) => api.pointAt(id, { by: me, on: following.value, x: mine.at?.x ?? null, y: mine.at?.y ?? null, column: mine.cell?.column ?? null, row: mine.cell?.row ?? null }).catch(() => undefined)
  const tellSoon = useThrottleFn(() => store.drawing && following.value && tell(store.drawing.id), POINT_EVERY_MS, true)

  function point(to: Partial<typeof mine>) {
    mine = { ...mine, ...to }
    if (following.value) void tellSoon()
  }

  /** Follow each other, all of them, until one of them ends it. */
  function follow(on: boolean) {
    following.value = on
    theirs.value = null
    if (store.drawing) void tell(store.drawing.id)
  }

  useIntervalFn(() => store.drawing && following.value && document.visibilityState === 'visible' && void tell(store.drawing.id), STILL_HERE_MS)

  watch(
    () => store.drawing?.id,
    () => {
      following.value = false
      theirs.value = null
      mine = { at: null, cell: null }
    },
  )

  return { open, following, theirs, point, follow }
})
