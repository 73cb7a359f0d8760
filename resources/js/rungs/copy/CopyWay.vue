<script setup lang="ts">
import { computed } from 'vue'
import type { Choices } from '@/api/types'
import { useCopying } from '@/stores/copying'
import Choose from '@/ui/Choose.vue'

/** How the cells are gone through, with the reason, and the hand that draws. */
defineProps<{ start: Choices['copy']['start'] }>()
defineEmits<{ goBy: [start: Choices['copy']['start']] }>()
const cells = useCopying()
const starts = computed(() => Object.fromEntries((cells.way?.starts ?? []).map((one) => [one.name, one.label])) as Record<Choices['copy']['start'], string>)
const reason = (name: string) => cells.way?.starts.find((one) => one.name === name)?.reason
const other = computed(() => (cells.hand === 'right' ? 'left' : 'right'))
</script>

<template>
  <div class="way">
    <Choose :label="$t('copy.goBy')" :model-value="start" :options="starts" @update:model-value="$emit('goBy', $event)" />
    <p class="soft">{{ reason(start) }}</p>
    <button v-if="start === 'corner'" type="button" class="button bare hand" @click="cells.hand = other">{{ $t(`copy.iDrawWith.${other}`) }}</button>
  </div>
</template>

<style scoped>
.way {
  overflow-y: auto;
  font-size: 14px;
  line-height: 1.25;
}

.hand {
  min-height: 26px;
  padding: 0;
  font-size: 14px;
  text-decoration: underline;
}
</style>
