import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { api, type Pixels } from '@/api/client'
import type { Catalogue, Choices, Keepsake } from '@/api/types'

/** What can be chosen from; the same for every drawing, so fetched once. */
export const useCatalogue = defineStore('catalogue', () => {
  const catalogue = shallowRef<Catalogue>({ sheets: [], rulers: [], colours: [], printed: [] })
  void api.catalogue().then(
    (answer) => (catalogue.value = answer),
    () => undefined,
  )

  const keepsakes = shallowRef<Keepsake[]>([])
  async function load() {
    keepsakes.value = await api.keepsakes().catch(() => keepsakes.value)
  }
  void load()

  async function keepThing(kind: Keepsake['kind'], name: string, photo: Pixels, choices: Choices) {
    await api.keepThing(kind, name, photo, choices)
    await load()
  }

  async function forgetThing(id: string) {
    await api.forgetThing(id)
    await load()
  }

  const of = computed(() => (kind: Keepsake['kind']) => keepsakes.value.filter((one) => one.kind === kind))

  return { catalogue, of, keepThing, forgetThing }
})
