<script setup lang="ts">
import { computed } from 'vue'
import type { Folding } from '@/api/types'

/** One round of folding: old creases dotted, the new ones strong, and an arc from what is brought to what. */
const props = defineProps<{ fold: Folding['folds'][number]; ratio: number }>()
const SIDE = 1000
const ARC = 120
const size = computed(() => (props.ratio > 1 ? { w: SIDE, h: SIDE / props.ratio } : { w: SIDE * props.ratio, h: SIDE }))
const across = computed(() => props.fold.way === 'across')

function line(at: number, upright: boolean) {
  const { w, h } = size.value
  return upright ? `M${at * w} 0v${h}` : `M0 ${at * h}h${w}`
}

function arc(from: number, to: number) {
  const { w, h } = size.value
  const rise = Math.min(ARC, ((to - from) * (across.value ? w : h)) / 2)
  return across.value
    ? `M${from * w} -8C${from * w} ${-rise} ${to * w} ${-rise} ${to * w} -8m-12 -20l12 20l14 -18`
    : `M-8 ${from * h}C${-rise} ${from * h} ${-rise} ${to * h} -8 ${to * h}m-20 -12l20 12l-18 14`
}

function label(at: number) {
  const { w, h } = size.value
  return across.value ? { x: at * w, y: h + 46, anchor: 'middle' } : { x: w + 16, y: at * h + 13, anchor: 'start' }
}
</script>

<template>
  <svg class="picture" :viewBox="`-120 -120 ${size.w + 220} ${size.h + 200}`" role="img" :aria-label="fold.name">
    <rect class="sheet" x="0" y="0" :width="size.w" :height="size.h" />
    <path class="old" :d="[...fold.before.map((at) => line(at, across)), ...fold.crossed.map((at) => line(at, !across))].join('')" />
    <path class="new" :d="fold.creases.map((crease) => line(crease.at, across)).join('')" />
    <path class="arc" :d="fold.creases.map((crease) => arc(crease.from, crease.to)).join('')" />
    <text v-for="crease in fold.creases" :key="crease.share" class="share" :x="label(crease.at).x" :y="label(crease.at).y" :text-anchor="label(crease.at).anchor">{{ crease.share }}</text>
  </svg>
</template>

<style scoped>
.old {
  stroke: #8d8577;
  stroke-width: 3;
  stroke-dasharray: 3 9;
}

.new {
  stroke: #b3321f;
  stroke-width: 6;
  stroke-dasharray: 22 12;
}

.arc {
  fill: none;
  stroke: var(--graphite);
  stroke-width: 4;
}

.share {
  font-size: 40px;
  font-feature-settings: 'frac';
  font-variant-numeric: diagonal-fractions;
  fill: var(--graphite);
}
</style>
