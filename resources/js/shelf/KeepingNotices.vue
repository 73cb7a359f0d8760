<script setup lang="ts">
import { shallowRef } from 'vue'
import { api } from '@/api/client'
import type { Keeping } from '@/api/types'
import Callout from '@/ui/Callout.vue'

/** What the data folder needs: a damaged database that waits for a decision, backups that are missing. */
const emit = defineEmits<{ takenOver: [] }>()
const keeping = shallowRef<Keeping | null>(null)

/** Nothing is said where it cannot be asked: whatever keeps it from being asked says so itself. */
async function ask(asked: Promise<Keeping>) {
  keeping.value = await asked.catch(() => keeping.value)
}

async function takeOver(name: string) {
  await ask(api.takeOver(name))
  emit('takenOver')
}

void ask(api.keeping())
</script>

<template>
  <Callout v-if="keeping?.said" tone="calm" data-test="taken-over">{{ keeping.said }}</Callout>
  <Callout v-for="warning in keeping?.warnings" :key="warning" data-test="keeping">{{ warning }}</Callout>
  <Callout v-for="one in keeping?.waiting" :key="one.name" data-test="put-aside">
    <span>{{ one.says }}</span>
    <span>
      <button type="button" class="button" @click="takeOver(one.name)">{{ $t('shelf.readDrawings') }}</button>
      <button type="button" class="button bare" @click="ask(api.decline(one.name))">{{ $t('shelf.leaveIt') }}</button>
    </span>
  </Callout>
</template>
