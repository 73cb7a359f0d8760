<script setup lang="ts">
import { computed } from 'vue'
import type { FittedShape } from '@/api/types'
import type { Box } from './stage'

/** Ovals, boxes and triangles laid over, each with its centre. */
const props = defineProps<{ box: Box; shapes: FittedShape[] }>()
const at = ([x = 0, y = 0]: number[]) => [props.box.x + x * props.box.w, props.box.y + y * props.box.h] as const
const shown = computed(() =>
  props.shapes.map((shape) => {
    const [x, y] = at(shape.middle)
    return { x, y, d: `M${shape.outline.map((place) => at(place).map((n) => n.toFixed(1)).join(' ')).join('L')}Z` }
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
