<script setup lang="ts">
import { useElementSize, useImage } from '@vueuse/core'
import { computed, ref, useTemplateRef } from 'vue'
import type { Box } from '@/boards/stage'
import Loupe from '@/ui/Loupe.vue'

/** Four grips on the corners of what was photographed, each set under a loupe that stands beside the finger. */
const props = defineProps<{ picture: string; corners: string; hint: string; done: string }>()
const emit = defineEmits<{ set: [corners: string]; away: [] }>()
const svg = useTemplateRef<SVGSVGElement>('svg')
const { width, height } = useElementSize(svg)
const address = computed(() => `/api/photos/${props.picture}/preview.jpg`)
const { state: image } = useImage(computed(() => ({ src: address.value })))

const names = ['first', 'second', 'third', 'fourth']
const MARGIN = 24
const NUDGE = 0.001
const FAR_NUDGE = 0.01
/** The loupe keeps so far from what is under the finger. */
const ASIDE = 130

const box = computed<Box>(() => {
  const [w, h] = [image.value?.naturalWidth ?? 3, image.value?.naturalHeight ?? 4]
  const scale = Math.max(0, Math.min((width.value - 2 * MARGIN) / w, (height.value - 2 * MARGIN) / h))
  return { x: (width.value - scale * w) / 2, y: (height.value - scale * h) / 2, w: scale * w, h: scale * h }
})
const places = ref(props.corners.split(', ').map((pair) => pair.split(' ').map(Number) as [number, number]))
const held = ref<number | null>(null)
const on = (at: [number, number]) => ({ x: box.value.x + at[0] * box.value.w, y: box.value.y + at[1] * box.value.h })
const grips = computed(() => places.value.map(on))
const outline = computed(() => `M${grips.value.map(({ x, y }) => `${x} ${y}`).join('L')}Z`)
/** Beside the finger, and shifted so that what is under it is what it shows. */
const loupe = computed(() => {
  const at = held.value === null ? undefined : grips.value[held.value]
  if (!at) return null
  const aside = at.x > width.value / 2 ? -ASIDE : ASIDE
  return { at, aside, down: at.y < ASIDE ? ASIDE / 2 : -ASIDE / 2 }
})

const clamp = (share: number) => Math.min(1.2, Math.max(-0.2, share))

function move(event: PointerEvent) {
  const rect = svg.value?.getBoundingClientRect()
  if (held.value === null || !rect || event.buttons === 0) return
  places.value[held.value] = [clamp((event.clientX - rect.left - box.value.x) / box.value.w), clamp((event.clientY - rect.top - box.value.y) / box.value.h)]
}

function take(i: number, event: PointerEvent) {
  held.value = i
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
}

function nudge(i: number, event: KeyboardEvent) {
  const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key]
  const at = places.value[i]
  if (!way || !at) return
  event.preventDefault()
  held.value = i
  const by = event.shiftKey ? FAR_NUDGE : NUDGE
  places.value[i] = [clamp(at[0] + way[0]! * by), clamp(at[1] + way[1]! * by)]
}

const written = () => places.value.map((at) => at.map((share) => share.toFixed(6)).join(' ')).join(', ')
</script>

<template>
  <div class="corners">
    <p class="says">{{ hint }}</p>
    <svg ref="svg" class="stage" role="group" :aria-label="$t('shots.corners')" @pointermove="move">
      <image :href="address" :x="box.x" :y="box.y" :width="box.w" :height="box.h" />
      <path class="sheet" :d="outline" />
      <g v-for="(grip, i) in grips" :key="i">
        <circle class="grip" :class="{ held: held === i }" :cx="grip.x" :cy="grip.y" r="16" tabindex="0" role="slider" :aria-label="$t('shots.cornersOf', { name: $t(`shots.corner.${names[i]}`) })" :aria-valuenow="Math.round(100 * (places[i]?.[0] ?? 0))" aria-valuemin="-20" aria-valuemax="120" :data-test="`grip-${i}`" @pointerdown="take(i, $event)" @keydown="nudge(i, $event)" />
        <text class="number" :x="grip.x" :y="grip.y + 5" text-anchor="middle">{{ i + 1 }}</text>
      </g>
      <g v-if="loupe" :transform="`translate(${loupe.aside} ${loupe.down})`" class="aside">
        <Loupe :at="loupe.at" :picture="address" :box="box" />
        <path class="hair" :d="`M${loupe.at.x - 84} ${loupe.at.y}h168M${loupe.at.x} ${loupe.at.y - 84}v168`" />
      </g>
    </svg>
    <div class="does">
      <button type="button" class="button strong" data-test="corners-done" @click="emit('set', written())">{{ done }}</button>
      <button type="button" class="button" @click="places = [...places.slice(1), places[0]!]">{{ $t('shots.turnCorners') }}</button>
      <slot />
      <button type="button" class="button" @click="emit('away')">{{ $t('shots.neverMind') }}</button>
    </div>
  </div>
</template>

<style scoped>
.corners {
  display: grid;
  grid-template-rows: auto minmax(0, 1fr) auto;
  min-height: 0;
  padding: 8px 12px;
  gap: 6px;
}

.stage {
  width: 100%;
  height: 100%;
  min-height: 0;
  touch-action: none;
}

.sheet {
  fill: none;
  stroke: #c8341f;
  stroke-width: 2;
}

.grip {
  fill: rgb(255 254 250 / 55%);
  stroke: #c8341f;
  stroke-width: 3;
  cursor: grab;
}

.grip.held,
.grip:focus-visible {
  outline: none;
  stroke-width: 5;
}

.number {
  font-size: 15px;
  font-weight: 700;
  fill: #22201d;
  pointer-events: none;
}

.aside {
  pointer-events: none;
}

.hair {
  fill: none;
  stroke: #c8341f;
  stroke-width: 1;
}

.does {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 8px;
}

.does :deep(.field) {
  min-width: 104px;
}
</style>
