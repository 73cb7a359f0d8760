<script setup lang="ts">
import { computed } from 'vue'
import type { Choices } from '@/api/types'
import { t } from '@/lang'
import { useCopying } from '@/stores/copying'
import { useDrawing } from '@/stores/drawing'
import PinNote from '../PinNote.vue'
import HowStraight from '@/boards/HowStraight.vue'
import Check from '@/ui/Check.vue'
import Choose from '@/ui/Choose.vue'

/** How the cells are gone through, with the reason, and the hand that draws. */
const props = defineProps<{ copy: Choices['copy'] }>()
defineEmits<{ goBy: [way: Partial<Choices['copy']>] }>()
const cells = useCopying()
const store = useDrawing()
const starts = computed(() => Object.fromEntries((cells.way?.starts ?? []).map((one) => [one.name, one.label])) as Record<Choices['copy']['start'], string>)
const reason = (name: string) => cells.way?.starts.find((one) => one.name === name)?.reason
/** The school that is not on. */
const instead = computed(() => cells.way?.workings.find((one) => one.name !== props.copy.working))
/** Whether one knows what one draws: the way that is not on. */
const unnamed = computed(() => cells.way?.namings.find((one) => one.name !== props.copy.naming))
/** The medium says how much, until something else is said. */
const details = computed(() => ({ medium: t('copy.asUnder', { medium: t(`choice.${store.draft?.finish.medium ?? 'graphite'}`) }), little: t('copy.little'), some: t('copy.some'), all: t('copy.allThereIs') }) as const)
const other = computed(() => (cells.hand === 'right' ? 'left' : 'right'))
</script>

<template>
  <div class="way">
    <Choose :label="$t('copy.goBy')" :model-value="copy.start" :options="starts" @update:model-value="$emit('goBy', { start: $event })" />
    <p class="soft">{{ reason(copy.start) }}</p>
    <button v-if="copy.start === 'corner'" type="button" class="button bare hand" @click="cells.hand = other">{{ $t(`copy.iDrawWith.${other}`) }}</button>
    <Check :model-value="copy.ink" @update:model-value="store.decide((choices) => (choices.copy.ink = $event))">{{ $t('copy.inInk') }}</Check>
    <template v-if="store.drawing?.photo">
      <Choose :label="$t('copy.howMuch')" :model-value="copy.detail ?? 'medium'" :options="details" @update:model-value="store.decide((choices) => (choices.copy.detail = $event === 'medium' ? null : $event))" />
      <HowStraight class="straight" />
    </template>
    <p v-if="instead" class="soft">
      <button type="button" class="button bare hand" data-test="instead" @mousedown.prevent @click="$emit('goBy', { working: instead.name as Choices['copy']['working'] })">{{ $t('copy.instead', { other: instead.label }) }}</button><br />{{ instead.reason }}
    </p>
    <p v-if="unnamed" class="soft">
      <button type="button" class="button bare hand" data-test="naming" @mousedown.prevent @click="$emit('goBy', { naming: unnamed.name as Choices['copy']['naming'] })">{{ $t('copy.instead', { other: unnamed.label }) }}</button><br />{{ unnamed.reason }}
    </p>
    <PinNote :at="cells.pass ? `copy ${cells.pass}` : 'copy'" />
  </div>
</template>

<style scoped>
.way {
  overflow-y: auto;
  font-size: 0.875rem;
  line-height: 1.25;
}

.straight {
  display: flex;
  align-items: center;
  gap: 8px;
}

.hand {
  min-height: 26px;
  padding: 0;
  font-size: 0.875rem;
  text-decoration: underline;
}
</style>
