<script setup lang="ts">
import { computed, ref } from 'vue'
import { useScreen } from './useScreen'

/** At what size the boards are shown, and the true size, once a bar on this screen was held against a ruler. */
const props = defineProps<{ scale: number; of: string; paper: number; metric: boolean }>()
const emit = defineEmits<{ zoom: [factor: number] }>()
const { dots } = useScreen()

/** What a screen shows to a millimetre when it has 96 dots to the inch (CSS Values 4, the reference pixel). */
const NOMINAL = 96 / 25.4
const bar = computed(() => (props.metric ? { mm: 100, says: '100 mm' } : { mm: 101.6, says: '4 in' }))
const open = ref(false)
const length = ref(Math.round((dots.value || NOMINAL) * bar.value.mm))

const percent = (scale: number) => {
  const share = (scale / (dots.value || NOMINAL)) * 100
  return share < 10 ? share.toFixed(1) : Math.round(share)
}

function keep() {
  dots.value = length.value / bar.value.mm
  open.value = false
}
</script>

<template>
  <div class="true">
    <div v-if="open" class="measure">
      <span id="screen-bar">{{ $t('boards.holdARulerToTheScreen', { says: bar.says }) }}</span>
      <div class="bar" :style="{ width: `${length}px` }" />
      <el-slider v-model="length" :min="180" :max="900" :show-tooltip="false" aria-labelledby="screen-bar" />
      <button type="button" class="button strong" @click="keep">{{ $t('boards.itIsThatLong', { says: bar.says }) }}</button>
    </div>
    <span data-test="true-size">{{
      $t(`boards.shownAt.${of}${dots ? '' : 'About'}`, { percent: percent(scale), paper: percent(paper) })
    }}</span>
    <button v-if="dots" type="button" class="button bare" @click="emit('zoom', dots / scale)">{{ $t('boards.trueSize') }}</button>
    <button type="button" class="button bare" :aria-expanded="open" @click="open = !open">
      {{ dots ? $t('boards.screen') : $t('boards.measureThisScreen') }}
    </button>
  </div>
</template>

<style scoped>
.true {
  position: relative;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px;
  font-size: 0.9375rem;
  color: var(--soft);
}

.true .button {
  font-size: 0.9375rem;
}

.measure {
  display: flex;
  flex-direction: column;
  gap: 10px;
  padding: 14px;
  background: var(--panel);
  color: var(--graphite);
  box-shadow: 0 1px 8px var(--shade);
}

.bar {
  height: 12px;
  background: var(--graphite);
}
</style>
