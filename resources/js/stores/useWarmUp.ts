import { ref, shallowRef, watch } from 'vue'
import { api } from '@/api/client'
import { useLatest } from '@/api/latest'
import type { WarmUp } from '@/api/types'
import { useDrawing } from './drawing'

/** What governs the picture; looked up when it is wanted, and again when the drawing changed. */
export function useWarmUp() {
  const store = useDrawing()
  const told = shallowRef<WarmUp | null>(null)
  const latest = useLatest()
  const wanted = ref(false)

  async function look() {
    wanted.value = true
    if (store.drawing) await latest(api.warmUp(store.drawing.id).catch(() => null), (fresh) => (told.value = fresh))
  }

  watch(
    () => store.drawing?.version,
    () => {
      if (wanted.value) void look()
    },
  )

  return { told, look }
}
