import { useDebounceFn } from '@vueuse/core'
import { ref, shallowRef, watch } from 'vue'
import { Refused, type Pixels } from '@/api/client'
import { useLatest } from '@/api/latest'
import type { Choices } from '@/api/types'
import { useDrawing } from '@/stores/drawing'

const SETTLE_MS = 200

/** Something asked of the server about the drawing as it stands; asked again when that changes, once it was wanted. */
export function useAsked<T>(question: (photo: Pixels, choices: Choices) => Promise<T>) {
  const store = useDrawing()
  const answer = shallowRef<T | null>(null)
  const fault = ref('')
  const wanted = ref(false)
  const latest = useLatest()

  async function ask() {
    if (!store.drawing || !store.draft) return
    wanted.value = true
    try {
      await latest(question(store.drawing.photo, store.draft), (come) => ([answer.value, fault.value] = [come, '']))
    } catch (error) {
      if (!(error instanceof Refused)) throw error
      fault.value = Object.values(error.trouble.errors ?? {})[0]?.[0] ?? error.message
    }
  }

  const again = useDebounceFn(ask, SETTLE_MS)
  watch(
    () => store.workings,
    () => {
      if (wanted.value) void again()
    },
  )

  return { answer, fault, ask }
}
