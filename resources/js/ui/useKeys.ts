import { createGlobalState, useLocalStorage } from '@vueuse/core'

/** Whether single letters do something on this device; other keys always do. */
export const useKeys = createGlobalState(() => useLocalStorage('inch-ladder.keys', true))
