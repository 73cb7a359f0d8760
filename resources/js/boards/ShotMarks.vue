<script setup lang="ts">
import { computed } from 'vue'
import type { JudgedPoint } from '@/api/types'
import { useShots } from '@/stores/shots'
import type { Box } from './stage'

/** What a shot tells, over it: the photo's contours, and strokes from where a place is to where it belongs. */
const props = defineProps<{ area: Box; contours: boolean; strokes: boolean }>()
const shots = useShots()

const place = ([x = 0, y = 0]: number[]) => ({ x: props.area.x + x * props.area.w, y: props.area.y + y * props.area.h })
const lines = computed(() =>
  (shots.lines ?? [])
    .map((line) => `M${line.map((at) => place(at)).map(({ x, y }) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}`)
    .join(''),
)
const state = (one: JudgedPoint) => (one.meant ? 'meant' : !one.sure ? 'unsure' : one.within ? 'within' : 'out')
const points = computed(() => (shots.told?.points ?? []).map((one) => ({ ...one, state: state(one), from: place(one.came_out), to: place(one.crop), first: shots.told?.first.points.includes(one.name) ?? false })))
</script>

<template>
  <path v-if="contours" class="contours" :d="lines" data-test="shot-contours" />
  <g v-if="strokes">
    <g v-for="one in points" :key="one.name" :class="['place', one.state, { first: one.first }]" :data-test="`judged-${one.state}`">
      <template v-if="one.state === 'out'">
        <path class="stroke casing" :d="`M${one.from.x} ${one.from.y}L${one.to.x} ${one.to.y}`" />
        <path class="stroke" :d="`M${one.from.x} ${one.from.y}L${one.to.x} ${one.to.y}`" />
        <circle class="belongs" :cx="one.to.x" :cy="one.to.y" r="5" />
      </template>
      <path v-else-if="one.state === 'within'" class="tick" :d="`M${one.from.x - 5} ${one.from.y}l4 5l7 -10`" />
      <circle v-else class="hollow" :cx="one.from.x" :cy="one.from.y" r="7" />
    </g>
  </g>
</template>

<style scoped>
.contours {
  fill: none;
  stroke: #c8341f;
  stroke-width: 1.3;
}

.stroke {
  fill: none;
  stroke: #c8341f;
  stroke-width: 4;
  stroke-linecap: round;
}

.stroke.casing {
  stroke: #fffefa;
  stroke-width: 8;
}

.first .stroke:not(.casing) {
  stroke-width: 6;
}

.belongs {
  fill: #fffefa;
  stroke: #c8341f;
  stroke-width: 2.5;
}

.tick {
  fill: none;
  stroke: #2f6b3a;
  stroke-width: 2.5;
}

.hollow {
  fill: rgb(255 254 250 / 70%);
  stroke: #24648f;
  stroke-width: 2.5;
  stroke-dasharray: 4 3;
}

.meant .hollow {
  stroke-dasharray: none;
}
</style>
