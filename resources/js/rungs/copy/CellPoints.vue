<script setup lang="ts">
import type { CellToCopy } from '@/api/types'
import Num from '@/ui/Num.vue'

/** The key points of a cell, a ring each; on the paper with what they measure from the cell's own lines. */
defineProps<{ points: CellToCopy['points']; turned: boolean; words?: boolean; bright?: boolean }>()
const percent = (share: number, turned: boolean) => `${100 * (turned ? 1 - share : share)}%`
</script>

<template>
  <span v-for="point in points" :key="`${point.x} ${point.y}`" class="point" :class="{ bright, firm: point.firm, inward: (turned ? 1 - point.x : point.x) > 0.5 }" :style="{ left: percent(point.x, turned), top: percent(point.y, turned) }" data-test="key-point"><span v-if="words" class="says"><Num :text="point.sentence" /></span></span>
</template>

<style scoped>
.point {
  position: absolute;
  width: 14px;
  height: 14px;
  margin: -7px 0 0 -7px;
  border: 2px dashed #b3321f;
  border-radius: 50%;
  pointer-events: none;
}

/* What may still move is dashed. */
.firm {
  border-style: solid;
}

/* Shows on light and dark alike. */
.bright {
  outline: 2px solid #fff;
}

.says {
  position: absolute;
  left: 18px;
  top: -6px;
  width: max-content;
  max-width: 190px;
  padding: 0 3px;
  background: var(--sheet);
  color: var(--sheet-ink);
  font-size: 15px;
  line-height: 1.15;
}

.inward .says {
  left: auto;
  right: 18px;
  text-align: right;
}

@media (max-width: 760px) {
  .says {
    max-width: 104px;
    font-size: 13px;
  }
}
</style>
