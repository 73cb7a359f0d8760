<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, Refused } from '@/api/client'
import type { Pencil, Tones } from '@/api/types'
import { t } from '@/lang'
import { useTones } from '@/stores/tones'
import Choose from '@/ui/Choose.vue'

/** Without a camera: the darkest that a pencil lays, held against the bar. */
const props = defineProps<{ pencils: Pencil[]; bar: Tones['bar'] }>()
const emit = defineEmits<{ kept: [] }>()
const tones = useTones()
const fault = ref('')
const options = computed(() => Object.fromEntries([['', t('settings.notLookedAt')], ...props.bar.map((box) => [String(box.number), t('settings.asBox', { number: box.number })])]))

async function pick(pencil: Pencil, number: string) {
  const box = props.bar.find((one) => String(one.number) === number)
  if (!box) return
  try {
    await api.keepPencil({ id: pencil.id, name: pencil.name, kind: pencil.kind, firm: box.on_white, soft: pencil.soft })
    emit('kept')
    await tones.load()
  } catch (error) {
    if (!(error instanceof Refused)) throw error
    fault.value = error.message
  }
}
</script>

<template>
  <Choose v-for="one in pencils" :key="one.id" :label="$t('settings.theDarkestOf', { name: one.name })" model-value="" :options="options" @update:model-value="pick(one, $event)" />
  <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
</template>
