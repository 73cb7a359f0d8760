<script setup lang="ts">
import { useElementSize, useEventListener } from '@vueuse/core'
import { computed, useTemplateRef, watch } from 'vue'
import type { Drawing, Pull, ToneSpot, Workings } from '@/api/types'
import type { BoardRung } from '@/rungs/rungs'
import { useTogether } from '@/together/together'
import { useShots } from '@/stores/shots'
import { useTool } from '@/stores/tool'
import Num from '@/ui/Num.vue'
import Ladder from './Ladder.vue'
import Overlays from '@/rungs/Overlays.vue'
import Pick from '@/ui/Pick.vue'
import LookStrip from './LookStrip.vue'
import PaperBoard from './PaperBoard.vue'
import PhotoBoard from './PhotoBoard.vue'
import TrueSize from './TrueSize.vue'
import { holding } from './held'
import { layStage, type Box, type Focus } from './stage'
import { useCropKeys } from './useCropKeys'
import { useLook } from './useLook'
import { usePhotoHand } from './usePhotoHand'
import { usePointer } from './usePointer'
import { useZoom } from './useZoom'

/** The photo board, the paper board, and the ladder between them. */
const props = withDefaults(
  defineProps<{
    drawing: Drawing
    workings: Workings
    rung: BoardRung
    focus: Focus
    wholePhoto?: boolean
    grid?: boolean
    onShot?: boolean
    pulled?: Pull | null
    /** Of what was pulled, what is not answered yet: drawn at once. */
    held?: Pull | null
    way?: 'across' | 'down'
    picture?: string | null
    spots?: ToneSpot[]
  }>(),
  { pulled: null, held: null, way: 'down', picture: null, spots: () => [] },
)
const lit = defineModel<number | null>('lit', { default: null })
const emit = defineEmits<{ pull: [to: Pull]; line: [way: 'across' | 'down', from: number, to: number]; moved: [] }>()

/** A line lights from so many pixels off. */
const NEAR = 7
const ROOM_FOR_LOSSES = 600
/** Times the board is enlarged to set a place on it. */
const CLOSE = 6
/** Of the stage that a thing takes, looked at by itself. */
const FILLS = 0.8

const svg = useTemplateRef<SVGSVGElement>('svg')
const { width, height } = useElementSize(svg)
const { view, pinching, panning, zoomBy, lookAt, toTrueSize, reset, pan } = useZoom(svg)
const { at: point, reading } = usePointer()
const { look } = useLook()
const tool = useTool()
const shots = useShots()
const together = useTogether()
watch(point, (at) => together.point({ at }))

const workings = computed(() => props.workings)
const choices = computed(() => props.workings.choices)
const laid = computed(() =>
  layStage(props.workings, props.focus, props.wholePhoto ?? false, { width: width.value, height: height.value }, view.value),
)
const stage = computed(() => (props.wholePhoto ? holding(laid.value, props.workings, props.held) : laid.value))
const fitWay = computed(() => choices.value.fit.way)
const can = computed(() => ({
  whole: props.wholePhoto ?? false,
  crop: props.rung === 'fit' && (fitWay.value === 'crop' || fitWay.value === 'cells'),
  inset: props.rung === 'fit' && fitWay.value === 'inset',
  lines: props.rung === 'grid' && fitWay.value !== 'cells' && choices.value.grid.school === 'main',
}))
const does = {
  pull: (to: Pull) => emit('pull', to),
  line: (which: 'across' | 'down', from: number, to: number) => emit('line', which, from, to),
  moved: () => emit('moved'),
}
const hand = usePhotoHand(svg, stage, workings, () => props.held, can, does)
const keys = useCropKeys(
  () => ({
    left: props.workings.crop.left,
    top: props.workings.crop.top,
    width: props.workings.crop.share_w,
    height: props.workings.crop.share_h,
    share: props.workings.inset_size,
    ...props.pulled,
  }),
  does.pull,
  does.moved,
)

/** Lengths and slopes that were taken; slanted main lines are such. */
const spans = computed(() =>
  props.rung === 'check' || (props.rung === 'grid' && choices.value.grid.school === 'main') ? props.workings.check.spans : [],
)
/** A circle on the photo, to see what a stretch makes of it. */
const circle = computed(() =>
  props.workings.stretch.verdict === 'not' || props.rung !== 'fit' ? null : Math.min(stage.value.crop.w, stage.value.crop.h) * 0.3,
)

const percent = (share: number) => `${Math.round(100 * share)} %`

function share(event: PointerEvent, box: Box) {
  const rect = svg.value?.getBoundingClientRect()
  const x = (event.clientX - (rect?.left ?? 0) - box.x) / box.w
  const y = (event.clientY - (rect?.top ?? 0) - box.y) / box.h
  return x >= 0 && x <= 1 && y >= 0 && y <= 1 ? { x, y } : null
}

useEventListener('keydown', (event: KeyboardEvent) => event.key === 'Escape' && (shots.placing = null))
// A place is set from near by: a pixel of the whole board is a millimetre of the paper.
watch(
  () => shots.placing,
  (placing) => {
    reset()
    const { area } = stage.value
    if (placing?.at) lookAt({ x: area.x + placing.at.x * area.w, y: area.y + placing.at.y * area.h }, CLOSE)
  },
)

/** A thing that is held against the photo by itself fills the boards. */
watch(
  () => shots.thing,
  (name) => {
    const places = props.workings.things.find((one) => one.name === name)?.pieces.flatMap((piece) => piece.places) ?? []
    if (places.length === 0) return reset()
    const { area } = stage.value
    const [x, y] = [places.map(([x = 0]) => area.x + x * area.w), places.map(([, y = 0]) => area.y + y * area.h)]
    const [left, right, top, bottom] = [Math.min(...x), Math.max(...x), Math.min(...y), Math.max(...y)]
    const zoom = Math.min(CLOSE, (FILLS * width.value) / Math.max(1, right - left), (FILLS * height.value) / Math.max(1, bottom - top))
    lookAt({ x: (left + right) / 2, y: (top + bottom) / 2 }, Math.max(1, zoom))
  },
)

// Places are those of the photo as it is: a tool takes the mirror off, or nothing could be set.
watch(
  () => tool.kind,
  (kind) => {
    if (kind) look.value.mirrored = false
  },
)

watch(pinching, (two) => two && hand.letGo())

function down(event: PointerEvent) {
  if (pinching.value) return
  // A place that is to be set on the shot, which is never mirrored.
  const onShot = shots.placing ? share(event, stage.value.area) : null
  if (shots.placing && onShot) {
    void shots.place(shots.placing.name, onShot.x, onShot.y)
    shots.placing = null
    return
  }
  if (look.value.mirrored) return
  if (hand.down(event)) svg.value?.setPointerCapture(event.pointerId)
  else pan(event)
}

function move(event: PointerEvent) {
  if (pinching.value) return
  hand.move(event)
  // What is dragged is looked at, and nothing is asked about the places on its way.
  const isBusy = look.value.mirrored || hand.grip.value || hand.rubber.value || panning.value
  point.value = isBusy ? null : (share(event, stage.value.crop) ?? share(event, stage.value.area))
  if (props.rung === 'marks') lightNearest(event)
}

/** The gridline under the pointer, on either board, lights on both, on the ladder and in the list. */
function lightNearest(event: PointerEvent) {
  const p = point.value
  if (!p) return
  const shares = props.workings.lines[props.way]
  const box = share(event, stage.value.crop) ? stage.value.crop : stage.value.area
  const [at, side] = props.way === 'across' ? [p.x, box.w] : [p.y, box.h]
  const nearest = shares.reduce((best, one, i) => (Math.abs(one - at) < Math.abs((shares[best] ?? 9) - at) ? i : best), 0)
  lit.value = Math.abs((shares[nearest] ?? 9) - at) * side <= NEAR ? nearest : null
}
</script>

<template>
  <div class="boards" :class="{ drawing: tool.kind || shots.placing }">
    <svg
      ref="svg"
      class="stage"
      role="group"
      tabindex="-1"
      :aria-label="$t('boards.photoBoardInchLadderAndPaper')"
      @pointerdown="down"
      @pointermove="move"
      @pointerup="hand.up"
      @pointerleave="point = null"
    >
      <PhotoBoard
        v-if="!stage.alone"
        :drawing
        :workings
        :stage
        :rung
        :way
        :can
        :lit
        :point
        :spans
        :spots
        :circle
        :whole-photo
        :grid
        :picture
        :rubber="hand.rubber.value"
        :outline="hand.outline.value"
        :cross-hair="hand.crossHair.value"
        :held-line="hand.heldLine.value"
        :roomy="width > ROOM_FOR_LOSSES"
        @nudge="keys.nudge"
        @pull="keys.pullCrop"
      />
      <PaperBoard
        :drawing
        :workings
        :stage="laid"
        :rung
        :focus
        :way
        :lit
        :point
        :spans
        :circle="circle && circle * (stage.area.h / stage.crop.h)"
        :grid
        :on-shot
        :diagonal="can.inset ? hand.diagonal.value : null"
        @pull="keys.pullInset"
      />
      <Ladder
        v-if="!stage.alone"
        :stage="stage"
        :workings="workings"
        :way
        :lit="lit"
        :pointed="(way === 'across' ? point?.x : point?.y) ?? null"
        @light="lit = $event"
      />
      <text
        v-if="workings.factor && !stage.alone"
        class="scale"
        :x="(stage.leftStile + stage.rightStile) / 2"
        :y="Math.min(stage.crop.y, stage.area.y) - 28"
        text-anchor="middle"
      >
        <Num svg :text="workings.factor" />
      </text>
    </svg>

    <LookStrip>
      <template v-if="can.whole || rung === 'grid'">
        <Overlays :choices="choices" />
        <Pick
          v-model="look.mask"
          :label="$t('fit.maskRoundTheCrop')"
          :options="{ bench: $t('fit.bench'), black: $t('fit.black'), white: $t('fit.white'), grey: $t('fit.grey') }"
        />
        <div class="field">
          <span class="legend">{{ $t('fit.howDense', { strength: look.strength }) }}</span><el-slider
            v-model="look.strength"
            :min="0"
            :max="100"
            :step="2"
            :show-tooltip="false"
            :aria-label="$t('fit.howDense', { strength: look.strength })"
          />
        </div>
      </template>
      <div class="zoom">
        <button type="button" class="button" @click="zoomBy(1.25)">{{ $t('boards.closer') }}</button>
        <button type="button" class="button" :disabled="view.zoom <= 1" @click="zoomBy(0.8)">{{ $t('boards.furtherOff') }}</button>
        <button type="button" class="button" :disabled="view.zoom === 1" @click="reset">{{ $t('boards.wholeBoards') }}</button>
      </div>
      <TrueSize
        :scale="stage.photoScale ?? stage.paperScale"
        :of="stage.photoScale === null ? 'paper' : 'print'"
        :paper="stage.paperScale"
        :metric="choices.unit !== 'in'"
        @zoom="toTrueSize"
      />
    </LookStrip>
    <p v-if="tool.kind" class="hint" role="status" data-test="hint">
      {{ tool.hint }}
      <span v-if="hand.cursor.value" data-test="cross-hair">
        {{ $t('boards.crossHairAt', { across: percent(hand.cursor.value.x), down: percent(hand.cursor.value.y) }) }}
      </span>
      <span v-else class="keys-too">{{ $t('boards.arrowsToo') }}</span>
      <button type="button" class="button" @click="tool.finish(null)">
        <kbd>{{ $t('boards.esc') }}</kbd>{{ $t('boards.neverMind') }}
      </button>
    </p>
    <p v-if="shots.placing" class="hint" role="status" data-test="placing">
      {{ $t('shots.tapWhere', { name: shots.placing.label }) }}
      <button type="button" class="button" @click="shots.placing = null">
        <kbd>{{ $t('boards.esc') }}</kbd>{{ $t('boards.neverMind') }}
      </button>
    </p>
    <div v-if="point" class="reading" data-test="reading" aria-live="polite">
      <template v-if="reading">
        <b>{{ reading.cell }}</b>
        <span v-if="reading.across.print && reading.down.print"><Num :text="$t('boards.photoAcrossDown', { across: reading.across.print.rounded.text, down: reading.down.print.rounded.text })" /></span>
        <span><Num :text="$t('boards.paperAcrossDown', { across: reading.across.area.rounded.text, down: reading.down.area.rounded.text })" /></span>
        <span v-if="reading.plumb" data-test="plumb"><Num :text="reading.plumb" /></span>
        <span v-if="reading.level"><Num :text="reading.level" /></span>
        <span class="soft"><Num :text="$t('boards.fromSheetEdge', { across: reading.across.sheet.rounded.text, down: reading.down.sheet.rounded.text })" /></span>
      </template>
    </div>
    <button v-if="view.zoom !== 1" type="button" class="button whole" @click="reset">{{ $t('boards.wholeBoards') }}</button>
  </div>
</template>

<style scoped>
.boards {
  position: relative;
  display: flex;
  flex-direction: column;
  min-width: 0;
  min-height: 0;
  overflow: hidden;
}

.stage {
  flex: 1;
  width: 100%;
  min-height: 0;
  touch-action: none;
  user-select: none;
}

.drawing .stage {
  cursor: crosshair;
}

.stage:focus {
  outline: none;
}

.stage:focus-visible {
  outline: 3px solid var(--guide);
  outline-offset: -3px;
}

@media (pointer: coarse) {
  .keys-too {
    display: none;
  }
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
  display: flex;
  gap: 4px;
}

.whole {
  position: absolute;
  right: 8px;
  bottom: 6px;
}
</style>
