<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { useKeys } from '@/ui/useKeys'
import { overs, useShots } from '@/stores/shots'
import Callout from '@/ui/Callout.vue'
import Num from '@/ui/Num.vue'

/** The verdict in a sentence over the boards, three more at most, and how the photo, where there is one, is laid over the shot. */
const props = defineProps<{ photo: boolean }>()
const shots = useShots()

const keys = { shot: '1', through: '2', blink: '3', wipe: '4', difference: '5' } as const
const letters = useKeys()
useEventListener('keydown', (event: KeyboardEvent) => {
  // Nothing is typed in a list that was picked from: from there they reach as well.
  if (event.target instanceof HTMLElement && event.target.closest('input:not([readonly]), textarea, select, [role=slider]')) return
  if (!letters.value || event.ctrlKey || event.metaKey || event.altKey) return
  if (!props.photo) return
  const over = overs.find((one) => keys[one] === event.key)
  if (over) shots.over = over
  if (event.key === 'c') shots.contours = !shots.contours
})
</script>

<template>
  <section class="verdict" :aria-label="$t('shots.says')" aria-live="polite">
    <p v-if="shots.judging && !shots.told" class="soft" role="status">{{ $t('shots.judging') }}</p>
    <template v-if="shots.told">
      <p class="first" :class="shots.told.first.kind" data-test="verdict"><Num :text="shots.told.first.sentence" /></p>
      <p v-for="line in shots.told.more" :key="line" class="more"><Num :text="line" /></p>
      <Callout v-for="warning in shots.told.flatten.warnings" :key="warning">{{ warning }}</Callout>
    </template>
    <p v-if="shots.fault" class="fault" role="alert">{{ shots.fault }}</p>
    <div class="over" role="group" :aria-label="$t('shots.laidOver')">
      <template v-if="photo">
        <button
          v-for="over in overs"
          :key="over"
          type="button"
          class="button"
          :aria-pressed="shots.over === over"
          @click="shots.over = over"
        >
          <kbd>{{ keys[over] }}</kbd>{{ $t(`shots.over.${over}`) }}
        </button>
        <button type="button" class="button" :aria-pressed="shots.contours" @click="shots.contours = !shots.contours">
          <kbd>C</kbd>{{ $t('shots.contours') }}
        </button>
      </template>
      <button type="button" class="button" :aria-pressed="shots.even" @click="shots.even = !shots.even">{{ $t('shots.even') }}</button>
      <button type="button" class="button" :aria-pressed="shots.strokes" @click="shots.strokes = !shots.strokes">
        {{ $t('shots.marks') }}
      </button>
      <el-slider
        v-if="photo && shots.over === 'wipe'"
        v-model="shots.wipe"
        class="wipe"
        :min="0"
        :max="1"
        :step="0.01"
        :show-tooltip="false"
        :aria-label="$t('shots.wipeAt')"
      />
    </div>
  </section>
</template>

<style scoped>
.verdict {
  display: grid;
  gap: 2px;
  padding: 8px 16px 6px;
  border-bottom: 1px solid var(--rule);
}

.first {
  font-size: 1.25rem;
  font-weight: 700;
  line-height: 1.25;
}

.more {
  font-size: 1rem;
}

.over {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  align-items: center;
  padding-top: 4px;
}

.over .button {
  padding: 4px 9px;
}

.wipe {
  flex: 1;
  min-width: 120px;
  margin: 0 16px;
}
</style>
