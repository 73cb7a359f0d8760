<script setup lang="ts">
import { ref, watch } from 'vue'
import type { components } from '@/api/schema'
import Check from '@/ui/Check.vue'

const props = defineProps<{ device: components['schemas']['DeviceJson']; mayPair: boolean }>()
const emit = defineEmits<{ change: [name: string, mayPair: boolean]; off: [] }>()
const name = ref(props.device.name)
watch(
  () => props.device.name,
  (is) => (name.value = is),
)
const rename = () => (name.value.trim() === '' ? (name.value = props.device.name) : emit('change', name.value.trim(), props.device.may_pair))
</script>

<template>
  <li class="device">
    <el-input v-model="name" :aria-label="$t('house.name')" maxlength="60" autocomplete="off" @change="rename" />
    <span class="soft seen">{{ device.here ? $t('house.here') : device.seen }}</span>
    <Check v-if="mayPair" :model-value="device.may_pair" @update:model-value="emit('change', device.name, $event === true)">{{ $t('house.mayPair') }}</Check>
    <button type="button" class="button" :aria-label="$t('house.takeOffName', { name: device.name })" @click="emit('off')">{{ $t('house.takeOff') }}</button>
  </li>
</template>

<style scoped>
.device {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 16px;
  padding: 6px 0;
  border-top: 1px solid var(--rule);
}

.el-input {
  width: 220px;
}

.seen {
  min-width: 130px;
}

.button {
  margin-left: auto;
}
</style>
