<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue'
import type { Choices } from '@/api/types'
import { useDrawing } from '@/stores/drawing'
import { useShots } from '@/stores/shots'
import Fold from '@/ui/Fold.vue'
import ShotsKept from './ShotsKept.vue'

/** The drawing photos that are kept: one is chosen, its corners set, and all are compared over time. */
const props = defineProps<{ choices: Choices }>()
const shots = useShots()
const store = useDrawing()
const OverTime = defineAsyncComponent(() => import('./OverTime.vue'))
const count = computed(() => props.choices.shots.length)
</script>

<template>
  <ShotsKept :choices="choices" />
  <div v-if="shots.shot" class="two">
    <button type="button" class="button" data-test="set-corners" @click="shots.corners = shots.shot.corners">
      {{ $t('shots.corners') }}
    </button>
    <button type="button" class="button" @click="shots.choose(null)">{{ $t('shots.putAway') }}</button>
  </div>
  <button v-if="store.drawing?.photo && !shots.busy && count > 0" type="button" class="button" data-test="rehearse" @click="shots.rehearse">
    {{ $t('shots.rehearse') }}
  </button>
  <Fold v-if="count > 1" :name="$t('shots.overTime')" :decided="$t('shots.count', { shots: count })"><OverTime /></Fold>
</template>
