<script setup lang="ts">
import { computed } from 'vue'
import { useDrawing } from '@/stores/drawing'
import { around, oval } from './paths'
import type { Box } from './stage'
import { useLook } from './useLook'

/** The oval or circle a drawing is clipped to, with what lies outside it hidden as the artist hides what is cropped away. */
const props = defineProps<{ crop: Box }>()
const store = useDrawing()
const { look, maskColour } = useLook()
const outline = computed(() => store.workings?.outline ?? null)
const curve = computed(() => oval(props.crop, outline.value))
</script>

<template>
  <g v-if="curve" data-test="oval-mask">
    <path fill-rule="evenodd" :d="around(crop, crop, outline)" :style="{ fill: maskColour, fillOpacity: look.strength / 100 }" />
    <ellipse v-bind="curve" />
  </g>
</template>

<style scoped>
ellipse {
  fill: none;
  stroke: var(--red);
  stroke-width: 2px;
}
</style>
