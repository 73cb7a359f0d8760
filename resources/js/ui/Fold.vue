<script setup lang="ts">
import { useSessionStorage } from '@vueuse/core'
import { computed, ref } from 'vue'
import Num from './Num.vue'

/**
 * A part of the workings that is folded away until it is wanted; what was decided there stays in sight. A native
 * `details` rather than Element Plus's collapse: one element, and its own keys.
 */
const props = defineProps<{
  name: string
  decided?: string
  open?: boolean
  /** A heading of the page under this name: it stays open once it was opened. */
  group?: string
  /** Nothing in it is made before it was wanted. */
  lazy?: boolean
}>()
const emit = defineEmits<{ opened: [] }>()
const opened = useSessionStorage<string[]>('inch-ladder.opened', [])
const isOpen = computed(() => props.open || (props.group !== undefined && opened.value.includes(props.group)))
const wanted = ref((props.group !== undefined && !props.lazy) || isOpen.value)

function toggled(event: Event) {
  const { open } = event.target as HTMLDetailsElement
  if (props.group !== undefined) opened.value = [...opened.value.filter((one) => one !== props.group), ...(open ? [props.group] : [])]
  if (!open) return
  wanted.value = true
  emit('opened')
}
</script>

<template>
  <details :open="isOpen" class="fold" :class="{ group }" @toggle="toggled">
    <summary>
      <b>{{ name }}</b>
      <span v-if="decided" class="soft"><Num :text="decided" /></span>
    </summary>
    <div v-if="wanted" class="inside"><slot /></div>
  </details>
</template>

<style scoped>
.fold {
  border-top: 1px solid var(--rule);
}

summary {
  display: flex;
  align-items: baseline;
  gap: 10px;
  min-height: max(38px, var(--target));
  padding: 8px 0;
  cursor: pointer;
  line-height: 1.25;
  list-style: none;
}

.group > summary {
  min-height: 44px;
  padding: 11px 0;
}

summary::-webkit-details-marker {
  display: none;
}

summary::before {
  content: '';
  flex: none;
  width: 10px;
  height: 2px;
  margin-bottom: 4px;
  background: var(--graphite);
  box-shadow: 0 5px 0 var(--tick);
}

.fold[open] > summary::before {
  box-shadow: 0 5px 0 var(--graphite);
  width: 16px;
}

summary .soft {
  margin-left: auto;
  text-align: right;
  font-size: 0.875rem;
}

.inside {
  display: flex;
  flex-direction: column;
  gap: 10px;
  padding: 2px 0 14px;
}

/* Closed, it takes no room and no part in anything. */
.fold:not([open]) > .inside {
  display: none;
}

.group > .inside {
  gap: 12px;
}
</style>
