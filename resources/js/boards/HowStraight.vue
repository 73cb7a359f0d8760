<script setup lang="ts">
import { useDrawing } from '@/stores/drawing'

/** How far the outlines of masses are straightened, kept with the drawing. */
const store = useDrawing()
</script>

<template>
  <div v-if="store.draft">
    <span>{{ $t('boards.straightened') }}</span>
    <el-slider class="bar" :model-value="store.draft.copy.straight" :min="0" :max="5" :show-tooltip="false" :aria-label="$t('boards.howFarOutlinesAreStraightened')" @update:model-value="store.decide((choices) => (choices.copy.straight = $event as number))" />
  </div>
</template>

<style scoped>
.bar {
  width: 96px;
}
</style>
