<script setup lang="ts">
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue'
import type { CellToCopy, Choices } from '@/api/types'
import { keyOf, useCopying, type Place } from '@/stores/copying'
import Num from '@/ui/Num.vue'
import CellMap from './CellMap.vue'
import CopyWay from './CopyWay.vue'

/** Under the two cells: how far it is, the contours of the one in hand, and how the cells are gone through. */
const props = defineProps<{ at: Place; card: CellToCopy | null; choices: Choices; photo: boolean }>()
defineEmits<{ go: [place: Place]; goBy: [start: Choices['copy']['start']] }>()
const chosen = defineModel<number | null>({ required: true })

const cells = useCopying()

/** Words that stay with the cell, and come up again with it. */
const words = computed(() => cells.wordsOf(props.at))
const draft = ref('')
const noting = ref(false)
const note = useTemplateRef<{ focus: () => void }>('note')
watch(
  () => [cells.address(props.at), words.value],
  () => {
    draft.value = words.value
    noting.value = false
  },
  { immediate: true },
)

/** Opens the field, and takes the keys to it. */
async function write() {
  noting.value = true
  await nextTick()
  note.value?.focus()
}

function keep() {
  noting.value = false
  if (draft.value.trim() !== words.value) void cells.note(props.at, { words: draft.value.trim() })
}

defineExpose({ write })
</script>

<template>
  <section class="band" :aria-label="$t('copy.progress')">
    <CellMap :at @go="$emit('go', $event)" @mousedown.prevent />
    <div class="progress">
      <p data-test="progress"><b>{{ cells.done }}</b> {{ $t('copy.ofDone', { of: cells.toCopy.length - cells.empty }) }}<br />{{ $t('copy.emptyLeftEmpty', { empty: cells.empty }) }}<br />{{ $t('copy.leftToGo', { left: cells.left }) }}<template v-if="cells.left > 0 && cells.way?.time">,<br /><Num :text="$t('copy.timeAtYourPace', { time: cells.way.time })" /></template></p>
      <p v-if="cells.left === 0" class="end">{{ $t('copy.everyCellHasBeenRoundLook') }}</p>
      <button v-else-if="cells.blank.length > 0" type="button" class="button" data-test="skip-blank" :title="cells.blank.map(cells.address).join(', ')" @click="cells.skipBlank()">{{ $t('copy.skipBlank', cells.blank.length) }}</button>
      <p v-if="cells.noted.length > 0" class="doubts" data-test="noted"><span>{{ $t('copy.notes') }}</span><button v-for="place in cells.noted" :key="keyOf(place)" type="button" class="button bare" :title="cells.wordsOf(place)" @click="$emit('go', place)">{{ cells.address(place) }}</button></p>
      <p v-if="cells.doubtful.length > 0" class="doubts" data-test="doubtful"><span>{{ $t('copy.doubtful') }}</span><button v-for="place in cells.doubtful" :key="keyOf(place)" type="button" class="button bare" @click="$emit('go', place)">{{ cells.address(place) }}</button></p>
    </div>
    <div class="middle">
      <el-input v-if="noting || words" ref="note" :model-value="draft" class="note" maxlength="200" :aria-label="$t('copy.aNoteOn', { at: cells.address(at) })" :placeholder="$t('copy.aNoteForLater', { at: cells.address(at) })" @input="draft = $event" @change="keep" @keydown.enter="($event.target as HTMLElement).blur()" @keydown.esc="($event.target as HTMLElement).blur()" />
      <ol v-if="card && card.courses.length > 0" class="courses" data-test="courses">
        <li v-for="(course, i) in card.courses" :key="i"><button type="button" class="button bare" :aria-pressed="chosen === i" @mousedown.prevent @click="chosen = chosen === i ? null : i"><b>{{ i + 1 }}</b><span><Num :text="course.sentence" /></span></button></li>
      </ol>
      <p v-else-if="card && photo" class="courses soft">{{ $t('copy.noEdgeOfLightAndDark') }}</p>
    </div>
    <CopyWay class="beside" :start="choices.copy.start" @go-by="$emit('goBy', $event)" />
  </section>
</template>

<style scoped>
.band {
  display: grid;
  grid-template-columns: auto minmax(150px, auto) minmax(0, 1fr) 250px;
  gap: 18px;
  height: 122px;
  padding-bottom: 8px;
}

.band > :first-child {
  align-self: start;
  height: 108px;
  width: auto;
}

.progress {
  min-height: 0;
  overflow-y: auto;
  display: grid;
  align-content: start;
  gap: 4px;
  line-height: 1.3;
}

.end {
  max-width: 230px;
}

.doubts {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
}

.doubts .button {
  min-height: 28px;
  padding: 2px 6px;
  text-decoration: underline;
}

/* Its rows slide; the note stays. */
.middle {
  display: flex;
  flex-direction: column;
  min-height: 0;
}

.note {
  flex: none;
  margin-bottom: 4px;
}

.courses {
  min-height: 0;
  margin: 0;
  padding: 0;
  list-style: none;
  overflow-y: auto;
}

.courses .button {
  justify-content: start;
  align-items: baseline;
  width: 100%;
  min-height: 29px;
  padding: 2px 8px;
  text-align: left;
  font-size: 16px;
  font-weight: 400;
}

.courses [aria-pressed='true'] {
  background: var(--sheet);
  color: var(--sheet-ink);
  border-color: var(--red);
}

@media (max-width: 1180px) {
  .band {
    grid-template-columns: auto minmax(130px, auto) minmax(0, 1fr);
  }

  .beside {
    display: none;
  }
}

@media (max-width: 760px) {
  .band {
    grid-template-columns: auto 1fr;
    height: auto;
    gap: 2px 14px;
    padding: 2px 4px;
  }

  .band > :first-child {
    height: 64px;
  }

  .progress {
    font-size: 15px;
    line-height: 1.2;
  }

  .middle {
    grid-column: 1 / -1;
  }

  /* Only the contour in hand has room. */
  .courses.soft,
  .courses li:not(:has([aria-pressed='true'])) {
    display: none;
  }

  .courses .button {
    font-size: 14px;
  }
}
</style>
