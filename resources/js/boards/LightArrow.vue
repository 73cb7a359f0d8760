<script setup lang="ts">
import { computed } from 'vue'
import type { Box } from './stage'

/** Where the light comes from: an arrow outside the picture, on the side it falls in from. */
const props = defineProps<{ box: Box; degrees: number; says: string }>()

const LONG = 30
/** Beyond the letters and numbers of the grid. */
const OFF = 26
const HEAD = 9

const d = computed(() => {
  const { box } = props
  const way = (props.degrees * Math.PI) / 180
  const [x, y] = [Math.cos(way), Math.sin(way)]
  // From the middle back along it, to the edge it crosses.
  const far = Math.min(box.w / 2 / Math.max(1e-6, Math.abs(x)), box.h / 2 / Math.max(1e-6, Math.abs(y)))
  const [tipX, tipY] = [box.x + box.w / 2 - (far + OFF) * x, box.y + box.h / 2 - (far + OFF) * y]
  const side = (turn: number) => `M${tipX} ${tipY}l${-HEAD * Math.cos(way + turn)} ${-HEAD * Math.sin(way + turn)}`
  return `M${tipX - LONG * x} ${tipY - LONG * y}L${tipX} ${tipY}${side(0.5)}${side(-0.5)}`
})
</script>

<template>
  <g data-test="light">
    <title>{{ says }}</title>
    <path class="under" :d="d" />
    <path class="light" :d="d" />
  </g>
</template>

<style scoped>
.under,
.light {
  fill: none;
  stroke-linecap: round;
}

.under {
  stroke: var(--bench);
  stroke-width: 7;
}

.light {
  stroke: #d99a16;
  stroke-width: 3.5;
}
</style>
