import { useLocalStorage } from '@vueuse/core'

/** The hand that draws, kept on this device: a tablet at the easel and a desk may differ. */
export function useHand() {
  return useLocalStorage<'right' | 'left'>('hand', 'right')
}
