<script setup lang="ts">
import { ref } from 'vue'
import Num from './Num.vue'

/**
 * A part of the workings that is folded away until it is wanted; what was decided there stays in sight. A native
 * `details` rather than Element Plus's collapse: a search in the page finds what is folded, and opens it.
 */
const props = defineProps<{ name: string; decided?: string; open?: boolean }>()
const emit = defineEmits<{ opened: [] }>()
/** Nothing in it is made before it was wanted. */
const wanted = ref(props.open ?? false)

function toggled(event: Event) {
  if (!(event.target as HTMLDetailsElement).open) return
  wanted.value = true
  emit('opened')
}
</script>

<template>
  <details :open="open" class="fold" @toggle="toggled">
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
  min-height: 38px;
  padding: 8px 0;
  cursor: pointer;
  line-height: 1.25;
  list-style: none;
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
  font-size: 14px;
}

.inside {
  display: flex;
  flex-direction: column;
  gap: 10px;
  padding: 2px 0 14px;
}
</style>
