<script setup lang="ts">
import { ref, useId, watch } from 'vue'
import { useDrawing } from '@/stores/drawing'

/** Something typed that the server turns into choices; its fault stands beside it. */
const props = defineProps<{ label: string; value: string; field: string; hint?: string }>()
const emit = defineEmits<{ typed: [text: string] }>()

const store = useDrawing()
const id = useId()
const text = ref(props.value)
watch(
  () => props.value,
  (now) => (text.value = now),
)

function tell() {
  if (text.value.trim() !== props.value) emit('typed', text.value.trim())
}
</script>

<template>
  <div class="field">
    <label :for="id">{{ label }}</label>
    <el-input :id="id" v-model="text" :placeholder="hint" autocomplete="off" :aria-invalid="store.errors[field] ? true : undefined" :aria-describedby="store.errors[field] ? `${id}-fault` : undefined" @change="tell" @keydown.enter="tell" />
    <p v-if="store.errors[field]" :id="`${id}-fault`" class="fault" role="alert">{{ store.errors[field] }}</p>
  </div>
</template>
