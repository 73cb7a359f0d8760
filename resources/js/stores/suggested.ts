import { defineStore } from 'pinia'
import { ref, shallowRef, watch } from 'vue'
import { api } from '@/api/client'
import { useLatest } from '@/api/latest'
import type { SuggestedPoint } from '@/api/types'
import { t } from '@/lang'
import { useDrawing } from './drawing'

/** Places where a key point would hold a long stretch of contour: of the version they were asked for, until another is. */
export const useSuggested = defineStore('suggested', () => {
  const store = useDrawing()
  const places = shallowRef<SuggestedPoint[] | null>(null)
  const asking = ref(false)
  const latest = useLatest()

  watch(
    [() => store.drawing?.id, () => store.drawing?.version],
    () => {
      latest.forget()
      ;[places.value, asking.value] = [null, false]
    },
  )

  async function ask() {
    if (!store.drawing) return
    asking.value = true
    const asked = api.unguarded(store.drawing.id).catch((error: Error) => ((store.trouble = error.message), null))
    await latest(asked, (fresh) => ([places.value, asking.value] = [fresh, false]))
  }

  function take(place: SuggestedPoint) {
    places.value = places.value?.filter((one) => one !== place) ?? null
    store.decide((choices) => choices.points.push({ name: t('photo.newPoint', { points: choices.points.length + 1 }), x: place.x, y: place.y, cross: false, firm: false, critical: false, drawn: null, pin: null }))
  }

  return { places, asking, ask, take }
})
