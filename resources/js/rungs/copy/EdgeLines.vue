<script setup lang="ts">
import type { Strength } from '@/api/types'

/** Contours as they are to be drawn: hard ones a line, soft ones a band, lost ones a few dots. */
const props = defineProps<{ strengths: Strength[]; size: { width: number; height: number }; bright?: boolean }>()
const line = (path: number[][]) => `M${path.map(([x = 0, y = 0]) => `${(x * props.size.width).toFixed(1)} ${(y * props.size.height).toFixed(1)}`).join('L')}`
</script>

<template>
  <g data-test="strengths">
    <template v-for="(one, i) in strengths" :key="i">
      <template v-for="(stretch, j) in one.stretches" :key="j">
        <path v-if="bright" class="under" :class="stretch.strength" :d="line(stretch.path)" />
        <path class="edge" :class="stretch.strength" :d="line(stretch.path)" />
      </template>
    </template>
  </g>
</template>

<style scoped>
path {
  fill: none;
  stroke-linejoin: round;
}

.edge {
  stroke: #8e2313;
}

.under {
  stroke: #fffefa;
  stroke-opacity: 0.8;
}

.hard {
  stroke-width: 3px;
}

.under.hard {
  stroke-width: 6px;
}

.soft {
  stroke-width: 12px;
  stroke-opacity: 0.4;
}

.lost {
  stroke-width: 3px;
  stroke-dasharray: 1 10;
  stroke-linecap: round;
}

.under.lost {
  stroke-width: 6px;
}
</style>
