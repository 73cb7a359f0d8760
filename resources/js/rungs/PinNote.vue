<script setup lang="ts">
import { computed, nextTick, ref, useTemplateRef } from 'vue'
import { t } from '@/lang'
import { useDrawing } from '@/stores/drawing'
import Choose from '@/ui/Choose.vue'
import { rungs } from './rungs'

/** A note for later, that comes up when the rung or pass it is for is opened. */
const props = defineProps<{ at: string }>()
const store = useDrawing()
const writing = ref(false)
const words = ref('')
const when = ref('')
const field = useTemplateRef<{ focus: () => void }>('field')
const places = computed(() => ({
  ...Object.fromEntries(rungs.map((rung) => [rung.key, t(`rung.${rung.key}`)])),
  ...Object.fromEntries((['place', 'refine', 'detail'] as const).map((pass) => [`copy ${pass}`, t('table.inThePass', { pass: t(`choice.${pass}`) })])),
}))

async function write() {
  writing.value = true
  when.value = props.at
  await nextTick()
  field.value?.focus()
}

function keep() {
  const note = { at: when.value, words: words.value.trim() }
  if (note.words) store.decide((choices) => choices.pinned.push(note))
  words.value = ''
  writing.value = false
}
</script>

<template>
  <div class="pin" data-test="pin-note">
    <button v-if="!writing" type="button" class="button bare" @mousedown.prevent @click="write">{{ $t('table.aNoteThatComesUpLater') }}</button>
    <template v-else>
      <el-input ref="field" v-model="words" maxlength="200" :aria-label="$t('table.whatToBeToldLater')" :placeholder="$t('table.whatToBeToldLater')" @keydown.enter="keep" @keydown.esc="writing = false" />
      <Choose v-model="when" :label="$t('table.whenThisIsOpened')" :options="places" />
      <div class="row"><button type="button" class="button strong" @click="keep">{{ $t('table.keepTheNote') }}</button><button type="button" class="button" @click="writing = false">{{ $t('boards.neverMind') }}</button></div>
    </template>
  </div>
</template>

<style scoped>
.pin {
  display: grid;
  justify-items: start;
  gap: 6px;
  min-width: 0;
}

.pin > :not(.button) {
  width: 100%;
}

.bare {
  padding: 4px 0;
  font-weight: 400;
  text-align: left;
  white-space: normal;
  text-decoration: underline;
}

.row {
  display: flex;
  gap: 6px;
}
</style>
