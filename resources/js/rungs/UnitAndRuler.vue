<script setup lang="ts">
import { computed } from 'vue'
import type { Choices, Preset, Workings } from '@/api/types'
import { useCatalogue } from '@/stores/catalogue'
import { useDrawing } from '@/stores/drawing'
import Choose from '@/ui/Choose.vue'
import Fold from '@/ui/Fold.vue'
import Pick from '@/ui/Pick.vue'
import TypedInput from '@/ui/TypedInput.vue'
import KeepUnder from './KeepUnder.vue'

/** What is measured in, and the ruler it is read off. */
const props = defineProps<{ choices: Choices; workings: Workings }>()
const store = useDrawing()
const shelf = useCatalogue()
const rulers = computed(() => Object.fromEntries(props.workings.ruler.known.map((ruler) => [ruler, ruler])))

function takeRuler(ruler: Preset) {
  store.decide((choices) => Object.assign(choices, ruler.content))
}
</script>

<template>
  <Fold
    :name="$t('paper.rulerAndUnit')"
    :decided="choices.reach ? $t('paper.rulerLong', { ruler: choices.ruler, reach: choices.reach }) : choices.ruler"
  >
    <Pick
      :label="$t('paper.unit')"
      :model-value="choices.unit"
      :options="{ in: $t('paper.in'), cm: $t('paper.cm'), mm: $t('paper.mm') }"
      @update:model-value="store.adjust('unit', { unit: $event })"
    />
    <div class="two">
      <Choose
        :label="$t('paper.rulersFinestMark')"
        :model-value="choices.ruler"
        :options="rulers"
        @update:model-value="store.decide((c) => (c.ruler = $event))"
      />
      <TypedInput
        :label="$t('paper.itsLength')"
        field="reach"
        :model-value="choices.reach"
        :hint="$t('paper.any')"
        @update:model-value="store.decide((c) => (c.reach = $event || null))"
      />
    </div>
    <div v-if="shelf.of('ruler').length" class="owned">
      <button v-for="ruler in shelf.of('ruler')" :key="ruler.id" type="button" class="button" @click="takeRuler(ruler)">
        {{ ruler.name }}
      </button>
    </div>
    <KeepUnder kind="ruler" :label="$t('paper.keepThisRulerAs')" :hint="$t('paper.rulerHint')" />
  </Fold>
</template>

<style scoped>
.owned {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}
</style>
