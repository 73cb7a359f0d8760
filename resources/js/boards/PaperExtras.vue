<script setup lang="ts">
import { computed } from 'vue'
import { previewOf } from '@/api/pictures'
import type { Drawing, Workings } from '@/api/types'
import Num from '@/ui/Num.vue'
import type { Stage } from './stage'
import LightArrow from './LightArrow.vue'
import ShapeLines from './ShapeLines.vue'
import ThingLines from './ThingLines.vue'
import WhiteLines from './WhiteLines.vue'
import { oval } from './paths'
import { useLook } from './useLook'
import { useThings } from '@/stores/things'
import type { Diagonal } from './usePhotoHand'

/** What the paper board shows beside the grid: distances to the edges, the outline, the extended diagonal, key points. */
const props = defineProps<{
  stage: Stage
  workings: Workings
  drawing: Drawing
  rung: string
  diagonal: Diagonal | null
  overlays: string
  /** Radius of a circle, down the paper. */
  circle: number | null
}>()

defineEmits<{ pull: [event: KeyboardEvent] }>()

const { look } = useLook()
const things = useThings()

const distances = computed(() => {
  const { sheet, area } = props.stage
  const { left, right, top, bottom } = props.workings.to_edges
  const [midX, midY] = [area.x + area.w / 2, area.y + area.h / 2]
  return [
    { side: 'left', text: left, x: area.x + 6, y: midY + 5, anchor: 'start', d: `M${sheet.x} ${midY}H${area.x}` },
    { side: 'right', text: right, x: area.x + area.w - 6, y: midY + 5, anchor: 'end', d: `M${area.x + area.w} ${midY}H${sheet.x + sheet.w}` },
    { side: 'top', text: top, x: midX, y: area.y + 18, anchor: 'middle', d: `M${midX} ${sheet.y}V${area.y}` },
    { side: 'bottom', text: bottom, x: midX, y: area.y + area.h - 8, anchor: 'middle', d: `M${midX} ${area.y + area.h}V${sheet.y + sheet.h}` },
  ]
})

/** The print as it lies in the corner of the paper, at its true size there. */
const inCorner = computed(() => {
  const { print } = props.workings
  if (!props.diagonal || !print) return null
  const w = print.width.mm * props.stage.paperScale
  const h = print.height.mm * props.stage.paperScale
  return w <= props.stage.usable.w && h <= props.stage.usable.h ? { x: props.diagonal.x, y: props.diagonal.y, w, h } : null
})
const address = computed(() => previewOf(props.drawing, props.workings))
const points = computed(() => props.workings.points.filter((point) => point.inside).map((point) => ({ ...point, at: { x: props.stage.area.x + point.x * props.stage.area.w, y: props.stage.area.y + point.y * props.stage.area.h } })))
const clipped = computed(() => oval(props.stage.area, props.workings.outline))
</script>

<template>
  <LightArrow v-if="workings.light" :box="stage.area" v-bind="workings.light" />
  <ellipse v-if="clipped" class="oval" v-bind="clipped" />
  <path v-if="overlays && rung !== 'marks'" class="overlay" :d="overlays" />
  <g v-if="rung === 'paper'" data-test="distances">
    <g v-for="distance in distances" :key="distance.side">
      <path class="distance" :d="distance.d" />
      <text class="number" :x="distance.x" :y="distance.y" :text-anchor="distance.anchor"><Num svg :text="distance.text" /></text>
    </g>
  </g>
  <g v-if="diagonal" data-test="diagonal">
    <image v-if="inCorner && address" :href="address" :x="inCorner.x" :y="inCorner.y" :width="inCorner.w" :height="inCorner.h" preserveAspectRatio="none" />
    <rect v-else-if="inCorner" class="corner" :x="inCorner.x" :y="inCorner.y" :width="inCorner.w" :height="inCorner.h" />
    <path class="diagonal" :d="`M${diagonal.x} ${diagonal.y}l${diagonal.w} ${diagonal.h}`" />
    <path class="built" :d="`M${diagonal.x} ${diagonal.endY}H${diagonal.endX}V${diagonal.y}`" />
    <circle class="handle" :cx="diagonal.endX" :cy="diagonal.endY" r="9" tabindex="0" role="slider" :aria-label="$t('boards.theDrawingsCornerAlongTheDiagonal')" :aria-valuenow="Math.round(workings.inset_size * 100)" aria-valuemin="5" aria-valuemax="100" data-test="inset-handle" @keydown="$emit('pull', $event)" />
  </g>
  <ellipse v-if="circle" class="circle" :cx="stage.area.x + stage.area.w / 2" :cy="stage.area.y + stage.area.h / 2" :rx="circle * workings.stretch.circle" :ry="circle" data-test="oval" />
  <ThingLines v-if="look.things || look.gaps" :box="stage.area" :things="workings.things" names :gaps="look.gaps" :sizes="things.gaps" />
  <WhiteLines v-if="workings.whites.length" :box="stage.area" :whites="workings.whites" />
  <ShapeLines v-if="look.shapes && workings.shapes.length" :box="stage.area" :shapes="workings.shapes" />
  <g v-for="point in points" :key="point.name">
    <path v-if="point.cross" class="focal" :d="`M${point.at.x} ${stage.area.y}v${stage.area.h}M${stage.area.x} ${point.at.y}h${stage.area.w}`" />
    <rect v-if="point.pinned" class="pin" :x="point.at.x - 9" :y="point.at.y - 9" width="18" height="18" data-test="pin" />
    <circle class="dot" :class="{ moves: !point.firm }" :cx="point.at.x" :cy="point.at.y" r="4" />
  </g>
</template>

<style scoped>
.oval,
.overlay,
.distance,
.diagonal,
.built,
.circle,
.focal {
  fill: none;
}

.oval {
  stroke: var(--guide);
  stroke-width: 2;
}

.overlay {
  stroke: var(--guide);
  stroke-dasharray: 6 5;
}

.distance {
  stroke: #c8341f;
  stroke-width: 1.5;
}

.number {
  font-size: 15px;
  font-weight: 600;
  fill: #2b2926;
  paint-order: stroke;
  stroke: #fffefa;
  stroke-width: 4px;
  stroke-linejoin: round;
}

.diagonal {
  stroke: var(--guide);
  stroke-width: 2;
}

.built {
  stroke: var(--guide);
  stroke-dasharray: 5 4;
}

.corner {
  fill: #d9d4c8;
}

.handle {
  fill: #fffefa;
  stroke: #c8341f;
  stroke-width: 3;
  cursor: nwse-resize;
}

.handle:focus-visible {
  outline: none;
  stroke-width: 6;
}

.circle {
  stroke: #c8341f;
  stroke-width: 1.5;
}

.focal {
  stroke: #c8341f;
  stroke-dasharray: 8 4;
}

.pin {
  fill: none;
  stroke: #c8341f;
  stroke-width: 2;
}

.dot {
  fill: #c8341f;
  stroke: #c8341f;
  stroke-width: 1.6;
}

/* What may still move is hollow. */
.dot.moves {
  fill: var(--sheet);
}
</style>
