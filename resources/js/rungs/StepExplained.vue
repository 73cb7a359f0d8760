<script setup lang="ts">
import type { RungKey } from './rungs'

/** A step in three sentences and a picture, drawn by us: thin lines, what is the paper's in blue, what needs the eye in red. */
defineProps<{ step: RungKey }>()

/** An outline that runs through the squares of each picture, from its left top corner at `x` and so many times as large. */
const pear = (x: number, y: number, by: number) => {
  const at = (places: number[]) => places.map((one, i) => (i % 2 === 0 ? x : y) + one * by).join(' ')
  return `M${at([20, 6])}C${at([27, 6, 26, 18, 30, 26])}C${at([36, 38, 32, 52, 20, 52])}C${at([8, 52, 4, 38, 10, 26])}C${at([14, 18, 13, 6, 20, 6])}`
}
const lines = (x: number, y: number, w: number, h: number, columns: number, rows: number) =>
  [
    ...Array.from({ length: columns - 1 }, (_, i) => `M${x + ((i + 1) * w) / columns} ${y}v${h}`),
    ...Array.from({ length: rows - 1 }, (_, i) => `M${x} ${y + ((i + 1) * h) / rows}h${w}`),
  ].join('')
const ticks = (x: number, y: number, every: number, many: number, long: number) =>
  Array.from({ length: many }, (_, i) => `M${x + i * every} ${y}v${long}`).join('')
</script>

<template>
  <div class="explained" data-test="explained">
    <svg viewBox="0 0 240 110" role="presentation">
      <template v-if="step === 'photo'">
        <rect class="tone" x="80" y="14" width="60" height="76" />
        <path :d="pear(90, 22, 1)" />
        <path class="eye" :d="`M80 102h60${ticks(80, 97, 10, 7, 10)}`" />
      </template>
      <template v-else-if="step === 'paper'">
        <rect class="sheet" x="76" y="8" width="88" height="96" />
        <rect class="guide dashed" x="86" y="18" width="68" height="76" />
        <path class="eye" d="M76 56h10M154 56h10M120 8v10M120 94v10" />
      </template>
      <template v-else-if="step === 'fit'">
        <rect class="tone" x="20" y="16" width="76" height="76" />
        <path :d="pear(38, 24, 1)" />
        <rect class="eye" x="29" y="16" width="58" height="76" />
        <path d="M106 54h26m-7-5 7 5-7 5" />
        <rect class="sheet" x="142" y="6" width="76" height="98" />
        <path :d="pear(153, 17, 1.3)" />
      </template>
      <template v-else-if="step === 'grid'">
        <rect class="tone" x="20" y="26" width="45" height="60" />
        <path :d="pear(24, 32, 0.9)" />
        <path class="eye" :d="lines(20, 26, 45, 60, 3, 4)" />
        <rect class="sheet" x="140" y="8" width="72" height="96" />
        <path class="guide" :d="lines(140, 8, 72, 96, 3, 4)" />
        <path d="M86 56h34m-7-5 7 5-7 5" />
      </template>
      <template v-else-if="step === 'marks'">
        <rect class="sheet" x="30" y="42" width="180" height="60" />
        <path class="tone" d="M30 12h180v22H30z" />
        <path :d="ticks(30, 12, 9, 21, 7) + ticks(30, 12, 45, 5, 14)" />
        <path class="eye" :d="ticks(75, 36, 45, 3, 14)" />
        <path class="guide dashed" :d="ticks(75, 50, 45, 3, 52)" />
      </template>
      <template v-else-if="step === 'copy'">
        <rect class="tone" x="24" y="28" width="54" height="54" />
        <path d="M24 46C44 46 50 60 60 82" />
        <path class="eye" d="M20 46h8M60 78v8" />
        <path d="M92 55h26m-7-5 7 5-7 5" />
        <rect class="sheet" x="132" y="10" width="90" height="90" />
        <path d="M132 40C165 40 175 63 192 100" />
        <path class="guide" d="M126 40h12M192 94v12" />
      </template>
      <template v-else-if="step === 'check'">
        <rect class="sheet" x="70" y="8" width="100" height="96" />
        <path class="guide" :d="pear(94, 14, 1.5)" />
        <path :d="pear(101, 14, 1.5)" />
        <path class="eye" d="M146 66h-9m5-4-5 4 5 4" />
      </template>
      <template v-else-if="step === 'tone'">
        <path :d="pear(30, 8, 1.7)" />
        <path class="shade" d="M64 22C75 36 92 56 85 76 82 90 74 96 64 96 82 74 76 46 64 22" />
        <rect v-for="n in 5" :key="n" :x="100 + n * 20" y="36" width="20" height="40" class="step" :style="{ fillOpacity: (n - 1) / 4 }" />
      </template>
      <template v-else>
        <rect class="sheet" x="40" y="8" width="76" height="96" />
        <path :d="pear(52, 18, 1.3)" />
        <path class="guide dashed" d="M40 40h76M40 72h76" />
        <path d="M140 24h10v10h-10zM140 50h10v10h-10zM140 76h10v10h-10zM160 29h44M160 55h44M160 81h44" />
        <path class="eye" d="m141 28 4 5 9-12M141 54l4 5 9-12" />
      </template>
    </svg>
    <p>{{ $t(`explained.${step}`) }}</p>
  </div>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  margin-bottom: 8px;
  background: var(--bench);
  fill: none;
  stroke: var(--graphite);
  stroke-width: 1.6;
}

.tone,
.sheet {
  fill: var(--choice);
}

.guide {
  stroke: var(--guide);
}

.dashed {
  stroke-dasharray: 5 4;
}

.eye {
  stroke: var(--red);
  stroke-width: 2.2;
}

.shade,
.step {
  fill: var(--graphite);
}

.shade {
  fill-opacity: 0.45;
  stroke: none;
}
</style>
