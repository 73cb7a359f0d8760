<script setup lang="ts">
import { useDateFormat } from '@vueuse/core'
import { computed } from 'vue'
import type { Choices, Shot } from '@/api/types'
import { choice, t } from '@/lang'
import { useDrawing } from '@/stores/drawing'
import { useShots } from '@/stores/shots'

/** The shots that are kept, side by side: one of them is looked at, or none; each can be put off. */
defineProps<{ choices: Choices }>()
const shots = useShots()
const store = useDrawing()
/** What can be held against the photo by itself. */
const things = computed(() => store.workings?.things.filter((one) => one.inside).map((one) => one.name) ?? [])

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
  <label v-if="shots.shot && store.drawing?.photo && things.length > 0" class="field"><span class="legend">{{ $t('shots.byThing') }}</span><el-select v-model="shots.thing" :aria-label="$t('shots.byThing')" :empty-values="[undefined]" :value-on-clear="null" data-test="by-thing"><el-option :value="null" :label="$t('shots.wholeSheet')" /><el-option v-for="name in things" :key="name" :value="name" :label="name" /></el-select></label>
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
