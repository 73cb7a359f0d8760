<script setup lang="ts">
import { computed } from 'vue'
import type { Workings } from '@/api/types'
import { t } from '@/lang'
import { useDrawing } from '@/stores/drawing'
import Check from '@/ui/Check.vue'
import Fold from '@/ui/Fold.vue'
import Num from '@/ui/Num.vue'

/** What meets, touches, leaves a gap, stands above or goes behind: ticked on the drawing before the next part begins. */
const props = defineProps<{ relations: Workings['check']['relations'] }>()
const store = useDrawing()
const ticked = computed(() => props.relations.filter((one) => one.ticked).length)

function tick(key: string, holds: boolean) {
  store.decide((choices) => (choices.related = [...choices.related.filter((one) => one !== key), ...(holds ? [key] : [])]))
}
</script>

<template>
  <Fold v-if="relations.length > 0" :name="$t('check.whatMeets')" :decided="t('check.tickedOf', { ticked, all: relations.length })">
    <p class="soft">{{ $t('check.tickWhatHolds') }}</p>
    <Check v-for="one in relations" :key="one.key" :model-value="one.ticked" data-test="relation" @update:model-value="tick(one.key, $event)"><Num :text="one.says" /></Check>
  </Fold>
</template>
