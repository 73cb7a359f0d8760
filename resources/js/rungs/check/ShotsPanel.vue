<script setup lang="ts">
import { useDropZone } from '@vueuse/core'
import type { Choices } from '@/api/types'
import { useShots } from '@/stores/shots'
import TakeShot from './TakeShot.vue'

/** A photograph of the drawing is taken or dropped, or tried with a test photo; the last one is opened again. */
defineProps<{ choices: Choices; photo: boolean }>()
const shots = useShots()
useDropZone(document.body, { onDrop: (files) => files?.[0] && !shots.busy && void shots.take(files[0]), multiple: false })
</script>

<template>
  <section class="shots" data-test="shots">
    <p v-if="choices.shots.length === 0">{{ $t('shots.layIt') }}</p>
    <button
      v-else-if="shots.latest && !shots.shot"
      type="button"
      class="button"
      data-test="open-latest"
      @click="shots.choose(shots.latest.id)"
    >
      {{ $t('shots.openTheLast') }}
    </button>
    <TakeShot v-if="choices.shots.length > 0">{{ $t('shots.takeAnother') }}</TakeShot>
    <p v-else-if="shots.busy" role="status">{{ shots.busy }}</p>
    <button
      v-if="photo && !shots.busy && choices.shots.length === 0"
      type="button"
      class="button"
      data-test="rehearse"
      @click="shots.rehearse"
    >
      {{ $t('shots.rehearse') }}
    </button>
    <slot />
  </section>
</template>

<style scoped>
.shots {
  display: grid;
  gap: 10px;
}
</style>
