<script setup lang="ts">
import { useBringing } from './useBringing'

/** How far a photo has come in, and a way to stop it. */
const { progress, count, stop } = useBringing()
</script>

<template>
  <div v-if="progress !== null" class="progress" role="status" data-test="bringing">
    <p>
      <template v-if="count.of > 1">{{ $t('shelf.photoOf', count) }} </template>{{
        progress < 1 ? $t('shelf.bringingItOver', { progress: Math.round(progress * 100) }) : $t('shelf.turningItUprightAndReading')
      }}
    </p>
    <el-progress
      :percentage="Math.round(progress * 100)"
      :indeterminate="progress >= 1"
      :show-text="false"
      :aria-label="$t('shelf.bringingThePhotoOver')"
    />
    <button type="button" class="button" @click="stop">{{ $t('shelf.stopUpload') }}</button>
  </div>
</template>

<style scoped>
.progress {
  display: grid;
  gap: 8px;
  justify-items: start;
}

.progress :deep(.el-progress) {
  inline-size: 100%;
}
</style>
