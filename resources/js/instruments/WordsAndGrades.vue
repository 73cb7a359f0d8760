<script setup lang="ts">
import { useDebounceFn, useLocalStorage } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'
import { api, Refused } from '@/api/client'
import { useLatest } from '@/api/latest'
import type { Basis, PaperWeight, Words } from '@/api/types'
import { provideFaults } from '@/ui/faults'
import TypedInput from '@/ui/TypedInput.vue'
import Instrument from './Instrument.vue'
import ToolPicture from './ToolPicture.vue'

/** What is written on packets: grades from hard to soft, leads, weights of paper in both systems, tools and what will do instead. */
const words = shallowRef<Words | null>(null)
const typed = useLocalStorage('inch-ladder.instruments.weight', { weight: '300 g', basis: '' as Basis | '' })
const weight = shallowRef<PaperWeight | null>(null)
const fault = ref<string>()
provideFaults(() => ({ weight: fault.value }))
void api.words().then((told) => (words.value = told)).catch(() => null)

const latest = useLatest()
const read = useDebounceFn(
  () =>
    latest(api.paperWeight({ weight: typed.value.weight, basis: typed.value.basis || undefined }), (told) => {
      weight.value = told
      fault.value = undefined
    }).catch((error: unknown) => {
      if (!(error instanceof Refused)) throw error
      fault.value = error.trouble.errors?.weight?.[0] ?? error.message
    }),
  150,
)
watch(typed, read, { deep: true, immediate: true })

/** From pale to black, as they draw: only an order, since makers differ. */
const swatches = computed(() => {
  const names = words.value?.grades.flatMap((grade) => grade.names) ?? []
  return names.map((name, i) => ({ name, ink: 0.12 + (0.8 * i) / Math.max(1, names.length - 1) }))
})
</script>

<template>
  <Instrument name="words" :title="$t('instruments.wordsAndGrades')" :lines="words?.leads">
    <ol class="swatches" :aria-label="$t('instruments.hardToSoft')">
      <li v-for="one in swatches" :key="one.name"><span :style="{ opacity: one.ink }" />{{ one.name }}</li>
    </ol>
    <dl v-if="words">
      <template v-for="grade in words.grades" :key="grade.kind"><dt>{{ grade.names[0] }}–{{ grade.names[grade.names.length - 1] }}</dt><dd>{{ grade.says }}</dd></template>
    </dl>
  </Instrument>
  <Instrument name="weight" :title="$t('instruments.paperWeight')" :lines="weight?.lines">
    <div class="fields">
      <TypedInput v-model="typed.weight" :label="$t('instruments.asItSays')" field="weight" :hint="$t('instruments.weightHint')" />
      <label class="field"><span class="legend">{{ $t('instruments.poundsOf') }}</span><el-select v-model="typed.basis" :aria-label="$t('instruments.poundsOf')"><el-option value="" :label="$t('instruments.asIsUsual')" /><el-option v-for="(name, key) in words?.bases ?? {}" :key="key" :value="key" :label="name" /></el-select></label>
    </div>
  </Instrument>
  <Instrument name="cautions" :title="$t('instruments.whatCanHurt')" :lines="words?.cautions.map((one) => one.says)" />
  <Instrument name="tools" :title="$t('instruments.tools')">
    <ul v-if="words" class="tools">
      <li v-for="tool in words.tools" :key="tool.key"><ToolPicture :tool="tool.key" /><p><b>{{ tool.name }}</b>: {{ tool.is }}. <span class="soft">{{ $t('instruments.instead', { instead: tool.instead }) }}</span></p></li>
    </ul>
  </Instrument>
</template>

<style scoped>
.swatches {
  display: grid;
  grid-template-columns: repeat(10, 1fr);
  gap: 4px 2px;
  margin: 0;
  padding: 8px;
  background: var(--sheet);
  color: var(--sheet-ink);
  list-style: none;
  font-size: 0.875rem;
  text-align: center;
}

.swatches span {
  display: block;
  height: 30px;
  background: #22201d;
}

dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 4px 14px;
  margin: 0;
}

dt {
  font-weight: 700;
}

dd {
  margin: 0;
}

.tools {
  display: grid;
  gap: 8px;
  margin: 0;
  padding: 0;
  list-style: none;
}

.tools li {
  display: flex;
  align-items: center;
  gap: 14px;
}
</style>
