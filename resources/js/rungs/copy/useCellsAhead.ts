import { useEventListener, useTimeoutFn } from '@vueuse/core'
import { ref, watch, type Ref } from 'vue'
import { cutOf } from '@/api/pictures'
import { away } from '@/offline/away'
import { keyOf, useCopying, type Place } from '@/stores/copying'
import { useDrawing } from '@/stores/drawing'
import { useWindow } from './useWindow'

/** As many cells as a sitting takes (ours). */
const AHEAD = 24
/** The hand rests so long before anything is fetched that it did not ask for. */
const REST_MS = 1500

/** Fetches the cells that come next while one is drawn, so that the browser has them should the server be out of reach. */
export function useCellsAhead(at: Ref<Place>) {
  const store = useDrawing()
  const cells = useCopying()
  /** Pictures that were fetched; by their addresses, which tell of what. */
  const fetched = new Set<string>()

  /** One after another, until the hand goes on; there is no hurry. */
  async function fetchAhead() {
    const here = keyOf(at.value)
    const met = new Set([here])
    for (let place = cells.nextOpen(at.value); met.size <= AHEAD && !met.has(keyOf(place)); place = cells.nextOpen(place)) {
      met.add(keyOf(place))
      await cells.card(place)
      const { drawing, workings } = store
      if (keyOf(at.value) !== here || !drawing || !workings || away.value || !navigator.serviceWorker?.controller) return
      const address = cutOf(drawing, workings, useWindow(ref(place), ref('one' as const)).shares.value)
      if (!address || fetched.has(address)) continue
      const answer = await fetch(address).catch(() => null)
      if (answer?.ok) fetched.add(address)
    }
  }

  const { start } = useTimeoutFn(fetchAhead, REST_MS, { immediate: false })
  watch([() => keyOf(at.value), () => store.drawing?.version, () => cells.way, away], start, { immediate: true })
  // On the first visit there is none to keep them yet.
  useEventListener(() => navigator.serviceWorker, 'controllerchange', () => start())
}
