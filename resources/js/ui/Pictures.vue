<script setup lang="ts" generic="T extends string">
import { useId } from 'vue'
import Num from './Num.vue'

/** One of a few, each a picture with its name and a figure under it. Native radios, as in Pick: the whole tile is the label. */
defineProps<{
  label: string
  modelValue: T | null
  options: { value: T; name: string; figure?: string; fault?: string | null }[]
  columns?: number
}>()
defineEmits<{ 'update:modelValue': [value: T] }>()
defineSlots<{ default: (one: { value: T }) => unknown }>()
const name = useId()
</script>

<template>
  <fieldset class="pictures" :style="{ gridTemplateColumns: `repeat(${columns ?? 2}, minmax(0, 1fr))` }">
    <legend class="unseen">{{ label }}</legend>
    <label
      v-for="one in options"
      :key="one.value"
      :class="{ on: one.value === modelValue, faulty: one.fault }"
      :title="one.fault ?? undefined"
      data-test="picture"
    >
      <input
        type="radio"
        :name="name"
        :value="one.value"
        :checked="one.value === modelValue"
        @change="$emit('update:modelValue', one.value)"
      />
      <slot :value="one.value" />
      <b>{{ one.name }}</b>
      <small v-if="one.figure"><Num :text="one.figure" /></small>
    </label>
  </fieldset>
</template>

<style scoped>
.pictures {
  display: grid;
  gap: 8px;
  min-width: 0;
  margin: 0;
  padding: 0;
  border: 0;
}

label {
  position: relative;
  display: grid;
  grid-template-rows: 1fr auto auto;
  justify-items: center;
  gap: 2px;
  min-width: 0;
  padding: 8px 4px 6px;
  border: 1px solid var(--tick);
  background: var(--panel);
  text-align: center;
  line-height: 1.2;
  cursor: pointer;
}

label:hover {
  border-color: var(--graphite);
}

.on {
  outline: 3px solid var(--graphite);
  outline-offset: -2px;
  background: var(--choice);
  color: var(--on-choice);
}

label:focus-within {
  outline: 3px solid var(--guide-ink);
}

.faulty {
  opacity: 0.6;
}

small {
  font-size: 0.84375rem;
  color: var(--soft);
}

input {
  position: absolute;
  opacity: 0;
}
</style>
