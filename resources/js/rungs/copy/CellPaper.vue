<script setup lang="ts">
import { computed } from 'vue'
import type { CellToCopy } from '@/api/types'
import CellPoints from './CellPoints.vue'
import type { useWindow } from './useWindow'

/** The empty twin on the paper: its lines, and the straight way of the contour in hand. */
const props = defineProps<{
  window: Pick<ReturnType<typeof useWindow>, 'across' | 'down' | 'lines'>
  size: { width: number; height: number }
  whole: boolean
  cuts: number[]
  turned: boolean
  course: CellToCopy['courses'][number] | null
  points: CellToCopy['points']
}>()

const across = computed(() => props.window.across.value)
const down = computed(() => props.window.down.value)
const ends = computed(() => {
  const path = props.course?.path ?? []
  const [first, last] = [path[0], path[path.length - 1]]
  return first && last ? `M${100 * (first[0] ?? 0)} ${100 * (first[1] ?? 0)}L${100 * (last[0] ?? 0)} ${100 * (last[1] ?? 0)}` : ''
})
</script>

<template>
  <div class="cell paper" :style="{ width: `${size.width}px`, height: `${size.height}px` }">
    <svg class="over" :class="{ turned }" viewBox="0 0 100 100" preserveAspectRatio="none" aria-hidden="true">
      <path class="line" :d="window.lines.value" />
      <path v-for="cut in cuts" :key="cut" class="hair" :d="`M${cut} 0V100M0 ${cut}H100`" />
      <path v-if="!whole" class="hand" :d="`M${across.cell.start} ${down.cell.start}H${across.cell.end}V${down.cell.end}H${across.cell.start}Z`" />
      <path v-if="ends" class="straight" :d="ends" />
    </svg>
    <CellPoints :points :turned words />
    <slot />
  </div>
</template>

<style scoped>
.cell {
  position: relative;
  background: var(--sheet);
  outline: 2px solid var(--guide);
}

.over {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  pointer-events: none;
}

.turned {
  transform: rotate(180deg);
}

.over path {
  fill: none;
  stroke: var(--guide);
  stroke-width: 1.5px;
  vector-effect: non-scaling-stroke;
}

.over .hair {
  stroke-dasharray: 6 6;
}

.over .hand {
  stroke: var(--red);
  stroke-width: 2.5px;
}

.over .straight {
  stroke: #b3321f;
  stroke-width: 2px;
  stroke-dasharray: 10 7;
}
</style>
