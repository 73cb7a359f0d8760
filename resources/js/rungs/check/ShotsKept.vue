<script setup lang="ts">
import { useDateFormat } from '@vueuse/core'
import type { Choices, Shot } from '@/api/types'
import { choice, t } from '@/lang'
import { useShots } from '@/stores/shots'

/** The shots that are kept, side by side: one of them is looked at, or none; each can be put off. */
defineProps<{ choices: Choices }>()
const shots = useShots()

const when = (one: Shot) => {
  const time = useDateFormat(one.taken, 'D MMM YYYY, HH:mm').value
  return one.pass ? t('shots.withPass', { when: time, pass: choice(one.pass) }) : time
}
</script>

<template>
  <ul v-if="choices.shots.length > 0" class="list">
    <li v-for="(one, i) in choices.shots" :key="one.id">
      <button type="button" class="button" :aria-pressed="shots.chosen === one.id" :aria-label="$t('shots.choose', { n: i + 1, when: when(one) })" data-test="shot" @click="shots.choose(shots.chosen === one.id ? null : one.id)">
        <img :src="`/api/photos/${one.id}/preview.jpg`" alt="" /><span>{{ when(one) }}</span>
      </button>
      <button type="button" class="button bare" :aria-label="$t('shots.away')" @click="shots.takeAway(one.id)">✕</button>
    </li>
  </ul>
</template>

<style scoped>
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
