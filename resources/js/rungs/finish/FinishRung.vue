<script setup lang="ts">
import { computed, shallowRef, watch } from 'vue'
import { api } from '@/api/client'
import type { Choices, Drawing, Task, Workings } from '@/api/types'
import { labels } from '@/lang'
import { useDrawing } from '@/stores/drawing'
import Choose from '@/ui/Choose.vue'
import Num from '@/ui/Num.vue'
import TypedInput from '@/ui/TypedInput.vue'
import Check from '@/ui/Check.vue'
import Cautions from '../Cautions.vue'
import ShotsKept from '../check/ShotsKept.vue'
import TakeShot from '../check/TakeShot.vue'

/** The last list, ticked off as it is done. */
const props = defineProps<{ choices: Choices; workings: Workings; drawing: Drawing }>()
const store = useDrawing()
const media = labels('graphite', 'ink', 'watercolour', 'pastel', 'coloured pencil', 'paint')

const tasks = shallowRef<Task[]>([])
watch(
  [() => props.drawing.id, () => props.drawing.version],
  () =>
    api
      .finish(props.drawing.id)
      .then((fresh) => (tasks.value = fresh))
      .catch((error: Error) => (store.trouble = error.message)),
  { immediate: true },
)
const done = computed(() => new Set(props.choices.finish.done))
const left = computed(() => tasks.value.filter((task) => !done.value.has(task.key)).length)

function tick(key: string) {
  store.decide((choices) => (choices.finish.done = done.value.has(key) ? choices.finish.done.filter((one) => one !== key) : [...choices.finish.done, key]))
}
</script>

<template>
  <h2>{{ $t('finish.theLastList') }}</h2>
  <Choose :label="$t('finish.whatGoesOverThePencil')" :model-value="choices.finish.medium" :options="media" @update:model-value="store.decide((c) => (c.finish.medium = $event))" />
  <Choose :label="$t('finish.whenTheGuidesComeOff')" :model-value="workings.guides_off.chosen" :options="Object.fromEntries(workings.guides_off.ways.map((one) => [one.name, one.label]))" data-test="guides-off" @update:model-value="store.decide((c) => (c.finish.guides = $event as NonNullable<typeof c.finish.guides>))" />
  <p data-test="left">{{ tasks.length > 0 && left === 0 ? $t('finish.allOfItIsDone') : $t('finish.leftToDo', { left, tasks: tasks.length }) }}</p>
  <ol class="tasks" data-test="tasks">
    <li v-for="task in tasks" :key="task.key" :class="{ done: done.has(task.key) }">
      <Check :model-value="done.has(task.key)" @update:model-value="tick(task.key)"><Num :text="task.words" /></Check>
      <p class="soft">{{ task.why }}</p>
      <template v-if="task.shot && !done.has(task.key)"><TakeShot /><ShotsKept :choices="choices" /></template>
      <Cautions v-if="!done.has(task.key)" :cautions="task.cautions" />
    </li>
  </ol>
  <TypedInput :label="$t('finish.oneThingYouWouldDoOtherwise')" field="finish.lesson" :model-value="choices.finish.lesson" :hint="$t('finish.oneLine')" @update:model-value="store.decide((c) => (c.finish.lesson = $event))" />
  <router-link class="button" :to="{ name: 'log', params: { id: drawing.id } }">{{ $t('finish.theLog') }}</router-link>
</template>

<style scoped>
.tasks {
  display: grid;
  gap: 12px;
  margin: 0;
  padding: 0;
  list-style: none;
  font-size: 16px;
  line-height: 1.3;
}

.tasks .check {
  --el-checkbox-input-height: 24px;
  --el-checkbox-input-width: 24px;
  align-items: start;
  gap: 10px;
  font-size: inherit;
}

.tasks p {
  margin-left: 34px;
  font-size: 14px;
}

.done .check span {
  text-decoration: line-through;
  color: var(--soft);
}

.done p {
  display: none;
}
</style>
