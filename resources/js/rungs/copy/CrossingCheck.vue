<script setup lang="ts">
import { ref, watch } from 'vue'
import { api, Refused } from '@/api/client'
import type { Place } from '@/stores/copying'
import { useDrawing } from '@/stores/drawing'
import Num from '@/ui/Num.vue'

/** The crossing that is pointed at, checked on the spot from one reading of the ruler. */
const props = defineProps<{ at: Place; pointed: number }>()
const store = useDrawing()
const drawn = ref('')
const said = ref('')
const good = ref(true)

watch([() => props.pointed, () => `${props.at.column} ${props.at.row}`], () => ([drawn.value, said.value] = ['', '']))

async function check() {
  if (!store.drawing || drawn.value.trim() === '') return
  try {
    const verdict = await api.checkCrossing(store.drawing.id, props.at.column, props.at.row, props.pointed, drawn.value)
    ;[said.value, good.value] = [verdict.sentences[0] ?? '', verdict.good]
  } catch (error) {
    if (!(error instanceof Refused)) throw error
    ;[said.value, good.value] = [error.trouble.errors?.drawn?.[0] ?? error.message, false]
  }
}
</script>

<template>
  <p class="check" data-test="crossing-check">
    <label>{{ $t('copy.itCameOutAt') }} <el-input v-model="drawn" :placeholder="$t('copy.asTheRulerReads')" autocomplete="off" data-test="came-out" @change="check" @keydown.enter="($event.target as HTMLElement).blur()" /></label>
    <span v-if="said" role="status" :class="good ? 'passes' : 'fault'">{{ good ? '✓' : '✗' }} <Num :text="said" /></span>
  </p>
</template>

<style scoped>
.check {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 12px;
}

label {
  display: flex;
  align-items: center;
  gap: 6px;
}

.el-input {
  width: 130px;
}

.passes {
  color: var(--done);
  font-weight: 600;
}
</style>
