<script setup lang="ts">
import { computed } from 'vue'
import { pieces } from './fractions'

/** A text with its fractions set as real ones; `svg` when it stands inside an SVG text. */
const props = defineProps<{ text: string; svg?: boolean }>()
const parts = computed(() => pieces(props.text))
</script>

<template>
  <component :is="svg ? 'tspan' : 'span'" v-for="(part, i) in parts" :key="i" :class="part.kind">{{ part.text }}</component>
</template>
