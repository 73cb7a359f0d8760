<script setup lang="ts">
import Lost from '@/shelf/Lost.vue'
import { useDrawing } from '@/stores/drawing'
import { provideFaults } from '@/ui/faults'
import Cautions from './Cautions.vue'
import PinnedNotes from './PinnedNotes.vue'
import RungLadder from './RungLadder.vue'
import type { RungKey } from './rungs'
import TopStrip from './TopStrip.vue'
import Troubles from './Troubles.vue'
import Waiting from './Waiting.vue'

/** What every rung's page has in common: the strip, the climbing ladder, the middle, the workings, and what comes next. */
defineProps<{ id: string; rung: RungKey; name: string; tall?: boolean }>()
const store = useDrawing()
provideFaults(() => store.errors)
</script>

<template>
  <Lost v-if="store.missing" />
  <div v-else-if="store.drawing && store.workings && store.draft" :class="['page', { tall }]">
    <TopStrip :at="rung" />
    <RungLadder :id="id" :current="rung" :workings="store.workings" :progress="store.progress" />
    <main class="middle" :aria-label="name"><slot :drawing="store.drawing" :workings="store.workings" :choices="store.draft" /></main>
    <!-- Made anew for each step, so that it opens at its top. -->
    <aside :key="rung" class="workings" :aria-label="$t('table.workings')">
      <Troubles />
      <PinnedNotes :at="[rung]" />
      <slot name="workings" :drawing="store.drawing" :workings="store.workings" :choices="store.draft" />
      <Cautions :cautions="store.workings.cautions[rung] ?? []" />
    </aside>
    <footer class="next"><slot name="next" /></footer>
  </div>
  <Waiting v-else />
</template>

<style scoped>
.page {
  display: grid;
  grid-template: var(--strip) minmax(0, 1fr) max(58px, 3.625rem) / var(--steps) minmax(0, 1fr) var(--workings);
  height: 100%;
}

.page > :first-child {
  grid-column: 1 / -1;
}

.middle {
  display: grid;
  min-width: 0;
  min-height: 0;
}

.workings {
  /* What is set absolutely in it (radios, unseen words) scrolls with it, and does not lengthen the page. */
  position: relative;
  display: flex;
  flex-direction: column;
  gap: 14px;
  padding: 16px;
  background: var(--panel);
  border-left: 1px solid var(--rule);
  overflow-y: auto;
}

.next {
  grid-column: 1 / -1;
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 0 16px 0 calc(var(--steps) + 20px);
  border-top: 1px solid var(--rule);
}

.next > :first-child {
  margin-right: auto;
}

.next > :deep(.strong) {
  min-width: calc(var(--workings) - 32px);
  min-height: 46px;
  font-size: 1.0625rem;
}

@media (max-width: 760px) {
  .page {
    grid-template: var(--strip) auto 56vh auto auto / minmax(0, 1fr);
    height: auto;
    min-height: 100%;
  }

  /* What is read rather than looked at takes the height it needs. */
  .page.tall {
    grid-template-rows: var(--strip) auto auto auto auto;
  }

  .next > :deep(.hint) {
    display: none;
  }

  .workings {
    border-left: 0;
    border-top: 1px solid var(--rule);
  }

  /* Under the pictures, where it is seen first: stuck to the screen’s foot it would hide what is to be touched. */
  .next {
    grid-row: 4;
    padding: 6px 12px;
    background: var(--bench);
  }

  .page > .workings {
    grid-row: 5;
  }

  .next > :first-child:not(:only-child):not(.strong) {
    display: none;
  }

  .next > :deep(.strong) {
    flex: 1;
    min-width: 0;
  }
}
</style>
