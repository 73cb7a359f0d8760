<script setup lang="ts">
import { computed } from 'vue'
import type { CellToCopy } from '@/api/types'
import Num from '@/ui/Num.vue'
import CellPoints from './CellPoints.vue'
import { seen } from './sides'
import type { useWindow } from './useWindow'

/** The empty twin on the paper: its lines, its quarters, and the straight way of the contour in hand. */
const props = defineProps<{
  window: Pick<ReturnType<typeof useWindow>, 'across' | 'down'>
  size: { width: number; height: number }
  whole: boolean
  cuts: number[]
  turned: boolean
  quarters: Pick<CellToCopy, 'across' | 'down'> | null
  course: CellToCopy['courses'][number] | null
  points: CellToCopy['points']
}>()

const across = computed(() => props.window.across.value)
const down = computed(() => props.window.down.value)
const lines = computed(() => [...across.value.inner.map((x) => `M${x} 0V100`), ...down.value.inner.map((y) => `M0 ${y}H100`)].join(''))
const ends = computed(() => {
  const path = props.course?.path ?? []
  const [first, last] = [path[0], path[path.length - 1]]
  return first && last ? `M${100 * (first[0] ?? 0)} ${100 * (first[1] ?? 0)}L${100 * (last[0] ?? 0)} ${100 * (last[1] ?? 0)}` : ''
})
const half = (share: number) => Math.abs(share - 0.5) < 1e-6
</script>

<template>
  <div class="cell paper" :style="{ width: `${size.width}px`, height: `${size.height}px` }">
    <svg class="over" :class="{ turned }" viewBox="0 0 100 100" preserveAspectRatio="none" aria-hidden="true">
      <path class="line" :d="lines" />
      <path v-for="cut in cuts" :key="cut" class="hair" :d="`M${cut} 0V100M0 ${cut}H100`" />
      <path v-if="!whole" class="hand" :d="`M${across.cell.start} ${down.cell.start}H${across.cell.end}V${down.cell.end}H${across.cell.start}Z`" />
      <path v-if="ends" class="straight" :d="ends" />
    </svg>
    <CellPoints :points :turned words />
    <template v-if="quarters">
      <span v-for="tick in quarters.down" :key="`y${tick.at}`" class="tick" :class="[seen('left', tick.at, turned).side, { half: half(tick.at) }]" :style="{ top: `${seen('left', tick.at, turned).at}%` }"><Num :text="tick.text" /></span>
      <span v-for="tick in quarters.across" :key="`x${tick.at}`" class="tick" :class="[seen('top', tick.at, turned).side, { half: half(tick.at) }]" :style="{ left: `${seen('top', tick.at, turned).at}%` }"><Num :text="tick.text" /></span>
    </template>
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

.tick {
  position: absolute;
  white-space: nowrap;
  color: var(--guide-ink);
  font-size: 17px;
  line-height: 1;
}

.half {
  font-weight: 700;
  font-size: 19px;
}

.tick::after {
  content: '';
  position: absolute;
  background: currentcolor;
}

.left,
.right {
  transform: translateY(-50%);
}

.left {
  right: calc(100% + 18px);
}

.right {
  left: calc(100% + 18px);
}

.left::after,
.right::after {
  top: calc(50% - 1px);
  width: 12px;
  height: 2px;
}

.left::after {
  left: calc(100% + 5px);
}

.right::after {
  right: calc(100% + 5px);
}

.top,
.bottom {
  transform: translateX(-50%);
}

.top {
  bottom: calc(100% + 14px);
}

.bottom {
  top: calc(100% + 14px);
}

.top::after,
.bottom::after {
  left: calc(50% - 1px);
  width: 2px;
  height: 10px;
}

.top::after {
  top: calc(100% + 2px);
}

.bottom::after {
  bottom: calc(100% + 2px);
}
</style>
