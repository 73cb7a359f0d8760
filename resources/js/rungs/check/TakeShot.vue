<script setup lang="ts">
import { useShots } from '@/stores/shots'
import FilePick from '@/ui/FilePick.vue'

/** Takes a photograph of the sheet, wherever one belongs. */
defineProps<{ strong?: boolean }>()
const shots = useShots()
</script>

<template>
  <p v-if="shots.busy" role="status">{{ shots.busy }}</p>
  <FilePick v-else accept="image/jpeg,image/png,image/webp,image/heic,image/avif" data-test="shot-file" :strong @file="shots.take"><slot>{{ $t('shots.take') }}</slot></FilePick>
  <p v-if="shots.fault && !shots.shot" class="fault" role="alert">{{ shots.fault }}</p>
</template>
