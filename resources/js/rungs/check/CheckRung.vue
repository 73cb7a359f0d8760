<script setup lang="ts">
import type { Choices, Drawing, Workings } from '@/api/types'
import { choice, labels, t } from '@/lang'
import { useDrawing } from '@/stores/drawing'
import { useTool } from '@/stores/tool'
import { useWarmUp } from '@/stores/useWarmUp'
import { useShots } from '@/stores/shots'
import Choose from '@/ui/Choose.vue'
import Fold from '@/ui/Fold.vue'
import Num from '@/ui/Num.vue'
import { toShare } from '@/ui/shares'
import TypedInput from '@/ui/TypedInput.vue'
import StepTitle from '../StepTitle.vue'
import KeyPoints from '../photo/KeyPoints.vue'
import Relations from './Relations.vue'
import Worked from '../Worked.vue'
import MyShots from './MyShots.vue'
import ShotPlaces from './ShotPlaces.vue'
import ShotsPanel from './ShotsPanel.vue'

/** Lengths with lengths, slopes with slopes, what lies under what; then the drawing, measured with the same ruler. */
defineProps<{ choices: Choices; workings: Workings; drawing: Drawing }>()
const store = useDrawing()
const tool = useTool()
const shots = useShots()
const subjects = labels('likeness', 'figure', 'still life', 'buildings', 'landscape')
/** With what contours turn at as well. */
const { told: widely, look: lookWidely } = useWarmUp()

async function add() {
  const line = await tool.ask('line', t('check.drawFromOneEnd'))
  if (!line) return
  store.decide((choices) =>
    choices.spans.push({
      name: t('check.newLength', { spans: choices.spans.length + 1 }),
      x1: toShare(line.x1),
      y1: toShare(line.y1),
      x2: toShare(line.x2),
      y2: toShare(line.y2),
      drawn: null,
    }),
  )
}
</script>

<template>
  <StepTitle step="check">{{ $t('check.isItRight') }}</StepTitle>
  <ShotsPanel :choices="choices" :photo="drawing.photo !== null">
    <button type="button" class="button" @click="add">{{ $t('check.takeALength') }}</button>
  </ShotsPanel>
  <p v-if="store.errors.spans" class="fault" role="alert">{{ store.errors.spans }}</p>
  <div>
    <ShotPlaces v-if="shots.shot && shots.told" />
    <Fold group="check lengths" :name="$t('check.measuredLengths')" :decided="choices.spans.length ? String(choices.spans.length) : ''">
      <p class="soft">{{ choices.spans.length === 0 ? $t('check.drawALengthOnThePhoto') : $t('check.compareThenMeasure') }}</p>
      <article
        v-for="(span, i) in choices.spans"
        :key="i"
        class="span"
        :class="{ out: workings.check.spans[i]?.passes === false }"
        data-test="span-row"
      >
        <div class="head">
          <b>{{ i + 1 }}</b>
          <TypedInput
            :label="$t('check.nameOfLengthI', { i: i + 1 })"
            :field="`spans.${i}.name`"
            :model-value="span.name"
            @update:model-value="store.decide((c) => c.spans[i] && (c.spans[i].name = $event))"
          />
          <button
            type="button"
            class="button bare"
            :aria-label="$t('check.takeAwayName', { name: span.name })"
            @click="store.decide((c) => c.spans.splice(i, 1))"
          >
            ✕
          </button>
        </div>
        <template v-if="workings.check.spans[i]">
          <p class="large"><Num :text="workings.check.spans[i].paper" /></p>
          <p class="soft">
            <Num :text="workings.check.spans[i].slope" /><template v-if="workings.check.spans[i].print">
              <Num :text="$t('check.onThePrint', { print: workings.check.spans[i].print })" />
            </template>
          </p>
          <p v-if="workings.check.spans[i].against"><Num :text="workings.check.spans[i].against" /></p>
        </template>
        <TypedInput
          :label="$t('check.onTheDrawing')"
          :field="`spans.${i}.drawn`"
          :model-value="span.drawn"
          :hint="$t('check.notMeasured')"
          @update:model-value="store.decide((c) => c.spans[i] && (c.spans[i].drawn = $event === '' ? null : $event))"
        />
        <p v-if="workings.check.spans[i]?.odd" data-test="odd">{{ workings.check.spans[i].odd }}</p>
        <p v-if="workings.check.spans[i]?.misfit" :class="workings.check.spans[i].passes ? 'passes' : 'fault'" data-test="misfit">
          {{ workings.check.spans[i].passes ? '✓' : '✗' }} <Num :text="workings.check.spans[i].misfit" />
        </p>
      </article>
      <Fold v-if="workings.check.pairs.length > 0" :name="$t('check.eachAgainstEach')" :decided="String(workings.check.pairs.length)">
        <ul class="alignments" data-test="pairs">
          <li v-for="line in workings.check.pairs" :key="line"><Num :text="line" /></li>
        </ul>
      </Fold>
    </Fold>
    <Fold group="check points" :name="$t('check.pointsAndPlumb')">
      <KeyPoints :choices="choices" :workings="workings" measuring />
      <Fold
        :name="$t('check.whatLiesUnderWhat')"
        :decided="workings.check.alignments.length ? String(workings.check.alignments.length) : $t('check.nothingNear')"
      >
        <p v-if="workings.check.alignments.length === 0 && !widely" class="soft">{{ $t('check.keyPointsThatLieNearlyOver') }}</p>
        <ul v-else class="alignments" data-test="alignments">
          <li v-for="line in widely?.alignments ?? workings.check.alignments" :key="line"><Num :text="line" /></li>
        </ul>
        <button v-if="drawing.photo && !widely" type="button" class="button" data-test="look-widely" @click="lookWidely">
          {{ $t('check.lookAtContoursToo') }}
        </button>
      </Fold>
      <Relations :relations="workings.check.relations" />
    </Fold>
    <Fold group="check photos" :name="$t('check.myDrawingPhotos')" :decided="choices.shots.length ? String(choices.shots.length) : ''">
      <MyShots :choices="choices" />
    </Fold>
    <Fold group="check exact" :name="$t('check.howExact')" :decided="choice(choices.photo.subject)">
      <Choose
        :label="$t('photo.itIsOf')"
        :model-value="choices.photo.subject"
        :options="subjects"
        @update:model-value="store.decide((c) => (c.photo.subject = $event))"
      />
    </Fold>
    <Worked :lines="workings.check.sums" />
  </div>
</template>

<style scoped>
.span {
  display: grid;
  gap: 3px;
  padding: 4px 0 8px 10px;
  border-left: 4px solid var(--rule);
}

.span.out {
  border-left-color: var(--red);
}

.head {
  display: grid;
  grid-template-columns: auto 1fr auto;
  align-items: end;
  gap: 8px;
}

.head b {
  font-size: 1.375rem;
}

.large {
  font-size: 1.375rem;
  font-weight: 700;
}

.passes {
  color: var(--done);
  font-weight: 600;
}

.alignments {
  margin: 0;
  padding: 0;
  list-style: none;
  display: grid;
  gap: 6px;
}
</style>
