import { shallowRef, watch } from 'vue'
import { api } from '@/api/client'
import { useLatest } from '@/api/latest'
import type { NextStep } from '@/api/types'
import { useDrawing } from '@/stores/drawing'
import { useHand } from '@/ui/useHand'

/** What comes next on the drawing in hand, seen from a step of it; asked anew when the drawing changed. */
export function useNext(step: () => string) {
  const store = useDrawing()
  const hand = useHand()
  const latest = useLatest()
  /** Undefined until it is known, null away from the server. */
  const next = shallowRef<NextStep | null>()
  watch(
    [step, () => store.drawing?.id, () => store.drawing?.version, () => store.drawing?.edits, hand],
    ([at, id], before) => {
      // What led on from another step is not what is pressed here.
      if (id !== before?.[1] || at !== before?.[0]) next.value = undefined
      // Away from the server the step after this one is offered.
      if (id)
        void latest(
          api.next(id, step(), hand.value).catch(() => null),
          (fresh) => (next.value = fresh),
        )
    },
    { immediate: true },
  )

  return next
}
