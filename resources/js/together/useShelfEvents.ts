import { shallowRef } from 'vue'
import { useStream } from './useStream'

/** What was told last of all drawings and devices; nothing, where something may have been missed. */
export function useShelfEvents() {
  const told = shallowRef<{ paired?: string; drawing?: string }>({})
  useStream<typeof told.value>(
    () => '/api/shelf/events',
    (message) => (told.value = message),
    () => (told.value = {}),
    true,
  )

  return told
}
