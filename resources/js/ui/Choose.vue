<script setup lang="ts" generic="T extends string">
import { useId } from 'vue'

/** One of many, in a list that folds away. */
defineProps<{ label: string; modelValue: T; options: Partial<Record<T, string>> }>()
defineEmits<{ 'update:modelValue': [value: T] }>()
const id = useId()
</script>

<template>
  <div class="field">
    <label :for="id">{{ label }}</label>
    <el-select :id="id" :model-value="modelValue" :aria-label="label" :placeholder="label" @update:model-value="$emit('update:modelValue', $event as T)">
      <el-option v-for="(text, value) in options" :key="value" :value="value" :label="text as string" />
    </el-select>
  </div>
</template>
