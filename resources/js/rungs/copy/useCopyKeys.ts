import { useEventListener } from '@vueuse/core'
import type { Ref } from 'vue'
import { useKeys } from '@/ui/useKeys'

/** One thing a key does in Copy: the key, what its button says, what the list of keys says, and whether it is on. */
export interface CopyKey {
  key: string
  also?: string
  cap: string
  label: string
  says: string
  act: () => void
  on?: Ref<boolean>
  /** `rare` is left out on a phone. */
  room?: 'rare'
  /** Whether every cell opens with it. */
  usual?: boolean
  /** Whether there is anything it could do; always, where it does not say. */
  can?: Ref<boolean>
}

/** Hears the keys, wherever the focus is but in a field. */
export function useCopyKeys(keys: CopyKey[]) {
  const letters = useKeys()
  useEventListener('keydown', (event: KeyboardEvent) => {
    const target = event.target instanceof HTMLElement ? event.target : null
    if (target?.closest('input, select, textarea, [role=slider]') || event.ctrlKey || event.metaKey || event.altKey) return
    if (!letters.value && event.key.trim().length === 1) return
    const pressed = event.key.length === 1 ? event.key.toLowerCase() : event.key
    const found = keys.find((one) => (one.key === pressed || one.also === pressed) && one.can?.value !== false)
    if (!found || (event.key === ' ' && target?.closest('button, a'))) return
    event.preventDefault()
    found.act()
  })
}
