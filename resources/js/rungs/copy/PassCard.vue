<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'
import type { Choices } from '@/api/types'
import { useCopying } from '@/stores/copying'
import { useDrawing } from '@/stores/drawing'
import Callout from '@/ui/Callout.vue'
import Num from '@/ui/Num.vue'

/** The pass that is on: the three of them, the card it opens with, what is to be minded, and how it goes on when it is round. */
const props = defineProps<{ id: string; copy: Choices['copy'] }>()
const emit = defineEmits<{ goBy: [way: Partial<Choices['copy']>] }>()
const cells = useCopying()
const store = useDrawing()

const now = computed(() => cells.passes.find((one) => one.name === cells.pass))
const next = computed(() => (now.value ? cells.passes[cells.passes.indexOf(now.value) + 1] : undefined))
/** The pass whose card was read on this device. */
const read = useLocalStorage(() => `inch-ladder.card.${props.id}`, '')
const open = computed(() => now.value !== undefined && read.value !== now.value.name)
const caution = computed(() => (cells.way?.caution && !props.copy.waved.includes(cells.way.caution.name) ? cells.way.caution : null))
const isRound = computed(() => cells.left === 0 && now.value !== undefined)

function wave(name: string) {
  store.decide((choices) => choices.copy.waved.push(name))
}
</script>

<template>
  <section
    v-if="now && (open || caution || cells.way?.ahead || (isRound && cells.way?.round))"
    class="passes"
    :aria-label="$t('copy.passes')"
  >
    <dl v-if="open" class="card" data-test="pass-card">
      <dt class="name">{{ now.label }}</dt>
      <dd>
        <button type="button" class="button" @mousedown.prevent @click="read = now.name">{{ $t('boards.close') }}</button>
      </dd>
      <dt>{{ $t('copy.drawn') }}</dt>
      <dd>{{ now.what }}</dd>
      <dt>{{ $t('copy.pencil') }}</dt>
      <dd>{{ now.pencil }}</dd>
      <dt>{{ $t('copy.notYet') }}</dt>
      <dd>{{ now.not_yet }}</dd>
    </dl>
    <Callout v-if="caution" data-test="caution">
      <span>{{ caution.says }}</span><button type="button" class="button" @click="wave(caution.name)">{{ $t('copy.iKnow') }}</button>
    </Callout>
    <Callout v-if="cells.way?.ahead" data-test="ahead" tone="calm">{{ cells.way.ahead }}</Callout>
    <Callout v-if="isRound && cells.way?.round" data-test="round" tone="calm">
      <span>{{ cells.way.round }}</span>
      <span v-if="cells.way.missing">{{ cells.way.missing }}</span>
      <span v-for="line in cells.way.critical" :key="line"><Num :text="line" /></span>
      <router-link class="button" :to="{ name: 'rung', params: { id, rung: 'check' } }">{{ $t('rung.check') }}</router-link>
      <button v-if="next" type="button" class="button strong" @click="emit('goBy', { pass: next.name })">
        {{ $t('copy.onTo', { pass: next.label }) }}
      </button>
    </Callout>
  </section>
</template>

<style scoped>
.passes {
  position: relative;
  flex: none;
  display: grid;
  gap: 4px;
  padding-bottom: 4px;
}

.card {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 2px 12px;
  margin: 0;
  padding: 6px 12px;
  border-left: 4px solid var(--guide-ink);
  background: var(--sheet);
  color: var(--sheet-ink);
  line-height: 1.3;
}

.card dt {
  font-weight: 600;
}

.card dd {
  margin: 0;
}

.card .name {
  font-size: 1.25rem;
}

.card .button {
  float: inline-end;
}

/* On a phone it lies over the cells, which stay as large as they are. */
@media (max-width: 760px) {
  .card {
    position: absolute;
    z-index: 2;
    top: 100%;
    right: 0;
    left: 0;
  }
}
</style>
