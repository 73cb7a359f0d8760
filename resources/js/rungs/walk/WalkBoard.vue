<script setup lang="ts">
import { computed } from 'vue'
import type { Marking, MarkingStep, MarkingTick } from '@/api/types'

/** The board with the ruler where it lies in this step, and every tick of the step where it goes. */
const props = defineProps<{ marking: Marking; step: MarkingStep; waiting: MarkingTick | null }>()

const SIDE = 1000
const RULER = 74
const size = computed(() => (props.marking.ratio > 1 ? { w: SIDE, h: SIDE / props.marking.ratio } : { w: SIDE * props.marking.ratio, h: SIDE }))
const inner = computed(() => ({
  x: props.marking.inner.left * size.value.w,
  y: props.marking.inner.top * size.value.h,
  w: props.marking.inner.width * size.value.w,
  h: props.marking.inner.height * size.value.h,
}))
const level = computed(() => ['top', 'bottom', 'straight', 'between'].includes(props.step.key))
const ticks = computed(() =>
  props.step.ticks.flatMap((tick) => {
    if (!tick.at) return []
    const { w, h } = size.value
    return [{ tick, x: tick.at.left * w, y: tick.at.top * h, w: tick.at.width * w, h: tick.at.height * h }]
  }),
)

/** A little pencil stroke across the edge; on a line that is ruled, the whole of it. */
function stroke(mark: { x: number; y: number; w: number; h: number }) {
  if (mark.w || mark.h) return `M${mark.x} ${mark.y}l${mark.w} ${mark.h}`
  return level.value ? `M${mark.x} ${mark.y - 16}v32` : `M${mark.x - 16} ${mark.y}h32`
}

const zero = computed(() => ({ x: props.marking.zero === 'left' ? 0 : size.value.w, y: 0 }))

/** Where the ruler is laid, its 0 always at the zero corner's side. */
const ruler = computed(() => {
  const { w, h } = size.value
  const at = {
    top: { x: 0, y: -RULER, w, h: RULER },
    straight: { x: 0, y: h / 2 - RULER / 2, w, h: RULER },
    bottom: { x: 0, y: h, w, h: RULER },
    left: { x: -RULER, y: 0, w: RULER, h },
    right: { x: w, y: 0, w: RULER, h },
  }[props.step.key]
  if (!at) return null
  const upright = at.w < at.h
  const length = upright ? at.h : at.w
  const marks = Array.from({ length: 25 }, (_, i) => ({ at: (length * i) / 24, long: i % 4 === 0 ? 26 : 14 }))
  const toBoard = { top: 'bottom', straight: 'bottom', bottom: 'top', left: 'right', right: 'left' }[props.step.key]
  const d = marks
    .map(({ at: m, long }) => {
      if (toBoard === 'bottom') return `M${at.x + m} ${at.y + at.h}v${-long}`
      if (toBoard === 'top') return `M${at.x + m} ${at.y}v${long}`
      return toBoard === 'right' ? `M${at.x + at.w} ${at.y + m}h${-long}` : `M${at.x} ${at.y + m}h${long}`
    })
    .join('')
  const end = upright ? { x: at.x + at.w / 2, y: at.y + 38 } : { x: props.marking.zero === 'left' ? at.x + 24 : at.x + at.w - 24, y: at.y + at.h / 2 + 13 }
  return { ...at, d, end }
})
</script>

<template>
  <svg class="picture" :viewBox="`-110 -110 ${size.w + 220} ${size.h + 220}`" role="img" :aria-label="marking.board === 'paper' ? $t('walk.theSheetWithTheRuler') : $t('walk.thePrintWithTheRuler')">
    <rect class="sheet" x="0" y="0" :width="size.w" :height="size.h" />
    <rect class="inner" :x="inner.x" :y="inner.y" :width="inner.w" :height="inner.h" />
    <template v-if="ruler">
      <rect class="ruler" :x="ruler.x" :y="ruler.y" :width="ruler.w" :height="ruler.h" />
      <path class="graduation" :d="ruler.d" />
      <text class="nought" :x="ruler.end.x" :y="ruler.end.y" text-anchor="middle">0</text>
    </template>
    <path v-if="step.key === 'straight'" class="way" :d="`M${size.w / 2} ${size.h / 2 - 190}v110m-26 -34l26 34l26 -34M${size.w / 2} ${size.h / 2 + 80}v110m-26 -34l26 34l26 -34`" />
    <path v-for="mark in ticks" :key="mark.tick.key" :class="['mark', { done: mark.tick.done, waiting: mark.tick.key === waiting?.key }]" :d="stroke(mark)" />
    <circle class="zero" :cx="zero.x" :cy="zero.y" r="13" />
    <text class="corner" :x="zero.x === 0 ? -24 : zero.x + 24" y="-30" :text-anchor="zero.x === 0 ? 'start' : 'end'">{{ step.key === 'corner' ? $t('walk.zeroCorner') : '' }}</text>
  </svg>
</template>

<style scoped>
.inner {
  fill: none;
  stroke: #79add9;
  stroke-width: 2;
  stroke-dasharray: 10 8;
}

.ruler {
  fill: #efe2b8;
  stroke: #8d8577;
  stroke-width: 2;
}

.graduation {
  stroke: #2b2926;
  stroke-width: 2;
}

.nought {
  font-size: 40px;
  font-weight: 700;
  fill: #2b2926;
}

.corner {
  font-size: 40px;
  fill: var(--red);
  font-weight: 700;
}

.way {
  fill: none;
  stroke: #2b2926;
  stroke-width: 7;
}

.mark {
  stroke: #8d8577;
  stroke-width: 5;
  stroke-dasharray: 4 5;
}

.mark.done {
  stroke: #2b2926;
  stroke-width: 4;
  stroke-dasharray: none;
}

.mark.waiting {
  stroke: #b3321f;
  stroke-width: 9;
  stroke-dasharray: none;
}

.zero {
  fill: var(--red);
}
</style>
