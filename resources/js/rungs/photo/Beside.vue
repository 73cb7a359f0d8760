<script setup lang="ts">
import { ref } from 'vue'
import { bring, Refused } from '@/api/client'
import type { Choices } from '@/api/types'
import { useDrawing } from '@/stores/drawing'
import Fold from '@/ui/Fold.vue'
import FilePick from '@/ui/FilePick.vue'

/** Other pictures of the subject: to look at, never to measure from. One drawing has one reference. */
defineProps<{ choices: Choices }>()
const store = useDrawing()
const progress = ref<number | null>(null)
const fault = ref('')

async function take(file: File) {
  if (progress.value !== null) return
  progress.value = 0
  try {
    const picture = await bring(file, (share) => (progress.value = share))
    store.decide((choices) => choices.beside.push(picture))
    fault.value = ''
  } catch (error) {
    fault.value = error instanceof Refused ? error.message : String(error)
  } finally {
    progress.value = null
  }
}
</script>

<template>
  <Fold :name="$t('photo.otherPictures')" :decided="choices.beside.length ? $t('photo.besideCount', { beside: choices.beside.length }) : $t('photo.none')">
    <FilePick accept="image/jpeg,image/png,image/webp,image/heic,image/avif" data-test="beside-file" @file="take">{{ progress === null ? $t('photo.bringOneOver') : $t('photo.bringingItOver', { progress: Math.round(progress * 100) }) }}</FilePick>
    <p v-if="fault" class="fault" role="alert">{{ fault }}</p>
    <p v-if="store.errors.beside" class="fault" role="alert">{{ store.errors.beside }}</p>
    <figure v-for="(picture, i) in choices.beside" :key="i" data-test="beside">
      <img :src="`/api/photos/${picture.id}/preview.jpg`" :alt="picture.name" />
      <figcaption>{{ picture.name }} <span class="soft">{{ $t('photo.notForMeasuring') }}</span> <button type="button" class="button bare" :aria-label="$t('photo.takeAwayName', { name: picture.name })" @click="store.decide((c) => c.beside.splice(i, 1))">✕</button></figcaption>
    </figure>
  </Fold>
</template>

<style scoped>
figure {
  margin: 0;
}

img {
  display: block;
  max-width: 100%;
  opacity: 0.85;
  outline: 2px dashed var(--tick);
  outline-offset: -2px;
}
</style>
