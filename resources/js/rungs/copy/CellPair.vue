<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, useTemplateRef } from 'vue'
import type { CellToCopy } from '@/api/types'
import { keyOf, type Place } from '@/stores/copying'
import { useDrawing } from '@/stores/drawing'
import CellPaper from './CellPaper.vue'
import CellPhoto from './CellPhoto.vue'
import CellTicks from './CellTicks.vue'
import { crossingTicks, quarterTicks } from './sides'
import type { CellLooks } from './useCellLooks'
import { usePiece } from './usePiece'

/** The cell of the photo beside the empty one of the paper, both as large as there is room. */
const props = defineProps<{ at: Place; card: CellToCopy | null; looks: CellLooks; crossings: CellToCopy['crossings'] }>()
defineEmits<{ point: [crossing: number | null] }>()

const store = useDrawing()
const { window: sight, shown, failed, waiting } = usePiece(
  computed(() => props.at),
  computed(() => props.looks.view),
)
const table = useTemplateRef<HTMLElement>('table')
const room = useElementSize(table)
const whole = computed(() => props.looks.view === 'one')

/** Both cells as large as the table takes beside what is written round them; side by side, or one above the other. */
const size = computed(() => {
  const narrow = room.width.value < 640
  // Only one cell alone has crossings round it.
  const [beside, above] = narrow ? [whole.value ? 130 : 16, whole.value ? 64 : 8] : whole.value ? [176, 98] : [3 * 24, 20]
  const wide = narrow ? room.width.value - beside : (room.width.value - beside) / 2
  const high = narrow ? (room.height.value - 2 * above) / 2 : room.height.value - above
  const width = Math.max(10, Math.min(wide, high * sight.ratio.value))
  return { width: Math.round(width), height: Math.round(width / sight.ratio.value) }
})

const course = computed(() => (whole.value && props.looks.chosen !== null ? (props.card?.courses[props.looks.chosen] ?? null) : null))
const points = computed(() => (whole.value ? (props.card?.points ?? []) : []))
/** What is pointed at, or what the contour in hand runs through. */
const lit = computed(() => (props.looks.pointed !== null ? [props.looks.pointed] : (course.value?.crossings ?? [])))
const onPhoto = computed(() => crossingTicks(props.crossings, 'eye', props.looks.upsideDown))
/** A blank cell, or a wish, shows the quarters of its sides. */
const onPaper = computed(() => (whole.value && props.card && props.crossings.length === 0 ? quarterTicks(props.card, props.looks.upsideDown) : crossingTicks(props.crossings, 'paper', props.looks.upsideDown)))
/** A cell that is cut finer shows its own cuts; others their halves. */
const cuts = computed(() => {
  if (!whole.value || !props.looks.hairlines || !props.card) return []
  return store.workings?.divided.some((cell) => keyOf(cell) === keyOf(props.at)) ? props.card.across.map((tick) => 100 * tick.at) : [50]
})
</script>

<template>
  <div ref="table" class="cells" :class="{ whole }">
    <CellPhoto :picture="shown" :waiting :failed :window="sight" :size :whole :cuts :turned="looks.upsideDown" :tone="looks.tone" :brighter="looks.brighter" :lifted="looks.lifted" :course :points>
      <CellTicks :ticks="onPhoto" :lit @point="$emit('point', $event)" />
    </CellPhoto>
    <CellPaper :window="sight" :size :whole :cuts :turned="looks.upsideDown" :course :points>
      <CellTicks :ticks="onPaper" :lit @point="$emit('point', $event)" />
    </CellPaper>
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
}

.cells.whole {
  padding: 0 76px 0 100px;
}

.cells:not(.whole) {
  gap: 24px;
}

@media (max-width: 760px) {
  .cells {
    flex-direction: column;
    justify-content: space-evenly;
    gap: 0;
  }

  .cells.whole {
    padding: 0;
  }
}
</style>
