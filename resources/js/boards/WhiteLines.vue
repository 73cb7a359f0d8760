<script setup lang="ts">
import type { Workings } from '@/api/types'
import type { Box } from './stage'

/** Paper that stays bare. */
defineProps<{ box: Box; whites: Workings['whites'] }>()
</script>

<template>
  <g data-test="whites">
    <template v-for="(white, i) in whites" :key="i">
      <rect class="under" :x="box.x + white.left * box.w" :y="box.y + white.top * box.h" :width="white.width * box.w" :height="white.height * box.h" />
      <rect class="white" :x="box.x + white.left * box.w" :y="box.y + white.top * box.h" :width="white.width * box.w" :height="white.height * box.h" />
    </template>
  </g>
</template>

<style scoped>
.under,
.white {
  fill: none;
}

.under {
  stroke: #2b2926;
  stroke-width: 3;
}

.white {
  stroke: #fffefa;
  stroke-width: 3;
  stroke-dasharray: 7 5;
}
</style>
