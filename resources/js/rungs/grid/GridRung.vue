<script setup lang="ts">
import { computed } from 'vue'
import { previewOf } from '@/api/pictures'
import type { Choices, Drawing, Workings } from '@/api/types'
import { choice, labels, t } from '@/lang'
import { useCatalogue } from '@/stores/catalogue'
import { useDrawing } from '@/stores/drawing'
import { boxOf, useTool } from '@/stores/tool'
import Choose from '@/ui/Choose.vue'
import CountInput from '@/ui/CountInput.vue'
import Callout from '@/ui/Callout.vue'
import Fold from '@/ui/Fold.vue'
import TypedInput from '@/ui/TypedInput.vue'
import Num from '@/ui/Num.vue'
import Pick from '@/ui/Pick.vue'
import { toShare } from '@/ui/shares'
import KeepUnder from '../KeepUnder.vue'
import Overlays from '../Overlays.vue'
import PlanOffer from '../PlanOffer.vue'
import StepTitle from '../StepTitle.vue'
import KeyPoints from '../photo/KeyPoints.vue'
import Worked from '../Worked.vue'
import Carried from './Carried.vue'
import Densities from './Densities.vue'
import Finer from './Finer.vue'
import LeftStrips from './LeftStrips.vue'
import MainLines from './MainLines.vue'
import Meshes from './Meshes.vue'
import RuledAlready from './RuledAlready.vue'
import Schools from './Schools.vue'

const props = defineProps<{ choices: Choices; workings: Workings; drawing: Drawing }>()
const store = useDrawing()
const tool = useTool()
const shelf = useCatalogue()

const preview = computed(() => previewOf(props.drawing, props.workings))
const schools = computed(() => Object.fromEntries(shelf.catalogue.schools.map((one) => [one.key, one.name])))
const remainders = labels('keep', 'drop', 'share', 'absorb')
const folds = { 2: '2', 4: '4', 8: '8', 16: '16' }
const weights = { 1: t('grid.fine'), 2: t('grid.middlingLine'), 3: t('grid.bold') }
const school = computed(() => props.choices.grid.school)
/** Another school than the fit’s own whole cells: the picture is cropped to the paper for it. */
function takeSchool(taken: string) {
  if (taken !== 'cells') void store.adjust('way', { way: 'crop', school: taken })
}
const squares = computed(() => school.value === 'count' || school.value === 'measure')

async function axes() {
  const point = await tool.ask('point', t('grid.pointAtWhereTheAxesShould'))
  if (!point) return
  const { crop } = props.workings
  store.decide((choices) =>
    Object.assign(choices.grid, { x: toShare((point.x2 - crop.left) / crop.share_w), y: toShare((point.y2 - crop.top) / crop.share_h) }),
  )
}

/** A box on the picture as shares of the crop. */
async function part() {
  const box = await tool.ask('box', t('grid.boxThePartTheGrid'))
  if (box) await store.adjust('gridded', boxOf(box))
}
</script>

<template>
  <StepTitle step="grid">{{ $t('grid.theSameGridOnBoth') }}</StepTitle>
  <Densities :photo="preview" />
  <p class="result"><Num :text="workings.rungs.grid.decision" /></p>
  <PlanOffer :workings="workings" />
  <Callout v-if="workings.sliver" data-test="sliver">
    <p><Num :text="workings.sliver" /></p>
    <button type="button" class="button" @click="store.decide((c) => (c.grid.remainder = 'absorb'))">{{ $t('grid.spreadIt') }}</button>
    <button type="button" class="button" @click="store.decide((c) => (c.grid.remainder = 'drop'))">{{ $t('grid.leaveItOff') }}</button>
  </Callout>
  <div>
    <Fold group="grid count" :name="$t('grid.exactCount')">
      <template v-if="choices.fit.way === 'cells'">
        <Choose
          :label="$t('grid.school')"
          :model-value="'cells'"
          :options="{ cells: $t('grid.wholeCellsFromTheFit'), ...schools }"
          @update:model-value="takeSchool"
        />
        <p>{{ $t('grid.theGridComesWithTheFit') }}</p>
        <div class="counts">
          <CountInput
            v-for="side in ['columns', 'rows'] as const"
            :key="side"
            :label="$t(`grid.${side}`)"
            :field="`fit.${side}`"
            :model-value="workings.grid[side]"
            @update:model-value="store.adjust('count', { side, count: $event })"
          />
        </div>
        <TypedInput
          :label="$t('grid.cellOnThePaper')"
          field="cell"
          :model-value="choices.fit.cell"
          @update:model-value="store.adjust('count', { cell: $event })"
        />
      </template>
      <template v-else>
        <Choose
          :label="$t('grid.school')"
          :model-value="school"
          :options="schools"
          @update:model-value="store.decide((c) => (c.grid.school = $event as typeof school))"
        />
        <template v-if="school === 'measure'">
          <TypedInput
            :label="$t('grid.sideOfASquare')"
            field="cell"
            :model-value="choices.grid.cell"
            @update:model-value="store.decide((c) => (c.grid.cell = $event))"
          />
          <Pick
            v-if="choices.photo.kind !== 'screen'"
            :label="$t('grid.measuredOn')"
            :model-value="choices.grid.on"
            :options="{ paper: $t('grid.thePaper'), print: $t('grid.thePrint') }"
            @update:model-value="store.decide((c) => (c.grid.on = $event))"
          />
        </template>
        <div v-if="school === 'count' || school === 'proportional'" class="counts">
          <CountInput
            :label="$t('grid.columns')"
            field="grid.columns"
            :model-value="choices.grid.columns"
            @update:model-value="store.decide((c) => (c.grid.columns = $event))"
          />
          <CountInput
            v-if="school === 'proportional'"
            :label="$t('grid.rows')"
            field="grid.rows"
            :model-value="choices.grid.rows"
            @update:model-value="store.decide((c) => (c.grid.rows = $event))"
          />
        </div>
        <template v-if="school === 'folding'">
          <Pick
            :label="$t('grid.partsAcross')"
            :model-value="String(choices.grid.fold_columns)"
            :options="folds"
            @update:model-value="store.decide((c) => (c.grid.fold_columns = Number($event)))"
          />
          <Pick
            :label="$t('grid.partsDown')"
            :model-value="String(choices.grid.fold_rows)"
            :options="folds"
            @update:model-value="store.decide((c) => (c.grid.fold_rows = Number($event)))"
          />
          <p class="soft">{{ $t('grid.foldACopyACrease') }}</p>
        </template>
        <MainLines v-if="school === 'main'" :choices="choices" :workings="workings" :drawing="drawing" />
        <template v-if="school === 'own'">
          <TypedInput
            :label="$t('grid.uprightLinesFromTheLeft')"
            field="grid.own_across"
            :model-value="choices.grid.own_across"
            :hint="$t('grid.acrossHint')"
            @update:model-value="store.decide((c) => (c.grid.own_across = $event))"
          />
          <TypedInput
            :label="$t('grid.levelLinesFromTheTop')"
            field="grid.own_down"
            :model-value="choices.grid.own_down"
            :hint="$t('grid.downHint')"
            @update:model-value="store.decide((c) => (c.grid.own_down = $event))"
          />
        </template>
        <Choose
          v-if="squares"
          :label="$t('grid.whatRemainsIs')"
          :model-value="choices.grid.remainder"
          :options="remainders"
          @update:model-value="store.decide((c) => (c.grid.remainder = $event))"
        />
      </template>
      <div v-if="school === 'axes' || choices.grid.overlays.includes('axes with ticks')" class="two">
        <TypedInput
          :label="$t('grid.fromTickToTick')"
          field="grid.tick"
          :model-value="choices.grid.tick"
          @update:model-value="store.decide((c) => (c.grid.tick = $event))"
        />
        <div class="field">
          <span class="legend">{{ $t('grid.theAxesMeet') }}</span>
          <button type="button" class="button" @click="axes">{{ $t('grid.atAPoint') }}</button>
        </div>
      </div>
      <p v-if="store.errors['grid.rows'] && school !== 'proportional'" class="fault" role="alert">{{ store.errors['grid.rows'] }}</p>
      <Fold :name="$t('grid.howFine')"><Meshes /></Fold>
      <LeftStrips v-if="choices.fit.way !== 'cells'" :workings="workings" :drawing="drawing" />
    </Fold>
    <Fold group="grid types" :name="$t('grid.theSchoolsSideBySide')" lazy>
      <Schools :choices="choices" />
      <Fold :name="$t('grid.gridsKept')">
        <div v-if="shelf.of('grid').length" class="kept">
          <template v-for="grid in shelf.of('grid')" :key="grid.id">
            <button
              type="button"
              class="button"
              @click="store.decide((c) => Object.assign(c.grid, JSON.parse(JSON.stringify(grid.content.grid))))"
            >
              {{ grid.name }}
            </button>
            <p v-if="grid.content.shape !== workings.shape" class="soft">
              {{ $t('grid.madeForAnotherShape', { shape: grid.content.shape, here: workings.shape }) }}
            </p>
          </template>
        </div>
        <KeepUnder kind="grid" :label="$t('grid.keepThisGridAs')" :hint="$t('grid.myPortraitGrid')" />
      </Fold>
    </Fold>
    <Fold group="grid finer" :name="$t('grid.finerAndParts')">
      <Finer :choices="choices" :workings="workings" />
      <Fold :name="$t('grid.overAPartOnly')" :decided="choices.grid.part ? $t('grid.yes') : $t('grid.allOfIt')">
        <button type="button" class="button" @click="part">{{ $t('grid.boxThePart') }}</button>
        <button v-if="choices.grid.part" type="button" class="button" @click="store.decide((c) => (c.grid.part = null))">
          {{ $t('grid.overAllOfItAgain') }}
        </button>
      </Fold>
      <KeyPoints :choices="choices" :workings="workings" />
    </Fold>
    <Fold group="grid labels" :name="$t('grid.labelsAndLines')">
      <Pick
        :label="$t('grid.labels')"
        :model-value="choices.grid.labels"
        :options="{ letters: 'C4', numbers: $t('grid.inAndDown'), running: '18' }"
        @update:model-value="store.decide((c) => (c.grid.labels = $event))"
      />
      <Fold :name="$t('grid.lines')" :decided="$t('grid.weightOnThePhoto', { as: weights[choices.grid.weights.photo as 1] })">
        <!-- Native radios: each is the pencil's own colour, which Element Plus's would paint over when chosen. -->
        <fieldset class="pencils">
          <legend class="legend">{{ $t('grid.lineOnThePhoto') }}</legend>
          <label v-for="colour in shelf.catalogue.colours" :key="colour.key" :title="colour.name">
            <input
              type="radio"
              name="line-colour"
              :value="colour.key"
              :checked="drawing.line.key === colour.key"
              @change="store.decide((c) => (c.grid.colour = colour.key))"
            />
            <span class="swatch" :style="{ background: colour.css, outlineColor: colour.casing }" />
            <span class="unseen">{{ colour.name }}</span>
          </label>
          <button v-if="choices.grid.colour !== null" type="button" class="button" @click="store.decide((c) => (c.grid.colour = null))">
            {{ $t('grid.asAdvised') }}
          </button>
        </fieldset>
        <p class="soft" data-test="line-reason">{{ drawing.line_reason }}</p>
        <Pick
          v-for="[board, name] in [
            ['photo', $t('grid.lineOn.photo')],
            ['paper', $t('grid.lineOn.paper')],
            ['print', $t('grid.lineOn.print')],
          ] as const"
          :key="board"
          :label="name"
          :model-value="String(choices.grid.weights[board])"
          :options="weights"
          @update:model-value="store.decide((c) => (c.grid.weights[board] = Number($event)))"
        />
        <p class="soft">{{ $t('grid.onThePaperItselfKeepThem') }}</p>
      </Fold>
      <Fold :name="$t('grid.countedFromLaidOver')" :decided="[choices.grid.corner, ...choices.grid.overlays].map(choice).join(', ')">
        <Pick
          :label="$t('grid.columnsCountFromThe')"
          :model-value="choices.grid.corner"
          :options="labels('top left', 'top right')"
          @update:model-value="store.decide((c) => (c.grid.corner = $event))"
        />
        <Overlays :choices="choices" />
      </Fold>
      <Fold v-if="drawing.photo" :name="$t('grid.thePhotoCarriesAGrid')"><Carried :choices="choices" /></Fold>
      <Fold :name="$t('grid.alreadyRuled')"><RuledAlready :workings="workings" /></Fold>
      <div class="legendry" :aria-label="$t('grid.whatTheLinesAre')">
        <span><i class="line" :style="{ background: drawing.line.css, outlineColor: drawing.line.casing }" />
          {{ $t('grid.gridOnThePhoto') }}</span>
        <span><i class="line guide" /> {{ $t('grid.gridOnThePaper') }}</span>
        <span v-if="choices.points.some((point) => point.cross)"><i class="line focal" /> {{ $t('grid.focalCross') }}</span>
        <span v-if="choices.grid.overlays.length"><i class="line over" /> {{ choices.grid.overlays.join(', ') }}</span>
      </div>
    </Fold>
    <Worked :lines="workings.rungs.grid.sums">
      <p class="soft" data-test="guides-off">{{ workings.guides_off.says }}</p>
    </Worked>
  </div>
</template>

<style scoped>
.counts {
  display: grid;
  gap: 10px;
}

.pencils {
  display: flex;
  align-items: center;
  gap: 4px;
  margin: 0;
  padding: 0;
  border: 0;
}

.pencils label {
  display: grid;
  place-items: center;
  width: 38px;
  height: 36px;
  border: 2px solid transparent;
  cursor: pointer;
}

.pencils label:has(:checked) {
  border-color: var(--graphite);
}

.pencils label:has(:focus-visible) {
  outline: 2px solid var(--guide-ink);
}

.pencils input {
  position: absolute;
  opacity: 0;
}

.swatch {
  width: 26px;
  height: 6px;
  outline: 1px solid;
}

.pencils .button {
  margin-left: auto;
}

.kept {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}

.legendry {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  font-size: 0.875rem;
  color: var(--soft);
}

.line {
  display: inline-block;
  width: 26px;
  height: 3px;
  margin: 0 4px 4px 0;
  outline: 1px solid transparent;
}

.line.guide {
  background: var(--guide);
}

.line.focal {
  background: repeating-linear-gradient(to right, #c8341f 0 8px, transparent 8px 12px);
}

.line.over {
  background: repeating-linear-gradient(to right, var(--graphite) 0 6px, transparent 6px 10px);
}
</style>
