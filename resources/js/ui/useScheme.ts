import { useColorMode } from '@vueuse/core'

/** Day or lamp: follows the machine until the artist picks one; kept in this browser. */
export function useScheme() {
  return useColorMode({ attribute: 'data-scheme', modes: { light: 'day', dark: 'lamp' }, storageKey: 'inch-ladder-scheme' })
}
