<script setup lang="ts">
import { computed } from 'vue'
import type { Workings } from '@/api/types'
import { useTogether } from '@/together/together'
import { cross } from './paths'
import type { Box } from './stage'

/** What another device points at, on this board: its place, and the cell it has in hand. */
const props = defineProps<{ lines: Workings['lines']; box: Box }>()
const together = useTogether()
const cell = computed(() => {
  const { column, row } = together.theirs?.cell ?? { column: -1, row: -1 }
  const { across, down } = props.lines
  const [left, right, top, bottom] = [across[column], across[column + 1], down[row], down[row + 1]]
  if (left === undefined || right === undefined || top === undefined || bottom === undefined) return null
  const { x, y, w, h } = props.box
  return { x: x + left * w, y: y + top * h, width: (right - left) * w, height: (bottom - top) * h }
})
</script>

<template>
  <g class="theirs" data-test="theirs">
    <rect v-if="cell" v-bind="cell" />
    <path :d="cross(together.theirs?.at ?? null, box)" />
  </g>
</template>

<style scoped>
.theirs {
  fill: none;
  stroke: #1f7a6b;
  stroke-width: 2;
  pointer-events: none;
}

path {
  stroke-dasharray: 8 4;
}

rect {
  stroke-width: 4;
}
</style>
