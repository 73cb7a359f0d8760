<script setup lang="ts">
import { computed, ref, useId } from 'vue'
import { Refused } from '@/api/client'
import type { Preset } from '@/api/types'
import { useCatalogue } from '@/stores/catalogue'
import { useDrawing } from '@/stores/drawing'

/** Keeps a part of this drawing under a name, for others; and forgets what was kept. */
const props = defineProps<{ kind: Preset['kind']; label: string; hint: string }>()
const store = useDrawing()
const shelf = useCatalogue()
const id = useId()
const name = ref('')
const fault = ref('')
const kept = computed(() => shelf.of(props.kind))

async function keep() {
  if (!store.drawing || !store.draft) return
  try {
    await shelf.keepPreset(props.kind, name.value, store.drawing.photo, store.draft)
    fault.value = ''
    name.value = ''
  } catch (error) {
    if (!(error instanceof Refused)) throw error
    fault.value = error.trouble.errors?.name?.[0] ?? error.message
  }
}
</script>

<template>
  <div class="field">
    <label :for="id">{{ label }}</label>
    <div class="field-act">
      <el-input :id="id" v-model="name" :placeholder="hint" maxlength="60" autocomplete="off" @keydown.enter="keep" />
      <button type="button" class="button" @click="keep">{{ $t('table.keep') }}</button>
    </div>
    <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
    <p v-for="one in kept" :key="one.id" class="kept">{{ one.name }} <button type="button" class="button bare" :aria-label="$t('table.forgetName', { name: one.name })" @click="shelf.forgetPreset(one.id)">✕</button></p>
  </div>
</template>

<style scoped>
.kept {
  display: flex;
  align-items: center;
  justify-content: space-between;
}
</style>
