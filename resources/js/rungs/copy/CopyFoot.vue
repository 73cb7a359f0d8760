<script setup lang="ts">
import { onClickOutside, useEventListener } from '@vueuse/core'
import { computed, ref, useTemplateRef } from 'vue'
import { useCopying, type Place } from '@/stores/copying'
import Num from '@/ui/Num.vue'
import CellMap from './CellMap.vue'
import CopyLooks from './CopyLooks.vue'
import type { CopyKey } from './useCopyKeys'

/** Under the two cells: the map, the line that is read, what is done with the cell, and two buttons for all else. */
const props = defineProps<{
  at: Place
  line: string
  deeds: CopyKey[]
  groups: { name: string; looks: CopyKey[] }[]
  more: boolean
  over: boolean
}>()
defineEmits<{ go: [place: Place]; more: [] }>()
const cells = useCopying()
const looking = ref(false)
const large = ref(false)
const foot = useTemplateRef<HTMLElement>('foot')
onClickOutside(foot, () => (looking.value = large.value = false))
useEventListener('keydown', (event: KeyboardEvent) => event.key === 'Escape' && (looking.value = large.value = false))
/** What is on, but for what every cell opens with. */
const on = computed(() => props.groups.flatMap((group) => group.looks).filter((one) => one.on?.value && !one.usual))
</script>

<template>
  <!-- A click must not take the focus: Space would then press that button again. -->
  <footer ref="foot" class="foot" @mousedown.prevent>
    <div class="where" :class="{ large }">
      <CellMap :at @go="(place) => ($emit('go', place), (large = false))" />
      <button type="button" class="button bare enlarge" :aria-expanded="large" :aria-label="$t('copy.map')" @click="large = !large">
        {{ large ? $t('boards.close') : $t('copy.map') }}
      </button>
    </div>
    <p class="line" data-test="line"><Num :text="line" /></p>
    <div class="deeds">
      <slot />
      <button
        v-for="deed in deeds"
        :key="deed.key"
        type="button"
        class="button"
        :class="[deed.key === ' ' && !over ? 'strong' : '', deed.room]"
        :aria-pressed="deed.on?.value"
        :data-test="deed.key === ' ' ? 'done' : deed.key === 'x' ? 'empty' : undefined"
        @click="deed.act"
      >
        <span>{{ deed.label }}</span>
      </button>
      <span class="left soft" data-test="left"><b>{{ cells.done }}</b> {{ $t('copy.ofAll', { of: cells.toCopy.length - cells.empty })
      }}<template v-if="cells.left > 0 && cells.way?.time">, <Num :text="$t('copy.timeLeft', { time: cells.way.time })" /></template></span>
      <span class="on"><button
        v-for="one in on"
        :key="one.key"
        type="button"
        class="button bare"
        :aria-label="$t('copy.turnOff', { look: one.label })"
        @click="one.act"
      >
        {{ one.label }} ✕
      </button></span>
      <button type="button" class="button change" data-test="change-look" :aria-expanded="looking" @click="looking = !looking">
        {{ $t('boards.changeLook') }}
      </button>
      <button type="button" class="button" data-test="show-more" :aria-expanded="more" @click="$emit('more')">
        {{ $t('copy.showMore') }}
      </button>
    </div>
    <CopyLooks v-if="looking" :groups />
  </footer>
</template>

<style scoped>
.foot {
  position: relative;
  display: grid;
  grid-template: minmax(26px, auto) auto / auto minmax(0, 1fr);
  gap: 8px 24px;
  padding: 6px 16px 10px 20px;
}

.where {
  grid-row: 1 / -1;
  align-self: end;
  position: relative;
}

.where :deep(.map) {
  height: 74px;
}

.where.large :deep(.map) {
  position: absolute;
  bottom: 0;
  left: 0;
  z-index: 7;
  width: max-content;
  max-width: none;
  height: min(60vh, 480px);
  padding: 10px;
  background: var(--panel);
  border: 1px solid var(--tick);
  box-shadow: 0 -6px 18px var(--shade);
}

.enlarge {
  width: 100%;
  min-height: 26px;
  padding: 0;
  font-size: 0.875rem;
}

.line {
  align-self: end;
  font-size: 1.0625rem;
  line-height: 1.3;
  text-align: center;
}

.deeds {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  min-width: 0;
}

.deeds > .button {
  min-height: 48px;
  padding: 5px 18px;
  white-space: nowrap;
}

.strong {
  min-width: 220px;
  font-size: 1.0625rem;
}

.left {
  white-space: nowrap;
}

.on {
  display: flex;
  flex: 1;
  justify-content: end;
  flex-wrap: wrap;
  max-height: 48px;
  overflow: hidden;
}

.on .button {
  min-height: 24px;
  padding: 0 6px;
  font-size: 0.875rem;
  font-weight: 400;
}

@media (max-width: 1100px) {
  .left,
  .on {
    display: none;
  }

  .change {
    margin-inline-start: auto;
  }
}

@media (max-width: 900px) {
  .strong {
    min-width: 160px;
  }
}

@media (max-width: 760px) {
  .foot {
    grid-template: auto auto / minmax(0, 1fr);
    gap: 4px;
    padding: 4px 8px 8px;
  }

  .where {
    display: none;
  }

  .line {
    max-height: 2.6em;
    font-size: 0.9375rem;
    overflow-y: auto;
  }

  .deeds {
    flex-wrap: nowrap;
    gap: 6px;
  }

  .deeds > .button {
    padding: 5px 8px;
  }

  .deeds > .strong {
    flex: 1;
    min-width: 0;
    line-height: 1.15;
    white-space: normal;
  }

  .on,
  .change,
  .rare {
    display: none;
  }
}
</style>
