import { computed, ref, watch, type Ref } from 'vue'
import { cutOf } from '@/api/pictures'
import { useDrawing } from '@/stores/drawing'
import { useCopying, type Place } from '@/stores/copying'
import { useWindow, type View } from './useWindow'

/** The picture of what is in sight, and its neighbours' fetched while the artist draws, so that the next is there when the key goes down. */
export function usePiece(at: Ref<Place>, view: Ref<View>, tone: Ref<boolean>) {
  const store = useDrawing()
  const cells = useCopying()
  const window = useWindow(at, view)

  const addressOf = (shares: { left: number; top: number; width: number; height: number }) => (store.drawing && store.workings ? cutOf(store.drawing, store.workings, shares, tone.value ? cells.way?.tones : null) : '')
  const source = computed(() => addressOf(window.shares.value))
  const shown = ref('')
  const failed = ref(false)

  watch(
    source,
    (address) => {
      if (!address) return
      failed.value = false
      const image = new Image()
      image.onerror = () => (failed.value = source.value === address)
      image.onload = () => {
        if (source.value !== address) return
        shown.value = address
        const next = cells.nextOpen(at.value)
        for (const place of [next, cells.beside(at.value, 1, 0), cells.beside(at.value, -1, 0), cells.beside(at.value, 0, 1), cells.beside(at.value, 0, -1)]) {
          new Image().src = addressOf(useWindow(ref(place), view).shares.value)
        }
        void cells.card(next)
      }
      image.src = address
    },
    { immediate: true },
  )

  return { window, shown, failed, waiting: computed(() => source.value !== '' && shown.value !== source.value) }
}
