import { computed, inject, provide, type InjectionKey } from 'vue'

/** What is wrong with fields, by their names, for the controls of a page to say beside themselves. */
export type Faults = () => Record<string, string | undefined>

const key: InjectionKey<Faults> = Symbol('faults')

export const provideFaults = (faults: Faults) => provide(key, faults)

/** What is wrong with one field; undefined where nothing is, or nobody says. */
export function useFault(field: () => string) {
  const faults = inject<Faults>(key, () => ({}))
  return computed(() => faults()[field()])
}
