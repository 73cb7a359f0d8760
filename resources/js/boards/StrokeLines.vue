<script setup lang="ts">
import { computed } from 'vue'
import { useTones } from '@/stores/tones'
import type { Workings } from '@/api/types'
import { hatching } from './hatching'
import type { Box } from './stage'

/** How the strokes run, cell by cell, hatched on the paper; those that a hand set are darker. */
const props = defineProps<{ area: Box; lines: Workings['lines']; scale: number }>()
const tones = useTones()

/** Pixels between strokes at least, to be seen apart. */
const APART = 5

const cells = computed(() =>
  tones.strokes.map((one) => {
    const [left = 0, right = 1, top = 0, bottom = 1] = [props.lines.across[one.column], props.lines.across[one.column + 1], props.lines.down[one.row], props.lines.down[one.row + 1]]
    const { x, y, w, h } = props.area
    const box = { x: x + left * w + 2, y: y + top * h + 2, w: (right - left) * w - 4, h: (bottom - top) * h - 4 }
    return { ...one, d: hatching(box, one.degrees, Math.max(APART, one.spacing_mm * props.scale)) }
  }),
)
</script>

<template>
  <g data-test="strokes"><path v-for="one in cells" :key="`${one.column} ${one.row}`" :class="['strokes', { hand: one.by_hand }]" :d="one.d"><title>{{ one.says }}</title></path></g>
</template>

<style scoped>
.strokes {
  fill: none;
  stroke: #6d6a64;
  stroke-width: 1;
}

.strokes.hand {
  stroke: #22201d;
  stroke-width: 1.6;
}
</style>
