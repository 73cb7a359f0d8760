<script setup lang="ts">
import { ref } from 'vue'
import type { RungKey } from './rungs'
import StepExplained from './StepExplained.vue'

/** The one question of a step, and what the step is about for who does not know yet. */
defineProps<{ step: RungKey }>()
const open = ref(false)
</script>

<template>
  <div class="head">
    <h2><slot /></h2>
    <button
      type="button"
      class="button"
      data-test="explain"
      :aria-label="$t('explained.ask')"
      :title="$t('explained.ask')"
      :aria-expanded="open"
      @click="open = !open"
    >
      ?
    </button>
  </div>
  <StepExplained v-if="open" :step />
</template>

<style scoped>
.head {
  display: flex;
  align-items: flex-start;
  justify-content: space-between;
  gap: 10px;
}

.button {
  flex: none;
  width: var(--target);
  margin-top: -6px;
  padding: 0;
}
</style>
