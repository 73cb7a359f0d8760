import { createGlobalState, useDropZone } from '@vueuse/core'
import { ref } from 'vue'
import type { Router } from 'vue-router'
import { begin, bringBack, Refused } from '@/api/client'
import { useOwn } from '@/settings/useOwn'
import { usePaste } from '@/ui/usePaste'

/** Photos and exported drawings on their way in, whichever page they were dropped or pasted on: one after another. */
export const useBringing = createGlobalState(() => {
  const own = useOwn()
  /** How far the one in hand is, 0…1; null while nothing comes in. */
  const progress = ref<number | null>(null)
  const trouble = ref<string | null>(null)
  /** Which of how many. */
  const count = ref({ at: 0, of: 0 })
  let waiting: File[] = []
  let stopping = new AbortController()

  /** Takes them in; what comes while others are on their way waits its turn. */
  async function take(router: Router, files: readonly File[]) {
    if (files.length === 0) return
    waiting = [...waiting, ...files]
    count.value.of += files.length
    if (progress.value !== null) return
    trouble.value = null
    stopping = new AbortController()
    const { signal } = stopping
    let last: { id: string } | null = null
    for (let file = waiting.shift(); file && !signal.aborted; file = waiting.shift()) {
      progress.value = 0
      count.value.at++
      try {
        last = await bring(file, signal)
      } catch (error) {
        const why = error instanceof Refused ? error.message : String(error)
        if (!signal.aborted) trouble.value ??= count.value.of > 1 ? `${file.name}: ${why}` : why
      }
    }
    const several = count.value.of > 1
    ;[waiting, count.value, progress.value] = [[], { at: 0, of: 0 }, null]
    // One opens; several are looked at side by side.
    if (last && !several && !signal.aborted) await router.push({ name: 'rung', params: { id: last.id, rung: 'photo' } })
    else if (last || trouble.value) await router.push({ name: 'shelf' })
  }

  function bring(file: File, signal: AbortSignal) {
    const told = (share: number) => (progress.value = share)
    const isArchive = file.name.toLowerCase().endsWith('.zip')
    return isArchive ? bringBack(file, told, signal) : begin(file, own.value.unit, told, signal)
  }

  return { progress, trouble, count, take, stop: () => stopping.abort() }
})

/** Drop and paste on any page. On Check a picture is one of the drawing itself, which that page takes. */
export function useDropAndPaste(router: Router) {
  const bringing = useBringing()
  const take = (files: File[]) => void (router.currentRoute.value.params.rung === 'check' || bringing.take(router, files))
  usePaste(take)
  return useDropZone(document.body, { onDrop: (files) => take(files ?? []), multiple: true })
}
