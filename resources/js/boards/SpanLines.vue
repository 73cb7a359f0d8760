<script setup lang="ts">
import { computed } from 'vue'
import type { Workings } from '@/api/types'
import type { Box } from './stage'

/** Lengths that were taken, numbered, on the crop or on the drawing area. */
const props = defineProps<{ box: Box; spans: Workings['check']['spans'] }>()
const lines = computed(() =>
  props.spans.map((span) => {
    const [x1, x2] = [span.x1, span.x2].map((x) => props.box.x + x * props.box.w) as [number, number]
    const [y1, y2] = [span.y1, span.y2].map((y) => props.box.y + y * props.box.h) as [number, number]
    return { x1, y1, x2, y2, out: span.passes === false }
  }),
)
</script>

<template>
  <g v-for="(line, i) in lines" :key="i" data-test="span">
    <path class="under" :d="`M${line.x1} ${line.y1}L${line.x2} ${line.y2}`" />
    <path class="span" :class="{ out: line.out }" :d="`M${line.x1} ${line.y1}L${line.x2} ${line.y2}`" />
    <circle class="end" :cx="line.x1" :cy="line.y1" r="3.5" />
    <circle class="end" :cx="line.x2" :cy="line.y2" r="3.5" />
    <text class="number" :x="(line.x1 + line.x2) / 2" :y="(line.y1 + line.y2) / 2 + 5">{{ i + 1 }}</text>
  </g>
</template>

<style scoped>
.under {
  stroke: #fffefa;
  stroke-width: 5;
}

.span {
  stroke: #24648f;
  stroke-width: 2;
}

.span.out {
  stroke: #b3321f;
  stroke-dasharray: 7 3;
}

.end {
  fill: #24648f;
  stroke: #fffefa;
  stroke-width: 1.5;
}

.number {
  fill: #2b2926;
  font-size: 16px;
  font-weight: 700;
  text-anchor: middle;
  paint-order: stroke;
  stroke: #fffefa;
  stroke-width: 5px;
}
</style>
