<script setup lang="ts">
import { computed, ref, useId, watch } from 'vue'
import { useDrawing } from '@/stores/drawing'

/** Something typed the way it is said: a length, a share, a name. The server reads it; what it says of it stands beside it. */
const props = defineProps<{ label: string; modelValue: string | null; field: string; hint?: string }>()
const emit = defineEmits<{ 'update:modelValue': [typed: string] }>()

const drawing = useDrawing()
const id = useId()
const typed = ref(props.modelValue ?? '')
watch(
  () => props.modelValue,
  (kept) => (typed.value = kept ?? ''),
)
const fault = computed(() => drawing.errors[props.field])

function tell() {
  if (typed.value.trim() !== (props.modelValue ?? '')) emit('update:modelValue', typed.value.trim())
}
</script>

<template>
  <div class="field">
    <label :for="id">{{ label }}</label>
    <el-input
      :id="id"
      v-model="typed"
      :placeholder="hint ?? '8 1/2 in'"
      :aria-invalid="fault ? true : undefined"
      :aria-describedby="fault ? `${id}-fault` : undefined"
      autocomplete="off"
      @change="tell"
      @keydown.enter="tell"
    />
    <p v-if="fault" :id="`${id}-fault`" class="fault" role="alert">{{ fault }}</p>
  </div>
</template>
