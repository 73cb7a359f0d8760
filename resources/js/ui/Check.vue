<script setup lang="ts">
import { nextTick } from 'vue'

/** Something that is so or not, with its words beside it. Ticked by a pointer it keeps no focus: the keys belong to the page. */
defineProps<{ modelValue: boolean }>()
const emit = defineEmits<{ 'update:modelValue': [value: boolean] }>()
let pointed = false

async function turn(value: unknown) {
  emit('update:modelValue', Boolean(value))
  if (!pointed) return
  pointed = false
  await nextTick()
  if (document.activeElement instanceof HTMLElement) document.activeElement.blur()
}
</script>

<template>
  <el-checkbox class="check" :model-value="modelValue" @pointerdown="pointed = true" @keydown="pointed = false" @update:model-value="turn"><slot /></el-checkbox>
</template>
