<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, useTemplateRef, watch } from 'vue'
import { previewOf } from '@/api/pictures'
import type { Drawing, ToneSpot, Workings } from '@/api/types'
import { t } from '@/lang'
import type { BoardRung } from '@/rungs/rungs'
import { useTool } from '@/stores/tool'
import Num from '@/ui/Num.vue'
import Ladder from './Ladder.vue'
import LookStrip from './LookStrip.vue'
import PaperExtras from './PaperExtras.vue'
import PhotoMarks from './PhotoMarks.vue'
import SpanLines from './SpanLines.vue'
import TrueSize from './TrueSize.vue'
import { every, layStage, type Box, type Focus } from './stage'
import { useLook } from './useLook'
import { usePhotoHand } from './usePhotoHand'
import { usePointer } from './usePointer'
import { useZoom } from './useZoom'

/** The photo board, the paper board, and the ladder between them. */
const props = defineProps<{ drawing: Drawing; workings: Workings; rung: BoardRung; focus: Focus; wholePhoto?: boolean; grid?: boolean; way?: 'across' | 'down'; picture?: string | null; spots?: ToneSpot[] }>()
const lit = defineModel<number | null>('lit', { default: null })
const emit = defineEmits<{ move: [left: number, top: number]; resize: [width: number, height: number]; inset: [share: number]; line: [way: 'across' | 'down', from: number, to: number]; moved: [] }>()

const svg = useTemplateRef<SVGSVGElement>('svg')
const { width, height } = useElementSize(svg)
const { view, pinching, zoomBy, toTrueSize, reset, pan } = useZoom(svg)
const { at: point, reading } = usePointer()
const { look, filter, maskColour } = useLook()
const tool = useTool()

const workings = computed(() => props.workings)
const choices = computed(() => props.workings.choices)
const stage = computed(() => layStage(props.workings, props.focus, props.wholePhoto ?? false, { width: width.value, height: height.value }, view.value))
const crop = computed(() => props.workings.crop)
const lines = computed(() => props.workings.lines)
const fitWay = computed(() => choices.value.fit.way)
const can = computed(() => ({
  whole: props.wholePhoto ?? false,
  crop: props.rung === 'fit' && (fitWay.value === 'crop' || fitWay.value === 'cells'),
  inset: props.rung === 'fit' && fitWay.value === 'inset',
  lines: props.rung === 'grid' && fitWay.value !== 'cells' && choices.value.grid.school === 'main',
}))
const hand = usePhotoHand(svg, stage, workings, can, {
  move: (left, top) => emit('move', left, top),
  resize: (w, h) => emit('resize', w, h),
  inset: (share) => emit('inset', share),
  line: (which, from, to) => emit('line', which, from, to),
  moved: () => emit('moved'),
})

/** Where the preview has to lie for the photo's box to show the right part of it. */
const image = computed<Box>(() => {
  const { photo } = stage.value
  if (props.wholePhoto) return photo
  const w = photo.w / crop.value.share_w
  const h = photo.h / crop.value.share_h
  return { x: photo.x - crop.value.left * w, y: photo.y - crop.value.top * h, w, h }
})
const address = computed(() => props.picture ?? previewOf(props.drawing, props.workings))
const mirror = computed(() => (look.value.mirrored ? `translate(${2 * stage.value.photo.x + stage.value.photo.w} 0) scale(-1 1)` : undefined))
const ruled = computed(() => props.grid && !look.value.lifted)

/** The part of a board that the grid lies over; most often all of it. */
function gridded(box: Box): Box {
  const { across, down } = lines.value
  const [left, right] = [across[0] ?? 0, across[across.length - 1] ?? 1]
  const [top, bottom] = [down[0] ?? 0, down[down.length - 1] ?? 1]
  return { x: box.x + left * box.w, y: box.y + top * box.h, w: (right - left) * box.w, h: (bottom - top) * box.h }
}

function rules(box: Box) {
  const g = gridded(box)
  const across = lines.value.across.map((share) => `M${crisp(box.x + share * box.w)} ${g.y}v${g.h}`)
  const down = lines.value.down.map((share) => `M${g.x} ${crisp(box.y + share * box.h)}h${g.w}`)
  return [...across, ...down, lines.value.diagonals ? corners(g) : '', ticks(box)].join('')
}

function corners(box: Box) {
  return `M${box.x} ${box.y}l${box.w} ${box.h}M${box.x} ${box.y + box.h}l${box.w} ${-box.h}`
}

/** Axes and their ticks, of a school or laid over another. */
function ticks(box: Box) {
  const { axes } = lines.value
  if (!axes) return ''
  const [x, y] = [crisp(box.x + axes.x * box.w), crisp(box.y + axes.y * box.h)]
  return [`M${x} ${box.y}v${box.h}M${box.x} ${y}h${box.w}`, ...axes.across.map((share) => `M${crisp(box.x + share * box.w)} ${y - 5}v10`), ...axes.down.map((share) => `M${x - 5} ${crisp(box.y + share * box.h)}h10`)].join('')
}

/** The finer lines of cells that are cut: in the cell, ticked on its sides, or carried on. */
function cuts(box: Box) {
  return props.workings.divided
    .map((cell) => {
      const [x1, x2] = [box.x + cell.left * box.w, box.x + cell.right * box.w]
      const [y1, y2] = [box.y + cell.top * box.h, box.y + cell.bottom * box.h]
      const ticked = cell.hairlines === 'ticks'
      return [
        ...cell.across.map((share) => `M${crisp(box.x + share * box.w)} ${y1}V${ticked ? y1 + TICK : y2}`),
        ...cell.down.map((share) => `M${x1} ${crisp(box.y + share * box.h)}H${ticked ? x1 + TICK : x2}`),
      ].join('')
    })
    .join('')
}

/** Thirds, the cross, diagonals, to judge by. */
function overlays(box: Box, board: 'photo' | 'paper') {
  const [x, y] = [(share = 0) => crisp(box.x + share * box.w), (share = 0) => crisp(box.y + share * box.h)]
  return lines.value.overlays.flatMap((overlay) => overlay[board].map(([x1, y1, x2, y2]) => `M${x(x1)} ${y(y1)}L${x(x2)} ${y(y2)}`)).join('')
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

/** Labels stand outside their board, where a narrow margin would cut them in two; a running count stands in its cells. */
function labels(box: Box, board: Box = box) {
  const above = box.y - board.y < LABEL_ROOM ? board.y : box.y
  const { across, down, columns, rows, addresses } = lines.value
  const right = choices.value.grid.corner === 'top right'
  const middle = (shares: number[], i: number) => ((shares[i] ?? 0) + (shares[i + 1] ?? 0)) / 2
  if (choices.value.grid.labels === 'running') {
    if (box.w / columns.length < LEAST_CELL || box.h / rows.length < LEAST_CELL) return []
    return addresses.map((text, i) => ({ text, x: box.x + middle(across, i % columns.length) * box.w, y: box.y + middle(down, Math.floor(i / columns.length)) * box.h + 5, anchor: 'middle' }))
  }
  const stepX = every(columns.length, box.w, 18)
  const stepY = every(rows.length, box.h, 18)
  const beside = right ? (board.x + board.w - box.x - box.w < LABEL_ROOM ? board.x + board.w : box.x + box.w) + 8 : (box.x - board.x < LABEL_ROOM ? board.x : box.x) - 8
  return [
    ...columns.map((text, i) => ({ text, x: box.x + middle(across, i) * box.w, y: above - 8, anchor: 'middle', show: i % stepX === 0 })),
    ...rows.map((text, i) => ({ text, x: beside, y: box.y + middle(down, i) * box.h + 5, anchor: right ? 'start' : 'end', show: i % stepY === 0 })),
  ].filter((label) => label.show)
}

/** Lengths and slopes that were taken; slanted main lines are such. */
const spans = computed(() => (props.rung === 'check' || (props.rung === 'grid' && choices.value.grid.school === 'main') ? props.workings.check.spans : []))
const round = computed(() => choices.value.paper.shape === 'oval' || choices.value.paper.shape === 'circle')
const mask = computed(() => {
  const { photo: p, crop: c } = stage.value
  const hole =
    !round.value
      ? `M${c.x} ${c.y}v${c.h}h${c.w}v${-c.h}z`
      : `M${c.x} ${c.y + c.h / 2}a${c.w / 2} ${c.h / 2} 0 1 0 ${c.w} 0a${c.w / 2} ${c.h / 2} 0 1 0 ${-c.w} 0z`
  return `M${p.x} ${p.y}h${p.w}v${p.h}h${-p.w}z${hole}`
})

/** What each side of the crop loses, written where it is lost. */
const losses = computed(() => {
  const { crop: c } = stage.value
  const { left, right, top, bottom } = props.workings.trimmed
  return [
    // Inside the crop where there is no room for it beside: before the bench ends, or the ladder begins.
    c.x < LOSS_ROOM ? { side: 'left', text: left, x: c.x + 6, y: c.y + c.h / 2, anchor: 'start' } : { side: 'left', text: left, x: c.x - 6, y: c.y + c.h / 2, anchor: 'end' },
    stage.value.leftStile - c.x - c.w < LOSS_ROOM
      ? { side: 'right', text: right, x: c.x + c.w - 6, y: c.y + c.h / 2, anchor: 'end' }
      : { side: 'right', text: right, x: c.x + c.w + 6, y: c.y + c.h / 2, anchor: 'start' },
    { side: 'top', text: top, x: c.x + c.w / 2, y: c.y - 8, anchor: 'middle' },
    { side: 'bottom', text: bottom, x: c.x + c.w / 2, y: c.y + c.h + 18, anchor: 'middle' },
  ].filter((loss) => loss.text)
})

function share(event: PointerEvent, box: Box) {
  const rect = svg.value?.getBoundingClientRect()
  const x = (event.clientX - (rect?.left ?? 0) - box.x) / box.w
  const y = (event.clientY - (rect?.top ?? 0) - box.y) / box.h
  return x >= 0 && x <= 1 && y >= 0 && y <= 1 ? { x, y } : null
}

watch(pinching, (two) => two && hand.letGo())

function down(event: PointerEvent) {
  if (look.value.mirrored || pinching.value) return
  if (hand.down(event)) svg.value?.setPointerCapture(event.pointerId)
  else pan(event)
}

function move(event: PointerEvent) {
  if (pinching.value) return
  hand.move(event)
  point.value = look.value.mirrored ? null : (share(event, stage.value.crop) ?? share(event, stage.value.area))
  if (props.rung === 'marks') lightNearest(event)
}

/** The gridline under the pointer, on either board, lights on both, on the ladder and in the list. */
function lightNearest(event: PointerEvent) {
  const p = point.value
  if (!p) return
  const shares = lines.value[props.way ?? 'down']
  const box = share(event, stage.value.crop) ? stage.value.crop : stage.value.area
  const [at, side] = props.way === 'across' ? [p.x, box.w] : [p.y, box.h]
  const nearest = shares.reduce((best, one, i) => (Math.abs(one - at) < Math.abs((shares[best] ?? 9) - at) ? i : best), 0)
  lit.value = Math.abs((shares[nearest] ?? 9) - at) * side <= NEAR ? nearest : null
}

const NEAR = 7
const LABEL_ROOM = 22
const LEAST_CELL = 26
const TICK = 7
const NUDGE = 0.002
/** One key makes the crop or the inset larger or smaller by this share of itself. */
const PULL = 0.01
const LOUPE = { radius: 84, times: 3 }

function nudge(event: KeyboardEvent) {
  const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key]
  if (!step || !can.value.crop) return
  event.preventDefault()
  const by = event.shiftKey ? NUDGE * 10 : NUDGE
  emit('move', crop.value.left + (step[0] ?? 0) * by, crop.value.top + (step[1] ?? 0) * by)
  emit('moved')
}

/** The crop's corner by the arrow keys: larger to the right and down, smaller to the left and up. */
function pull(event: KeyboardEvent) {
  const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key]
  if (!by) return
  event.preventDefault()
  const times = 1 + by * PULL * (event.shiftKey ? 5 : 1)
  emit('resize', Math.max(0.05, crop.value.share_w * times), Math.max(0.05, crop.value.share_h * times))
  emit('moved')
}

/** The inset's corner along its diagonal, likewise. */
function pullInset(event: KeyboardEvent) {
  const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key]
  if (!by) return
  event.preventDefault()
  emit('inset', Math.min(1, Math.max(0.05, props.workings.inset_size + by * PULL * (event.shiftKey ? 5 : 1))))
  emit('moved')
}

function cross(box: Box) {
  const p = point.value
  return p ? `M${crisp(box.x + p.x * box.w)} ${box.y}v${box.h}M${box.x} ${crisp(box.y + p.y * box.h)}h${box.w}` : ''
}

/** What lies under the pointer, larger, brighter and with more contrast. */
const loupe = computed(() => {
  if (!look.value.loupe || !point.value) return null
  const { crop: c } = stage.value
  const [x, y] = [c.x + point.value.x * c.w, c.y + point.value.y * c.h]
  return { x, y, transform: `translate(${x} ${y}) scale(${LOUPE.times}) translate(${-x} ${-y})` }
})

const ROOM_FOR_CAPTION = 190
const ROOM_FOR_LOSSES = 600
const LOSS_ROOM = 90
const caption = computed(() => {
  const trimmed = crop.value.trimmed_percent === 0 ? t('boards.nothingTrimmed') : t('boards.percentTrimmed', { percent: Math.round(crop.value.trimmed_percent) })
  const { decision } = props.workings.rungs.photo
  return stage.value.photo.w < ROOM_FOR_CAPTION ? decision : `${decision} · ${trimmed}`
})
const weights = { 1: 0.8, 2: 1.2, 3: 2.2 } as Record<number, number>
const circle = computed(() => (props.workings.stretch.verdict === 'not' || props.rung !== 'fit' ? null : Math.min(stage.value.crop.w, stage.value.crop.h) * 0.3))
</script>

<template>
  <div class="boards" :class="{ drawing: tool.kind }">
    <svg ref="svg" class="stage" role="group" :aria-label="$t('boards.photoBoardInchLadder')" @pointerdown="down" @pointermove="move" @pointerup="hand.up" @pointerleave="point = null">
      <defs>
        <clipPath id="photo-clip"><rect :x="stage.photo.x" :y="stage.photo.y" :width="stage.photo.w" :height="stage.photo.h" /></clipPath>
        <clipPath v-if="loupe" id="loupe-clip"><circle :cx="loupe.x" :cy="loupe.y" :r="LOUPE.radius" /></clipPath>
        <filter v-for="n in [1, 2, 3, 4]" :id="`simple-${n}`" :key="n" x="0" y="0" width="1" height="1">
          <feGaussianBlur :stdDeviation="n * 1.8" edgeMode="duplicate" />
          <feComponentTransfer>
            <component :is="`feFunc${channel}`" v-for="channel in ['R', 'G', 'B']" :key="channel" type="discrete" :tableValues="Array.from({ length: 9 - 1.5 * n }, (_, i, all = Math.floor(9 - 1.5 * n)) => i / (all - 1)).join(' ')" />
          </feComponentTransfer>
        </filter>
      </defs>

      <g data-test="photo-board">
        <g :transform="mirror">
          <image v-if="address" :href="address" :x="image.x" :y="image.y" :width="image.w" :height="image.h" preserveAspectRatio="none" clip-path="url(#photo-clip)" :style="{ filter }" />
          <rect v-else class="blank" :x="stage.photo.x" :y="stage.photo.y" :width="stage.photo.w" :height="stage.photo.h" />
          <path v-if="wholePhoto" class="mask" fill-rule="evenodd" :d="mask" :style="{ fill: maskColour, fillOpacity: look.strength / 100 }" />
          <template v-if="ruled">
            <path class="rule" :d="rules(stage.crop)" :stroke="drawing.line.casing" stroke-opacity="0.35" :stroke-width="(weights[choices.grid.weights.photo] ?? 1.2) + 1.2" />
            <path class="rule" :d="rules(stage.crop)" :stroke="drawing.line.css" :stroke-width="weights[choices.grid.weights.photo]" />
            <path class="rule" :d="cuts(stage.crop)" :stroke="drawing.line.css" stroke-width="0.8" />
          </template>
          <template v-if="lines.overlays.length && !look.lifted">
            <path class="overlay casing" :d="overlays(stage.crop, 'photo')" />
            <path class="overlay" :d="overlays(stage.crop, 'photo')" />
          </template>
        </g>
        <template v-if="ruled && !look.mirrored">
          <text v-for="label in labels(stage.crop)" :key="`${label.x} ${label.y}`" class="label" :class="{ inside: choices.grid.labels === 'running' }" :x="label.x" :y="label.y" :text-anchor="label.anchor">{{ label.text }}</text>
        </template>
        <PhotoMarks v-if="!look.mirrored" :spans="spans" :spots="spots ?? []" :stage="stage" :workings="workings" :whole="wholePhoto ?? false" />
        <ellipse v-if="round" class="outline" :cx="stage.crop.x + stage.crop.w / 2" :cy="stage.crop.y + stage.crop.h / 2" :rx="stage.crop.w / 2" :ry="stage.crop.h / 2" />
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
          :aria-label="can.crop ? $t('boards.theCropArrowKeys') : undefined"
          data-test="crop"
          @keydown="nudge"
        />
        <path v-if="can.crop && !look.mirrored" class="grip" :d="`M${stage.crop.x + stage.crop.w + 1} ${stage.crop.y + stage.crop.h - 16}v17h-17`" tabindex="0" role="slider" :aria-label="$t('boards.theCropsCornerArrow')" :aria-valuenow="Math.round(workings.crop_size * 100)" aria-valuemin="5" aria-valuemax="100" data-test="corner" @keydown="pull" />
        <g v-if="rung === 'fit' && !look.mirrored && width > ROOM_FOR_LOSSES" data-test="losses">
          <text v-for="loss in losses" :key="loss.side" class="loss" :x="loss.x" :y="loss.y" :text-anchor="loss.anchor"><Num svg :text="loss.text" /></text>
        </g>
        <path class="lit" :d="litLine(stage.crop)" />
        <path v-if="!loupe" class="cross" :d="cross(stage.crop)" />
        <g v-if="loupe && address" clip-path="url(#loupe-clip)">
          <image :href="address" :x="image.x" :y="image.y" :width="image.w" :height="image.h" preserveAspectRatio="none" :transform="loupe.transform" class="lens" />
          <circle class="rim" :cx="loupe.x" :cy="loupe.y" :r="LOUPE.radius" />
        </g>
        <rect v-if="hand.rubber.value && tool.kind === 'box'" class="rubber" :x="Math.min(hand.rubber.value.x, hand.rubber.value.x + hand.rubber.value.w)" :y="Math.min(hand.rubber.value.y, hand.rubber.value.y + hand.rubber.value.h)" :width="Math.abs(hand.rubber.value.w)" :height="Math.abs(hand.rubber.value.h)" />
        <path v-if="hand.rubber.value && tool.kind === 'line'" class="rubber" :d="`M${hand.rubber.value.x} ${hand.rubber.value.y}l${hand.rubber.value.w} ${hand.rubber.value.h}`" />
        <text class="caption" :x="stage.photo.x + stage.photo.w / 2" :y="stage.photo.y + stage.photo.h + 25" text-anchor="middle"><Num svg :text="caption" /></text>
      </g>

      <g data-test="paper-board">
        <rect class="sheet" :style="{ fill: workings.paper_colour ?? undefined }" :x="stage.sheet.x" :y="stage.sheet.y" :width="stage.sheet.w" :height="stage.sheet.h" />
        <rect v-if="focus === 'paper' || rung === 'fit'" class="usable" :x="stage.usable.x" :y="stage.usable.y" :width="stage.usable.w" :height="stage.usable.h" />
        <template v-if="grid">
          <path class="rule guide" :d="rules(stage.area)" :stroke-width="weights[choices.grid.weights.paper]" />
          <path class="rule guide" :d="cuts(stage.area)" stroke-width="0.7" />
          <text v-for="label in labels(stage.area, stage.sheet)" :key="`${label.x} ${label.y}`" class="label guide" :x="label.x" :y="label.y" :text-anchor="label.anchor">{{ label.text }}</text>
        </template>
        <rect v-else class="area" :x="stage.area.x" :y="stage.area.y" :width="stage.area.w" :height="stage.area.h" />
        <SpanLines v-if="spans.length" :box="stage.area" :spans="spans" />
        <PaperExtras :stage="stage" :workings="workings" :drawing="drawing" :rung="rung" :diagonal="can.inset ? hand.diagonal.value : null" :overlays="look.lifted ? '' : overlays(stage.area, 'paper')" :round="round" :circle="circle && circle * (stage.area.h / stage.crop.h)" @pull="pullInset" />
        <path class="lit" :d="litLine(stage.area)" />
        <path class="cross" :d="cross(stage.area)" />
        <text class="caption" :x="stage.sheet.x + stage.sheet.w / 2" :y="stage.sheet.y + stage.sheet.h + 25" text-anchor="middle"><Num svg :text="workings.rungs.paper.decision" /></text>
      </g>

      <Ladder :stage="stage" :workings="workings" :way="props.way ?? 'down'" :lit="lit" :pointed="(props.way === 'across' ? point?.x : point?.y) ?? null" @light="lit = $event" />
      <text v-if="workings.factor" class="scale" :x="(stage.leftStile + stage.rightStile) / 2" :y="Math.min(stage.crop.y, stage.area.y) - 28" text-anchor="middle"><Num svg :text="workings.factor" /></text>
    </svg>

    <LookStrip />
    <TrueSize v-if="width >= 600" v-show="!point" :scale="stage.photoScale ?? stage.paperScale" :of="stage.photoScale === null ? 'paper' : 'print'" :paper="stage.paperScale" :metric="choices.unit !== 'in'" @zoom="toTrueSize" />
    <p v-if="tool.kind" class="hint" role="status" data-test="hint">{{ tool.hint }} <button type="button" class="button" @click="tool.finish(null)"><kbd>{{ $t('boards.esc') }}</kbd>{{ $t('boards.neverMind') }}</button></p>
    <div v-if="point" class="reading" data-test="reading" aria-live="polite">
      <template v-if="reading">
        <b>{{ reading.cell }}</b>
        <span v-if="reading.across.print && reading.down.print"><Num :text="$t('boards.photoPrintAcrossPrint2', { print: reading.across.print.rounded.text, print2: reading.down.print.rounded.text })" /></span>
        <span><Num :text="$t('boards.paperAreaAcrossArea2', { area: reading.across.area.rounded.text, area2: reading.down.area.rounded.text })" /></span>
        <span class="soft"><Num :text="$t('boards.sheetEdgeSheetSheet2', { sheet: reading.across.sheet.rounded.text, sheet2: reading.down.sheet.rounded.text })" /></span>
      </template>
    </div>
    <div class="zoom">
      <button type="button" class="button bare" :aria-label="$t('boards.closer')" @click="zoomBy(1.25)">+</button>
      <button type="button" class="button bare" :aria-label="$t('boards.furtherOff')" :disabled="view.zoom <= 1" @click="zoomBy(0.8)">−</button>
      <button v-if="view.zoom !== 1" type="button" class="button bare" @click="reset">{{ $t('boards.wholeBoards') }}</button>
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

.blank {
  fill: var(--sheet);
  stroke: var(--tick);
}

.drawing .stage {
  cursor: crosshair;
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

.lens {
  filter: brightness(1.25) contrast(1.45);
}

.rim {
  fill: none;
  stroke: #fffefa;
  stroke-width: 4;
}

.rubber {
  fill: rgb(47 155 224 / 18%);
  stroke: #c8341f;
  stroke-width: 2;
}

.hint {
  position: absolute;
  left: 50%;
  top: 6px;
  transform: translateX(-50%);
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 6px 8px 6px 14px;
  background: var(--sheet);
  color: var(--sheet-ink);
  border-left: 4px solid #b3321f;
  box-shadow: 0 1px 6px var(--shade);
  max-width: 94%;
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

.label.inside {
  fill: #2b2926;
  paint-order: stroke;
  stroke: rgb(255 254 250 / 85%);
  stroke-width: 3px;
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
