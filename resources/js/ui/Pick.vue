<script setup lang="ts" generic="T extends string">
import { useId } from 'vue'

/** One of a few, all in sight. Native radios rather than Element Plus's segmented choice, whose options a long word pushes out of the panel; these wrap. */
defineProps<{ label: string; modelValue: T; options: Partial<Record<T, string>> }>()
defineEmits<{ 'update:modelValue': [value: T] }>()
const name = useId()
</script>

<template>
  <fieldset>
    <legend class="legend">{{ label }}</legend>
    <div class="options">
      <label v-for="(text, value) in options" :key="value" :class="{ on: value === modelValue }">
        <input type="radio" :name="name" :value="value" :checked="value === modelValue" @change="$emit('update:modelValue', value as T)" />
        {{ text }}
      </label>
    </div>
  </fieldset>
</template>

<style scoped>
fieldset {
  margin: 0;
  padding: 0;
  border: 0;
  min-width: 0;
}

.legend {
  padding: 0 0 3px;
}

.options {
  display: flex;
  flex-wrap: wrap;
  row-gap: 4px;
}

label {
  flex: 1;
  display: flex;
  align-items: center;
  justify-content: center;
  min-height: var(--target);
  padding: 4px 8px;
  border: 1px solid var(--tick);
  margin-left: -1px;
  background: var(--choice);
  color: var(--on-choice);
  font-size: 0.9375rem;
  line-height: 1.15;
  text-align: center;
  overflow-wrap: anywhere;
  cursor: pointer;
}

label:first-child {
  margin-left: 0;
}

label.on {
  background: var(--chosen);
  border-color: var(--chosen);
  color: var(--on-chosen);
  font-weight: 600;
}

label:has(:focus-visible) {
  outline: 2px solid var(--guide-ink);
  outline-offset: 2px;
  z-index: 1;
}

input {
  position: absolute;
  opacity: 0;
  pointer-events: none;
}
</style>
