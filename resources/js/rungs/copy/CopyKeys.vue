<script setup lang="ts">
import { ref } from 'vue'
import type { Choices } from '@/api/types'
import { t } from '@/lang'
import CopyWay from './CopyWay.vue'
import { useCopyKeys, type CopyKey } from './useCopyKeys'

/** Everything on keys: what is done with the cell, how it is looked at, which one is next; and the list of them all. */
const props = defineProps<{ deeds: CopyKey[]; looks: CopyKey[]; rights: CopyKey[]; steps: CopyKey[]; copy: Choices['copy'] }>()
defineEmits<{ goBy: [way: Partial<Choices['copy']>] }>()

const help = ref(false)
const list: CopyKey = { key: '?', cap: '?', label: t('copy.allKeys'), says: t('copy.thisList'), act: () => (help.value = !help.value) }
/** What a phone has no room for in its first row slides with the looks in the second. */
const rare = [...props.deeds.filter((deed) => deed.room === 'short rare'), list, ...props.rights]
useCopyKeys([...props.deeds, ...props.looks, ...props.rights, ...props.steps, list])
</script>

<template>
  <!-- A click must not take the focus: Space would then press that button again. -->
  <footer class="keys" @mousedown.prevent>
    <button v-for="deed in deeds" :key="deed.key" type="button" class="button" :class="[deed.key === ' ' ? 'strong' : 'bare', deed.room]" :aria-pressed="deed.on?.value" :data-test="deed.key === ' ' ? 'done' : deed.key === 'x' ? 'empty' : undefined" @click="deed.act"><kbd>{{ deed.cap }}</kbd><span>{{ deed.label }}</span></button>
    <span class="looks"><button v-for="one in rare" :key="one.key" type="button" class="button bare phone" :aria-label="one.label" :aria-pressed="one.on?.value" @click="one.act"><kbd>{{ one.cap }}</kbd></button><button v-for="one in looks.filter(({ can }) => can?.value !== false)" :key="one.key" type="button" class="button bare" :aria-pressed="one.on?.value" :title="one.says" @click="one.act"><kbd>{{ one.cap }}</kbd><small>{{ one.label }}</small></button></span>
    <span class="arrows"><button v-for="step in steps" :key="step.key" type="button" class="button bare" :aria-label="step.label" @click="step.act"><kbd>{{ step.cap }}</kbd></button></span>
    <button type="button" class="button bare all" :aria-label="list.label" :aria-expanded="help" @click="list.act"><kbd>?</kbd></button>
  </footer>
  <section v-if="help" class="help" :aria-label="$t('copy.keys')" data-test="help">
    <CopyWay class="narrow" :copy="copy" @go-by="$emit('goBy', $event)" />
    <p>{{ $t('copy.arrowsGoFromCellToCell') }}</p>
    <dl>
      <template v-for="one in [...deeds, ...looks, ...rights].filter(({ can }) => can?.value !== false)" :key="one.key"><dt><kbd>{{ one.cap }}</kbd></dt><dd>{{ one.says }}</dd></template>
    </dl>
    <button type="button" class="button" @click="help = false">{{ $t('copy.putAway') }}</button>
  </section>
</template>

<style scoped>
.keys {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 1px;
  padding: 0 6px 0 12px;
  border-top: 1px solid var(--rule);
  white-space: nowrap;
}

.keys .bare {
  font-weight: 400;
}

.keys > .bare {
  padding: 5px 6px;
}

.looks {
  display: flex;
  margin-left: 4px;
}

.looks .button {
  flex-direction: column;
  gap: 1px;
  padding: 2px 1px;
  min-width: 36px;
}

.looks small {
  font-size: 13px;
  line-height: 1.1;
}

.keys [aria-pressed='true'] kbd {
  background: var(--chosen);
  color: var(--on-chosen);
}

.phone,
.narrow {
  display: none;
}

.arrows {
  margin-left: auto;
  display: flex;
}

.arrows .button {
  padding: 5px 1px;
  min-width: 28px;
}

.help {
  /* Over the cell in hand of the map as well. */
  z-index: 2;
  position: absolute;
  right: 16px;
  bottom: 66px;
  width: min(480px, 92vw);
  max-height: 76vh;
  overflow-y: auto;
  display: grid;
  gap: 10px;
  padding: 14px;
  background: var(--sheet);
  color: var(--sheet-ink);
  border: 1px solid var(--tick);
}

.help dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 4px 12px;
  margin: 0;
}

.help dd {
  margin: 0;
}

@media (max-width: 1270px) {
  .narrow {
    display: block;
  }

  .looks small {
    display: none;
  }

  .looks .button {
    min-width: 32px;
    padding: 5px 3px;
  }
}

@media (min-width: 761px) and (max-width: 1330px) {
  .keys > .short span {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
  }
}

@media (max-width: 760px) {
  .keys {
    flex-wrap: wrap;
    padding: 4px 8px;
    row-gap: 2px;
  }

  .keys > .button {
    padding: 4px 8px;
  }

  .keys > .button kbd {
    display: none;
  }

  .keys .button {
    min-height: 46px;
  }

  .keys .strong {
    flex: 1;
  }

  .looks .phone {
    display: inline-flex;
  }

  /* On a row of their own, which slides. */
  .looks {
    order: 2;
    width: 100%;
    margin: 0;
    overflow-x: auto;
  }

  .arrows {
    order: 1;
    margin: 0;
  }

  .arrows kbd {
    font-size: 18px;
  }

  .all,
  .keys > .rare {
    display: none;
  }
}
</style>
