<script setup lang="ts">
import Num from './Num.vue'
import { useId } from 'vue'
import { useFault } from './faults'
import { useTyped } from './useTyped'

/**
 * A count with a large less and more. Element Plus's number field corrects what is typed on its own; here the server
 * says what a count may be, and says it beside the field.
 */
const props = defineProps<{ label: string; modelValue: number; field: string }>()
const emit = defineEmits<{ 'update:modelValue': [count: number] }>()

const id = useId()
const { typed, typing, told, left } = useTyped(() => String(props.modelValue))
const fault = useFault(() => props.field)

function tell(text: string) {
  told()
  // Whether a text is a count is for the server to say; it is sent as it was typed.
  emit('update:modelValue', (/^\d+$/.test(text.trim()) ? Number(text) : text) as number)
}
</script>

<template>
  <div class="field">
    <label :for="id">{{ label }}</label>
    <div class="row">
      <button type="button" class="button" :aria-label="$t('ui.oneOfTheLabel', { label: label.toLowerCase() })" @click="tell(String(Number(typed) - 1))">−</button>
      <el-input
        :id="id"
        v-model="typed"
        inputmode="numeric"
        autocomplete="off"
        :aria-invalid="fault ? true : undefined"
        :aria-describedby="fault ? `${id}-fault` : undefined"
        @input="typing"
        @change="tell"
        @blur="left"
      />
      <button type="button" class="button" :aria-label="$t('ui.oneOfTheLabelMore', { label: label.toLowerCase() })" @click="tell(String(Number(typed) + 1))">+</button>
    </div>
    <p v-if="fault" :id="`${id}-fault`" class="fault" role="alert"><Num :text="fault" /></p>
  </div>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 36px minmax(0, 1fr) 36px;
  gap: 4px;
}

.button {
  padding: 0;
  font-size: 1.25rem;
}

:deep(.el-input__inner) {
  text-align: center;
}
</style>
