<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { api } from '@/api/client'
import { useLatest } from '@/api/latest'
import type { Choices, Drawing, Task, Workings } from '@/api/types'
import { labels } from '@/lang'
import { away } from '@/offline/away'
import { useDrawing } from '@/stores/drawing'
import Check from '@/ui/Check.vue'
import Choose from '@/ui/Choose.vue'
import Fold from '@/ui/Fold.vue'
import Num from '@/ui/Num.vue'
import TypedInput from '@/ui/TypedInput.vue'
import Cautions from '../Cautions.vue'
import StepTitle from '../StepTitle.vue'
import ShotsKept from '../check/ShotsKept.vue'
import TakeShot from '../check/TakeShot.vue'

/** The last list, walked down: a line each, and the one in hand with what to do and why. */
const props = defineProps<{ choices: Choices; workings: Workings; drawing: Drawing }>()
const store = useDrawing()
const media = labels('graphite', 'ink', 'watercolour', 'pastel', 'coloured pencil', 'paint', 'relief print')

const tasks = shallowRef<Task[]>([])
const latest = useLatest()
// Asked again too once the server is back: a list that was asked for in vain comes then.
watch(
  [() => props.drawing.id, () => props.drawing.version, away],
  () => latest(api.finish(props.drawing.id), (fresh) => (tasks.value = fresh)).catch((error: Error) => (store.trouble = error.message)),
  { immediate: true },
)
const done = computed(() => new Set(props.choices.finish.done))
const left = computed(() => tasks.value.filter((task) => !done.value.has(task.key)).length)
/** What was opened by hand; else the first that is not done. */
const opened = ref<string | null>(null)
const inHand = computed(() => opened.value ?? tasks.value.find((task) => !done.value.has(task.key))?.key ?? null)

function tick(key: string) {
  if (!done.value.has(key) && opened.value === key) opened.value = null
  store.decide(
    (choices) =>
      (choices.finish.done = done.value.has(key) ? choices.finish.done.filter((one) => one !== key) : [...choices.finish.done, key]),
  )
}
</script>

<template>
  <StepTitle step="finish">{{ $t('finish.whatIsLeft') }}</StepTitle>
  <p class="result" data-test="left">
    {{ tasks.length > 0 && left === 0 ? $t('finish.allOfItIsDone') : $t('finish.leftToDo', { left, tasks: tasks.length }) }}
  </p>
  <template v-for="task in tasks.filter((one) => one.key === inHand)" :key="task.key">
    <h3 data-test="in-hand">{{ task.title }}</h3>
    <div class="what">
      <p class="words"><Num :text="task.words" /></p>
      <ul v-if="task.parts.length" class="parts">
        <li v-for="part in task.parts" :key="part.name">
          <Check :model-value="done.has(part.name)" @update:model-value="tick(part.name)"><Num :text="part.label" /></Check>
        </li>
      </ul>
      <p class="soft"><Num :text="task.why" /></p>
      <template v-if="task.shot && !done.has(task.key)">
        <TakeShot :strong="choices.shots.length === 0" /><ShotsKept :choices="choices" />
      </template>
      <router-link v-if="task.key === 'carry'" class="button" :to="{ name: 'print', params: { id: drawing.id, sheet: 'contour' } }">{{
        $t('finish.printTheContour')
      }}</router-link>
      <TypedInput
        v-if="task.key === 'lesson'"
        :label="$t('finish.oneThingYouWouldDoOtherwise')"
        field="finish.lesson"
        :model-value="choices.finish.lesson"
        :hint="$t('finish.oneLine')"
        @update:model-value="store.decide((c) => (c.finish.lesson = $event))"
      />
      <Cautions v-if="!done.has(task.key)" :cautions="task.cautions" />
      <button
        v-if="!done.has(task.key)"
        type="button"
        class="button"
        :class="{ strong: !task.shot || choices.shots.length > 0 }"
        data-test="task-done"
        @click="tick(task.key)"
      >
        {{ $t('finish.doneNext') }}
      </button>
      <button v-else type="button" class="button" @click="tick(task.key)">{{ $t('finish.notDone') }}</button>
    </div>
  </template>
  <div>
    <Fold group="finish tasks" :name="$t('finish.allTasks')">
      <ol class="tasks" data-test="tasks">
        <li
          v-for="task in tasks"
          :key="task.key"
          :class="{ done: done.has(task.key), open: inHand === task.key }"
          :data-test="`task-${task.key}`"
        >
          <div class="line">
            <Check :model-value="done.has(task.key)" :aria-label="task.title" @update:model-value="tick(task.key)" />
            <button type="button" class="name" :aria-pressed="inHand === task.key" @click="opened = task.key">{{ task.title }}</button>
          </div>
        </li>
      </ol>
    </Fold>
    <Fold :name="$t('finish.mediumAndTransfer')" :decided="media[choices.finish.medium]" group="finish medium">
      <Choose
        :label="$t('finish.whatGoesOverThePencil')"
        :model-value="choices.finish.medium"
        :options="media"
        @update:model-value="store.decide((c) => (c.finish.medium = $event))"
      />
      <Choose
        :label="$t('finish.whenTheGuidesComeOff')"
        :model-value="workings.guides_off.chosen"
        :options="Object.fromEntries(workings.guides_off.ways.map((one) => [one.name, one.label]))"
        data-test="guides-off"
        @update:model-value="store.decide((c) => (c.finish.guides = $event as NonNullable<typeof c.finish.guides>))"
      />
      <Choose
        :label="$t('finish.theStudyIs')"
        :model-value="workings.carry.chosen"
        :options="Object.fromEntries(workings.carry.ways.map((one) => [one.name, one.label]))"
        data-test="carry"
        @update:model-value="
          store.decide((c) => (c.finish.transfer = $event === 'none' ? null : ($event as NonNullable<typeof c.finish.transfer>)))
        "
      />
      <p class="soft">{{ workings.carry.ways.find((one) => one.name === workings.carry.chosen)?.reason }}</p>
    </Fold>
  </div>
</template>

<style scoped>
.tasks,
.parts {
  margin: 0;
  padding: 0;
  list-style: none;
}

.tasks > li {
  border-top: 1px solid var(--rule);
}

.tasks > li:last-child {
  border-bottom: 1px solid var(--rule);
}

.line {
  display: flex;
  align-items: center;
  gap: 10px;
}

.line .check {
  --el-checkbox-input-height: 24px;
  --el-checkbox-input-width: 24px;
  min-width: 34px;
  min-height: 40px;
}

/* The whole line opens it: a hand that holds a pencil hits no arrow. */
.name {
  flex: 1;
  padding: 8px 0;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  font-size: 1.0625rem;
  text-align: left;
  cursor: pointer;
}

.open .name {
  font-weight: 700;
}

.what {
  display: grid;
  gap: 10px;
  margin: 0 0 12px;
  line-height: 1.35;
}

.words,
.parts .check {
  font-size: 1rem;
}

.parts li {
  padding: 4px 0;
}

.done .name {
  text-decoration: line-through;
  color: var(--soft);
  font-weight: 400;
}
</style>
