<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue'
import { useDateFormat, useDropZone } from '@vueuse/core'
import type { Choices, Shot } from '@/api/types'
import { choice, t } from '@/lang'
import { useShots } from '@/stores/shots'
import FilePick from '@/ui/FilePick.vue'
import Fold from '@/ui/Fold.vue'
import ShotPlaces from './ShotPlaces.vue'

/** Photographs of the drawing, side by side: taken or dropped, looked at, put away. */
const props = defineProps<{ choices: Choices; photo: boolean }>()
const shots = useShots()
const OverTime = defineAsyncComponent(() => import('./OverTime.vue'))

const when = (one: Shot) => {
  const time = useDateFormat(one.taken, 'D MMM YYYY, HH:mm').value
  return one.pass ? t('shots.withPass', { when: time, pass: choice(one.pass) }) : time
}
const count = computed(() => props.choices.shots.length)
useDropZone(document.body, { onDrop: (files) => files?.[0] && !shots.busy && void shots.take(files[0]), multiple: false })
</script>

<template>
  <section class="shots" data-test="shots">
    <h2>{{ $t('check.secondOpinion') }}</h2>
    <p v-if="count === 0" class="soft">{{ $t('shots.layIt') }}</p>
    <p v-if="shots.busy" role="status">{{ shots.busy }}</p>
    <template v-else>
      <FilePick accept="image/jpeg,image/png,image/webp,image/heic,image/avif" data-test="shot-file" strong @file="shots.take">{{ $t('shots.take') }}</FilePick>
      <button v-if="photo" type="button" class="button" data-test="rehearse" @click="shots.rehearse">{{ $t('shots.rehearse') }}</button>
    </template>
    <p v-if="shots.fault && !shots.shot" class="fault" role="alert">{{ shots.fault }}</p>
    <ul v-if="count > 0" class="list">
      <li v-for="(one, i) in choices.shots" :key="one.id">
        <button type="button" class="button" :aria-pressed="shots.chosen === one.id" :aria-label="$t('shots.choose', { n: i + 1, when: when(one) })" data-test="shot" @click="shots.choose(shots.chosen === one.id ? null : one.id)">
          <img :src="`/api/photos/${one.id}/preview.jpg`" alt="" /><span>{{ when(one) }}</span>
        </button>
        <button type="button" class="button bare" :aria-label="$t('shots.away')" @click="shots.takeAway(one.id)">✕</button>
      </li>
    </ul>
    <template v-if="shots.shot">
      <div class="two">
        <button type="button" class="button" data-test="set-corners" @click="shots.corners = shots.shot.corners">{{ $t('shots.corners') }}</button>
        <button type="button" class="button" @click="shots.choose(null)">{{ $t('shots.putAway') }}</button>
      </div>
      <ShotPlaces v-if="shots.told" />
    </template>
    <Fold v-if="count > 1" :name="$t('shots.overTime')" :decided="$t('shots.count', { shots: count })"><OverTime /></Fold>
  </section>
</template>

<style scoped>
.shots {
  display: grid;
  gap: 8px;
}

.list {
  display: grid;
  gap: 6px;
  margin: 0;
  padding: 0;
  list-style: none;
}

.list li {
  display: grid;
  grid-template-columns: 1fr auto;
}

.list .button:first-child {
  justify-content: flex-start;
  text-align: left;
}

.list img {
  width: 44px;
  height: 44px;
  object-fit: cover;
}
</style>
