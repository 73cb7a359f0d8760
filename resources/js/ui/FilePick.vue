<script setup lang="ts">
/**
 * A button that asks for a file. A native input rather than Element Plus's upload, which sends what it is given
 * by itself: here a file goes through the same door as one that is dropped.
 */
defineOptions({ inheritAttrs: false })
defineProps<{ accept: string; strong?: boolean }>()
const emit = defineEmits<{ file: [file: File] }>()

function chosen(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (file) emit('file', file)
  // The same file can be chosen again.
  input.value = ''
}
</script>

<template>
  <label class="button" :class="{ strong }"><slot /><input v-bind="$attrs" type="file" class="unseen" :accept="accept" @change="chosen" /></label>
</template>
