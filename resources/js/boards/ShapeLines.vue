<script setup lang="ts">
import { computed } from 'vue'
import type { FittedShape } from '@/api/types'
import type { Box } from './stage'

/** Ovals, boxes and triangles laid over, each with its centre. */
const props = defineProps<{ box: Box; shapes: FittedShape[] }>()
const at = ([x = 0, y = 0]: number[]) => [props.box.x + x * props.box.w, props.box.y + y * props.box.h] as const
const shown = computed(() =>
  props.shapes.map((shape) => {
    const places = shape.outline.map(at)
    const middle = shape.kind === 'triangle' ? [0, 1].map((i) => (places[0]![i]! + (places[1]![i]! + places[2]![i]!) / 2) / 2) : [0, 1].map((i) => places.reduce((sum, place) => sum + place[i]!, 0) / places.length)
    return { name: shape.name, x: middle[0]!, y: middle[1]!, d: `M${places.map((place) => place.map((n) => n.toFixed(1)).join(' ')).join('L')}Z` }
  }),
)
</script>

<template>
  <g data-test="shapes">
    <g v-for="(shape, i) in shown" :key="i">
      <path class="under" :d="shape.d" />
      <path class="shape" :d="shape.d" />
      <path class="shape" :d="`M${shape.x - 6} ${shape.y}h12M${shape.x} ${shape.y - 6}v12`" />
    </g>
  </g>
</template>

<style scoped>
.under,
.shape {
  fill: none;
}

.under {
  stroke: #fffefa;
  stroke-width: 4;
  stroke-opacity: 0.7;
}

.shape {
  stroke: #7a3f9d;
  stroke-width: 2;
}
</style>
