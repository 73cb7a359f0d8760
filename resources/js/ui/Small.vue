<script setup lang="ts">
import { computed, useId } from 'vue'
import type { PlanPicture } from '@/api/types'

/** A plan as a small picture: this part of the photo, at its place of the sheet, with its grid. */
const props = defineProps<{ plan: PlanPicture; photo: string | null; grid?: boolean }>()
const id = useId()
const HIGH = 100
const sheet = computed(() => ({
  w: HIGH * Math.min(1.4, props.plan.sheet),
  h: (HIGH * Math.min(1.4, props.plan.sheet)) / props.plan.sheet,
}))
const area = computed(() => {
  const { left, top, width, height } = props.plan.area
  return { x: left * sheet.value.w, y: top * sheet.value.h, w: width * sheet.value.w, h: height * sheet.value.h }
})
const lines = computed(() => {
  const { x, y, w, h } = area.value
  return [...props.plan.across.map((at) => `M${x + at * w} ${y}v${h}`), ...props.plan.down.map((at) => `M${x} ${y + at * h}h${w}`)].join('')
})
const whole = computed(() => {
  const { crop } = props.plan
  const { x, y, w, h } = area.value
  return { w: w / crop.width, h: h / crop.height, x: x - (crop.left * w) / crop.width, y: y - (crop.top * h) / crop.height }
})
</script>

<template>
  <svg :viewBox="`-1 -1 ${sheet.w + 2} ${sheet.h + 2}`" class="small" aria-hidden="true">
    <rect class="sheet" :width="sheet.w" :height="sheet.h" />
    <clipPath :id="id"><rect :x="area.x" :y="area.y" :width="area.w" :height="area.h" /></clipPath>
    <image
      v-if="photo"
      :clip-path="`url(#${id})`"
      :href="photo"
      :x="whole.x"
      :y="whole.y"
      :width="whole.w"
      :height="whole.h"
      preserveAspectRatio="none"
    />
    <rect v-else class="area" :x="area.x" :y="area.y" :width="area.w" :height="area.h" />
    <path v-if="grid" class="grid" :d="lines" />
  </svg>
</template>

<style scoped>
.small {
  width: 100%;
  height: 92px;
}

.sheet {
  fill: #fffefa;
  stroke: var(--tick);
  stroke-width: 1;
}

.area {
  fill: none;
  stroke: var(--guide);
}

.grid {
  fill: none;
  stroke: #ff3d6e;
  stroke-width: 0.7;
}
</style>
