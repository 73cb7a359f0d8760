<script setup lang="ts">
import { computed } from 'vue'
import type { ShelfEntry } from '@/api/types'

/** A drawing as a small board: the crop with its grid on it. */
const props = defineProps<{ entry: ShelfEntry }>()

const shape = computed(() => {
  const { photo, crop } = props.entry
  return { w: photo.width * crop.share_w, h: photo.height * crop.share_h, x: photo.width * crop.left, y: photo.height * crop.top }
})
const rules = computed(() => {
  const { w, h } = shape.value
  return [...props.entry.lines.across.map((share) => `M${share * w} 0V${h}`), ...props.entry.lines.down.map((share) => `M0 ${share * h}H${w}`)].join('')
})
</script>

<template>
  <svg :viewBox="`0 0 ${shape.w} ${shape.h}`" aria-hidden="true">
    <image :href="entry.photo.preview" :x="-shape.x" :y="-shape.y" :width="entry.photo.width" :height="entry.photo.height" preserveAspectRatio="none" />
    <path :d="rules" :stroke="entry.line.css" fill="none" stroke-width="1" vector-effect="non-scaling-stroke" />
  </svg>
</template>

<style scoped>
svg {
  display: block;
  max-width: 100%;
  height: 100%;
  box-shadow: 0 1px 4px var(--shade);
}
</style>
