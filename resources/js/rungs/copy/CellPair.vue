<script setup lang="ts">
import { useElementSize, useMediaQuery, useSwipe } from '@vueuse/core'
import { computed, useTemplateRef } from 'vue'
import type { CellToCopy, Strength } from '@/api/types'
import { keyOf, type Place } from '@/stores/copying'
import { useDrawing } from '@/stores/drawing'
import CellAddresses from './CellAddresses.vue'
import CellContours from './CellContours.vue'
import CellLoupe from './CellLoupe.vue'
import CellPaper from './CellPaper.vue'
import CellPhoto from './CellPhoto.vue'
import CellSetting from './CellSetting.vue'
import CellTicks from './CellTicks.vue'
import { crossingTicks, quarterTicks } from './sides'
import type { CellLooks } from './useCellLooks'
import { usePiece } from './usePiece'
import type { Spot } from './useSetRight'

/** The cell of the photo beside the empty one of the paper, both as large as there is room. */
const props = defineProps<{
  at: Place
  card: CellToCopy | null
  looks: CellLooks
  crossings: CellToCopy['crossings']
  setting: { places: Spot[]; at: Spot } | null
  strengths: Strength[]
}>()
const emit = defineEmits<{
  move: [dx: number, dy: number]
  point: [crossing: number | null]
  put: [spot: Spot]
  choose: [contour: number]
}>()

const store = useDrawing()
const {
  window: sight,
  shown,
  failed,
  waiting,
} = usePiece(
  computed(() => props.at),
  computed(() => props.looks.view),
  computed(() => props.looks.tone),
)
const table = useTemplateRef<HTMLElement>('table')
/** With the room for what is written round them: without it, it would depend on how they are laid. */
const room = useElementSize(table, undefined, { box: 'border-box' })
const whole = computed(() => props.looks.view === 'one')
const many = computed(() => props.looks.view === 'four' || props.looks.view === 'nine')

/** Of the width of a phone that a cell takes. */
const PHONE_SHARE = 0.9
const phone = useMediaQuery('(max-width: 760px)')
/** Both cells as large as the table takes beside what is written round them; side by side, or one above the other. */
function fitted(stacked: boolean) {
  // On a phone held upright the photo's cell takes the width, and the paper's is scrolled to.
  if (stacked && phone.value) return PHONE_SHARE * room.width.value
  // Only one cell alone has crossings round it.
  const [beside, above] = stacked ? [whole.value ? 130 : 16, whole.value ? 76 : 8] : whole.value ? [2 * 176, 98] : [3 * 24, 20]
  const wide = stacked ? room.width.value - beside : (room.width.value - beside) / 2
  const high = stacked ? (room.height.value - 2 * above) / 2 : room.height.value - above
  return Math.max(10, Math.min(wide, high * sight.ratio.value))
}
/** The way in which they are larger. */
const upright = useMediaQuery('(orientation: portrait)')
const stacked = computed(() => (phone.value ? upright.value : fitted(true) > fitted(false)))
const size = computed(() => {
  const width = fitted(stacked.value)
  return { width: Math.round(width), height: Math.round(width / sight.ratio.value) }
})

// A swipe is a whole cell; nothing slides, and two fingers make nothing larger.
const AHEAD = { left: [1, 0], right: [-1, 0], up: [0, 1], down: [0, -1] } as const
useSwipe(table, {
  onSwipeEnd: (_, direction) => {
    if (direction === 'none' || props.looks.loupe || props.setting) return
    // Up and down the page slides.
    if (stacked.value && phone.value && (direction === 'up' || direction === 'down')) return
    const turned = props.looks.upsideDown ? -1 : 1
    const [dx, dy] = AHEAD[direction]
    emit('move', dx * turned * (props.looks.mirrored ? -1 : 1), dy * turned)
  },
})

/** Where the whole crop would lie if the table were as large: what is named on it is drawn by that. */
const crop = computed(() => {
  const { across, down } = store.workings?.lines ?? { across: [], down: [] }
  const along = (fractions: number[], part: number, cell: { start: number; end: number }, side: number) => {
    const [from, to] = [fractions[part] ?? 0, fractions[part + 1] ?? 1]
    const length = (side * (cell.end - cell.start)) / 100 / (to - from)
    return { start: (side * cell.start) / 100 - from * length, length }
  }
  const [x, y] = [
    along(across, props.at.column, sight.across.value.cell, size.value.width),
    along(down, props.at.row, sight.down.value.cell, size.value.height),
  ]
  return { x: x.start, y: y.start, w: x.length, h: y.length }
})
const things = computed(() => (props.looks.things ? (store.workings?.things ?? []) : []))

const course = computed(() => (whole.value && props.looks.chosen !== null ? (props.card?.courses[props.looks.chosen] ?? null) : null))
const points = computed(() => (whole.value && !props.looks.mirrored ? (props.card?.points ?? []) : []))
/** So many contours are shown at once; the others one by one. */
const SHOWN = 3
const contours = computed(() =>
  whole.value && !props.looks.mirrored && !props.looks.masses && !props.looks.quarters && !props.setting
    ? (props.card?.courses.slice(0, SHOWN) ?? [])
    : [],
)
/** What is pointed at, or what the contour in hand runs through. */
const lit = computed(() => (props.looks.pointed !== null ? [props.looks.pointed] : (course.value?.crossings ?? [])))
const written = computed(() => ({ ...size.value, letters: phone.value ? 14 : 18 }))
const onPhoto = computed(() => crossingTicks(props.crossings, 'eye', props.looks.upsideDown, written.value))
/** A blank cell, or a wish, shows the quarters of its sides. */
const onPaper = computed(() =>
  whole.value && props.card && props.crossings.length === 0
    ? quarterTicks(props.card, props.looks.upsideDown)
    : crossingTicks(props.crossings, 'paper', props.looks.upsideDown, written.value),
)
/** A cell that is cut finer shows its own cuts; others their halves. */
const cuts = computed(() => {
  if (!whole.value || !props.looks.hairlines || !props.card) return []
  return store.workings?.divided.some((cell) => keyOf(cell) === keyOf(props.at)) ? props.card.across.map((tick) => 100 * tick.at) : [50]
})
</script>

<template>
  <!-- On a phone it slides, by the keys of a keyboard too. -->
  <div ref="table" class="cells" :tabindex="phone && stacked ? 0 : undefined" :class="{ whole, stacked }">
    <CellPhoto
      :picture="shown"
      :waiting
      :failed
      :window="sight"
      :size
      :whole
      :cuts
      :turned="looks.upsideDown"
      :brighter="looks.brighter"
      :lifted="looks.lifted"
      :course
      :points
      :crop
      :things
      :masses="looks.masses"
      :strengths="whole ? strengths : []"
      :mirrored="looks.mirrored"
    >
      <CellLoupe v-if="looks.loupe && shown" :picture="shown" :size :turned="looks.upsideDown" :mirrored="looks.mirrored" />
      <CellAddresses v-if="many" :window="sight" :turned="looks.upsideDown" :mirrored="looks.mirrored" />
      <CellContours :contours :points :chosen="looks.chosen" :size :turned="looks.upsideDown" bright @choose="$emit('choose', $event)" />
      <CellTicks v-if="!looks.mirrored" :ticks="onPhoto" :lit @point="!setting && $emit('point', $event)" />
      <CellSetting v-if="setting" :places="setting.places" :at="setting.at" :turned="looks.upsideDown" @put="$emit('put', $event)" />
    </CellPhoto>
    <CellPaper
      :window="sight"
      :size
      :whole
      :cuts
      :turned="looks.upsideDown"
      :course
      :points
      :crop
      :things
      :masses="looks.masses && shown !== '' && !looks.shot"
      :strengths="whole ? strengths : []"
      :mirrored="looks.mirrored"
      :shot="looks.shot"
      :lifted="looks.lifted"
    >
      <CellAddresses v-if="many" :window="sight" :turned="looks.upsideDown" :mirrored="looks.mirrored" />
      <CellContours v-if="!looks.shot" :contours :points :chosen="looks.chosen" :size :turned="looks.upsideDown" />
      <CellTicks v-if="!looks.mirrored" :ticks="onPaper" :lit @point="$emit('point', $event)" />
    </CellPaper>
    <ol v-if="crossings.length > 0" class="unseen" :aria-label="$t('copy.crossingPoints')" data-test="crossings-said">
      <li v-for="(one, i) in crossings" :key="i">{{ one.sentence }}</li>
    </ol>
  </div>
</template>

<style scoped>
.cells {
  flex: 1;
  display: flex;
  /* What is written round them is longest to the left of the photo, and between the two. */
  justify-content: center;
  gap: 176px;
  align-items: center;
  min-height: 0;
  touch-action: none;
}

.cells.whole {
  padding: 0 76px 0 100px;
}

.cells:not(.whole) {
  gap: 24px;
}

.cells.stacked {
  flex-direction: column;
  /* What is written under the one and over the other lies between them. */
  justify-content: space-around;
  gap: 0;
}

.cells.whole.stacked {
  padding: 0;
}

@media (max-width: 760px) {
  .cells.stacked,
  .cells.whole.stacked {
    justify-content: flex-start;
    gap: 58px;
    padding: 26px 0 30px;
    overflow-y: auto;
    touch-action: pan-y;
  }

  .cells.stacked > * {
    flex: none;
  }
}
</style>
