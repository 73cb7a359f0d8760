import { useEventListener } from '@vueuse/core'

/** Pictures that are pasted on the page. What is pasted into a field stays the field's. */
export function usePaste(take: (files: File[]) => void) {
  useEventListener(window, 'paste', (event: ClipboardEvent) => {
    const files = [...(event.clipboardData?.files ?? [])]
    if (files.length > 0 && !(event.target as Element | null)?.closest?.('input, textarea')) take(files)
  })
}
