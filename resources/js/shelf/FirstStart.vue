<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { t } from '@/lang'
import { useOwn } from '@/settings/useOwn'
import Pictures from '@/ui/Pictures.vue'
import { useHand } from '@/ui/useHand'

/** The two things a device is asked once: which ruler, and which hand. */
const begun = useLocalStorage('inch-ladder.begun', false)
const own = useOwn()
const hand = useHand()
const rulers = [
  { value: 'cm' as const, name: t('shelf.centimetres') },
  { value: 'in' as const, name: t('shelf.inches') },
]
const hands = [
  { value: 'left' as const, name: t('settings.left') },
  { value: 'right' as const, name: t('settings.right') },
]
/** Marks of a ruler, ten or eight to a unit. */
const marks = (parts: number) =>
  Array.from(
    { length: 2 * parts + 1 },
    (_, i) => `M${6 + (i * 88) / (2 * parts)} 8v${i % parts === 0 ? 20 : i % (parts / 2) === 0 ? 14 : 8}`,
  ).join('')
</script>

<template>
  <section class="first" data-test="first-start" :aria-label="$t('shelf.firstStart')">
    <h2>{{ $t('shelf.whichRuler') }}</h2>
    <Pictures
      :label="$t('shelf.whichRuler')"
      :model-value="own.unit === 'in' ? 'in' : 'cm'"
      :options="rulers"
      @update:model-value="own.unit = $event"
    >
      <template #default="{ value }">
        <svg viewBox="0 0 100 40" aria-hidden="true">
          <path class="body" d="M2 8H98V36H2Z" />
          <path :d="marks(value === 'cm' ? 10 : 8)" /></svg>
      </template>
    </Pictures>
    <h2>{{ $t('shelf.whichHand') }}</h2>
    <Pictures v-model="hand" :label="$t('shelf.whichHand')" :options="hands">
      <template #default="{ value }">
        <svg viewBox="0 0 100 40" aria-hidden="true">
          <g :transform="value === 'left' ? 'translate(100 0) scale(-1 1)' : undefined">
            <path d="M30 34L62 12L70 6L73 10L66 17L34 38Z" />
            <path d="M62 12L66 17M30 34L28 40L34 38" />
            <path d="M60 22C68 20 78 22 92 32" />
          </g>
        </svg>
      </template>
    </Pictures>
    <button type="button" class="button strong" @click="begun = true">{{ $t('shelf.startDrawing') }}</button>
  </section>
</template>

<style scoped>
.first {
  display: grid;
  gap: 12px;
  justify-self: center;
  width: min(420px, 100%);
  padding: 18px;
  background: var(--panel);
  border: 1px solid var(--tick);
}

svg {
  width: 120px;
  height: 48px;
}

path {
  fill: none;
  stroke: currentcolor;
  stroke-width: 1.5;
}

.body {
  stroke: var(--tick);
}

.strong {
  min-height: 48px;
}
</style>
