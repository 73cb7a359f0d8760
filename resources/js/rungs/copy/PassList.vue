<script setup lang="ts">
import { computed } from 'vue'
import type { Choices } from '@/api/types'
import { useCopying } from '@/stores/copying'
import { useDrawing } from '@/stores/drawing'
import Check from '@/ui/Check.vue'

/** The passes, what the one in force is for, and what must stand in it. */
const emit = defineEmits<{ goBy: [way: Partial<Choices['copy']>] }>()
const cells = useCopying()
const store = useDrawing()
const now = computed(() => cells.passes.find((one) => one.name === cells.pass))
const musts = computed(() => store.draft?.things.filter((thing) => thing.must) ?? [])

/** A thing stands in this pass, or does not after all. */
function tick(name: string, stands: boolean) {
  const pass = cells.pass
  store.decide((choices) => {
    const thing = choices.things.find((one) => one.name === name)
    if (!thing || !pass) return
    thing.ticked = thing.ticked.filter((one) => one !== pass)
    if (stands) thing.ticked.push(pass)
  })
}
</script>

<template>
  <div v-if="now" class="passes" data-test="passes" role="group" :aria-label="$t('copy.passes')">
    <div class="row">
      <button
        v-for="(one, i) in cells.passes"
        :key="one.name"
        type="button"
        class="button"
        :aria-pressed="one.name === now.name"
        @mousedown.prevent
        @click="emit('goBy', { pass: one.name })"
      >
        {{ i + 1 }} {{ one.label }}
      </button>
    </div>
    <p class="soft">{{ now.what }}</p>
    <div v-if="musts.length > 0" role="group" :aria-label="$t('copy.notToBeForgotten')" data-test="musts">
      <span class="soft">{{ $t('copy.notToBeForgotten') }}</span>
      <Check
        v-for="thing in musts"
        :key="thing.name"
        :model-value="thing.ticked.includes(now.name)"
        @update:model-value="tick(thing.name, $event)"
      >
        {{ thing.name }}
      </Check>
    </div>
  </div>
</template>

<style scoped>
.passes {
  display: grid;
  gap: 8px;
}

.row {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
</style>
