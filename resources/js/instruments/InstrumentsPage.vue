<script setup lang="ts">
import { useDebounceFn, useLocalStorage, useTitle } from '@vueuse/core'
import { computed, reactive, ref, shallowRef, watch } from 'vue'
import { api, Refused } from '@/api/client'
import { useLatest } from '@/api/latest'
import type { components } from '@/api/schema'
import { t } from '@/lang'
import { useOwn } from '@/settings/useOwn'
import { provideFaults } from '@/ui/faults'
import Num from '@/ui/Num.vue'
import Pick from '@/ui/Pick.vue'
import SidePage from '@/ui/SidePage.vue'
import TypedInput from '@/ui/TypedInput.vue'
import Instrument from './Instrument.vue'
import PairOfDividers from './PairOfDividers.vue'
import PaperFamily from './PaperFamily.vue'
import WordsAndGrades from './WordsAndGrades.vue'

/** What lies on the table without a drawing: a rule with two lengths, dividers, a square, sheets folded into one another. Each answers as it is touched. */
type Schemas = components['schemas']
const unit = useLocalStorage<'in' | 'cm'>('inch-ladder.instruments.unit', 'in')
const typed = useLocalStorage('inch-ladder.instruments', { photo: '2 in', paper: '3 in', length: '1 1/4 in', part: '1/3', ratio: '3:2', width: '9 in', height: '12 in', falling: '', rising: '' }, { mergeDefaults: true })
const own = useOwn()
const faults = reactive<Record<string, string | undefined>>({})
provideFaults(() => faults)
useTitle(t('instruments.instruments'))

const scale = shallowRef<Schemas['QuickScaleJson'] | null>(null)
const dividers = shallowRef<Schemas['SetDividersJson'] | null>(null)
const square = shallowRef<Schemas['VerdictJson'] | null>(null)
const latest = useLatest()
const papers = shallowRef<Schemas['PaperFamilyJson'][]>([])
const family = ref<string>('')

/** An answer to what was typed before is none. */
let asked = 0

/** Asks one instrument; what it cannot read stands beside the field it was typed in. */
async function ask<T>(names: Record<string, string>, question: () => Promise<T>): Promise<T | null> {
  const mine = asked
  for (const name of Object.values(names)) faults[name] = undefined
  try {
    return await question()
  } catch (error) {
    if (!(error instanceof Refused)) throw error
    if (mine !== asked) return null
    for (const [name, sentences] of Object.entries(error.trouble.errors ?? {})) faults[names[name] ?? name] = sentences[0]
    return null
  }
}

const read = useDebounceFn(async () => {
  const mine = ++asked
  const { photo, paper, length, part, ratio, width, height, falling, rising } = typed.value
  const [a, b, c] = await Promise.all([
    ask({ photo: 'photo', paper: 'paper', length: 'length', part: 'part' }, () => api.quickScale({ photo, paper, length, part, unit: unit.value })),
    ask({ length: 'arms', ratio: 'ratio' }, () => api.setDividers({ length: own.value.dividers, ratio, unit: unit.value })),
    ask({ width: 'width', height: 'height', falling: 'falling', rising: 'rising' }, () => api.isSquare({ width, height, falling, rising, unit: unit.value })),
  ])
  if (mine === asked) [scale.value, dividers.value, square.value] = [a, b, c]
}, 150)
watch([typed, unit, own], read, { deep: true, immediate: true })
watch(
  unit,
  async () => {
    await latest(api.papers(unit.value).catch(() => []), (fresh) => (papers.value = fresh))
    family.value ||= papers.value[0]?.name ?? ''
  },
  { immediate: true },
)

const shown = computed(() => papers.value.find((one) => one.name === family.value) ?? null)
/** The longer of the two fills the rule. */
const share = computed(() => {
  const most = Math.max(scale.value?.photo_mm ?? 1, scale.value?.paper_mm ?? 1)
  return { photo: (scale.value?.photo_mm ?? 0) / most, paper: (scale.value?.paper_mm ?? 0) / most }
})
</script>

<template>
  <SidePage :title="$t('instruments.instruments')" :back="{ name: 'shelf' }" :back-to="$t('shelf.shelf')">
    <template #head><Pick v-model="unit" :label="$t('instruments.unit')" :options="{ in: $t('instruments.inches'), cm: $t('instruments.centimetres') }" /></template>
    <Instrument name="scale" :title="$t('instruments.quickScale')" :lines="scale?.lines">
      <svg v-if="scale" viewBox="0 0 400 86" role="img" :aria-label="scale.lines[1]">
        <rect class="photo" x="0" y="4" :width="400 * share.photo" height="30" />
        <rect class="paper" x="0" y="46" :width="400 * share.paper" height="30" />
        <path class="ticks" :d="Array.from({ length: 21 }, (_, i) => `M${i * 20} 34v${i % 2 ? 5 : 9}`).join('')" />
      </svg>
      <p v-if="scale" class="factor"><Num :text="scale.factor" /></p>
      <div class="fields">
        <TypedInput v-model="typed.photo" :label="$t('instruments.onThePhoto')" field="photo" />
        <TypedInput v-model="typed.paper" :label="$t('instruments.onThePaper')" field="paper" />
        <TypedInput v-model="typed.length" :label="$t('instruments.anotherLength')" field="length" />
        <TypedInput v-model="typed.part" :label="$t('instruments.partOfIt')" field="part" hint="1/3" />
      </div>
    </Instrument>
    <Instrument name="dividers" :title="$t('instruments.dividers')" :lines="dividers?.lines">
      <PairOfDividers v-if="dividers" :share="dividers.pivot.mm / dividers.length.mm" :on-photo="dividers.on_photo" />
      <div class="fields">
        <TypedInput v-model="own.dividers" :label="$t('instruments.tipToTip')" field="arms" />
        <TypedInput v-model="typed.ratio" :label="$t('instruments.paperToPhoto')" field="ratio" hint="3:2" />
      </div>
    </Instrument>
    <Instrument name="square" :title="$t('instruments.isItSquare')" :lines="square?.sentences" :wrong="!square?.good">
      <div class="fields">
        <TypedInput v-model="typed.width" :label="$t('instruments.width')" field="width" />
        <TypedInput v-model="typed.height" :label="$t('instruments.height')" field="height" />
        <TypedInput v-model="typed.falling" :label="$t('instruments.falling')" field="falling" :hint="$t('instruments.notMeasured')" />
        <TypedInput v-model="typed.rising" :label="$t('instruments.rising')" field="rising" :hint="$t('instruments.notMeasured')" />
      </div>
    </Instrument>
    <Instrument name="papers" :title="$t('instruments.paperSizes')">
      <div class="families" role="group" :aria-label="$t('instruments.paperSizes')">
        <button v-for="one in papers" :key="one.name" type="button" class="button" :aria-pressed="one.name === family" @click="family = one.name">{{ one.name }}</button>
      </div>
      <PaperFamily v-if="shown" :family="shown" />
    </Instrument>
    <WordsAndGrades />
  </SidePage>
</template>

<style scoped>
.factor {
  font-size: 1.75rem;
  font-weight: 700;
}

svg {
  width: 100%;
}

.photo {
  fill: var(--tick);
}

.paper {
  fill: var(--guide);
}

.ticks {
  fill: none;
  stroke: var(--graphite);
}

.families {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}
</style>
