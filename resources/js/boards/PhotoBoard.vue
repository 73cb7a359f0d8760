<script setup lang="ts">
import { computed } from 'vue'
import { previewOf } from '@/api/pictures'
import type { ToneSpot } from '@/api/types'
import { t } from '@/lang'
import { useTool } from '@/stores/tool'
import Loupe from '@/ui/Loupe.vue'
import Num from '@/ui/Num.vue'
import type { BoardProps } from './board'
import MassShapes from './MassShapes.vue'
import PhotoMarks from './PhotoMarks.vue'
import { caption as place, cross, cuts, labels, losses, mask, oneLine, oval, overlays, rules, weights } from './paths'
import type { Box } from './stage'
import Theirs from './Theirs.vue'
import { useLook } from './useLook'

/** The photo, with the crop or inside it, the grid over it, what is marked on it, and what the hand is doing to it. */
const props = defineProps<BoardProps & {
  can: { crop: boolean }
  rubber: Box | null
  /** An outline as far as it was tapped. */
  outline: { x: number; y: number }[]
  /** Where keys have brought the cross-hair. */
  crossHair: { x: number; y: number } | null
  /** A main line in the hand, and its share of the crop. */
  heldLine: { way: 'across' | 'down'; from: number } | null
  spots: ToneSpot[]
  wholePhoto?: boolean
  picture?: string | null
  /** Whether what is lost has room beside the crop. */
  roomy: boolean
}>()
defineEmits<{ nudge: [event: KeyboardEvent]; pull: [event: KeyboardEvent] }>()

const ROOM_FOR_CAPTION = 190

const { look, filter, maskColour } = useLook()
const tool = useTool()
const choices = computed(() => props.workings.choices)
const lines = computed(() => props.workings.lines)
const crop = computed(() => props.workings.crop)

/** Where the preview has to lie for the photo's box to show the right part of it. */
const image = computed<Box>(() => {
  const { photo } = props.stage
  if (props.wholePhoto) return photo
  const w = photo.w / crop.value.share_w
  const h = photo.h / crop.value.share_h
  return { x: photo.x - crop.value.left * w, y: photo.y - crop.value.top * h, w, h }
})
const address = computed(() => props.picture ?? previewOf(props.drawing, props.workings))
const mirror = computed(() => (look.value.mirrored ? `translate(${2 * props.stage.photo.x + props.stage.photo.w} 0) scale(-1 1)` : undefined))
const ruled = computed(() => props.grid && !look.value.lifted)

/** Where the loupe is held. */
const loupe = computed(() => {
  if (!look.value.loupe || !props.point) return null
  const { crop: c } = props.stage
  return { x: c.x + props.point.x * c.w, y: c.y + props.point.y * c.h }
})

const caption = computed(() => {
  const { trimmed_share: share } = props.workings
  const trimmed = share === null ? t('boards.nothingTrimmed') : t('boards.shareTrimmed', { share })
  const { decision } = props.workings.rungs.photo
  return props.stage.photo.w < ROOM_FOR_CAPTION ? decision : `${decision} · ${trimmed}`
})
</script>

<template>
  <g data-test="photo-board">
    <defs>
      <clipPath id="photo-clip"><rect :x="stage.photo.x" :y="stage.photo.y" :width="stage.photo.w" :height="stage.photo.h" /></clipPath>
      <filter v-for="n in [1, 2, 3, 4]" :id="`simple-${n}`" :key="n" x="0" y="0" width="1" height="1">
        <feGaussianBlur :stdDeviation="n * 1.8" edgeMode="duplicate" />
        <feComponentTransfer>
          <component :is="`feFunc${channel}`" v-for="channel in ['R', 'G', 'B']" :key="channel" type="discrete" :tableValues="Array.from({ length: 9 - 1.5 * n }, (_, i, all = Math.floor(9 - 1.5 * n)) => i / (all - 1)).join(' ')" />
        </feComponentTransfer>
      </filter>
    </defs>
    <g :transform="mirror">
      <image v-if="address" :href="address" :x="image.x" :y="image.y" :width="image.w" :height="image.h" preserveAspectRatio="none" clip-path="url(#photo-clip)" :style="{ filter }" />
      <rect v-else class="blank" :x="stage.photo.x" :y="stage.photo.y" :width="stage.photo.w" :height="stage.photo.h" />
      <g v-if="look.masses && address" clip-path="url(#photo-clip)"><MassShapes :box="stage.crop" flat /></g>
      <path v-if="wholePhoto" class="mask" fill-rule="evenodd" :d="mask(stage, workings.outline)" :style="{ fill: maskColour, fillOpacity: look.strength / 100 }" />
      <template v-if="ruled">
        <path class="rule" :d="rules(lines, stage.crop)" :stroke="drawing.line.casing" stroke-opacity="0.35" :stroke-width="(weights[choices.grid.weights.photo] ?? 1.2) + 1.2" />
        <path class="rule" :d="rules(lines, stage.crop)" :stroke="drawing.line.css" :stroke-width="weights[choices.grid.weights.photo]" />
        <path class="rule" :d="cuts(workings.divided, stage.crop)" :stroke="drawing.line.css" stroke-width="0.8" />
      </template>
      <template v-if="lines.overlays.length && !look.lifted">
        <path class="overlay casing" :d="overlays(lines, stage.crop, 'photo')" />
        <path class="overlay" :d="overlays(lines, stage.crop, 'photo')" />
      </template>
    </g>
    <template v-if="ruled && !look.mirrored">
      <text v-for="label in labels(lines, choices.grid, stage.crop)" :key="`${label.x} ${label.y}`" class="label" :class="{ inside: choices.grid.labels === 'running' }" :x="label.x" :y="label.y" :text-anchor="label.anchor">{{ label.text }}</text>
    </template>
    <PhotoMarks v-if="!look.mirrored" :spans="spans" :spots="spots ?? []" :stage="stage" :workings="workings" :whole="wholePhoto ?? false" />
    <ellipse v-if="workings.outline" class="outline" v-bind="oval(stage.crop, workings.outline)" />
    <circle v-if="circle" class="circle" :cx="stage.crop.x + stage.crop.w / 2" :cy="stage.crop.y + stage.crop.h / 2" :r="circle" />
    <rect
      v-if="wholePhoto && !look.mirrored"
      class="frame"
      :class="{ movable: can.crop }"
      :x="stage.crop.x"
      :y="stage.crop.y"
      :width="stage.crop.w"
      :height="stage.crop.h"
      :tabindex="can.crop ? 0 : undefined"
      :role="can.crop ? 'application' : undefined"
      :aria-label="can.crop ? $t('boards.theCropArrowKeysMove') : undefined"
      data-test="crop"
      @keydown="can.crop && $emit('nudge', $event)"
    />
    <path v-if="can.crop && !look.mirrored" class="grip" :d="`M${stage.crop.x + stage.crop.w + 1} ${stage.crop.y + stage.crop.h - 16}v17h-17`" tabindex="0" role="slider" :aria-label="$t('boards.theCropsCornerArrowKeysMake')" :aria-valuenow="Math.round(workings.crop_size * 100)" aria-valuemin="5" aria-valuemax="100" data-test="corner" @keydown="$emit('pull', $event)" />
    <g v-if="rung === 'fit' && !look.mirrored && roomy" data-test="losses">
      <text v-for="loss in losses(stage, workings.trimmed)" :key="loss.side" class="loss" :x="loss.x" :y="loss.y" :text-anchor="loss.anchor"><Num svg :text="loss.text" /></text>
    </g>
    <path class="lit" :d="oneLine(lines, way, lit, stage.crop)" />
    <path v-if="!loupe" class="cross" :d="cross(point, stage.crop)" />
    <Theirs :lines="lines" :box="stage.crop" />
    <Loupe v-if="loupe && address" :at="loupe" :picture="address" :box="image" />
    <rect v-if="rubber && tool.kind === 'box'" class="rubber" :x="Math.min(rubber.x, rubber.x + rubber.w)" :y="Math.min(rubber.y, rubber.y + rubber.h)" :width="Math.abs(rubber.w)" :height="Math.abs(rubber.h)" />
    <g v-if="outline.length > 0" data-test="outline"><path class="rubber" :d="`M${outline.map((at) => `${at.x} ${at.y}`).join('L')}`" /><circle v-for="(at, i) in outline" :key="i" class="rubber" :cx="at.x" :cy="at.y" :r="i === 0 ? 9 : 4" /></g>
    <path v-if="rubber && tool.kind === 'line'" class="rubber" :d="`M${rubber.x} ${rubber.y}l${rubber.w} ${rubber.h}`" />
    <path
      v-if="heldLine"
      class="rubber"
      :d="
        heldLine.way === 'across'
          ? `M${stage.crop.x + heldLine.from * stage.crop.w} ${stage.crop.y}v${stage.crop.h}`
          : `M${stage.crop.x} ${stage.crop.y + heldLine.from * stage.crop.h}h${stage.crop.w}`
      "
      data-test="held-line"
    />
    <path
      v-if="crossHair"
      class="cross-hair"
      :d="`M${crossHair.x} ${stage.photo.y}v${stage.photo.h}M${stage.photo.x} ${crossHair.y}h${stage.photo.w}`"
      data-test="cross-hair-lines"
    />
    <text class="caption" v-bind="place(caption, stage.photo, stage)" text-anchor="middle"><Num svg :text="caption" /></text>
  </g>
</template>

<style scoped src="./board.css"></style>

<style scoped>
.blank {
  fill: var(--sheet);
  stroke: var(--tick);
}

.overlay {
  fill: none;
  stroke: #fffefa;
  stroke-width: 1.2;
  stroke-dasharray: 7 5;
}

.overlay.casing {
  stroke: #22201d;
  stroke-opacity: 0.55;
  stroke-width: 3;
  stroke-dasharray: none;
}

.outline,
.circle {
  fill: none;
  stroke: #c8341f;
  stroke-width: 1.5;
}

.grip {
  fill: none;
  stroke: #c8341f;
  stroke-width: 5;
  cursor: nwse-resize;
}

.grip:focus-visible {
  outline: none;
  stroke-width: 9;
}

.loss {
  font-size: 14px;
  font-weight: 600;
  fill: #2b2926;
  paint-order: stroke;
  stroke: #fffefa;
  stroke-width: 4px;
  stroke-linejoin: round;
}

.rubber {
  fill: rgb(47 155 224 / 18%);
  stroke: #c8341f;
  stroke-width: 2;
}

.cross-hair {
  fill: none;
  stroke: #c8341f;
  stroke-width: 1.5;
}

.frame {
  fill: transparent;
  stroke: var(--red);
  stroke-width: 1.5;
}

.frame.movable {
  cursor: grab;
}

.frame:focus-visible {
  outline: none;
  stroke-width: 4;
}

.label.inside {
  fill: #2b2926;
  paint-order: stroke;
  stroke: rgb(255 254 250 / 85%);
  stroke-width: 3px;
}
</style>
