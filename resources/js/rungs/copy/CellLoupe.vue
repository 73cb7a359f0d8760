<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, shallowRef, useTemplateRef } from 'vue'
import Loupe from '@/ui/Loupe.vue'

/** The loupe over a cell, under the pointer or the finger; the picture lies in it the way it is held. */
const props = defineProps<{ picture: string; size: { width: number; height: number }; turned: boolean; mirrored: boolean }>()

const root = useTemplateRef<SVGSVGElement>('root')
const at = shallowRef<{ x: number; y: number } | null>(null)

useEventListener(
  () => root.value?.parentElement,
  ['pointermove', 'pointerdown'],
  (event: PointerEvent) => {
    const box = root.value?.parentElement?.getBoundingClientRect()
    if (box) at.value = { x: event.clientX - box.left, y: event.clientY - box.top }
  },
)
useEventListener(() => root.value?.parentElement, 'pointerleave', () => (at.value = null))

const held = computed(() => [props.turned ? `rotate(180 ${props.size.width / 2} ${props.size.height / 2})` : '', props.mirrored ? `translate(${props.size.width} 0) scale(-1 1)` : ''].join(' '))
</script>

<template>
  <svg ref="root" class="loupe" :viewBox="`0 0 ${size.width} ${size.height}`" aria-hidden="true">
    <Loupe v-if="at" :at :picture :box="{ x: 0, y: 0, w: size.width, h: size.height }" :held />
  </svg>
</template>

<style scoped>
.loupe {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  overflow: visible;
  pointer-events: none;
}
</style>
