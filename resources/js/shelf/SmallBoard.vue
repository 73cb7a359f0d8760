<script setup lang="ts">
import { computed } from 'vue'
import type { ShelfEntry } from '@/api/types'

/** A drawing as a small board: the crop with its grid on it. */
const props = defineProps<{ entry: ShelfEntry }>()

/** The picture's own pixels are not needed for a small one; its shape is. */
const size = computed(() => ({ width: 1000 * props.entry.shape, height: 1000 }))
const shape = computed(() => {
  const { crop } = props.entry
  const photo = size.value
  return { w: photo.width * crop.share_w, h: photo.height * crop.share_h, x: photo.width * crop.left, y: photo.height * crop.top }
})
const rules = computed(() => {
  const { w, h } = shape.value
  return [...props.entry.lines.across.map((share) => `M${share * w} 0V${h}`), ...props.entry.lines.down.map((share) => `M0 ${share * h}H${w}`)].join('')
})
</script>

<template>
  <svg :viewBox="`0 0 ${shape.w} ${shape.h}`" aria-hidden="true">
    <rect v-if="!entry.photo" class="bare" :width="shape.w" :height="shape.h" />
    <image v-else :href="`${entry.photo.preview}?${entry.query}`" :x="-shape.x" :y="-shape.y" :width="size.width" :height="size.height" preserveAspectRatio="none" />
    <path :d="rules" :stroke="entry.line.css" fill="none" stroke-width="1" vector-effect="non-scaling-stroke" />
  </svg>
</template>

<style scoped>
.bare {
  fill: var(--sheet);
}

svg {
  display: block;
  max-width: 100%;
  height: 100%;
  box-shadow: 0 1px 4px var(--shade);
}
</style>
