<script setup lang="ts">
import { computed } from 'vue'
import type { Choices, Workings } from '@/api/types'
import { labels } from '@/lang'
import { useDrawing } from '@/stores/drawing'
import Check from '@/ui/Check.vue'
import Choose from '@/ui/Choose.vue'
import Fold from '@/ui/Fold.vue'
import Num from '@/ui/Num.vue'

/** What the sheet stands, whether the drawing is better made apart, and what is seen to before it is marked. */
const props = defineProps<{ choices: Choices; workings: Workings }>()
const store = useDrawing()
const surfaces = labels('smooth paper', 'drawing paper', 'watercolour paper', 'toned or dark paper', 'primed canvas', 'panel or wall', 'a photo print')
const ticked = computed(() => new Set<string>(props.choices.paper.setup))

function tick(name: string) {
  store.decide(({ paper }) => (paper.setup = (ticked.value.has(name) ? paper.setup.filter((one) => one !== name) : [...paper.setup, name]) as typeof paper.setup))
}
</script>

<template>
  <Fold :name="$t('paper.whatItStands')" :decided="surfaces[workings.sheet_care.surface]">
    <Choose :label="$t('paper.itIs')" :model-value="workings.sheet_care.surface" :options="surfaces" @update:model-value="store.decide((c) => (c.paper.surface = $event))" />
    <Check :model-value="choices.paper.delicate" @update:model-value="store.decide((c) => (c.paper.delicate = $event))">{{ $t('paper.itStandsLittle') }}</Check>
    <p data-test="profile">{{ workings.sheet_care.says }} {{ workings.sheet_care.advice }}</p>
    <Choose :label="$t('finish.theStudyIs')" :model-value="workings.carry.chosen" :options="Object.fromEntries(workings.carry.ways.map((one) => [one.name, one.label]))" data-test="carry" @update:model-value="store.decide((c) => (c.finish.transfer = $event === 'none' ? null : ($event as NonNullable<typeof c.finish.transfer>)))" />
    <p class="soft">{{ workings.carry.ways.find((one) => one.name === workings.carry.chosen)?.reason }}</p>
    <p v-if="workings.carry.against" class="fault" data-test="against">{{ workings.carry.against }}</p>
  </Fold>
  <Fold :name="$t('paper.setUp')" :decided="$t('paper.setUpDone', { done: workings.sheet_care.setup.filter((one) => ticked.has(one.name)).length, of: workings.sheet_care.setup.length })">
    <div v-for="one in workings.sheet_care.setup" :key="one.name" data-test="set-up">
      <Check :model-value="ticked.has(one.name)" @update:model-value="tick(one.name)"><Num :text="one.label" /></Check>
      <p v-if="!ticked.has(one.name)" class="soft why">{{ one.reason }}</p>
    </div>
  </Fold>
</template>

<style scoped>
.check {
  font-size: 1rem;
}

.why {
  margin-left: 26px;
}
</style>
