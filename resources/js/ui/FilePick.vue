<script setup lang="ts">
/**
 * A button that asks for a file. A native input rather than Element Plus's upload, which sends what it is given
 * by itself: here a file goes through the same door as one that is dropped.
 */
defineOptions({ inheritAttrs: false })
defineProps<{ accept: string; strong?: boolean; multiple?: boolean }>()
const emit = defineEmits<{ file: [file: File]; files: [files: File[]] }>()

function chosen(event: Event) {
  const input = event.target as HTMLInputElement
  const files = [...(input.files ?? [])]
  if (files[0]) {
    emit('file', files[0])
    emit('files', files)
  }
  // The same file can be chosen again.
  input.value = ''
}
</script>

<template>
  <label class="button" :class="{ strong }">
    <slot /><input v-bind="$attrs" type="file" class="unseen" :accept="accept" :multiple="multiple" @change="chosen" />
  </label>
</template>
