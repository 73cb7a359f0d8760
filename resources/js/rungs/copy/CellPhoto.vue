<script setup lang="ts">
import { usePreferredReducedMotion } from '@vueuse/core'
import { computed } from 'vue'
import type { CellToCopy, Strength, Thing } from '@/api/types'
import MassShapes from '@/boards/MassShapes.vue'
import OvalMask from '@/boards/OvalMask.vue'
import type { Box } from '@/boards/stage'
import { useLook } from '@/boards/useLook'
import Theirs from '@/boards/Theirs.vue'
import ThingLines from '@/boards/ThingLines.vue'
import WhiteLines from '@/boards/WhiteLines.vue'
import { useDrawing } from '@/stores/drawing'
import { useTogether } from '@/together/together'
import CellPoints from './CellPoints.vue'
import EdgeLines from './EdgeLines.vue'
import { useDotSpeed } from './useDotSpeed'
import type { useWindow } from './useWindow'

const [store, together] = [useDrawing(), useTogether()]

/** The piece of the photo that is copied, and what is laid over it. */
const props = defineProps<{
  picture: string
  waiting: boolean
  failed: boolean
  window: Pick<ReturnType<typeof useWindow>, 'across' | 'down' | 'lines'>
  size: { width: number; height: number }
  whole: boolean
  cuts: number[]
  turned: boolean
  brighter: boolean
  lifted: boolean
  course: CellToCopy['courses'][number] | null
  points: CellToCopy['points']
  /** The whole crop, as it would lie beside the cell. */
  mirrored: boolean
  crop: Box
  things: Thing[]
  masses: boolean
  strengths: Strength[]
}>()

const { maskColour } = useLook()
const motion = usePreferredReducedMotion()
const across = computed(() => props.window.across.value)
const down = computed(() => props.window.down.value)
/** What lies outside the cell in hand is dimmed, whole rectangle minus cell. */
const outside = computed(() => {
  const [l, r, t, b] = [across.value.cell.start, across.value.cell.end, down.value.cell.start, down.value.cell.end]
  return `M0 0H100V100H0ZM${l} ${t}V${b}H${r}V${t}Z`
})
const trace = computed(() => (props.course?.path ?? []).map(([x = 0, y = 0]) => [x * props.size.width, y * props.size.height] as const))
const path = computed(() => `M${trace.value.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}`)
/** Seconds the dot takes from end to end, on this device. */
const seconds = useDotSpeed()
const STOPS = 5
const stops = computed(() => Array.from({ length: STOPS }, (_, i) => trace.value[Math.round((i * (trace.value.length - 1)) / (STOPS - 1))] ?? ([0, 0] as const)))
</script>

<template>
  <div class="cell photo" :class="{ lifted }" :style="{ width: `${size.width}px`, height: `${size.height}px` }">
    <div class="held" :class="{ turned, mirrored }">
      <img v-if="picture" :src="picture" alt="" :class="{ brighter }" data-test="cell-picture" />
      <svg v-if="store.workings?.outline" class="over" :viewBox="`0 0 ${size.width} ${size.height}`" aria-hidden="true"><OvalMask :crop /></svg>
      <svg v-if="masses && picture" class="over" :viewBox="`0 0 ${size.width} ${size.height}`" aria-hidden="true"><MassShapes :box="crop" flat /></svg>
      <svg class="over" viewBox="0 0 100 100" preserveAspectRatio="none" aria-hidden="true">
        <path v-if="!whole" class="outside" fill-rule="evenodd" :d="outside" :style="{ fill: maskColour }" />
        <template v-if="!lifted">
          <path class="line" :d="window.lines.value" />
          <path v-for="cut in cuts" :key="cut" class="hair" :d="`M${cut} 0V100M0 ${cut}H100`" />
        </template>
      </svg>
      <svg v-if="things.length > 0" class="over" :viewBox="`0 0 ${size.width} ${size.height}`" aria-hidden="true"><ThingLines :box="crop" :things /></svg>
      <svg v-if="store.workings?.whites.length && !lifted" class="over" :viewBox="`0 0 ${size.width} ${size.height}`" aria-hidden="true"><WhiteLines :box="crop" :whites="store.workings.whites" /></svg>
      <svg v-if="together.theirs" class="over" :viewBox="`0 0 ${size.width} ${size.height}`" aria-hidden="true"><Theirs v-if="store.workings" :lines="store.workings.lines" :box="crop" /></svg>
      <svg v-if="strengths.length > 0" class="over" :viewBox="`0 0 ${size.width} ${size.height}`" aria-hidden="true"><EdgeLines :strengths :size bright /></svg>
      <svg v-if="course" class="over" :viewBox="`0 0 ${size.width} ${size.height}`" aria-hidden="true" data-test="contour">
        <path class="contour under" :d="path" />
        <path class="contour" :d="path" />
        <template v-if="motion === 'reduce'"><g v-for="([x, y], i) in stops" :key="i"><circle class="dot" :cx="x" :cy="y" r="11" /><text :x="x" :y="y + 5" :transform="turned ? `rotate(180 ${x} ${y})` : undefined">{{ i + 1 }}</text></g></template>
        <circle v-else class="dot" r="7"><animateMotion :key="path + seconds" :dur="`${seconds}s`" repeatCount="indefinite" :path="path" /></circle>
      </svg>
    </div>
    <CellPoints :points :turned bright />
    <span class="mark" :class="{ turned }" aria-hidden="true" data-test="up-mark">▲</span>
    <span v-if="turned" class="up">{{ $t('copy.theTop') }}</span>
    <p v-if="failed" class="fault">{{ $t('copy.thisPieceCouldNotBeCut') }}</p>
    <p v-else-if="waiting" class="wait">{{ $t('copy.cuttingThePieceAtFullSharpness') }}</p>
    <slot />
  </div>
</template>

<style scoped>
.cell {
  position: relative;
  background: var(--panel);
  outline: 2px solid var(--graphite);
}

.lifted {
  outline-color: transparent;
}

.held {
  position: absolute;
  inset: 0;
  overflow: hidden;
}

.held.turned {
  rotate: 180deg;
}

.held.mirrored {
  scale: -1 1;
}

img {
  display: block;
  width: 100%;
  height: 100%;
}

.brighter {
  filter: brightness(1.3) contrast(1.4);
}

.outside {
  fill-opacity: 0.62;
}

.line,
.hair {
  fill: none;
  stroke: rgb(255 255 255 / 75%);
  stroke-width: 2px;
  vector-effect: non-scaling-stroke;
  mix-blend-mode: difference;
}

.hair {
  stroke-width: 1.5px;
  stroke-dasharray: 6 6;
}

/* A light line on a dark one shows on any photo. */
.contour {
  fill: none;
  stroke: #fff;
  stroke-width: 2px;
  stroke-linejoin: round;
}

.contour.under {
  stroke: #8e2313;
  stroke-width: 5px;
}

.dot {
  fill: #b3321f;
  stroke: #fff;
  stroke-width: 2px;
}

text {
  fill: #fff;
  font-size: 14px;
  font-weight: 700;
  text-anchor: middle;
}

.up {
  position: absolute;
  right: 8px;
  bottom: 6px;
  padding: 0 6px;
  background: var(--panel);
  font-weight: 600;
}

.mark {
  display: none;
  position: absolute;
  left: 4px;
  top: 4px;
  padding: 0 4px;
  font-size: 13px;
  line-height: 1.3;
  background: var(--panel);
  color: var(--graphite);
  pointer-events: none;
}

.mark.turned {
  top: auto;
  bottom: 4px;
  rotate: 180deg;
}

/* What is held in a hand has no up of its own. */
@media (pointer: coarse) {
  .mark {
    display: block;
  }
}

.wait,
.fault {
  position: absolute;
  inset: auto 0 0;
  padding: 6px 10px;
  background: var(--panel);
}
</style>
