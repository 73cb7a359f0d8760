<script setup lang="ts">
import { shallowRef, watch } from 'vue'
import { api, Refused } from '@/api/client'
import { useLatest } from '@/api/latest'
import type { Change, Drawing } from '@/api/types'
import { useDrawing } from '@/stores/drawing'

/** What was changed and when, the latest first: a press goes back, or forward, to how the drawing was then. */
const props = defineProps<{ drawing: Drawing }>()
const store = useDrawing()
const changes = shallowRef<Change[]>([])
const fault = shallowRef('')
const latest = useLatest()

watch(
  () => props.drawing.edits,
  () =>
    latest(api.changes(props.drawing.id), (fresh) => {
      changes.value = fresh
      fault.value = ''
    }).catch((error: unknown) => (fault.value = error instanceof Refused ? error.message : String(error))),
  { immediate: true },
)

const time = new Intl.DateTimeFormat(undefined, { timeStyle: 'short' })
const day = new Intl.DateTimeFormat(undefined, { dateStyle: 'medium', timeStyle: 'short' })
/** Today's by the hour, others by their day. */
const when = (at: string) => (new Date(at).toDateString() === new Date().toDateString() ? time : day).format(new Date(at))
</script>

<template>
  <p class="soft">{{ $t('table.changesHow') }}</p>
  <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
  <ol data-test="changes">
    <li v-for="one in changes" :key="one.position">
      <button
        type="button"
        :class="{ ahead: one.side > 0 }"
        :aria-current="one.side === 0 ? 'step' : undefined"
        @click="one.side === 0 || store.stepTo(one.position)"
      >
        <span>{{ one.what }}</span>
        <small class="soft">{{ one.side === 0 ? $t('table.changesNow') : one.side > 0 ? $t('table.changesUndone') : when(one.at) }}</small>
      </button>
    </li>
  </ol>
</template>

<style scoped>
ol {
  max-height: 300px;
  margin: 0;
  padding: 0;
  overflow-y: auto;
  list-style: none;
}

button {
  display: flex;
  align-items: baseline;
  justify-content: space-between;
  gap: 10px;
  width: 100%;
  min-height: var(--target);
  padding: 6px 8px;
  border: 0;
  border-left: 4px solid var(--rule);
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}

button[aria-current] {
  border-left-color: var(--red);
  background: var(--choice);
  font-weight: 700;
}

.ahead span {
  color: var(--soft);
}

small {
  white-space: nowrap;
}
</style>
