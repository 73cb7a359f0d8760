<script setup lang="ts">
import { computed, shallowRef, watch } from 'vue'
import { api } from '@/api/client'
import { useLatest } from '@/api/latest'
import type { GuideLines, Workings } from '@/api/types'
import { choice, labels } from '@/lang'
import { useDrawing } from '@/stores/drawing'
import Choose from '@/ui/Choose.vue'
import Fold from '@/ui/Fold.vue'

/** Neither too dark to go nor too faint to find: which pencil, for this surface and what becomes of the lines. */
const props = defineProps<{ workings: Workings }>()
const store = useDrawing()
const advice = shallowRef<GuideLines | null>(null)
const latest = useLatest()
const use = computed(() => props.workings.guides_off.use)

async function ask() {
  await latest(api.pencil(props.workings.sheet_care.surface, use.value), (fresh) => (advice.value = fresh)).catch(() => undefined)
}
watch([() => props.workings.sheet_care.surface, use], () => void ask())

const surfaces = labels('smooth paper', 'drawing paper', 'watercolour paper', 'toned or dark paper', 'primed canvas', 'panel or wall', 'a photo print')
</script>

<template>
  <Fold :name="$t('marks.howDarkALine')" @opened="ask">
    <Choose :label="$t('marks.drawnOn')" :model-value="workings.sheet_care.surface" :options="surfaces" @update:model-value="store.decide((c) => (c.paper.surface = $event))" />
    <p data-test="use">{{ $t('marks.then') }}: {{ choice(use) }}. <span class="soft">{{ workings.guides_off.says }}</span></p>
    <div v-if="advice" data-test="pencil">
      <p><b>{{ advice.pencil }}</b></p>
      <p>{{ advice.pressure }}</p>
      <p>{{ advice.after }}</p>
      <p v-if="advice.edges_only"><b>{{ $t('marks.ticksAtTheEdgesOnly') }}</b> {{ $t('marks.wholeLinesWouldHarmThisSurface') }}</p>
      <p class="soft">{{ $t('marks.commonPracticeTry') }}</p>
    </div>
  </Fold>
</template>
