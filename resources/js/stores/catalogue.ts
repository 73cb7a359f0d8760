import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { api, type Pixels } from '@/api/client'
import type { Catalogue, Choices, Preset } from '@/api/types'

/** What can be chosen from; the same for every drawing, so fetched once. */
export const useCatalogue = defineStore('catalogue', () => {
  const catalogue = shallowRef<Catalogue>({ sheets: [], rulers: [], colours: [], schools: [], printed: [] })
  void api.catalogue().then(
    (answer) => (catalogue.value = answer),
    () => undefined,
  )

  const presets = shallowRef<Preset[]>([])
  async function load() {
    presets.value = await api.presets().catch(() => presets.value)
  }
  void load()

  async function keepPreset(kind: Preset['kind'], name: string, photo: Pixels, choices: Choices) {
    await api.keepPreset(kind, name, photo, choices)
    await load()
  }

  async function forgetPreset(id: string) {
    await api.forgetPreset(id)
    await load()
  }

  const of = computed(() => (kind: Preset['kind']) => presets.value.filter((one) => one.kind === kind))

  return { catalogue, of, keepPreset, forgetPreset }
})
