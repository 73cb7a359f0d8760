<script setup lang="ts">
import { computed } from 'vue'
import type { CellToCopy } from '@/api/types'

/** The strongest contours of a cell, drawn faintly, each with its number; on the photo a number is pressed to read its sentence. */
const props = defineProps<{
  contours: CellToCopy['courses']
  chosen: number | null
  size: { width: number; height: number }
  turned: boolean
  points: CellToCopy['points']
  bright?: boolean
}>()
defineEmits<{ choose: [contour: number] }>()
const line = (path: number[][]) =>
  `M${path.map(([x = 0, y = 0]) => `${(x * props.size.width).toFixed(1)} ${(y * props.size.height).toFixed(1)}`).join('L')}`
/** A number keeps whole inside its cell, and off what else is marked there. */
const INSIDE = 18
const APART = 34
/** Places along a contour where its number may stand, the best first. */
const ALONG = [0.5, 0.35, 0.65, 0.2, 0.8]
type Spot = { x: number; y: number }

const seen = ([x = 0.5, y = 0.5]: number[]): Spot => {
  const [across, down] = props.turned ? [1 - x, 1 - y] : [x, y]
  const within = (at: number, side: number) => Math.min(side - INSIDE, Math.max(INSIDE, at * side))
  return { x: within(across, props.size.width), y: within(down, props.size.height) }
}
const places = computed(() => {
  const taken: Spot[] = props.points.map((one) => seen([one.x, one.y]))
  const isFree = (spot: Spot) => taken.every((other) => Math.hypot(other.x - spot.x, other.y - spot.y) >= APART)
  return props.contours.map((one) => {
    const spots = [one.middle, ...ALONG.map((share) => one.path[Math.floor(share * (one.path.length - 1))] ?? one.middle)].map(seen)
    const spot = spots.find(isFree) ?? spots[0]!
    taken.push(spot)
    return { left: `${spot.x}px`, top: `${spot.y}px` }
  })
})
</script>

<template>
  <svg class="over lines" :class="{ turned, bright }" :viewBox="`0 0 ${size.width} ${size.height}`" aria-hidden="true">
    <g v-for="(one, i) in contours" :key="i" :class="{ chosen: chosen === i, faint: chosen !== null && chosen !== i }">
      <path v-if="bright" class="under" :d="line(one.path)" />
      <path :d="line(one.path)" />
    </g>
  </svg>
  <template v-for="(one, i) in contours" :key="i">
    <button
      v-if="bright"
      type="button"
      class="number"
      :class="{ on: chosen === i }"
      :style="places[i]"
      :aria-pressed="chosen === i"
      :aria-label="`${i + 1}: ${one.sentence}`"
      data-test="contour-number"
      @mousedown.prevent
      @click="$emit('choose', i)"
    >
      {{ i + 1 }}
    </button>
    <span v-else class="number" :class="{ on: chosen === i }" :style="places[i]" aria-hidden="true">{{ i + 1 }}</span>
  </template>
</template>

<style scoped>
.turned {
  rotate: 180deg;
}

path {
  fill: none;
  stroke: var(--guide);
  stroke-width: 2px;
  stroke-linejoin: round;
}

.bright path {
  stroke: #fff;
  stroke-width: 1.5px;
  opacity: 0.9;
}

.bright .under {
  stroke: #2b2926;
  stroke-width: 3.5px;
  opacity: 0.45;
}

.chosen path {
  stroke-width: 3.5px;
}

.faint {
  opacity: 0.45;
}

.number {
  position: absolute;
  display: grid;
  place-items: center;
  width: 26px;
  height: 26px;
  padding: 0;
  border: 1.5px solid #2b2926;
  border-radius: 50%;
  background: #fffefa;
  color: #2b2926;
  font: inherit;
  font-size: 14px;
  font-weight: 700;
  line-height: 1;
  transform: translate(-50%, -50%);
}

button.number {
  cursor: pointer;
}

.number.on {
  background: #2b2926;
  color: #fffefa;
}

/* A finger finds a larger place than the eye. */
@media (pointer: coarse), (max-width: 760px) {
  button.number {
    width: 44px;
    height: 44px;
    border: 9px solid transparent;
    background-clip: padding-box;
    box-shadow: inset 0 0 0 1.5px #2b2926;
  }
}
</style>
