<script setup lang="ts">
import { computed } from 'vue'

/** A tool in a few lines, so that it is known when it is seen. */
const props = defineProps<{ tool: string }>()
const lines: Record<string, string> = {
  kneaded: 'M10 34C6 26 12 14 24 16C30 8 46 10 48 20C58 22 58 38 46 40C36 46 14 46 10 34ZM22 24C28 22 34 26 32 32M38 20C42 22 44 26 42 30',
  stump: 'M6 44L14 36L48 8L56 16L22 44L10 48ZM14 36L22 44M44 11L53 19M40 14L49 22',
  dividers: 'M12 4L44 48M48 4L16 48M27 22A5 5 0 1 0 33 32A5 5 0 1 0 27 22',
  square: 'M8 46V8L54 46ZM16 38V26L32 38Z',
  tape: 'M30 6A20 20 0 1 0 30 46A20 20 0 1 0 30 6M30 16A10 10 0 1 0 30 36A10 10 0 1 0 30 16M46 38L56 48M30 46H54',
  glassine: 'M8 10H44V46H8ZM16 10V4H54V40H44M20 22H36M20 30H34',
  plumb: 'M30 4V30M30 30L22 38L30 50L38 38ZM24 4H36',
  window: 'M6 8H54V46H6ZM20 18H40V36H20ZM20 22H23M20 27H25M20 32H23M25 18V21M30 18V23M35 18V21',
  lightbox: 'M6 20L16 8H46L54 20V44H6ZM6 20H54M18 26L14 38M30 26V38M42 26L46 38',
}
const d = computed(() => lines[props.tool] ?? '')
</script>

<template>
  <svg viewBox="0 0 60 52" aria-hidden="true"><path :d="d" /></svg>
</template>

<style scoped>
svg {
  width: 60px;
  height: 52px;
  flex: none;
}

path {
  fill: none;
  stroke: var(--graphite);
  stroke-width: 1.8;
  stroke-linejoin: round;
  stroke-linecap: round;
}
</style>
