<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { nextTick, onMounted, useTemplateRef, watch } from 'vue'

import type { Workings } from '@/api/types'
import Num from '@/ui/Num.vue'
import { decision, route, rungs, type RungKey } from './rungs'

/** The nine rungs as a ladder to climb; slim keeps only the rungs themselves. */
const props = defineProps<{
  id: string
  current: RungKey
  workings: Workings
  progress: { done: number; of: number }
  slim?: boolean
  upright?: boolean
}>()
const ladder = useTemplateRef('ladder')

/** On a narrow screen the ladder lies on its side and runs out of sight: the rung one stands on is brought into it. */
async function standInSight(): Promise<void> {
  await nextTick()
  const nav = ladder.value
  const rung = nav?.querySelector('.current')
  if (nav && rung)
    nav.scrollLeft += rung.getBoundingClientRect().left - nav.getBoundingClientRect().left - (nav.clientWidth - rung.clientWidth) / 2
}
onMounted(standInSight)
// A phone that is turned.
useEventListener('resize', standInSight)
watch(() => props.current, standInSight)
</script>

<template>
  <nav ref="ladder" class="ladder" :class="{ slim, upright }" :aria-label="$t('table.rungs')">
    <ol>
      <li v-for="rung in rungs" :key="rung.key">
        <router-link
          :to="route(id, rung.key)"
          class="rung"
          :class="{ current: rung.key === current }"
          :aria-current="rung.key === current ? 'step' : undefined"
          :aria-label="slim ? $t(`rung.${rung.key}`) : undefined"
          :title="slim ? $t(`rung.${rung.key}`) : undefined"
        >
          <template v-if="!slim">
            <b>{{ $t(`rung.${rung.key}`) }}</b>
            <small><Num :text="decision(rung.key, workings, progress)" /></small>
          </template>
        </router-link>
      </li>
    </ol>
  </nav>
</template>

<style scoped>
.ladder {
  padding: 12px 0 12px 12px;
  min-height: 0;
  overflow-y: auto;
}

ol {
  display: flex;
  flex-direction: column;
  min-height: 100%;
  margin: 0;
  padding: 0;
  list-style: none;
  border: solid var(--graphite);
  border-width: 0 2px;
}

/* Of one height, unless one has more to say. */
li {
  display: grid;
  flex: 1 0 0;
  min-height: min-content;
}

.rung {
  display: flex;
  flex-direction: column;
  padding: 8px 6px 4px 8px;
  border-top: 2px solid var(--graphite);
  text-decoration: none;
  line-height: 1.2;
  overflow: clip;
}

.rung:hover {
  background: var(--panel);
}

.rung:focus-visible {
  outline-offset: -3px;
}

.rung b {
  font-size: 1rem;
}

.rung small {
  font-size: 0.84375rem;
  color: var(--soft);
}

.current {
  border-top: 4px solid var(--red);
  background: var(--panel);
}

.slim {
  width: 44px;
  padding-left: 14px;
}

@media (max-width: 760px) {
  .ladder:not(.slim, .upright) {
    padding: 6px 8px;
    overflow: auto hidden;
  }

  .ladder:not(.slim, .upright) ol {
    flex-direction: row;
    width: max-content;
    min-height: 0;
    border-width: 2px 0;
  }

  .ladder:not(.slim, .upright) li {
    flex: 0 0 104px;
    min-height: 60px;
  }

  .ladder:not(.slim, .upright) .rung {
    border-top: 0;
    border-left: 2px solid var(--graphite);
  }

  .ladder:not(.slim, .upright) .current {
    border-left: 4px solid var(--red);
  }
}
</style>
