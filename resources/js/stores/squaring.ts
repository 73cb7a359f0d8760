import { defineStore } from 'pinia'
import { ref } from 'vue'
import { api, Refused } from '@/api/client'
import { useDrawing } from './drawing'

/** A reference that is a snapshot of a page, being squared up. */
export const useSquaring = defineStore('squaring', () => {
  const store = useDrawing()
  /** In the hand, as a shot keeps them; null while none are set. */
  const corners = ref<string | null>(null)
  /** Of the page, as typed; empty where nobody knows. */
  const shape = ref('')
  const even = ref(true)
  const busy = ref(false)
  const fault = ref('')

  async function begin() {
    if (!store.drawing) return
    fault.value = ''
    busy.value = true
    try {
      const found = await api.findPage(store.drawing.id)
      corners.value = found.corners
      fault.value = found.says ?? ''
    } catch (error) {
      complain(error)
    } finally {
      busy.value = false
    }
  }

  /** Makes the copy, and a drawing of it; its id, or null where it cannot be. */
  async function make(places: string) {
    if (!store.drawing) return null
    fault.value = ''
    busy.value = true
    try {
      const { id } = await api.squareUp(store.drawing.id, { corners: places, shape: shape.value, even: even.value })
      away()
      return id
    } catch (error) {
      complain(error)
      return null
    } finally {
      busy.value = false
    }
  }

  function away() {
    corners.value = null
    fault.value = ''
  }

  function complain(error: unknown) {
    if (!(error instanceof Refused)) throw error
    fault.value = Object.values(error.trouble.errors ?? {})[0]?.[0] ?? error.message
  }

  return { corners, shape, even, busy, fault, begin, make, away }
})
