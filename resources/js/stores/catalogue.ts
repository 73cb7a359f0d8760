import { defineStore } from 'pinia'
import { computed, shallowRef, watch } from 'vue'
import { api, type Pixels } from '@/api/client'
import { useLatest } from '@/api/latest'
import { away } from '@/offline/away'
import type { Catalogue, Choices, Preset } from '@/api/types'

/** What can be chosen from; the same for every drawing, so fetched once. */
export const useCatalogue = defineStore('catalogue', () => {
  const catalogue = shallowRef<Catalogue>({ sheets: [], colours: [], schools: [], printed: [] })
  const fetchIt = () =>
    api.catalogue().then(
      (answer) => (catalogue.value = answer),
      () => undefined,
    )
  // Asked while the server was away it is asked again, once it is back.
  watch(away, (is) => is || catalogue.value.sheets.length > 0 || void fetchIt(), { immediate: true })

  const presets = shallowRef<Preset[]>([])
  const latest = useLatest()
  const load = () => latest(api.presets(), (fresh) => (presets.value = fresh)).catch(() => undefined)
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

  return { catalogue, of, load, keepPreset, forgetPreset }
})
