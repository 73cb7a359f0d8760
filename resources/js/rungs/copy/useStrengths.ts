import { shallowRef, watch, type Ref } from 'vue'
import { api } from '@/api/client'
import type { CellToCopy, Strength } from '@/api/types'
import { useDrawing } from '@/stores/drawing'
import type { Place } from '@/stores/copying'
import type { CellLooks } from './useCellLooks'

/** How hard each contour of the cell in hand is, asked for while it is looked at. */
export function useStrengths(at: Ref<Place>, card: Ref<CellToCopy | null>, looks: CellLooks) {
  const store = useDrawing()
  const strengths = shallowRef<Strength[]>([])
  watch([() => looks.strengths, card], async ([on, of]) => {
    strengths.value = []
    if (!on || !of || !store.drawing?.photo) return
    const come = await api.strengths(store.drawing.id, at.value.column, at.value.row).catch(() => [])
    if (card.value === of && looks.strengths) strengths.value = come
  })
  return strengths
}
