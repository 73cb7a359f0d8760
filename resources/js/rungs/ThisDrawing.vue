<script setup lang="ts">
import { ref, useId, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, Refused } from '@/api/client'
import type { Choices, Drawing, Workings } from '@/api/types'
import { labels } from '@/lang'
import { useDrawing } from '@/stores/drawing'
import { useTogether } from '@/together/together'
import Fold from '@/ui/Fold.vue'
import Pick from '@/ui/Pick.vue'
import Changes from './Changes.vue'
import PinNote from './PinNote.vue'
import SheetsOf from './SheetsOf.vue'
import UnitAndRuler from './UnitAndRuler.vue'

/** What belongs to the drawing rather than to a step: its name, unit, sheets and notes, and where else to go. */
const props = defineProps<{ at: string; drawing: Drawing; workings: Workings; choices: Choices }>()
const emit = defineEmits<{ done: [] }>()
const store = useDrawing()
const together = useTogether()
const router = useRouter()
const id = useId()
const purposes = labels('a sheet', 'trial', 'good')

const title = ref('')
watch(
  () => props.choices.title,
  (kept) => (title.value = kept),
  { immediate: true },
)

function rename() {
  const name = title.value.trim()
  if (name && name !== props.choices.title) store.decide((choices) => (choices.title = name))
  else title.value = props.choices.title
}

const fault = ref('')

/** The same picture and plan once more: what was changed a moment ago is in it. */
async function duplicate() {
  fault.value = ''
  await store.keep()
  try {
    const { id: copy } = await api.duplicate(props.drawing.id)
    emit('done')
    await router.push({ name: 'rung', params: { id: copy, rung: 'paper' } })
  } catch (error) {
    if (!(error instanceof Refused)) throw error
    fault.value = error.message
  }
}

async function bin() {
  await store.keep()
  await api.bin(props.drawing.id)
  await router.push({ name: 'shelf', query: { binned: props.drawing.id, title: props.choices.title } })
}
</script>

<template>
  <div class="menu" role="group" :aria-label="$t('table.thisDrawing')" data-test="drawing-menu">
    <div class="field">
      <label :for="id">{{ $t('table.nameOfTheDrawing') }}</label>
      <el-input :id v-model="title" maxlength="120" autocomplete="off" @change="rename" @keydown.enter="rename" />
    </div>
    <UnitAndRuler :choices="choices" :workings="workings" />
    <Fold :name="$t('paper.sheetsOfThisDrawing')" :decided="drawing.sheets.length ? String(drawing.sheets.length) : $t('paper.thisOne')">
      <Pick
        :label="$t('paper.thisSheetIs')"
        :model-value="choices.paper.purpose ?? 'a sheet'"
        :options="purposes"
        @update:model-value="store.decide((c) => (c.paper.purpose = $event === 'a sheet' ? null : $event))"
      />
      <p v-if="workings.sheet_care.purpose" class="soft" data-test="purpose">{{ workings.sheet_care.purpose }}</p>
      <SheetsOf :drawing="drawing" />
    </Fold>
    <Fold lazy :name="$t('table.changes')">
      <Changes :drawing="drawing" />
    </Fold>
    <PinNote :at="at" />
    <nav class="places" @click="emit('done')">
      <router-link :to="{ name: 'print', params: { id: drawing.id } }">{{ $t('rung.print') }}</router-link>
      <router-link :to="{ name: 'log', params: { id: drawing.id } }">{{ $t('log.log') }}</router-link>
      <a :href="`/api/drawings/${drawing.id}/drawing.zip`">{{ $t('table.exportDrawing') }}</a>
      <router-link :to="{ name: 'settings' }">{{ $t('settings.settings') }}</router-link>
      <router-link :to="{ name: 'instruments' }">{{ $t('instruments.instruments') }}</router-link>
    </nav>
    <button
      v-if="together.open"
      type="button"
      class="button"
      data-test="follow-me"
      :aria-pressed="together.following"
      @click="together.follow(!together.following)"
    >
      {{ $t('table.followWhy') }}
    </button>
    <button type="button" class="button" data-test="duplicate" @click="duplicate">{{ $t('table.duplicate') }}</button>
    <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
    <button type="button" class="button bare" data-test="bin-drawing" @click="bin">{{ $t('table.moveToBin') }}</button>
  </div>
</template>

<style scoped>
.menu {
  position: absolute;
  top: 100%;
  left: 0;
  z-index: 20;
  display: grid;
  gap: 10px;
  width: min(340px, calc(100vw - 80px));
  max-height: calc(100vh - 70px);
  padding: 14px 16px;
  background: var(--panel);
  border: 1px solid var(--tick);
  box-shadow: 0 8px 22px var(--shade);
  overflow-y: auto;
}
</style>
