<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue'
import { useDropZone } from '@vueuse/core'
import type { Choices } from '@/api/types'
import { useShots } from '@/stores/shots'
import Fold from '@/ui/Fold.vue'
import ShotPlaces from './ShotPlaces.vue'
import ShotsKept from './ShotsKept.vue'
import TakeShot from './TakeShot.vue'

/** Photographs of the drawing, side by side: taken or dropped, looked at, put away. */
const props = defineProps<{ choices: Choices; photo: boolean }>()
const shots = useShots()
const OverTime = defineAsyncComponent(() => import('./OverTime.vue'))

const count = computed(() => props.choices.shots.length)
useDropZone(document.body, { onDrop: (files) => files?.[0] && !shots.busy && void shots.take(files[0]), multiple: false })
</script>

<template>
  <section class="shots" data-test="shots">
    <h2>{{ $t('check.secondOpinion') }}</h2>
    <p v-if="count === 0" class="soft">{{ $t('shots.layIt') }}</p>
    <TakeShot strong />
    <button v-if="photo && !shots.busy" type="button" class="button" data-test="rehearse" @click="shots.rehearse">{{ $t('shots.rehearse') }}</button>
    <ShotsKept :choices="choices" />
    <template v-if="shots.shot">
      <div class="two">
        <button type="button" class="button" data-test="set-corners" @click="shots.corners = shots.shot.corners">{{ $t('shots.corners') }}</button>
        <button type="button" class="button" @click="shots.choose(null)">{{ $t('shots.putAway') }}</button>
      </div>
      <ShotPlaces v-if="shots.told" />
    </template>
    <Fold v-if="count > 1" :name="$t('shots.overTime')" :decided="$t('shots.count', { shots: count })"><OverTime /></Fold>
  </section>
</template>

<style scoped>
.shots {
  display: grid;
  gap: 8px;
}
</style>
