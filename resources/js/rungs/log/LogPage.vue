<script setup lang="ts">
import { ref, watch } from 'vue'
import { api } from '@/api/client'
import { useLatest } from '@/api/latest'
import type { Log } from '@/api/types'
import { t } from '@/lang'
import Lost from '@/shelf/Lost.vue'
import Num from '@/ui/Num.vue'
import RungLadder from '../RungLadder.vue'
import TopStrip from '../TopStrip.vue'
import Troubles from '../Troubles.vue'
import { useOpenDrawing } from '../useOpenDrawing'
import { told } from '../useSitting'
import Waiting from '../Waiting.vue'
import CellsInTime from './CellsInTime.vue'

/** The record of a drawing on one page: its sittings, what they took, what they left open and what they taught. */
const props = defineProps<{ id: string }>()
const store = useOpenDrawing(
  () => props.id,
  () => t('log.log'),
)
const log = ref<Log | null>(null)
const latest = useLatest()
const load = () =>
  latest(
    told().then(() => api.log(props.id)),
    (fresh) => (log.value = fresh),
  ).catch((error: Error) => (store.trouble = error.message))
watch([() => props.id, () => store.drawing?.edits], load, { immediate: true })

const named = (part: Log['parts'][number]) => [t(`rung.${part.rung}`), part.pass].filter(Boolean).join(', ')

/** In this browser's own way of writing dates. */
const when = new Intl.DateTimeFormat(undefined, { dateStyle: 'medium', timeStyle: 'short' })

async function learn(sitting: number, lesson: string) {
  await api.lesson(props.id, sitting, lesson).catch((error: Error) => (store.trouble = error.message))
  await load()
}
</script>

<template>
  <Lost v-if="store.missing" />
  <div v-else-if="store.drawing && store.workings && store.draft && log" class="page">
    <TopStrip at="finish" />
    <RungLadder :id="id" current="finish" :workings="store.workings" :progress="store.progress" slim />
    <main class="log" data-test="log">
      <Troubles />
      <header>
        <h2>{{ $t('log.log') }}</h2>
        <p>{{ $t('log.worked', { time: log.time }) }}</p>
        <a class="button" :href="`/api/drawings/${id}/log.csv`">{{ $t('log.csv') }}</a>
      </header>
      <section v-if="log.progress.length > 1" :aria-label="$t('log.cellsAgainstTime')">
        <h3>{{ log.pass ? $t('log.cellsOfPassAgainstTime', { pass: log.pass }) : $t('log.cellsAgainstTime') }}</h3>
        <CellsInTime :steps="log.progress" />
      </section>
      <section v-if="log.open.length + log.passes.length + log.parts.length > 0" class="three">
        <div v-if="log.open.length > 0" data-test="left-open">
          <h3>{{ $t('log.leftOpen') }}</h3>
          <ul>
            <li v-for="one in log.open" :key="one"><Num :text="one" /></li>
          </ul>
          <p v-if="log.waved.length > 0" class="soft">{{ $t('log.wavedAway', { cautions: log.waved.join(', ') }) }}</p>
        </div>
        <div v-if="log.passes.length > 0">
          <h3>{{ $t('copy.passes') }}</h3>
          <ul>
            <li v-for="one in log.passes" :key="one">{{ one }}</li>
          </ul>
        </div>
        <div v-if="log.parts.length > 0">
          <h3>{{ $t('log.byRung') }}</h3>
          <dl>
            <template v-for="part in log.parts" :key="named(part)">
              <dt>{{ named(part) }}</dt>
              <dd>{{ part.time }}</dd>
            </template>
          </dl>
        </div>
      </section>
      <p v-if="log.sittings.length === 0" class="soft">{{ $t('log.noSittingYet') }}</p>
      <section v-for="sitting in log.sittings" :key="sitting.id" class="sitting" data-test="sitting">
        <h3>{{ when.format(new Date(sitting.began)) }} · {{ sitting.time }}</h3>
        <p class="soft">{{ sitting.parts.map((part) => `${named(part)} ${part.time}`).join(' · ') }}</p>
        <el-input
          :model-value="sitting.lesson"
          maxlength="200"
          :aria-label="$t('log.lessonOf', { when: when.format(new Date(sitting.began)) })"
          :placeholder="$t('log.whatItTaught')"
          @update:model-value="sitting.lesson = $event"
          @change="learn(sitting.id, $event)"
        />
      </section>
    </main>
  </div>
  <Waiting v-else />
</template>

<style scoped>
.page {
  display: grid;
  grid-template: var(--strip) minmax(0, 1fr) / 44px minmax(0, 1fr);
  height: 100%;
}

.page > :first-child {
  grid-column: 1 / -1;
}

.log {
  overflow-y: auto;
  padding: 10px max(24px, calc(50% - 460px)) 40px;
  display: flex;
  flex-direction: column;
  gap: 18px;
}

header {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 16px;
}

header .button {
  margin-left: auto;
}

h2,
h3,
p,
dl,
ul {
  margin: 0;
}

h3 {
  font-size: 1rem;
}

ul {
  padding-left: 18px;
}

.three {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(230px, 1fr));
  gap: 18px 28px;
}

dl {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px 14px;
}

dd {
  margin: 0;
}

.sitting {
  display: grid;
  gap: 4px;
  padding-top: 10px;
  border-top: 1px solid var(--rule);
}

@media (max-width: 760px) {
  .page {
    grid-template: var(--strip) minmax(0, 1fr) / minmax(0, 1fr);
  }

  .page > nav {
    display: none;
  }

  .log {
    padding: 8px 12px 30px;
  }
}
</style>
