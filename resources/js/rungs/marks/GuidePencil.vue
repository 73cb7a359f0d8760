<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api } from '@/api/client'
import type { GuideLines } from '@/api/types'
import { labels } from '@/lang'
import Choose from '@/ui/Choose.vue'
import Fold from '@/ui/Fold.vue'

/** Neither too dark to go nor too faint to find: which pencil, for this surface and what becomes of the lines. */
const surface = ref('drawing paper')
const use = ref('rubbed out under pencil')
const advice = ref<GuideLines | null>(null)

async function ask() {
  advice.value = await api.pencil(surface.value, use.value).catch(() => advice.value)
}
watch([surface, use], () => void ask())

const surfaces = computed(() => labels(...(advice.value?.surfaces ?? [surface.value])))
const uses = computed(() => labels(...(advice.value?.uses ?? [use.value])))
</script>

<template>
  <Fold :name="$t('marks.howDarkALine')" @opened="ask">
    <Choose v-model="surface" :label="$t('marks.drawnOn')" :options="surfaces" />
    <Choose v-model="use" :label="$t('marks.then')" :options="uses" />
    <div v-if="advice" data-test="pencil">
      <p><b>{{ advice.pencil }}</b></p>
      <p>{{ advice.pressure }}</p>
      <p>{{ advice.after }}</p>
      <p v-if="advice.edges_only"><b>{{ $t('marks.ticksAtTheEdgesOnly') }}</b> {{ $t('marks.wholeLinesWouldHarmThisSurface') }}</p>
      <p class="soft">{{ $t('marks.commonPracticeTry') }}</p>
    </div>
  </Fold>
</template>
