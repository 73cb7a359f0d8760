<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Gap, Thing } from '@/api/types'
import { named, type Written } from './paths'
import type { Box } from './stage'

/** Named things on a board: what is seen of their outlines, what lies behind another dashed; and, where they are wanted, the gaps between them filled flat. */
const props = withDefaults(defineProps<{ box: Box; things: Thing[]; names?: boolean; gaps?: boolean; sizes?: Gap[]; taken?: Written[] }>(), { names: false, gaps: false, sizes: () => [], taken: () => [] })
const mask = useId()
/** On a small board there is no room for names, and none for broad lines. */
const ROOM_FOR_NAMES = 300
const slim = computed(() => props.box.w < ROOM_FOR_NAMES)

const at = ([x = 0, y = 0]: number[]) => [props.box.x + x * props.box.w, props.box.y + y * props.box.h] as const
const path = (places: number[][]) => `M${places.map((place) => at(place).map((n) => n.toFixed(1)).join(' ')).join('L')}`
const shown = computed(() =>
  named(
    props.things
      .filter((thing) => thing.inside)
      .map((thing) => {
        const places = thing.pieces.flatMap((piece, i) => (i === 0 ? piece.places : piece.places.slice(1)))
        const downs = places.map((place) => at(place)[1])
        return {
          name: thing.name,
          at: at(thing.middle),
          top: Math.min(...downs),
          bottom: Math.max(...downs),
          whole: path(places),
          pieces: thing.pieces.map((piece) => ({ hidden: piece.hidden, d: path(piece.places) })),
        }
      }),
    props.taken,
  ),
)
const numbers = computed(() => props.sizes.map((gap) => at([gap.left + gap.width / 2, gap.top + gap.height / 2])))
</script>

<template>
  <g data-test="things" :class="{ slim }">
    <template v-if="gaps && shown.length > 0">
      <mask :id="mask" maskUnits="userSpaceOnUse" :x="box.x" :y="box.y" :width="box.w" :height="box.h">
        <rect :x="box.x" :y="box.y" :width="box.w" :height="box.h" fill="#fff" />
        <path v-for="thing in shown" :key="thing.name" :d="`${thing.whole}Z`" fill="#000" />
      </mask>
      <rect class="gaps" :x="box.x" :y="box.y" :width="box.w" :height="box.h" :mask="`url(#${mask})`" data-test="gaps" />
    </template>
    <template v-for="thing in shown" :key="thing.name">
      <template v-for="(piece, i) in thing.pieces" :key="i">
        <path class="under" :d="piece.d" />
        <path class="outline" :class="{ hidden: piece.hidden }" :d="piece.d" />
      </template>
      <text v-if="names && !slim" class="name" :x="thing.at[0]" :y="thing.y">{{ thing.name }}</text>
    </template>
    <text v-for="([x, y], i) in gaps ? numbers : []" :key="i" class="name" :x="x" :y="y">{{ i + 1 }}</text>
  </g>
</template>

<style scoped>
.under,
.outline {
  fill: none;
  vector-effect: non-scaling-stroke;
}

.under {
  stroke: #fffefa;
  stroke-opacity: 0.75;
  stroke-width: 4;
}

.outline {
  stroke: #2a6a4c;
  stroke-width: 2;
}

.slim .under {
  stroke-width: 2.5;
}

.slim .outline {
  stroke-width: 1.3;
}

.outline.hidden {
  stroke-dasharray: 5 5;
}

.gaps {
  fill: #4a5a66;
  fill-opacity: 0.88;
}

.name {
  font-size: 14px;
  font-weight: 600;
  text-anchor: middle;
  fill: #1d4f37;
  paint-order: stroke;
  stroke: #fffefa;
  stroke-width: 3.5px;
  stroke-linejoin: round;
}
</style>
