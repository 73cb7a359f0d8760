import { createGlobalState, useLocalStorage } from '@vueuse/core'

/** What is this artist's own on this device: the unit a new drawing is begun in, and how far apart the tips of the dividers go. */
export const useOwn = createGlobalState(() => useLocalStorage<{ unit: 'in' | 'cm' | 'mm'; dividers: string }>('inch-ladder.own', { unit: 'in', dividers: '8 in' }, { mergeDefaults: true }))
