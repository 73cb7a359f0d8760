<script setup lang="ts">
import { shallowRef } from 'vue'
import { api, Refused } from '@/api/client'
import { useLatest } from '@/api/latest'
import type { About } from '@/api/types'
import Fold from '@/ui/Fold.vue'

/** Which version this is, and whose work it stands on. */
const about = shallowRef<About | null>(null)
const fault = shallowRef('')
const latest = useLatest()
async function ask() {
  try {
    await latest(api.about(), (told) => (about.value = told))
    fault.value = ''
  } catch (error) {
    if (!(error instanceof Refused)) throw error
    fault.value = error.message
  }
}
const day = (at: string | null) => (at ? new Intl.DateTimeFormat(undefined, { dateStyle: 'long' }).format(new Date(at)) : '')
</script>

<template>
  <Fold lazy :name="$t('settings.about')" @opened="ask">
    <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
    <template v-if="about">
      <p>{{ $t('settings.aboutVersion', { ...about, day: day(about.built) }) }}</p>
      <p>{{ $t('settings.aboutPrivate') }}</p>
      <h3>{{ $t('settings.aboutLibraries') }}</h3>
      <table class="listed" data-test="libraries">
        <thead>
          <tr>
            <th>{{ $t('settings.library') }}</th>
            <th>{{ $t('settings.version') }}</th>
            <th>{{ $t('settings.licence') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in about.libraries" :key="one.name">
            <th scope="row">{{ one.name }}</th>
            <td>{{ one.version }}</td>
            <td>{{ one.licence }}</td>
          </tr>
        </tbody>
      </table>
    </template>
  </Fold>
</template>
