<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref, useTemplateRef } from 'vue'
import type { Drawing, Workings } from '@/api/types'
import Num from '@/ui/Num.vue'
import Ladder from './Ladder.vue'
import { every, layStage, type Box, type Focus } from './stage'
import { usePointer } from './usePointer'
import { useZoom } from './useZoom'

/** The photo board, the paper board, and the ladder between them. */
const props = defineProps<{ drawing: Drawing; workings: Workings; focus: Focus; wholePhoto?: boolean; grid?: boolean; movable?: boolean; way?: 'across' | 'down' }>()
const lit = defineModel<number | null>('lit', { default: null })
const emit = defineEmits<{ move: [left: number, top: number]; moved: [] }>()

const svg = useTemplateRef<SVGSVGElement>('svg')
const { width, height } = useElementSize(svg)
const { view, zoomBy, reset, pan } = useZoom(svg)
const { at: point, reading } = usePointer()

const stage = computed(() => layStage(props.workings, props.drawing.photo, props.focus, props.wholePhoto ?? false, { width: width.value, height: height.value }, view.value))
const crop = computed(() => props.workings.crop)
const lines = computed(() => props.workings.lines)

/** Where the preview has to lie for the photo's box to show the right part of it. */
const image = computed<Box>(() => {
  const { photo } = stage.value
  if (props.wholePhoto) return photo
  const w = photo.w / crop.value.share_w
  const h = photo.h / crop.value.share_h
  return { x: photo.x - crop.value.left * w, y: photo.y - crop.value.top * h, w, h }
})

function rules(box: Box) {
  const across = lines.value.across.map((share) => `M${crisp(box.x + share * box.w)} ${box.y}v${box.h}`)
  const down = lines.value.down.map((share) => `M${box.x} ${crisp(box.y + share * box.h)}h${box.w}`)
  return [...across, ...down].join('')
}

function litLine(box: Box) {
  if (lit.value === null) return ''
  const share = lines.value[props.way ?? 'down'][lit.value]
  if (share === undefined) return ''
  return props.way === 'across' ? `M${crisp(box.x + share * box.w)} ${box.y}v${box.h}` : `M${box.x} ${crisp(box.y + share * box.h)}h${box.w}`
}

function crisp(px: number) {
  return Math.round(px) + 0.5
}

/** Labels stand outside their board, where a narrow margin would cut them in two. */
function labels(box: Box, board: Box = box) {
  const above = box.y - board.y < LABEL_ROOM ? board.y : box.y
  const before = box.x - board.x < LABEL_ROOM ? board.x : box.x
  const { across, down, columns, rows } = lines.value
  const stepX = every(columns.length, box.w, 18)
  const stepY = every(rows.length, box.h, 18)
  const middle = (shares: number[], i: number) => ((shares[i] ?? 0) + (shares[i + 1] ?? 0)) / 2
  return [
    ...columns.map((text, i) => ({ text, x: box.x + middle(across, i) * box.w, y: above - 8, anchor: 'middle', show: i % stepX === 0 })),
    ...rows.map((text, i) => ({ text, x: before - 8, y: box.y + middle(down, i) * box.h + 5, anchor: 'end', show: i % stepY === 0 })),
  ].filter((label) => label.show)
}

const mask = computed(() => {
  const { photo: p, crop: c } = stage.value
  return `M${p.x} ${p.y}h${p.w}v${p.h}h${-p.w}zM${c.x} ${c.y}v${c.h}h${c.w}v${-c.h}z`
})

function share(event: PointerEvent, box: Box) {
  const rect = svg.value?.getBoundingClientRect()
  const x = (event.clientX - (rect?.left ?? 0) - box.x) / box.w
  const y = (event.clientY - (rect?.top ?? 0) - box.y) / box.h
  return x >= 0 && x <= 1 && y >= 0 && y <= 1 ? { x, y } : null
}

const dragging = ref<{ x: number; y: number; left: number; top: number } | null>(null)

function down(event: PointerEvent) {
  if (props.movable && share(event, stage.value.crop)) {
    dragging.value = { x: event.clientX, y: event.clientY, left: crop.value.left, top: crop.value.top }
    svg.value?.setPointerCapture(event.pointerId)
  } else {
    pan(event)
  }
}

function move(event: PointerEvent) {
  const from = dragging.value
  if (from) {
    emit('move', from.left + (event.clientX - from.x) / stage.value.photo.w, from.top + (event.clientY - from.y) / stage.value.photo.h)
  }
  point.value = share(event, stage.value.crop) ?? share(event, stage.value.area)
}

function up() {
  if (dragging.value) emit('moved')
  dragging.value = null
}

const LABEL_ROOM = 22
const NUDGE = 0.002

function nudge(event: KeyboardEvent) {
  const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key]
  if (!step || !props.movable) return
  event.preventDefault()
  const by = event.shiftKey ? NUDGE * 10 : NUDGE
  emit('move', crop.value.left + (step[0] ?? 0) * by, crop.value.top + (step[1] ?? 0) * by)
  emit('moved')
}

function cross(box: Box) {
  const p = point.value
  return p ? `M${crisp(box.x + p.x * box.w)} ${box.y}v${box.h}M${box.x} ${crisp(box.y + p.y * box.h)}h${box.w}` : ''
}

const ROOM_FOR_CAPTION = 190
const caption = computed(() => {
  const trimmed = crop.value.trimmed_percent === 0 ? 'nothing trimmed' : `${Math.round(crop.value.trimmed_percent)} % trimmed`
  const { decision } = props.workings.rungs.photo
  return stage.value.photo.w < ROOM_FOR_CAPTION && width.value < 600 ? decision : `${decision} · ${trimmed}`
})
</script>

<template>
  <div class="boards">
    <svg ref="svg" class="stage" role="group" aria-label="Photo board, inch ladder and paper board" @pointerdown="down" @pointermove="move" @pointerup="up" @pointerleave="point = null">
      <defs>
        <clipPath id="photo-clip"><rect :x="stage.photo.x" :y="stage.photo.y" :width="stage.photo.w" :height="stage.photo.h" /></clipPath>
      </defs>

      <g data-test="photo-board">
        <image :href="drawing.photo.preview" :x="image.x" :y="image.y" :width="image.w" :height="image.h" preserveAspectRatio="none" clip-path="url(#photo-clip)" />
        <path v-if="wholePhoto" class="mask" fill-rule="evenodd" :d="mask" />
        <template v-if="grid">
          <path class="rule" :d="rules(stage.crop)" :stroke="drawing.line.casing" stroke-opacity="0.35" stroke-width="2.4" />
          <path class="rule" :d="rules(stage.crop)" :stroke="drawing.line.css" stroke-width="1.2" />
          <text v-for="label in labels(stage.crop)" :key="`${label.x} ${label.y}`" class="label" :x="label.x" :y="label.y" :text-anchor="label.anchor">{{ label.text }}</text>
        </template>
        <rect
          v-if="wholePhoto"
          class="frame"
          :class="{ movable }"
          :x="stage.crop.x"
          :y="stage.crop.y"
          :width="stage.crop.w"
          :height="stage.crop.h"
          :tabindex="movable ? 0 : undefined"
          :role="movable ? 'application' : undefined"
          :aria-label="movable ? 'The crop. Arrow keys move it, with Shift further.' : undefined"
          data-test="crop"
          @keydown="nudge"
        />
        <path class="lit" :d="litLine(stage.crop)" />
        <path class="cross" :d="cross(stage.crop)" />
        <text class="caption" :x="stage.photo.x + stage.photo.w / 2" :y="stage.photo.y + stage.photo.h + 25" text-anchor="middle"><Num svg :text="caption" /></text>
      </g>

      <g data-test="paper-board">
        <rect class="sheet" :x="stage.sheet.x" :y="stage.sheet.y" :width="stage.sheet.w" :height="stage.sheet.h" />
        <rect v-if="focus === 'paper'" class="usable" :x="stage.usable.x" :y="stage.usable.y" :width="stage.usable.w" :height="stage.usable.h" />
        <template v-if="grid">
          <path class="rule guide" :d="rules(stage.area)" />
          <text v-for="label in labels(stage.area, stage.sheet)" :key="`${label.x} ${label.y}`" class="label guide" :x="label.x" :y="label.y" :text-anchor="label.anchor">{{ label.text }}</text>
        </template>
        <rect v-else class="area" :x="stage.area.x" :y="stage.area.y" :width="stage.area.w" :height="stage.area.h" />
        <path class="lit" :d="litLine(stage.area)" />
        <path class="cross" :d="cross(stage.area)" />
        <text class="caption" :x="stage.sheet.x + stage.sheet.w / 2" :y="stage.sheet.y + stage.sheet.h + 25" text-anchor="middle"><Num svg :text="workings.rungs.paper.decision" /></text>
      </g>

      <Ladder :stage="stage" :workings="workings" :lit="way === 'across' ? null : lit" :pointed="point?.y ?? null" @light="way === 'across' || (lit = $event)" />
      <text v-if="workings.factor" class="scale" :x="(stage.leftStile + stage.rightStile) / 2" :y="Math.min(stage.crop.y, stage.area.y) - 28" text-anchor="middle"><Num svg :text="workings.factor" /></text>
    </svg>

    <div v-if="point" class="reading" data-test="reading" aria-live="polite">
      <template v-if="reading">
        <b>{{ reading.cell }}</b>
        <span v-if="reading.across.print && reading.down.print">photo <Num :text="reading.across.print.rounded.text" /> in, <Num :text="reading.down.print.rounded.text" /> down</span>
        <span>paper <Num :text="reading.across.area.rounded.text" /> in, <Num :text="reading.down.area.rounded.text" /> down</span>
        <span class="soft">sheet edge <Num :text="reading.across.sheet.rounded.text" />, <Num :text="reading.down.sheet.rounded.text" /></span>
      </template>
    </div>
    <div class="zoom">
      <button type="button" class="button bare" aria-label="Closer" @click="zoomBy(1.25)">+</button>
      <button type="button" class="button bare" aria-label="Further off" :disabled="view.zoom === 1" @click="zoomBy(0.8)">−</button>
      <button v-if="view.zoom !== 1" type="button" class="button bare" @click="reset">whole boards</button>
    </div>
  </div>
</template>

<style scoped>
.boards {
  position: relative;
  min-width: 0;
  min-height: 0;
  overflow: hidden;
}

.stage {
  display: block;
  width: 100%;
  height: 100%;
  touch-action: none;
  user-select: none;
}

.mask {
  fill: var(--bench);
  fill-opacity: 0.82;
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

.rule,
.lit,
.cross {
  fill: none;
}

.rule.guide {
  stroke: var(--guide);
  stroke-width: 1;
}

.lit,
.cross {
  stroke: #c8341f;
  stroke-width: 2;
}

.cross {
  stroke-width: 1;
}

.sheet {
  fill: var(--sheet);
  filter: drop-shadow(0 1px 4px var(--shade));
}

.usable {
  fill: none;
  stroke: var(--tick);
  stroke-dasharray: 4 4;
}

.area {
  fill: none;
  stroke: var(--guide);
  stroke-width: 1.5;
}

.label {
  font-size: 14px;
  fill: var(--soft);
}

.label.guide {
  fill: #24648f;
}

.caption {
  font-size: 15px;
  fill: var(--soft);
}

.scale {
  font-size: 20px;
  font-weight: 700;
  fill: var(--graphite);
}

.reading {
  position: absolute;
  left: 12px;
  bottom: 8px;
  display: flex;
  flex-wrap: wrap;
  gap: 0 14px;
  min-height: 26px;
  padding: 2px 10px;
  background: var(--panel);
  pointer-events: none;
}

.zoom {
  position: absolute;
  right: 8px;
  bottom: 4px;
  display: flex;
  flex-direction: row-reverse;
}

.zoom .button {
  min-width: 36px;
  font-size: 18px;
}
</style>
