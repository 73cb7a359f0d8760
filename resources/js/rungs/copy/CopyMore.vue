<script setup lang="ts">
import { useMediaQuery, usePreferredReducedMotion } from '@vueuse/core'
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue'
import type { CellToCopy, Choices, Strength } from '@/api/types'
import { keyOf, useCopying, type Place } from '@/stores/copying'
import { useDrawing } from '@/stores/drawing'
import Fold from '@/ui/Fold.vue'
import Num from '@/ui/Num.vue'
import StepExplained from '../StepExplained.vue'
import CellMap from './CellMap.vue'
import CopyLooks from './CopyLooks.vue'
import CopyWay from './CopyWay.vue'
import CrossingCheck from './CrossingCheck.vue'
import PassList from './PassList.vue'
import type { CopyKey } from './useCopyKeys'
import { useDotSpeed } from './useDotSpeed'

/** All else of Copy, under headings: this cell, its contours and readings, how far it is, the order and passes, the keys. */
const props = defineProps<{
  at: Place
  card: CellToCopy | null
  strengths: Strength[]
  choices: Choices
  photo: boolean
  rights: CopyKey[]
  meant: boolean
  pointed: number | null
  acts: CopyKey[]
  aloud: CopyKey
  keys: CopyKey[]
  groups: { name: string; looks: CopyKey[] }[]
  size: string
}>()
const emit = defineEmits<{ go: [place: Place]; goBy: [way: Partial<Choices['copy']>]; close: []; show: [] }>()
const chosen = defineModel<number | null>({ required: true })

const cells = useCopying()
const store = useDrawing()
const seconds = useDotSpeed()
const motion = usePreferredReducedMotion()
const phone = useMediaQuery('(max-width: 760px)')

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

/** Opens the field, and takes the keys to it. */
async function write() {
  emit('show')
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
  <aside class="more" :aria-label="$t('copy.showMore')" data-test="more">
    <button type="button" class="button" @mousedown.prevent @click="emit('close')">{{ $t('boards.close') }}</button>
    <el-input
      v-if="noting || words"
      ref="note"
      :model-value="draft"
      class="note"
      maxlength="200"
      :aria-label="$t('copy.aNoteOn', { at: cells.address(at) })"
      :placeholder="$t('copy.aNoteForLater', { at: cells.address(at) })"
      @input="draft = $event"
      @change="keep"
      @keydown.enter="($event.target as HTMLElement).blur()"
      @keydown.esc="($event.target as HTMLElement).blur()"
    />
    <CrossingCheck v-if="pointed !== null" :at :pointed />
    <div v-if="phone" class="phone">
      <CellMap :at @go="emit('go', $event)" @mousedown.prevent />
      <CopyLooks :groups class="inline" />
    </div>
    <Fold group="copy cell" :name="$t('copy.thisSquare')" :decided="cells.address(at)">
      <p class="soft" data-test="twin"><Num :text="size" /></p>
      <div class="acts">
        <button
          v-for="one in acts"
          :key="one.key"
          type="button"
          class="button"
          :title="one.says"
          :aria-pressed="one.on?.value"
          @mousedown.prevent
          @click="one.act"
        >
          {{ one.label }}
        </button>
      </div>
      <button
        v-if="cells.left > 0 && cells.blank.length > 0"
        type="button"
        class="button"
        data-test="skip-blank"
        :title="cells.blank.map(cells.address).join(', ')"
        @click="cells.skipBlank()"
      >
        {{ $t('copy.skipBlank', cells.blank.length) }}
      </button>
    </Fold>
    <Fold v-if="photo" group="copy contours" :name="$t('copy.contoursAndReadings')" :decided="card ? String(card.courses.length) : ''">
      <p v-for="one in card?.odd ?? []" :key="one" class="told" data-test="odd"><Num :text="one" /></p>
      <p v-if="card && card.in_line.length > 0" class="told soft" data-test="in-line"><Num :text="card.in_line.join('. ')" /></p>
      <p v-if="card?.unsaid" class="unsaid" data-test="unsaid"><Num :text="card.unsaid" /></p>
      <ol v-if="card && card.courses.length > 0" class="courses" data-test="courses">
        <li v-for="(course, i) in card.courses" :key="i">
          <button
            type="button"
            class="button bare"
            :aria-pressed="chosen === i"
            @mousedown.prevent
            @click="chosen = chosen === i ? null : i"
          >
            <b>{{ i + 1 }}</b>
            <span>
              <Num :text="course.sentence" />
              <em v-if="strengths[i]?.words" class="strength">{{ strengths[i].words }}</em>
            </span>
          </button>
        </li>
      </ol>
      <p v-else-if="card" class="courses soft">{{ $t('copy.noEdgeOfLightAndDark') }}</p>
      <div class="rights" data-test="rights">
        <button
          v-for="one in rights"
          :key="one.key"
          type="button"
          class="button"
          :title="one.says"
          :aria-pressed="one.on?.value"
          :disabled="!meant && (one.key === 'm' || one.key === 'Delete')"
          @mousedown.prevent
          @click="one.act"
        >
          {{ one.label }}
        </button>
      </div>
      <p v-if="chosen !== null && motion !== 'reduce'" class="speed">
        {{ $t('copy.theDotTakes', { seconds })
        }}<el-slider v-model="seconds" :min="1" :max="12" :step="0.5" :show-tooltip="false" :aria-label="$t('copy.secondsOfTheDot')" />
      </p>
    </Fold>
    <Fold group="copy progress" :name="$t('copy.whereIAm')">
      <p data-test="progress">
        <b>{{ cells.done }}</b>
        {{
          cells.pass
            ? $t('copy.ofThroughThisPass', { of: cells.toCopy.length - cells.empty })
            : $t('copy.ofDone', { of: cells.toCopy.length - cells.empty })
        }}<br /><template v-if="cells.begun > 0 && cells.way">
          {{ $t('copy.begunByContent', { begun: cells.begun, percent: cells.way.by_content }) }}<br />
        </template>
        <template v-if="cells.empty > 0 || !cells.pass">{{ $t('copy.emptyLeftEmpty', { empty: cells.empty }) }}<br /></template>
        {{ $t('copy.leftToGo', { left: cells.left }) }}<template v-if="cells.left > 0 && cells.way?.time">
          ,<br /><Num :text="$t('copy.timeAtYourPace', { time: cells.way.time })" />
        </template>
      </p>
      <p v-if="cells.left === 0" data-test="guides-off">{{ store.workings?.guides_off.says }}</p>
      <p v-if="cells.left > 0 && known.length > 0" class="doubts" data-test="known">
        <span>{{ $t('copy.mostKnown') }}</span>
        <button
          v-for="one in known"
          :key="one.cell"
          type="button"
          class="button bare"
          @mousedown.prevent
          @click="emit('go', cells.placeAt(one.cell))"
        >
          <b>{{ cells.address(cells.placeAt(one.cell)) }}</b>&nbsp;{{ one.words }}
        </button>
      </p>
      <p v-if="cells.noted.length > 0" class="doubts" data-test="noted">
        <span>{{ $t('copy.notes') }}</span><button
          v-for="place in cells.noted"
          :key="keyOf(place)"
          type="button"
          class="button bare"
          :title="cells.wordsOf(place)"
          @click="emit('go', place)"
        >
          {{ cells.address(place) }}
        </button>
      </p>
      <p v-if="cells.doubtful.length > 0" class="doubts" data-test="doubtful">
        <span>{{ $t('copy.doubtful') }}</span>
        <button v-for="place in cells.doubtful" :key="keyOf(place)" type="button" class="button bare" @click="emit('go', place)">
          {{ cells.address(place) }}
        </button>
      </p>
    </Fold>
    <Fold group="copy order" :name="$t('copy.orderAndPasses')">
      <PassList @go-by="emit('goBy', $event)" />
      <CopyWay :copy="choices.copy" @go-by="emit('goBy', $event)" />
    </Fold>
    <Fold group="copy keys" :name="$t('copy.keys')">
      <button type="button" class="button" :aria-pressed="aloud.on?.value" @mousedown.prevent @click="aloud.act">{{ aloud.label }}</button>
      <p>{{ $t('copy.arrowsGoFromCellToCell') }}</p>
      <dl data-test="help">
        <template v-for="one in keys.filter(({ can }) => can?.value !== false)" :key="one.key">
          <dt>
            <kbd>{{ one.cap }}</kbd>
          </dt>
          <dd>{{ one.says }}</dd>
        </template>
      </dl>
    </Fold>
    <Fold lazy :name="$t('explained.ask')"><StepExplained step="copy" /></Fold>
  </aside>
</template>

<style scoped>
.more {
  position: absolute;
  top: var(--strip);
  right: 0;
  bottom: 0;
  z-index: 8;
  display: flex;
  flex-direction: column;
  gap: 10px;
  width: min(380px, 100vw);
  padding: 12px 16px;
  background: var(--panel);
  border-inline-start: 1px solid var(--tick);
  box-shadow: -6px 0 18px var(--shade);
  overflow-y: auto;
}

.more > .button {
  align-self: end;
  flex: none;
  min-height: 44px;
}

.acts,
.rights {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}

.doubts {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
}

.doubts .button {
  padding: 2px 6px;
  text-decoration: underline;
}

.note {
  flex: none;
}

.told,
.unsaid {
  line-height: 1.25;
}

.unsaid {
  color: var(--red);
}

.courses {
  margin: 0;
  padding: 0;
  list-style: none;
}

.courses .button {
  justify-content: start;
  align-items: baseline;
  width: 100%;
  padding: 4px 8px;
  font-size: 1rem;
  font-weight: 400;
  text-align: start;
}

.courses [aria-pressed='true'] {
  background: var(--sheet);
  color: var(--sheet-ink);
  border-color: var(--red);
}

.strength {
  margin-inline-start: 6px;
}

dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 4px 12px;
  margin: 0;
}

dd {
  margin: 0;
}

@media (max-width: 760px) {
  .phone {
    display: grid;
    gap: 12px;
  }

  .phone :deep(.map) {
    justify-self: center;
    max-width: none;
    width: min(100%, 300px);
  }

  .inline {
    position: static;
    width: auto;
    max-height: none;
    padding: 0;
    border: 0;
    box-shadow: none;
  }

  .button {
    min-height: 44px;
  }
}
</style>
