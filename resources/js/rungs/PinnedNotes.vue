<script setup lang="ts">
import { computed } from 'vue'
import { useDrawing } from '@/stores/drawing'
import Callout from '@/ui/Callout.vue'

/** What the artist wanted to be told here, when this rung or pass is opened. */
const props = defineProps<{ at: string[] }>()
const store = useDrawing()
const here = computed(() => (store.draft?.pinned ?? []).map((note, i) => ({ ...note, i })).filter((note) => props.at.includes(note.at)))
</script>

<template>
  <Callout v-for="note in here" :key="`${note.i} ${note.words}`" tone="calm" data-test="pinned-note">
    <p>{{ note.words }}</p>
    <button type="button" class="button" @click="store.decide((choices) => choices.pinned.splice(note.i, 1))">{{ $t('table.takenCareOf') }}</button>
  </Callout>
</template>
