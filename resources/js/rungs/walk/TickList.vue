<script setup lang="ts">
import { computed, nextTick, useTemplateRef, watch } from 'vue'
import type { MarkingStep, MarkingTick } from '@/api/types'
import Num from '@/ui/Num.vue'

/** What is left of a step, numbered, large enough to be read from the board; a touch ticks it off. */
const props = defineProps<{ step: MarkingStep; waiting: MarkingTick | null }>()
defineEmits<{ mark: [tick: MarkingTick, done: boolean] }>()
const list = useTemplateRef<HTMLElement>('list')

const ruled = computed(() => props.step.key === 'join' || props.step.key === 'finer')
const readings = computed(() => props.step.ticks.every((tick) => tick.line !== null))
watch(
  () => props.waiting?.key,
  async () => {
    await nextTick()
    list.value?.querySelector('[data-waiting=true]')?.scrollIntoView({ block: 'nearest' })
  },
)
</script>

<template>
  <!-- Native checkboxes: the whole tile is the label, and there may be hundreds of them. -->
  <div ref="list" :class="['ticks', { wide: !readings, lines: ruled }]" role="group" :aria-label="step.name">
    <label v-for="tick in step.ticks" :key="tick.key" :class="{ done: tick.done, waiting: tick.key === waiting?.key }" :data-waiting="tick.key === waiting?.key" :data-test="`tick-${tick.key}`">
      <input type="checkbox" :checked="tick.done" @change="$emit('mark', tick, !tick.done)" />
      <span v-if="tick.line !== null && !ruled" class="line">{{ tick.line }}</span>
      <span class="reads"><Num :text="tick.reads" /></span>
      <span v-if="tick.more" class="more"><Num :text="tick.more" /></span>
    </label>
  </div>
</template>

<style scoped>
.ticks {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(168px, 1fr));
  gap: 6px;
  align-content: start;
}

.ticks.wide {
  grid-template-columns: minmax(0, 1fr);
}

label {
  position: relative;
  display: grid;
  grid-template-columns: auto auto 1fr;
  align-items: center;
  column-gap: 12px;
  min-height: 54px;
  padding: 4px 12px;
  border: 1px solid var(--tick);
  background: var(--sheet);
  color: var(--sheet-ink);
  cursor: pointer;
}

input {
  width: 22px;
  height: 22px;
}

.line {
  min-width: 1.4em;
  font-size: 1rem;
  color: #625c53;
}

.reads {
  font-size: 1.875rem;
  font-weight: 700;
  line-height: 1.15;
}

.wide .reads {
  grid-column: 2 / -1;
  font-size: 1.3125rem;
}

.more {
  grid-column: 1 / -1;
  font-size: 0.9375rem;
  line-height: 1.25;
  color: #625c53;
}

.wide .more {
  grid-column: 2 / -1;
  font-size: 1.0625rem;
}

.waiting {
  border: 3px solid #b3321f;
  padding: 2px 10px;
}

.lines .reads {
  font-size: 1.375rem;
  white-space: nowrap;
}

.done {
  background: none;
  color: var(--graphite);
  border-style: dashed;
}

.done :is(.line, .more) {
  color: var(--soft);
}

.done .reads {
  font-weight: 400;
  text-decoration: line-through;
  text-decoration-thickness: 2px;
}
</style>
