<script setup lang="ts">
import { useIntervalFn, usePreferredReducedMotion } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { previewOf } from '@/api/pictures'
import type { Drawing, Workings } from '@/api/types'
import { useShots } from '@/stores/shots'
import ShotMarks from './ShotMarks.vue'
import type { Box, Stage } from './stage'

/** The photographed sheet in place of the paper, laid flat; the photo over it; strokes from where a place is to where it belongs. */
const props = defineProps<{ drawing: Drawing; workings: Workings; stage: Stage }>()
const shots = useShots()

const BLINK_MS = 700
/** For those who want less to move. */
const CALM_MS = 2500

const motion = usePreferredReducedMotion()
const shut = ref(false)
const blinking = useIntervalFn(() => (shut.value = !shut.value), () => (motion.value === 'reduce' ? CALM_MS : BLINK_MS), { immediate: false })
watch(
  () => shots.over,
  (over) => (over === 'blink' ? blinking.resume() : blinking.pause()),
  { immediate: true },
)

/** Where the photo has to lie for the crop to fill the drawing area. */
const image = computed<Box>(() => {
  const { area } = props.stage
  const { crop } = props.workings
  const [w, h] = [area.w / crop.share_w, area.h / crop.share_h]
  return { x: area.x - crop.left * w, y: area.y - crop.top * h, w, h }
})
const photo = computed(() => previewOf(props.drawing, props.workings))
const laidOver = computed(() => photo.value !== null && (shots.over === 'through' || shots.over === 'difference' || shots.over === 'wipe' || (shots.over === 'blink' && shut.value)))
const clip = computed(() => ({ ...props.stage.area, w: shots.over === 'wipe' ? props.stage.area.w * shots.wipe : props.stage.area.w }))
/** What the photo is laid over: the drawing, or one thing of it. */
const outline = computed(() => {
  const places = props.workings.things.find((one) => one.name === shots.thing)?.pieces.flatMap((piece) => piece.places) ?? []
  return places.length === 0 ? null : `M${places.map(([x = 0, y = 0]) => `${(props.stage.area.x + x * props.stage.area.w).toFixed(1)} ${(props.stage.area.y + y * props.stage.area.h).toFixed(1)}`).join('L')}Z`
})
</script>

<template>
  <g data-test="shot-board">
    <image v-if="shots.flat" :href="shots.flat" :x="stage.sheet.x" :y="stage.sheet.y" :width="stage.sheet.w" :height="stage.sheet.h" preserveAspectRatio="none" />
    <clipPath id="thing-clip"><path v-if="outline" :d="outline" /></clipPath>
    <clipPath id="over-clip" :clip-path="outline ? 'url(#thing-clip)' : undefined"><rect :x="clip.x" :y="clip.y" :width="clip.w" :height="clip.h" /></clipPath>
    <image v-if="laidOver && photo" :class="['over', shots.over]" :href="photo" :x="image.x" :y="image.y" :width="image.w" :height="image.h" preserveAspectRatio="none" clip-path="url(#over-clip)" data-test="photo-over" />
    <path v-if="shots.over === 'wipe'" class="edge" :d="`M${clip.x + clip.w} ${clip.y - 12}v${clip.h + 24}`" />
    <path v-if="outline" class="outline" :d="outline" data-test="thing-over" />
    <ShotMarks :area="stage.area" :contours="shots.contours" :strokes="shots.strokes" />
  </g>
</template>

<style scoped>
.over.through {
  opacity: 0.5;
}

.over.difference {
  mix-blend-mode: difference;
}

.edge {
  fill: none;
  stroke: #c8341f;
  stroke-width: 2;
}

.outline {
  fill: none;
  stroke: #24648f;
  stroke-width: 1.5;
  stroke-dasharray: 6 4;
}
</style>
