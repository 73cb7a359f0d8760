<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Box } from '@/boards/stage'

/** Inside an SVG: what lies under a place of a picture, larger, brighter and with more contrast. */
const props = defineProps<{ at: { x: number; y: number }; picture: string; box: Box; held?: string }>()

const RADIUS = 84
const TIMES = 3

const clip = useId()
const lens = computed(() => `translate(${props.at.x} ${props.at.y}) scale(${TIMES}) translate(${-props.at.x} ${-props.at.y}) ${props.held ?? ''}`)
</script>

<template>
  <g data-test="loupe">
    <clipPath :id="clip"><circle :cx="at.x" :cy="at.y" :r="RADIUS" /></clipPath>
    <g :clip-path="`url(#${clip})`">
      <image :href="picture" :x="box.x" :y="box.y" :width="box.w" :height="box.h" preserveAspectRatio="none" :transform="lens" class="lens" />
      <circle class="rim" :cx="at.x" :cy="at.y" :r="RADIUS" />
    </g>
  </g>
</template>

<style scoped>
.lens {
  filter: brightness(1.25) contrast(1.45);
}

.rim {
  fill: none;
  stroke: #fffefa;
  stroke-width: 4;
}
</style>
