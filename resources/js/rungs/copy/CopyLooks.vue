<script setup lang="ts">
import type { CopyKey } from './useCopyKeys'

/** Other ways to look at the cell, by what they are for; what is chosen stays in sight beside the button. */
defineProps<{ groups: { name: string; looks: CopyKey[] }[] }>()
</script>

<template>
  <section class="palette" :aria-label="$t('boards.changeLook')" data-test="looks" @mousedown.prevent>
    <fieldset v-for="group in groups" :key="group.name">
      <legend class="legend">{{ group.name }}</legend>
      <button
        v-for="one in group.looks.filter(({ can }) => can?.value !== false)"
        :key="one.key"
        type="button"
        class="button"
        :aria-pressed="one.on?.value"
        :aria-keyshortcuts="one.cap"
        :title="one.says"
        @click="one.act"
      >
        {{ one.label }}
      </button>
    </fieldset>
  </section>
</template>

<style scoped>
.palette {
  position: absolute;
  right: 16px;
  bottom: calc(100% + 6px);
  z-index: 6;
  display: grid;
  gap: 12px;
  width: min(380px, calc(100vw - 24px));
  max-height: calc(100vh - 190px);
  padding: 14px;
  background: var(--panel);
  border: 1px solid var(--tick);
  box-shadow: 0 -6px 18px var(--shade);
  overflow-y: auto;
}

fieldset {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
  margin: 0;
  padding: 0;
  border: 0;
}

.button {
  min-height: 44px;
}
</style>
