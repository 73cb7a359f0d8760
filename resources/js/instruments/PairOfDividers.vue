<script setup lang="ts">
import { computed } from 'vue'
import { t } from '@/lang'

/** A pair of proportional dividers, drawn to the setting: two arms crossed at the pivot, a span at either end. */
const props = defineProps<{ share: number; onPhoto: string }>()

const LONG = 380
const HALF = 34

/** Where the pivot sits, from the short end on the left. */
const x = computed(() => 10 + props.share * LONG)
const near = computed(() => (HALF * props.share) / Math.max(props.share, 1 - props.share))
const far = computed(() => (HALF * (1 - props.share)) / Math.max(props.share, 1 - props.share))
const arms = computed(() => `M10 ${50 - near.value}L${10 + LONG} ${50 + far.value}M10 ${50 + near.value}L${10 + LONG} ${50 - far.value}`)
const ends = computed(() => (props.onPhoto === 'long' ? [t('instruments.paper'), t('instruments.photo')] : [t('instruments.photo'), t('instruments.paper')]))
</script>

<template>
  <svg viewBox="0 0 400 120" role="img" :aria-label="$t('instruments.dividersDrawn')">
    <path class="arms" :d="arms" />
    <circle class="pivot" :cx="x" cy="50" r="6" />
    <path class="span" :d="`M10 ${50 - near}V${50 + near}M${10 + LONG} ${50 - far}V${50 + far}`" />
    <text x="4" y="112">{{ ends[0] }}</text>
    <text x="396" y="112" text-anchor="end">{{ ends[1] }}</text>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
}

.arms {
  fill: none;
  stroke: var(--graphite);
  stroke-width: 4;
  stroke-linecap: round;
}

.pivot {
  fill: var(--bench);
  stroke: var(--red);
  stroke-width: 3;
}

.span {
  fill: none;
  stroke: var(--red);
  stroke-width: 1.5;
  stroke-dasharray: 4 3;
}

text {
  font-size: 1rem;
  fill: var(--graphite);
}
</style>
