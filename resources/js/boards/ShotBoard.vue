<script setup lang="ts">
import { useIntervalFn, usePreferredReducedMotion } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { previewOf } from '@/api/pictures'
import type { Drawing, JudgedPoint, Workings } from '@/api/types'
import { useShots } from '@/stores/shots'
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
const place = ([x = 0, y = 0]: number[]) => ({ x: props.stage.area.x + x * props.stage.area.w, y: props.stage.area.y + y * props.stage.area.h })
const contours = computed(() =>
  (shots.lines ?? [])
    .map((line) => `M${line.map((at) => place(at)).map(({ x, y }) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}`)
    .join(''),
)
const state = (one: JudgedPoint) => (one.meant ? 'meant' : !one.sure ? 'unsure' : one.within ? 'within' : 'out')
const points = computed(() => (shots.told?.points ?? []).map((one) => ({ ...one, state: state(one), from: place(one.came_out), to: place(one.crop), first: shots.told?.first.points.includes(one.name) ?? false })))
</script>

<template>
  <g data-test="shot-board">
    <image v-if="shots.flat" :href="shots.flat" :x="stage.sheet.x" :y="stage.sheet.y" :width="stage.sheet.w" :height="stage.sheet.h" preserveAspectRatio="none" />
    <clipPath id="over-clip"><rect :x="clip.x" :y="clip.y" :width="clip.w" :height="clip.h" /></clipPath>
    <image v-if="laidOver && photo" :class="['over', shots.over]" :href="photo" :x="image.x" :y="image.y" :width="image.w" :height="image.h" preserveAspectRatio="none" clip-path="url(#over-clip)" data-test="photo-over" />
    <path v-if="shots.over === 'wipe'" class="edge" :d="`M${clip.x + clip.w} ${clip.y - 12}v${clip.h + 24}`" />
    <path v-if="shots.contours" class="contours" :d="contours" data-test="shot-contours" />
    <g v-if="shots.strokes">
      <g v-for="one in points" :key="one.name" :class="['place', one.state, { first: one.first }]" :data-test="`judged-${one.state}`">
        <template v-if="one.state === 'out'">
          <path class="stroke casing" :d="`M${one.from.x} ${one.from.y}L${one.to.x} ${one.to.y}`" />
          <path class="stroke" :d="`M${one.from.x} ${one.from.y}L${one.to.x} ${one.to.y}`" />
          <circle class="belongs" :cx="one.to.x" :cy="one.to.y" r="5" />
        </template>
        <path v-else-if="one.state === 'within'" class="tick" :d="`M${one.from.x - 5} ${one.from.y}l4 5l7 -10`" />
        <circle v-else class="hollow" :cx="one.from.x" :cy="one.from.y" r="7" />
      </g>
    </g>
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

.contours {
  fill: none;
  stroke: #c8341f;
  stroke-width: 1.3;
}

.stroke {
  fill: none;
  stroke: #c8341f;
  stroke-width: 4;
  stroke-linecap: round;
}

.stroke.casing {
  stroke: #fffefa;
  stroke-width: 8;
}

.first .stroke:not(.casing) {
  stroke-width: 6;
}

.belongs {
  fill: #fffefa;
  stroke: #c8341f;
  stroke-width: 2.5;
}

.tick {
  fill: none;
  stroke: #2f6b3a;
  stroke-width: 2.5;
}

.hollow {
  fill: rgb(255 254 250 / 70%);
  stroke: #24648f;
  stroke-width: 2.5;
  stroke-dasharray: 4 3;
}

.meant .hollow {
  stroke-dasharray: none;
}
</style>
