<script setup lang="ts">
import type { Choices, Workings } from '@/api/types'
import { useDrawing } from '@/stores/drawing'
import Offer from '@/ui/Offer.vue'

/** A size was typed in another unit: to work in that is offered once. */
defineProps<{ choices: Choices; workings: Workings }>()
const store = useDrawing()
</script>

<template>
  <Offer
    v-if="workings.unit_offer"
    :sentence="workings.unit_offer.sentence"
    :take="$t(`paper.useUnit.${workings.unit_offer.unit}`)"
    :keep="$t(`paper.keepUnit.${choices.unit}`)"
    data-test="unit-offer"
    @take="store.adjust('unit', { unit: workings.unit_offer.unit })"
    @keep="store.decide((c) => c.copy.waved.push(workings.unit_offer!.name))"
  />
</template>
