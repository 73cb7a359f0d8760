<script setup lang="ts">
import { useWarmUp } from '@/stores/useWarmUp'
import Fold from '@/ui/Fold.vue'
import Num from '@/ui/Num.vue'

/** A card to be read before a line is drawn: a handful of proportions, slopes and alignments of this very picture. */
const { told, look } = useWarmUp()
</script>

<template>
  <Fold :name="$t('photo.warmUp')" :decided="$t('photo.whatGovernsIt')" @opened="look">
    <p class="soft">{{ $t('photo.lookAtThese') }}</p>
    <ol v-if="told" data-test="warm-up"><li v-for="line in told.lines" :key="line"><Num :text="line" /></li></ol>
  </Fold>
</template>

<style scoped>
ol {
  display: grid;
  gap: 6px;
  margin: 0;
  padding-left: 22px;
}
</style>
