import { useDebounceFn } from '@vueuse/core'
import { defineStore } from 'pinia'
import { shallowRef, watch } from 'vue'
import { api } from '@/api/client'
import { useLatest } from '@/api/latest'
import type { Gap } from '@/api/types'
import { useLook } from '@/boards/useLook'
import { useDrawing } from './drawing'

/** What is left between the named things, asked for as long as it is looked at. */
export const useThings = defineStore('things', () => {
  const store = useDrawing()
  const { look } = useLook()
  const latest = useLatest()
  const gaps = shallowRef<Gap[]>([])

  const load = useDebounceFn(async () => {
    const { drawing, draft } = store
    if (!drawing || !draft || !look.value.gaps) return
    await latest(api.gaps(drawing.photo, draft), (fresh) => (gaps.value = fresh)).catch(() => undefined)
  }, 200)

  watch([() => look.value.gaps, () => store.drawing?.id, () => store.workings], load, { immediate: true })

  return { gaps }
})
