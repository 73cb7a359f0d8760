<script setup lang="ts">
import { useDropZone } from '@vueuse/core'
import type { Choices } from '@/api/types'
import { useShots } from '@/stores/shots'
import { usePaste } from '@/ui/usePaste'
import TakeShot from './TakeShot.vue'

/** A photograph of the drawing is taken or dropped, or tried with a test photo; the last one is opened again. */
defineProps<{ choices: Choices; photo: boolean }>()
const shots = useShots()
const take = (files: File[] | null) => void (files?.[0] && !shots.busy && shots.take(files[0]))
useDropZone(document.body, { onDrop: take, multiple: false })
usePaste(take)
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
