import { useDocumentVisibility, useEventSource } from '@vueuse/core'
import { computed, watch } from 'vue'
import { api } from '@/api/client'

/** Until a stream that broke is asked for again. */
const ASK_AGAIN_MS = 4000

/**
 * What is told of as it happens, while the page is in sight: a browser keeps few streams open at once without HTTP/2.
 * What was told meanwhile is for the caller to ask for.
 *
 * @param path  of the stream; null for none
 * @param heard  told what came
 * @param back  told that it is open again, after it was not
 * @param atOnce  whether that is told of its first opening too: what happened since its caller asked for anything was told to nobody
 */
export function useStream<T>(path: () => string | null, heard: (message: T) => void, back: () => void, atOnce = false) {
  const visibility = useDocumentVisibility()
  const url = computed(() => (visibility.value === 'visible' ? (path() ?? undefined) : undefined))
  const { data, status, close } = useEventSource<string[], string>(url, [], { autoReconnect: { delay: ASK_AGAIN_MS } })

  // Every message, also where two come in one turn.
  watch(data, (text) => text && heard(JSON.parse(text) as T), { flush: 'sync' })
  watch(url, (is) => is === undefined && close())
  let wasOpen = false
  watch(status, (is) => {
    // Ended by the server, it may be that this device is connected no more; asked anything, the server says so.
    if (is === 'CLOSED' && wasOpen && url.value) void api.catalogue().catch(() => undefined)
    if (is !== 'OPEN') return
    if (wasOpen || atOnce) back()
    wasOpen = true
  })

  return { open: computed(() => status.value === 'OPEN') }
}
