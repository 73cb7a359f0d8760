<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { ref, watch } from 'vue'
import { useDrawing } from '@/stores/drawing'
import { useTogether } from '@/together/together'
import { useScheme } from '@/ui/useScheme'

/** Shelf, name, undo and redo, saved. */
const store = useDrawing()
const scheme = useScheme()
const together = useTogether()
const title = ref('')
watch(
  () => store.draft?.title,
  (kept) => (title.value = kept ?? ''),
  { immediate: true },
)

function rename() {
  const name = title.value.trim()
  if (name && name !== store.draft?.title) store.decide((choices) => (choices.title = name))
  else title.value = store.draft?.title ?? ''
}

useEventListener('keydown', (event: KeyboardEvent) => {
  if (!(event.ctrlKey || event.metaKey) || event.target instanceof HTMLInputElement) return
  const key = event.key.toLowerCase()
  if (key !== 'z' && key !== 'y') return
  event.preventDefault()
  void store.step(key === 'y' || event.shiftKey ? 'redo' : 'undo')
})

const states = ['saved', 'saving', 'unsaved'] as const
</script>

<template>
  <header class="strip">
    <router-link to="/" class="shelf" :aria-label="$t('table.shelf')" :title="$t('table.shelf')">
      <svg viewBox="0 0 20 20" width="20" height="20" aria-hidden="true"><path d="M4 1v18M16 1v18M4 5h12M4 10h12M4 15h12" /></svg>
    </router-link>
    <h1 class="unseen">{{ store.draft?.title }}</h1>
    <!-- A native field: it is to look like the heading it is, not like a field. -->
    <input v-model="title" class="title" :aria-label="$t('table.nameOfTheDrawing')" maxlength="120" @change="rename" @keydown.enter="($event.target as HTMLInputElement).blur()" />
    <slot />
    <router-link v-if="store.drawing && store.draft" class="unit soft" :to="{ name: 'rung', params: { id: store.drawing.id, rung: 'paper' } }" :title="$t('table.unitAndRuler')">{{ store.draft.unit }} · {{ store.draft.ruler }}</router-link>
    <router-link v-if="store.drawing" class="unit soft" :to="{ name: 'log', params: { id: store.drawing.id } }">{{ $t('log.log') }}</router-link>
    <button type="button" class="button bare" data-test="undo" :disabled="!store.drawing?.undo" :title="store.drawing?.undo ? $t('table.takeBackUndoCtrl', { undo: store.drawing.undo }) : $t('table.nothingToTakeBack')" :aria-label="$t('table.undo')" @click="store.step('undo')">↶</button>
    <button type="button" class="button bare" data-test="redo" :disabled="!store.drawing?.redo" :title="store.drawing?.redo ? $t('table.bringBackRedoCtrl', { redo: store.drawing.redo }) : $t('table.nothingToBringBack')" :aria-label="$t('table.redo')" @click="store.step('redo')">↷</button>
    <!-- What comes and goes keeps its place: nothing else moves from under the hand. -->
    <button type="button" class="button bare follow" data-test="follow-me" :disabled="!together.open" :aria-pressed="together.following" :title="$t('table.followWhy')" @click="together.follow(!together.following)">{{ $t('table.follow') }}</button>
    <span class="kept soft" data-test="kept" role="status"><span v-for="state in states" :key="state" :class="{ other: state !== store.kept }">{{ $t(`table.kept.${state}`) }}</span></span>
    <button type="button" class="button bare lamp" @click="scheme = scheme === 'dark' ? 'light' : 'dark'">{{ scheme === 'dark' ? $t('table.day') : $t('table.lamp') }}</button>
  </header>
</template>

<style scoped>
.strip {
  display: flex;
  align-items: center;
  gap: 6px;
  height: 46px;
  padding: 0 14px;
  border-bottom: 1px solid var(--rule);
  min-width: 0;
}

.shelf {
  display: grid;
  place-items: center;
  width: 40px;
  height: 40px;
  margin-left: -6px;
}

.shelf path {
  fill: none;
  stroke: var(--graphite);
  stroke-width: 2;
}

.title {
  flex: 1;
  min-width: 60px;
  border: 0;
  background: none;
  color: var(--graphite);
  font-family: inherit;
  font-size: 18px;
  font-weight: 700;
  line-height: 1.2;
  padding: 6px;
  text-overflow: ellipsis;
}

.unit {
  padding: 8px;
  text-decoration: none;
  white-space: nowrap;
}

.strip .bare {
  font-size: 20px;
  min-width: 36px;
}

.strip .follow,
.strip .lamp {
  font-size: 15px;
  font-weight: 400;
}

.strip .follow {
  white-space: nowrap;
}

.strip .follow[aria-pressed='true'] {
  background: var(--chosen);
  color: var(--on-chosen);
}

.strip .follow:disabled,
.kept .other {
  visibility: hidden;
}

/* As wide as the longest of what it may say. */
.kept {
  display: grid;
  text-align: right;
  white-space: nowrap;
}

.kept > span {
  grid-area: 1 / 1;
}

@media (max-width: 760px) {
  .unit {
    display: none;
  }

  .strip {
    position: relative;
  }

  .title {
    padding-bottom: 16px;
  }

  /* Under the name. */
  .kept {
    position: absolute;
    left: 60px;
    bottom: 3px;
    font-size: 12px;
    text-align: left;
  }
}
</style>
