<script setup lang="ts">
import { computed } from 'vue'
import type { ToneSpot, Workings } from '@/api/types'
import { toNumber } from '@/ui/shares'
import LightArrow from './LightArrow.vue'
import { names } from './paths'
import ShapeLines from './ShapeLines.vue'
import SpanLines from './SpanLines.vue'
import ThingLines from './ThingLines.vue'
import WhiteLines from './WhiteLines.vue'
import { useLook } from './useLook'
import { useSuggested } from '@/stores/suggested'
import { useThings } from '@/stores/things'
import type { Box, Stage } from './stage'

/** What was marked on the picture: key points, and what is not to be drawn; and the tones of places. */
const props = defineProps<{ stage: Stage; workings: Workings; whole: boolean; spots: ToneSpot[]; spans: Workings['check']['spans'] }>()

const { look } = useLook()
const things = useThings()
const suggested = useSuggested()

/** The whole picture's box, even where only the crop is shown. */
const picture = computed<Box>(() => {
  const { crop } = props.workings
  const { photo } = props.stage
  if (props.whole) return photo
  const [w, h] = [photo.w / crop.share_w, photo.h / crop.share_h]
  return { x: photo.x - crop.left * w, y: photo.y - crop.top * h, w, h }
})
const regions = computed(() =>
  props.workings.choices.regions.map((region) => ({
    x: picture.value.x + toNumber(region.left) * picture.value.w,
    y: picture.value.y + toNumber(region.top) * picture.value.h,
    w: toNumber(region.width) * picture.value.w,
    h: toNumber(region.height) * picture.value.h,
    use: region.use,
  })),
)
const points = computed(() => names(props.workings.points.map((point) => ({ ...point, at: { x: props.stage.crop.x + point.x * props.stage.crop.w, y: props.stage.crop.y + point.y * props.stage.crop.h } })), props.stage.photo.y))
const tones = computed(() => props.spots.map((spot) => ({ ...spot, at: { x: props.stage.crop.x + spot.x * props.stage.crop.w, y: props.stage.crop.y + spot.y * props.stage.crop.h } })))
</script>

<template>
  <g clip-path="url(#photo-clip)">
    <rect v-for="(region, i) in regions" :key="i" :class="['region', region.use.replace(/ /g, '-')]" :x="region.x" :y="region.y" :width="region.w" :height="region.h" data-test="region" />
    <g v-for="point in points" :key="point.name" data-test="point">
      <path v-if="point.cross && point.inside" class="focal" :d="`M${point.at.x} ${stage.crop.y}v${stage.crop.h}M${stage.crop.x} ${point.at.y}h${stage.crop.w}`" />
      <circle class="dot" :class="{ moves: !point.firm }" :cx="point.at.x" :cy="point.at.y" r="5" />
      <text class="name" :x="point.label.x" :y="point.label.y" :text-anchor="point.label.anchor">{{ point.name }}</text>
    </g>
    <g v-for="(place, i) in suggested.places ?? []" :key="`${place.x} ${place.y}`" data-test="might-hold">
      <circle class="ring might" :cx="stage.crop.x + place.across * stage.crop.w" :cy="stage.crop.y + place.down * stage.crop.h" r="13" />
      <text class="step" :x="stage.crop.x + place.across * stage.crop.w" :y="stage.crop.y + place.down * stage.crop.h + 5">{{ i + 1 }}</text>
    </g>
    <ThingLines v-if="look.things || look.gaps" :box="stage.crop" :things="workings.things" names :gaps="look.gaps" :sizes="things.gaps" :taken="points.map((point) => point.label)" />
    <WhiteLines v-if="workings.whites.length" :box="stage.crop" :whites="workings.whites" />
    <ShapeLines v-if="look.shapes && workings.shapes.length" :box="stage.crop" :shapes="workings.shapes" />
    <SpanLines :box="stage.crop" :spans />
    <g v-for="spot in tones" :key="spot.words" data-test="spot">
      <circle class="ring" :cx="spot.at.x" :cy="spot.at.y" r="13" />
      <text class="step" :x="spot.at.x" :y="spot.at.y + 5">{{ spot.step }}</text>
    </g>
  </g>
  <LightArrow v-if="workings.light" :box="stage.crop" v-bind="workings.light" />
</template>

<style scoped>
.region {
  fill: #8d8a85;
  fill-opacity: 0.72;
  stroke: #fffefa;
  stroke-dasharray: 5 4;
}

.for-measuring {
  fill-opacity: 0;
  stroke: #2f9be0;
}

.kept-white {
  fill-opacity: 0;
  stroke-opacity: 0;
}

.ring {
  fill: #fffefa;
  stroke: #b3321f;
  stroke-width: 2.5;
}

.might {
  stroke-dasharray: 5 3;
}

.step {
  fill: #2b2926;
  font-size: 15px;
  font-weight: 700;
  text-anchor: middle;
}

.focal {
  stroke: #c8341f;
  stroke-width: 1.2;
  stroke-dasharray: 8 4;
}

.dot {
  fill: #c8341f;
  stroke: #fffefa;
  stroke-width: 2;
}

/* What may still move is hollow. */
.dot.moves {
  fill: #fffefa;
  stroke: #c8341f;
}

.name {
  font-size: 14px;
  font-weight: 600;
  fill: #2b2926;
  paint-order: stroke;
  stroke: #fffefa;
  stroke-width: 3.5px;
  stroke-linejoin: round;
}
</style>
