<script setup lang="ts">
import { computed, useId } from 'vue'
import { useFault } from './faults'
import Num from './Num.vue'
import { useTyped } from './useTyped'

/** Something typed the way it is said: a length, a share, a name. The server reads it; what it says of it stands beside it. */
const props = defineProps<{ label: string; modelValue: string | null; field: string; hint?: string }>()
const emit = defineEmits<{ 'update:modelValue': [typed: string] }>()

const id = useId()
const { typed, typing, told, left } = useTyped(() => props.modelValue ?? '')
const fault = useFault(() => props.field)
/** What is only not there yet is asked for; what was typed and cannot be is at fault. */
const asked = computed(() => typed.value.trim() === '')

function tell() {
  told()
  if (typed.value.trim() !== (props.modelValue ?? '')) emit('update:modelValue', typed.value.trim())
}
</script>

<template>
  <div class="field">
    <label :for="id">{{ label }}</label>
    <div class="typed" :class="{ set: typed.includes('/') }">
      <span v-if="typed.includes('/')" class="reading" aria-hidden="true"><Num :text="typed" /></span>
      <el-input
        :id="id"
        v-model="typed"
        :placeholder="hint ?? $t('ui.lengthHint')"
        :aria-invalid="fault && !asked ? true : undefined"
        :aria-describedby="fault ? `${id}-fault` : undefined"
        autocomplete="off"
        @input="typing"
        @change="tell"
        @blur="left"
        @keydown.enter="tell"
      />
    </div>
    <p v-if="fault" :id="`${id}-fault`" :class="asked ? 'soft' : 'fault'" role="alert"><Num :text="fault" /></p>
  </div>
</template>

<style scoped>
p.soft {
  font-size: 0.875rem;
  line-height: 1.3;
}

.typed {
  position: relative;
}

/* Until it is being typed, 7 1/4 stands there as it is read: a real fraction over the plain figures. */
.reading {
  position: absolute;
  inset: 0 12px;
  z-index: 1;
  display: flex;
  align-items: center;
  overflow: hidden;
  white-space: pre;
  pointer-events: none;
  color: var(--sheet-ink);
}

.typed:focus-within .reading {
  display: none;
}

.set:not(:focus-within) :deep(input) {
  color: transparent;
}
</style>
