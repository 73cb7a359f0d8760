import { useLocalStorage } from '@vueuse/core'

/** How many CSS pixels this screen shows to a millimetre, once it was held against a ruler; 0 until then. */
export function useScreen() {
  return { dots: useLocalStorage('screen-dots-per-mm', 0) }
}
