<script setup lang="ts">
import { computed } from 'vue'
import type { CellToCopy, Strength, Thing } from '@/api/types'
import MassShapes from '@/boards/MassShapes.vue'
import OvalMask from '@/boards/OvalMask.vue'
import type { Box } from '@/boards/stage'
import Theirs from '@/boards/Theirs.vue'
import ThingLines from '@/boards/ThingLines.vue'
import WhiteLines from '@/boards/WhiteLines.vue'
import ShotMarks from '@/boards/ShotMarks.vue'
import { useDrawing } from '@/stores/drawing'
import { useShots } from '@/stores/shots'
import { useTogether } from '@/together/together'
import CellPoints from './CellPoints.vue'
import EdgeLines from './EdgeLines.vue'
import type { useWindow } from './useWindow'

const [store, together] = [useDrawing(), useTogether()]

/** The empty twin on the paper: its lines, and the straight ways between the joints of the contour in hand. */
const props = defineProps<{
  window: Pick<ReturnType<typeof useWindow>, 'across' | 'down' | 'lines'>
  size: { width: number; height: number }
  whole: boolean
  cuts: number[]
  turned: boolean
  course: CellToCopy['courses'][number] | null
  points: CellToCopy['points']
  /** The whole crop, as it would lie beside the cell. */
  mirrored: boolean
  crop: Box
  things: Thing[]
  masses: boolean
  strengths: Strength[]
  /** Whether the drawing lies in it, as it was photographed last. */
  shot: boolean
  lifted: boolean
}>()
const shots = useShots()
/** The whole sheet, as it would lie beside the cell. */
const sheet = computed<Box>(() => {
  const { drawing, sheet } = store.workings!
  const [x, y] = [props.crop.w / drawing.width.mm, props.crop.h / drawing.height.mm]
  return { x: props.crop.x - drawing.left.mm * x, y: props.crop.y - drawing.top.mm * y, w: sheet.width.mm * x, h: sheet.height.mm * y }
})

const across = computed(() => props.window.across.value)
const down = computed(() => props.window.down.value)
const joints = computed(() => {
  const places = (props.course?.joints ?? []).map(([x = 0, y = 0]) => `${100 * x} ${100 * y}`)
  return places.length > 0 ? `M${places.join('L')}` : ''
})
</script>

<template>
  <div class="cell paper" :style="{ width: `${size.width}px`, height: `${size.height}px` }">
    <svg v-if="shot && shots.flat" class="over shot" :class="{ turned, mirrored }" :viewBox="`0 0 ${size.width} ${size.height}`" aria-hidden="true" data-test="cell-shot">
      <image :href="shots.flat" :x="sheet.x" :y="sheet.y" :width="sheet.w" :height="sheet.h" preserveAspectRatio="none" />
      <ShotMarks v-if="!lifted" :area="crop" contours strokes />
    </svg>
    <svg v-if="!(shot && lifted)" class="over" :class="{ turned, mirrored }" viewBox="0 0 100 100" preserveAspectRatio="none" aria-hidden="true">
      <path class="line" :d="window.lines.value" />
      <path v-for="cut in cuts" :key="cut" class="hair" :d="`M${cut} 0V100M0 ${cut}H100`" />
      <path v-if="!whole" class="hand" :d="`M${across.cell.start} ${down.cell.start}H${across.cell.end}V${down.cell.end}H${across.cell.start}Z`" />
      <path v-if="joints" class="straight" :d="joints" />
    </svg>
    <svg v-if="store.workings?.outline && !(shot && lifted)" class="over oval" :class="{ turned, mirrored }" :viewBox="`0 0 ${size.width} ${size.height}`" aria-hidden="true"><OvalMask :crop /></svg>
    <svg v-if="masses" class="over" :class="{ turned, mirrored }" :viewBox="`0 0 ${size.width} ${size.height}`" aria-hidden="true"><MassShapes :box="crop" /></svg>
    <svg v-if="things.length > 0" class="over" :class="{ turned, mirrored }" :viewBox="`0 0 ${size.width} ${size.height}`" aria-hidden="true"><ThingLines :box="crop" :things /></svg>
    <svg v-if="store.workings?.whites.length" class="over" :class="{ turned, mirrored }" :viewBox="`0 0 ${size.width} ${size.height}`" aria-hidden="true"><WhiteLines :box="crop" :whites="store.workings.whites" /></svg>
    <svg v-if="together.theirs" class="over" :class="{ turned, mirrored }" :viewBox="`0 0 ${size.width} ${size.height}`" aria-hidden="true"><Theirs v-if="store.workings" :lines="store.workings.lines" :box="crop" /></svg>
    <svg v-if="strengths.length > 0" class="over" :class="{ turned, mirrored }" :viewBox="`0 0 ${size.width} ${size.height}`" aria-hidden="true"><EdgeLines :strengths :size /></svg>
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

.turned {
  rotate: 180deg;
}

.mirrored {
  scale: -1 1;
}

.over:not(.shot, .oval) path {
  fill: none;
  stroke: var(--guide);
  stroke-width: 1.5px;
  vector-effect: non-scaling-stroke;
}

.over:not(.shot) .hair {
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
