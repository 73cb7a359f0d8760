<script setup lang="ts">
import { computed } from 'vue'
import type { NextStep } from '@/api/types'
import TakeShot from './check/TakeShot.vue'
import { route, rungs, type RungKey } from './rungs'

/** The one black button of a step: what comes next. */
const props = defineProps<{ id: string; step: RungKey; next: NextStep | null | undefined }>()
const following = computed(() => rungs[rungs.findIndex((rung) => rung.key === props.step) + 1]?.key ?? null)
const to = computed(() => {
  const { id } = props
  switch (props.next?.does) {
    case undefined:
      return following.value && route(id, following.value)
    case 'mark':
    case 'mark on':
      return { name: 'walk', params: { id, board: 'paper' } }
    case 'pass':
    case 'copy':
      return { name: 'copy', params: { id } }
    case 'rest':
      return { name: 'shelf' }
    default:
      return route(id, props.next!.does as RungKey)
  }
})
</script>

<template>
  <!-- On Finish the task in hand has the button. -->
  <template v-if="step === 'finish' && next?.does !== 'rest'" />
  <!-- Nothing is pressed that would lead elsewhere a moment later. -->
  <span v-else-if="next === undefined" class="button strong" aria-hidden="true">…</span>
  <TakeShot v-else-if="next?.does === 'check' && step === 'check'" strong>{{ next.button }}</TakeShot>
  <router-link v-else-if="to" class="button strong" data-test="next" :to>{{
    next?.button ?? (following && $t(`rung.${following}`))
  }}</router-link>
</template>
