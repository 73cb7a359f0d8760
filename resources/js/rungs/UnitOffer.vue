<script setup lang="ts">
import type { Choices, Workings } from '@/api/types'
import { useDrawing } from '@/stores/drawing'
import Callout from '@/ui/Callout.vue'
import Num from '@/ui/Num.vue'

/** A size was typed in another unit: to work in that is offered once. */
defineProps<{ choices: Choices; workings: Workings }>()
const store = useDrawing()
</script>

<template>
  <Callout v-if="workings.unit_offer" tone="calm" data-test="unit-offer">
    <p><Num :text="workings.unit_offer.sentence" /></p>
    <div class="choice">
      <button type="button" class="button" @click="store.adjust('unit', { unit: workings.unit_offer.unit })">
        {{ $t(`paper.useUnit.${workings.unit_offer.unit}`) }}
      </button>
      <button type="button" class="button" @click="store.decide((c) => c.copy.waved.push(workings.unit_offer!.name))">
        {{ $t(`paper.keepUnit.${choices.unit}`) }}
      </button>
    </div>
  </Callout>
</template>

<style scoped>
.choice {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
