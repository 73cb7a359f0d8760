<script setup lang="ts">
import { usePreferredReducedMotion } from '@vueuse/core'
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue'
import type { CellToCopy, Choices, Strength } from '@/api/types'
import { keyOf, useCopying, type Place } from '@/stores/copying'
import { useDrawing } from '@/stores/drawing'
import Num from '@/ui/Num.vue'
import CellMap from './CellMap.vue'
import CopyWay from './CopyWay.vue'
import CrossingCheck from './CrossingCheck.vue'
import type { CopyKey } from './useCopyKeys'
import { useDotSpeed } from './useDotSpeed'

/** Under the two cells: how far it is, the contours of the one in hand, and how the cells are gone through. */
const props = defineProps<{ at: Place; card: CellToCopy | null; strengths: Strength[]; choices: Choices; photo: boolean; rights: CopyKey[]; meant: boolean; pointed: number | null }>()
defineEmits<{ go: [place: Place]; goBy: [way: Partial<Choices['copy']>] }>()
const chosen = defineModel<number | null>({ required: true })

const cells = useCopying()
const store = useDrawing()
const seconds = useDotSpeed()
const motion = usePreferredReducedMotion()

/** Words that stay with the cell, and come up again with it. */
const words = computed(() => cells.wordsOf(props.at))
const draft = ref('')
const noting = ref(false)
const note = useTemplateRef<{ focus: () => void }>('note')
watch(
  [() => cells.address(props.at), () => words.value],
  () => {
    draft.value = words.value
    noting.value = false
  },
  { immediate: true },
)

/** Cells of which most is known, but the one in hand. */
const known = computed(() => (cells.way?.known ?? []).filter((one) => one.cell !== props.at.row * cells.columns + props.at.column))
const guarded = computed(() => cells.way?.guarded.includes(props.at.row * cells.columns + props.at.column))

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
    <!-- What it has no room for slides, by the arrow keys too. -->
    <div class="progress" tabindex="0" role="group" :aria-label="$t('copy.progress')">
      <p data-test="progress"><b>{{ cells.done }}</b> {{ cells.pass ? $t('copy.ofThroughThisPass', { of: cells.toCopy.length - cells.empty }) : $t('copy.ofDone', { of: cells.toCopy.length - cells.empty }) }}<br /><template v-if="cells.begun > 0 && cells.way">{{ $t('copy.begunByContent', { begun: cells.begun, percent: cells.way.by_content }) }}<br /></template><template v-if="cells.empty > 0 || !cells.pass">{{ $t('copy.emptyLeftEmpty', { empty: cells.empty }) }}<br /></template>{{ $t('copy.leftToGo', { left: cells.left }) }}<template v-if="cells.left > 0 && cells.way?.time">,<br /><Num :text="$t('copy.timeAtYourPace', { time: cells.way.time })" /></template></p>
      <p v-if="cells.left === 0 && !cells.pass" class="end">{{ $t('copy.everyCellHasBeenRoundLook') }}</p>
      <p v-if="cells.left === 0" class="end" data-test="guides-off">{{ store.workings?.guides_off.says }}</p>
      <button v-else-if="cells.left > 0 && cells.blank.length > 0" type="button" class="button" data-test="skip-blank" :title="cells.blank.map(cells.address).join(', ')" @click="cells.skipBlank()">{{ $t('copy.skipBlank', cells.blank.length) }}</button>
      <p v-if="guarded" class="guard" data-test="guard">{{ $t('copy.layACleanSheet') }}</p>
      <p v-if="cells.left > 0 && known.length > 0" class="doubts" data-test="known"><span>{{ $t('copy.mostKnown') }}</span><button v-for="one in known" :key="one.cell" type="button" class="button bare" @mousedown.prevent @click="$emit('go', cells.placeAt(one.cell))"><b>{{ cells.address(cells.placeAt(one.cell)) }}</b>&nbsp;{{ one.words }}</button></p>
      <p v-if="cells.noted.length > 0" class="doubts" data-test="noted"><span>{{ $t('copy.notes') }}</span><button v-for="place in cells.noted" :key="keyOf(place)" type="button" class="button bare" :title="cells.wordsOf(place)" @click="$emit('go', place)">{{ cells.address(place) }}</button></p>
      <p v-if="cells.doubtful.length > 0" class="doubts" data-test="doubtful"><span>{{ $t('copy.doubtful') }}</span><button v-for="place in cells.doubtful" :key="keyOf(place)" type="button" class="button bare" @click="$emit('go', place)">{{ cells.address(place) }}</button></p>
    </div>
    <div class="middle">
      <el-input v-if="noting || words" ref="note" :model-value="draft" class="note" maxlength="200" :aria-label="$t('copy.aNoteOn', { at: cells.address(at) })" :placeholder="$t('copy.aNoteForLater', { at: cells.address(at) })" @input="draft = $event" @change="keep" @keydown.enter="($event.target as HTMLElement).blur()" @keydown.esc="($event.target as HTMLElement).blur()" />
      <CrossingCheck v-if="pointed !== null" :at :pointed />
      <div v-if="photo" class="rights" data-test="rights"><button v-for="one in rights" :key="one.key" type="button" class="button bare" :title="one.says" :aria-pressed="one.on?.value" :disabled="!meant && (one.key === 'm' || one.key === 'Delete')" @mousedown.prevent @click="one.act"><kbd>{{ one.cap }}</kbd>{{ one.label }}</button><span v-if="chosen !== null && motion !== 'reduce'" class="speed" :title="$t('copy.secondsOfTheDot')">{{ $t('copy.theDotTakes', { seconds }) }}<el-slider v-model="seconds" :min="1" :max="12" :step="0.5" :show-tooltip="false" :aria-label="$t('copy.secondsOfTheDot')" /></span></div>
      <p v-for="one in card?.odd ?? []" :key="one" class="told" data-test="odd"><Num :text="one" /></p>
      <p v-if="card && card.in_line.length > 0" class="told soft" data-test="in-line"><Num :text="card.in_line.join('; ')" /></p>
      <p v-if="card?.unsaid" class="unsaid" data-test="unsaid"><Num :text="card.unsaid" /></p>
      <ol v-if="card && card.courses.length > 0" class="courses" data-test="courses">
        <li v-for="(course, i) in card.courses" :key="i"><button type="button" class="button bare" :aria-pressed="chosen === i" @mousedown.prevent @click="chosen = chosen === i ? null : i"><b>{{ i + 1 }}</b><span><Num :text="course.sentence" /><em v-if="strengths[i]?.words" class="strength">{{ strengths[i].words }}</em></span></button></li>
      </ol>
      <p v-else-if="card && photo" class="courses soft">{{ $t('copy.noEdgeOfLightAndDark') }}</p>
    </div>
    <CopyWay class="beside" :copy="choices.copy" @go-by="$emit('goBy', $event)" />
  </section>
</template>

<style scoped>
.band {
  display: grid;
  grid-template-columns: auto minmax(150px, 210px) minmax(0, 1fr) 250px;
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

.guard {
  color: var(--red);
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

.rights {
  flex: none;
  display: flex;
  flex-wrap: wrap;
  gap: 2px;
}

.speed {
  display: flex;
  align-items: center;
  gap: 2px;
  min-height: 28px;
}

.speed .el-slider {
  width: 74px;
}

.rights .button {
  min-height: 28px;
  padding: 1px 8px;
  font-size: 15px;
  font-weight: 400;
}

.told {
  flex: none;
  margin: 0;
  padding: 0 8px;
  line-height: 1.25;
}

.unsaid {
  flex: none;
  margin: 0;
  padding: 0 8px;
  color: var(--red);
  line-height: 1.25;
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

.strength {
  margin-left: 6px;
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

  /* They slide with the other keys. */
  .rights {
    display: none;
  }

  /* What is told at length slides: the cells keep their room. */
  .courses {
    max-height: 84px;
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

/* A small phone: as much of it as the map takes, the rest slides. */
@media (max-width: 760px) and (max-height: 680px) {
  .progress {
    max-height: 64px;
  }
}
</style>
