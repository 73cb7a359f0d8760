import { useEventListener, useTitle } from '@vueuse/core'
import { computed, watch } from 'vue'
import { t } from '@/lang'
import { away } from '@/offline/away'
import { useDrawing } from '@/stores/drawing'
import { useTogether } from '@/together/together'

/** Opens the drawing a page is about, and keeps it fresh when the artist comes back to the tab. */
export function useOpenDrawing(id: () => string, page: () => string) {
  const store = useDrawing()
  useTogether()
  watch(
    id,
    (wanted) => {
      if (store.drawing?.id !== wanted) void store.open(wanted)
    },
    { immediate: true },
  )
  useEventListener('focus', () => void store.refresh())
  // What was asked for in vain is asked for again.
  watch(away, (is) => is || void (store.drawing?.id === id() ? store.refresh() : store.open(id())))
  useTitle(computed(() => `${page()} · ${store.draft?.title ?? t('table.inchLadder')}`))

  return store
}
