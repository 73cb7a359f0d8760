<script setup lang="ts">
import type { Workings } from '@/api/types'
import { useDrawing } from '@/stores/drawing'
import Offer from '@/ui/Offer.vue'

/** Whole squares that would suit, where the own fit was chosen for something else. */
defineProps<{ workings: Workings }>()
const store = useDrawing()
</script>

<template>
  <Offer
    v-if="workings.offer"
    :sentence="workings.offer.sentence"
    :take="$t('grid.useThem')"
    :keep="$t('grid.keepMine')"
    data-test="offer"
    @take="store.adjust('plan', { ...workings.offer.plan })"
    @keep="store.adjust('keep', {})"
  />
</template>
