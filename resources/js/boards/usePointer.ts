import { useThrottleFn } from '@vueuse/core'
import { ref, shallowRef, watch } from 'vue'
import { api } from '@/api/client'
import type { Workings } from '@/api/types'
import { useDrawing } from '@/stores/drawing'

const EVERY_MS = 50

/** Where the artist points, as shares of the crop, and what the rulers say there (asked of the server). */
export function usePointer() {
  const store = useDrawing()
  const at = ref<{ x: number; y: number } | null>(null)
  const reading = shallowRef<Workings['point']>(null)

  const ask = useThrottleFn(
    async () => {
      const point = at.value
      if (!point || !store.drawing || !store.draft) return
      const answer = await api.point(store.drawing.photo, store.draft, point).catch(() => null)
      if (at.value) reading.value = answer
    },
    EVERY_MS,
    true,
  )

  watch(at, (point) => {
    if (point) void ask()
    else reading.value = null
  })

  return { at, reading }
}
