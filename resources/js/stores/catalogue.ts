import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import { api } from '@/api/client'
import type { Catalogue } from '@/api/types'

/** What can be chosen from; the same for every drawing, so fetched once. */
export const useCatalogue = defineStore('catalogue', () => {
  const catalogue = shallowRef<Catalogue>({ sheets: [], rulers: [], colours: [] })
  void api.catalogue().then(
    (answer) => (catalogue.value = answer),
    () => undefined,
  )

  return { catalogue }
})
