<script setup lang="ts">
import { computed, onMounted, onUnmounted } from 'vue'
import { useMasses } from '@/stores/masses'
import type { Box } from './stage'

/** The big shapes, flat and grey over the photo; or their outlines alone, as they are to be placed on the paper. A few inner lines are dashed, to find the way by. */
const props = defineProps<{ box: Box; flat?: boolean }>()
const store = useMasses()
onMounted(store.look)
onUnmounted(store.rest)

const line = (places: number[][]) => `M${places.map(([x = 0, y = 0]) => `${(props.box.x + x * props.box.w).toFixed(1)} ${(props.box.y + y * props.box.h).toFixed(1)}`).join('L')}`
const lines = (all: number[][][]) => all.map(line).join('')
const shapes = computed(() => (props.flat ? (store.masses?.all ?? []).map((mass) => ({ grey: mass.grey, d: `${lines(mass.rings)}Z` })) : []))
</script>

<template>
  <g data-test="masses">
    <!-- Its own colour round it closes what two straightened outlines leave between them. -->
    <path v-for="(shape, i) in shapes" :key="i" class="mass" :d="shape.d" :fill="shape.grey" :stroke="shape.grey" />
    <template v-if="store.masses">
      <path class="outline" :class="{ flat }" :d="lines(store.masses.outlines)" />
      <path class="outline locator" :class="{ flat }" :d="lines(store.masses.locators)" />
    </template>
  </g>
</template>

<style scoped>
.mass {
  fill-rule: evenodd;
  stroke-width: 1;
}

.outline {
  fill: none;
  /* The paper is light by every lamp. */
  stroke: var(--sheet-ink);
  stroke-width: 1.6;
  stroke-linejoin: round;
}

.outline.flat {
  stroke: #1f1d1a;
}

.locator {
  stroke-dasharray: 6 5;
}

.locator.flat {
  stroke: #fffefa;
}
</style>
