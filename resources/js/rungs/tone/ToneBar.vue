<script setup lang="ts">
import { computed } from 'vue'
import type { Tones } from '@/api/types'

/** The tone bar: each box with its number, and how much of the picture belongs in it. */
const props = defineProps<{ bar: Tones['bar']; here?: number; out?: number[] }>()
const drawn = computed(() => props.bar.some((box) => box.drawn !== null))
</script>

<template>
  <ol class="bar" data-test="tone-bar" :aria-label="$t('tone.toneBarTheLightestFirst')">
    <li v-for="box in bar" :key="box.number" :class="{ here: box.number === here, out: out?.includes(box.number) }" :title="out?.includes(box.number) ? $t('tone.outOfReach') : undefined">
      <span class="box" :style="{ background: box.grey }">{{ box.paper ? $t('tone.paper') : '' }}</span>
      <b>{{ box.number }}</b>
      <small>{{ box.share }}</small>
      <small v-if="box.drawn !== null" class="drawn">{{ box.drawn }}</small>
    </li>
  </ol>
  <p v-if="drawn" class="soft" data-test="beside-the-shot">{{ $t('tone.photoAboveDrawingBelow') }}</p>
</template>

<style scoped>
.bar {
  display: grid;
  grid-auto-flow: column;
  grid-auto-columns: minmax(0, 1fr);
  margin: 0;
  padding: 0;
  list-style: none;
  text-align: center;
}

li {
  display: grid;
  line-height: 1.25;
}

.box {
  display: grid;
  align-items: end;
  height: 110px;
  border: 1px solid var(--tick);
  border-left-width: 0;
  color: #2b2926;
  font-size: 0.75rem;
  line-height: 1.3;
  overflow: hidden;
  overflow-wrap: anywhere;
}

li:first-child .box {
  border-left-width: 1px;
}

.here .box {
  outline: 3px solid var(--red);
  z-index: 1;
}

/* Beyond what one's own pencils reach: struck through. */
.out .box {
  background-image: linear-gradient(to top right, transparent calc(50% - 1.5px), #b3321f calc(50% - 1.5px), #b3321f calc(50% + 1.5px), transparent calc(50% + 1.5px)) !important;
}

small {
  font-size: 0.8125rem;
  color: var(--soft);
}

small.drawn {
  color: var(--graphite);
  font-weight: 600;
}
</style>
