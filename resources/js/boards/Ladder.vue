<script setup lang="ts">
import { computed } from 'vue'
import type { Workings } from '@/api/types'
import Num from '@/ui/Num.vue'
import { type Box, type Stage } from './stage'

/**
 * The inch ladder: the left stile graduated in the photo's measure, the right one
 * in the paper's, one rung a gridline.
 */
const props = defineProps<{ stage: Stage; workings: Workings; lit: number | null; pointed: number | null; way: 'across' | 'down' }>()
const emit = defineEmits<{ light: [line: number | null] }>()

/** Both sides as they stand on the stiles: lengths across are laid upright, so that their rungs fan as well. */
const upright = (box: Box) => ({ y: box.y, h: props.way === 'down' ? box.h : box.w })
const left = computed(() => upright(props.stage.crop))
const right = computed(() => upright(props.stage.area))

/** Width of a digit of 15 px, and what stands beside the readings and between them. */
const DIGIT = 8
const GAPS = 22
/** From one reading to the next below it. */
const HEIGHT = 17
/** A fraction is as wide as two digits. */
const FRACTION = '00'

const names = computed(() => props.workings.lines[props.way === 'down' ? 'rows' : 'columns'])
const markOf = (line: number) => props.workings[props.way].find((mark) => mark.line === line)
const rungs = computed(() =>
  props.workings.lines[props.way].map((share, line) => ({
    line,
    share,
    y1: left.value.y + share * left.value.h,
    y2: right.value.y + share * right.value.h,
    photo: share === 0 ? '0' : markOf(line)?.print?.rounded.amount ?? names.value[Math.max(0, line - 1)] ?? '',
    paper: share === 0 ? '0' : markOf(line)?.area.rounded.amount ?? '',
  })),
)
/** Where the stiles are too near for two readings beside each other, those of the paper are shown: they are what is ruled. */
const crowded = computed(() => {
  const widest = (texts: string[]) => Math.max(...texts.map((text) => text.replace(/ ?\d+\/\d+/, FRACTION).length)) * DIGIT
  return widest(rungs.value.map((rung) => rung.photo)) + widest(rungs.value.map((rung) => rung.paper)) + GAPS > props.stage.rightStile - props.stage.leftStile
})
/** The rungs whose reading has room below the one before it: lines may lie unevenly. */
function apart(ys: number[]) {
  let free = -Infinity
  return new Set(ys.flatMap((y, line) => (y >= free ? ((free = y + HEIGHT), [line]) : [])))
}
const readOnPhoto = computed(() => (crowded.value ? new Set<number>() : apart(rungs.value.map((rung) => rung.y1))))
const readOnPaper = computed(() => apart(rungs.value.map((rung) => rung.y2)))

function ticks(scale: number | null, length: number) {
  if (scale === null) return []
  const { unit_mm: unit, parts } = props.workings.ruler
  const fine = (unit / parts) * scale >= 4 ? parts : (unit / 2) * scale >= 4 ? 2 : 1
  const step = (unit / fine) * scale
  return Array.from({ length: Math.min(800, Math.floor(length / step + 0.01) + 1) }, (_, i) => ({ at: i * step, long: i % fine === 0 ? 9 : i % (fine / 2) === 0 ? 6 : 3.5 }))
}

const photoTicks = computed(() => ticks(props.stage.photoScale, left.value.h))
const paperTicks = computed(() => ticks(props.stage.paperScale, right.value.h))
</script>

<template>
  <g class="ladder" data-test="ladder">
    <g class="stile">
      <path :d="`M${stage.leftStile} ${left.y}V${left.y + left.h}M${stage.rightStile} ${right.y}V${right.y + right.h}`" class="post" />
      <path class="tick" :d="photoTicks.map((t) => `M${stage.leftStile} ${left.y + t.at}h${-t.long}`).join('')" />
      <path class="tick" :d="paperTicks.map((t) => `M${stage.rightStile} ${right.y + t.at}h${t.long}`).join('')" />
    </g>
    <g v-for="rung in rungs" :key="rung.line" :class="['rung', { lit: lit === rung.line }]" @pointerenter="emit('light', rung.line)" @pointerleave="emit('light', null)">
      <path v-if="way === 'down'" class="reach" :d="`M${stage.crop.x + stage.crop.w} ${rung.y1}H${stage.leftStile - 10}M${stage.rightStile + 10} ${rung.y2}H${stage.area.x}`" />
      <path class="hit" :d="`M${stage.leftStile} ${rung.y1}L${stage.rightStile} ${rung.y2}`" />
      <path class="bar" :d="`M${stage.leftStile} ${rung.y1}L${stage.rightStile} ${rung.y2}`" />
      <text v-if="readOnPhoto.has(rung.line) || (lit === rung.line && !crowded)" class="number" :x="stage.leftStile + 7" :y="rung.y1 - 4"><Num svg :text="rung.photo" /></text>
      <text v-if="readOnPaper.has(rung.line) || lit === rung.line" class="number" text-anchor="end" :x="stage.rightStile - 7" :y="rung.y2 - 4"><Num svg :text="rung.paper" /></text>
    </g>
    <path v-if="pointed !== null" class="pointed" :d="`M${stage.leftStile} ${left.y + pointed * left.h}L${stage.rightStile} ${right.y + pointed * right.h}`" />
  </g>
</template>

<style scoped>
.post {
  stroke: var(--graphite);
  stroke-width: 2.5;
}

.tick {
  stroke: var(--graphite);
  fill: none;
  shape-rendering: crispEdges;
}

.bar {
  stroke: var(--tick);
  stroke-width: 1.3;
}

.reach {
  stroke: var(--tick);
  stroke-dasharray: 1.5 4;
  fill: none;
}

.hit {
  stroke: transparent;
  stroke-width: 14;
}

.number {
  font-size: 15px;
  fill: var(--graphite);
  paint-order: stroke;
  stroke: var(--bench);
  stroke-width: 4px;
  stroke-linejoin: round;
}

.lit .bar,
.pointed {
  stroke: var(--red);
  stroke-width: 2;
}

.lit .reach {
  stroke: var(--red);
  stroke-dasharray: none;
}

.lit .number {
  fill: var(--red);
  font-weight: 700;
  font-size: 16px;
}
</style>
