import { createGlobalState, useLocalStorage } from '@vueuse/core'

/** Regions whose rulers are in inches (CLDR, measurement system US). */
const INCHES = ['US', 'LR', 'MM']
const guessed = () => (INCHES.includes(new Intl.Locale(navigator.language).maximize().region ?? '') ? 'in' : 'cm')

/** What is this artist's own on this device: the unit a new drawing is begun in, and how far apart the tips of the dividers go. */
export const useOwn = createGlobalState(() =>
  useLocalStorage<{ unit: 'in' | 'cm' | 'mm'; dividers: string }>(
    'inch-ladder.own',
    { unit: guessed(), dividers: guessed() === 'in' ? '8 in' : '20 cm' },
    { mergeDefaults: true },
  ),
)
