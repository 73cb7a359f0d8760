<script setup lang="ts">
import { onClickOutside, useEventListener } from '@vueuse/core'
import { ref, useTemplateRef } from 'vue'
import { useDrawing } from '@/stores/drawing'
import { useTogether } from '@/together/together'
import { skipToWork } from '@/ui/focus'
import ThisDrawing from './ThisDrawing.vue'

/** Shelf, name, undo and redo, saved. */
const store = useDrawing()
const together = useTogether()
defineProps<{ at: string }>()
const open = ref(false)
const menu = useTemplateRef<HTMLElement>('menu')
onClickOutside(menu, () => (open.value = false), { ignore: ['.el-popper'] })

useEventListener('keydown', (event: KeyboardEvent) => {
  if (event.key === 'Escape') open.value = false
  if (!(event.ctrlKey || event.metaKey) || event.target instanceof HTMLInputElement) return
  const key = event.key.toLowerCase()
  if (key !== 'z' && key !== 'y') return
  event.preventDefault()
  void store.step(key === 'y' || event.shiftKey ? 'redo' : 'undo')
})

const states = ['saved', 'saving', 'unsaved'] as const
</script>

<template>
  <header class="strip" :data-open="together.open">
    <button type="button" class="skip" @click="skipToWork">{{ $t('table.skipToWork') }}</button>
    <router-link to="/" class="shelf" :aria-label="$t('table.shelf')" :title="$t('table.shelf')">
      <svg viewBox="0 0 20 20" width="20" height="20" aria-hidden="true"><path d="M4 1v18M16 1v18M4 5h12M4 10h12M4 15h12" /></svg>
    </router-link>
    <div ref="menu" class="of">
      <h1>
        <button
          type="button"
          class="title"
          data-test="this-drawing"
          :aria-expanded="open"
          :title="$t('table.thisDrawing')"
          @click="open = !open"
        >
          <span>{{ store.draft?.title }}</span><svg viewBox="0 0 10 6" width="10" height="6" aria-hidden="true">
            <path d="M0 0H10L5 6Z" />
          </svg>
        </button>
      </h1>
      <ThisDrawing
        v-if="open && store.drawing && store.workings && store.draft"
        :at
        :drawing="store.drawing"
        :workings="store.workings"
        :choices="store.draft"
        @done="open = false"
      />
    </div>
    <button
      type="button"
      class="button bare"
      data-test="undo"
      :disabled="!store.drawing?.undo"
      :title="store.drawing?.undo ? $t('table.takeBackUndoCtrl', { undo: store.drawing.undo }) : $t('table.nothingToTakeBack')"
      :aria-label="$t('table.undo')"
      @click="store.step('undo')"
    >
      ↶
    </button>
    <button
      type="button"
      class="button bare redo"
      data-test="redo"
      :disabled="!store.drawing?.redo"
      :title="store.drawing?.redo ? $t('table.bringBackRedoCtrl', { redo: store.drawing.redo }) : $t('table.nothingToBringBack')"
      :aria-label="$t('table.redo')"
      @click="store.step('redo')"
    >
      ↷
    </button>
    <slot />
    <span class="kept soft" data-test="kept" role="status"><span v-for="state in states" :key="state" :class="{ other: state !== store.kept }">{{ $t(`table.kept.${state}`) }}</span></span>
  </header>
</template>

<style scoped>
.strip {
  display: flex;
  align-items: center;
  gap: 6px;
  height: var(--strip);
  padding: 0 14px;
  border-bottom: 1px solid var(--rule);
  min-width: 0;
}

.shelf {
  display: grid;
  place-items: center;
  width: 44px;
  height: 44px;
  margin-left: -6px;
}

.shelf path {
  fill: none;
  stroke: var(--graphite);
  stroke-width: 2;
}

.of {
  position: relative;
  flex: 1;
  min-width: 60px;
}

h1 {
  margin: 0;
  font-size: 1.125rem;
  line-height: 1.2;
}

.title {
  display: flex;
  align-items: center;
  gap: 8px;
  max-width: 100%;
  min-height: 44px;
  padding: 6px;
  border: 0;
  background: none;
  color: var(--graphite);
  font: inherit;
  font-weight: 700;
  cursor: pointer;
}

.title span {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.title svg {
  flex: none;
  fill: var(--soft);
}

.strip .bare {
  font-size: 1.25rem;
  min-width: 36px;
}

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
  .strip {
    position: relative;
  }

  .title {
    padding-bottom: 1rem;
  }

  .strip .bare {
    min-width: 44px;
    min-height: 44px;
  }

  /* In the list of steps, where a page has one. */
  .strip:has(.steps) .redo {
    display: none;
  }

  /* Under the name. */
  .kept {
    position: absolute;
    left: 60px;
    bottom: 3px;
    font-size: 0.75rem;
    text-align: left;
    pointer-events: none;
  }
}
</style>
