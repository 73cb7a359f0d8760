import { createGlobalState, useDropZone, useEventListener } from '@vueuse/core'
import { ref } from 'vue'
import type { Router } from 'vue-router'
import { begin, bringBack, Refused } from '@/api/client'
import { useOwn } from '@/settings/useOwn'

/** Photos and exported drawings on their way in, whichever page they were dropped or pasted on: one after another. */
export const useBringing = createGlobalState(() => {
  const own = useOwn()
  /** How far the one in hand is, 0…1; null while nothing comes in. */
  const progress = ref<number | null>(null)
  const trouble = ref<string | null>(null)
  /** Which of how many. */
  const count = ref({ at: 0, of: 0 })
  let stopping: AbortController | null = null

  async function take(router: Router, files: readonly File[]) {
    if (files.length === 0 || progress.value !== null) return
    trouble.value = null
    stopping = new AbortController()
    const { signal } = stopping
    const told = (share: number) => (progress.value = share)
    let last: { id: string } | null = null
    for (const [i, file] of files.entries()) {
      if (signal.aborted) break
      count.value = { at: i + 1, of: files.length }
      progress.value = 0
      try {
        const archive = file.name.toLowerCase().endsWith('.zip')
        last = await (archive ? bringBack(file, told, signal) : begin(file, own.value.unit, told, signal))
      } catch (error) {
        const why = error instanceof Refused ? error.message : String(error)
        if (!signal.aborted) trouble.value ??= files.length > 1 ? `${file.name}: ${why}` : why
      }
    }
    progress.value = null
    // One opens; several are looked at side by side.
    if (last && !signal.aborted && files.length === 1) await router.push({ name: 'rung', params: { id: last.id, rung: 'photo' } })
    else if (last || trouble.value) await router.push({ name: 'shelf' })
  }

  return { progress, trouble, count, take, stop: () => stopping?.abort() }
})

/** Drop and paste on any page. What is pasted into a field stays the field's. */
export function useDropAndPaste(router: Router) {
  const bringing = useBringing()
  // On Check a picture is one of the drawing itself.
  const isOfDrawing = () => router.currentRoute.value.params.rung === 'check'
  const { isOverDropZone } = useDropZone(document.body, {
    onDrop: (files) => void (isOfDrawing() || bringing.take(router, files ?? [])),
    multiple: true,
  })
  useEventListener(window, 'paste', (event: ClipboardEvent) => {
    if (isOfDrawing() || (event.target as Element | null)?.closest?.('input, textarea')) return
    void bringing.take(router, [...(event.clipboardData?.files ?? [])])
  })
  return { isOverDropZone }
}
