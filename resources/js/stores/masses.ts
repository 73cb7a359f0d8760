import { defineStore } from 'pinia'
import { shallowRef, watch } from 'vue'
import { api } from '@/api/client'
import type { Masses } from '@/api/types'
import { useDrawing } from './drawing'

/** The big shapes of the open drawing, asked for once they are looked at, and again when the choices change. */
export const useMasses = defineStore('masses', () => {
  const store = useDrawing()
  const masses = shallowRef<Masses | null>(null)
  /** Of which drawing and version they are. */
  let of = ''
  /** How many look at them. */
  let eyes = 0

  async function ask() {
    const { drawing } = store
    if (!drawing?.photo) return
    const now = `${drawing.id} ${drawing.version}`
    if (of === now) return
    if (!of.startsWith(drawing.id)) masses.value = null
    of = now
    const fresh = await api.masses(drawing.id).catch(() => null)
    if (of === now) {
      if (fresh) masses.value = fresh
      else of = ''
    }
  }

  watch(
    [() => store.drawing?.id, () => store.drawing?.version],
    () => eyes > 0 && void ask(),
  )

  /** Looked at from now on, until rest() is called. */
  function look() {
    eyes++
    void ask()
  }

  return { masses, look, rest: () => void eyes-- }
})
