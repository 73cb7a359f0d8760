import { createGlobalState, useLocalStorage } from '@vueuse/core'

/** How many seconds the dot takes to run along a contour, as this hand likes it. */
export const useDotSpeed = createGlobalState(() => useLocalStorage('inch-ladder-dot-seconds', 3.5))
