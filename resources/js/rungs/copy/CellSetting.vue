<script setup lang="ts">
import { computed } from 'vue'
import type { Spot } from './useSetRight'

/** Over the photo's cell: takes the places one shows on it, and shows the one in hand. */
const props = defineProps<{ places: Spot[]; at: Spot; turned: boolean }>()
const emit = defineEmits<{ put: [spot: Spot] }>()

const seen = (spot: Spot): Spot => (props.turned ? [1 - spot[0], 1 - spot[1]] : spot)
const cross = computed(() => seen(props.at).map((place) => `${100 * place}%`))

function tap(event: MouseEvent) {
  const box = (event.currentTarget as HTMLElement).querySelector('svg')!.getBoundingClientRect()
  emit('put', seen([(event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height]))
}
</script>

<template>
  <div class="setting" data-test="setting" @mousedown.prevent @click="tap">
    <svg aria-hidden="true">
      <line x1="0" x2="100%" :y1="cross[1]" :y2="cross[1]" />
      <line y1="0" y2="100%" :x1="cross[0]" :x2="cross[0]" />
      <circle r="12" class="here" :cx="cross[0]" :cy="cross[1]" />
      <circle v-for="(place, i) in places" :key="i" r="6" :cx="`${100 * seen(place)[0]}%`" :cy="`${100 * seen(place)[1]}%`" />
    </svg>
  </div>
</template>

<style scoped>
/* A finger on the very side is still on it. */
.setting {
  position: absolute;
  inset: -14px;
  padding: 14px;
  cursor: crosshair;
  touch-action: none;
}

svg {
  display: block;
  width: 100%;
  height: 100%;
  overflow: visible;
}

line {
  stroke: #fff;
  stroke-width: 1.5px;
  mix-blend-mode: difference;
}

circle {
  fill: #b3321f;
  stroke: #fff;
  stroke-width: 2px;
}

.here {
  fill: none;
  stroke: #b3321f;
  stroke-width: 3px;
}
</style>
