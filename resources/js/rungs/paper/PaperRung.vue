<script setup lang="ts">
import { computed, ref, useId } from 'vue'
import { api } from '@/api/client'
import type { Choices, Drawing, OtherSheet, Workings } from '@/api/types'
import { choice, labels } from '@/lang'
import { useCatalogue } from '@/stores/catalogue'
import { useDrawing } from '@/stores/drawing'
import Choose from '@/ui/Choose.vue'
import Fold from '@/ui/Fold.vue'
import TypedInput from '@/ui/TypedInput.vue'
import Num from '@/ui/Num.vue'
import Pick from '@/ui/Pick.vue'
import Warnings from '@/ui/Warnings.vue'
import KeepUnder from '../KeepUnder.vue'
import Kit from '../Kit.vue'
import PlanOffer from '../PlanOffer.vue'
import StepTitle from '../StepTitle.vue'
import UnitOffer from '../UnitOffer.vue'
import Worked from '../Worked.vue'
import SheetCare from './SheetCare.vue'
import SheetPictures from './SheetPictures.vue'
import { useAsked } from '../useAsked'

const props = defineProps<{ choices: Choices; workings: Workings; drawing: Drawing }>()
const store = useDrawing()
const shelf = useCatalogue()
const id = useId()

const OWN = 'own size'
const sides = ['top', 'left', 'right', 'bottom'] as const
const placements = labels('centred', 'optical', 'top left', 'top right', 'bottom left', 'bottom right', 'offsets')
const keptFor = labels('tape', 'mat', 'trim')
const shapes = labels('rectangle', 'strip', 'oval', 'circle')
const colours = labels('white', 'cream', 'grey', 'tan', 'blue grey', 'black')
const isWide = computed(() => props.workings.sheet.width.mm > props.workings.sheet.height.mm)
const search = ref('')

const families = computed(() => {
  const wanted = search.value.trim().toLowerCase().replaceAll('x', '×')
  const found = shelf.catalogue.sheets.filter((sheet) =>
    `${sheet.name} ${sheet.width} × ${sheet.height} ${sheet.source}`.toLowerCase().includes(wanted),
  )
  return Object.entries(Object.groupBy(found, (sheet) => sheet.source)).map(([source, sheets]) => ({ source, sheets: sheets ?? [] }))
})
const chosen = computed(() => props.choices.paper.sheet ?? (props.choices.paper.name ? `own:${props.choices.paper.name}` : OWN))
const others = useAsked(api.sheets)

function choose(key: string) {
  const sheet = shelf.catalogue.sheets.find((one) => one.key === key)
  const owned = shelf.of('paper').find((one) => `own:${one.name}` === key)
  store.decide((choices) => {
    choices.paper.sheet = sheet?.key ?? null
    choices.paper.name = owned?.name ?? null
    if (sheet) Object.assign(choices.paper, { width: sheet.width, height: sheet.height })
    if (owned) Object.assign(choices.paper, owned.content.paper)
  })
}

function take(other: OtherSheet) {
  store.decide((choices) =>
    Object.assign(choices.paper, {
      sheet: other.key,
      name: other.owned ? other.name : null,
      width: other.width,
      height: other.height,
      turn: 'advised',
    }),
  )
}
</script>

<template>
  <StepTitle step="paper">{{ $t('paper.whatYouDrawOn') }}</StepTitle>
  <SheetPictures :choices="choices" :workings="workings" :chosen="chosen" @choose="choose" />
  <button
    type="button"
    class="button"
    data-test="turn-sheet"
    @click="store.decide((c) => (c.paper.turn = isWide ? 'upright' : 'sideways'))"
  >
    <svg class="turned" viewBox="0 0 40 28" aria-hidden="true">
      <path :d="isWide ? 'M5 1H19V27H5Z' : 'M1 7H27V21H1Z'" />
      <path d="M30 6A11 11 0 0 1 33 21M33 21L36 16M33 21L28 19" />
    </svg>
    {{ $t('paper.turnSheet') }}
  </button>
  <p class="result"><Num :text="workings.rungs.paper.decision" /></p>
  <p data-test="advice">
    {{ workings.advice.sentence }}
    <button
      v-if="choices.paper.turn !== 'advised'"
      type="button"
      class="button bare link"
      @click="store.decide((c) => (c.paper.turn = 'advised'))"
    >
      {{ $t('paper.asAdvised') }}
    </button>
  </p>
  <PlanOffer :workings="workings" />
  <UnitOffer :choices="choices" :workings="workings" />
  <Warnings :lines="workings.rungs.paper.warnings" />
  <div>
    <Fold group="paper other" :name="$t('paper.otherSheet')">
      <div class="field">
        <label :for="id">{{ $t('paper.sheet') }}</label>
        <el-select
          :id="id"
          :model-value="chosen"
          filterable
          :filter-method="(text: string) => (search = text)"
          :aria-label="$t('paper.sheet')"
          :placeholder="$t('paper.sheet')"
          @update:model-value="choose"
          @visible-change="search = ''"
        >
          <el-option :value="OWN" :label="$t('paper.aSizeOfMyOwn')" />
          <el-option-group v-if="shelf.of('paper').length" :label="$t('paper.myOwnStock')">
            <el-option
              v-for="paper in shelf.of('paper')"
              :key="paper.id"
              :value="`own:${paper.name}`"
              :label="paper.left === null ? paper.name : $t('paper.nameAndLeft', { name: paper.name, left: paper.left })"
            />
          </el-option-group>
          <el-option-group v-for="family in families" :key="family.source" :label="family.source">
            <el-option v-for="sheet in family.sheets" :key="sheet.key" :value="sheet.key" :label="sheet.name">
              {{ sheet.name }} <small class="size"><Num :text="`${sheet.width} × ${sheet.height}`" /></small>
            </el-option>
          </el-option-group>
        </el-select>
      </div>
      <div class="two">
        <TypedInput
          :label="$t('paper.widthMeasured')"
          field="paper.width"
          :model-value="choices.paper.width"
          @update:model-value="store.decide((c) => (c.paper.width = $event))"
        />
        <TypedInput
          :label="$t('paper.heightMeasured')"
          field="paper.height"
          :model-value="choices.paper.height"
          @update:model-value="store.decide((c) => (c.paper.height = $event))"
        />
      </div>
      <Fold :name="$t('paper.otherSheetsForThisPicture')" @opened="others.ask">
        <p v-if="others.fault.value" class="fault">{{ others.fault.value }}</p>
        <ul v-if="others.answer.value" class="others" data-test="others">
          <li v-for="other in others.answer.value" :key="`${other.key} ${other.name}`">
            <button type="button" class="button bare" @click="take(other)">
              <b>{{ other.name }}</b><span class="soft">{{ other.owned ? $t('paper.mine') + ' · ' : ''
              }}<Num
                :text="
                  $t('paper.drawingScaleEmpty', { drawing: other.drawing, scale: other.scale, wastedPercent: other.wasted_percent })
                "
              /></span>
            </button>
          </li>
        </ul>
      </Fold>
      <Fold :name="$t('paper.keepAsMyOwnStock')" :decided="choices.paper.name ?? ''">
        <p class="soft">{{ $t('paper.theSizeAsMeasuredUnder') }}</p>
        <KeepUnder kind="paper" :label="$t('paper.callIt')" :hint="$t('paper.stockHint')" />
      </Fold>
    </Fold>
    <Fold group="paper margins" :name="$t('paper.marginsAndShape')">
      <fieldset class="margins">
        <legend class="legend">{{ $t(`paper.keptFree.${choices.paper.margins_for}`) }}</legend>
        <TypedInput
          v-for="side in sides"
          :key="side"
          :class="side"
          :label="choice(side)"
          :field="`paper.margins.${side}`"
          :model-value="choices.paper.margins[side]"
          hint="0"
          @update:model-value="store.decide((c) => (c.paper.margins[side] = $event))"
        />
        <p v-if="store.errors['paper.margins']" class="fault" role="alert">{{ store.errors['paper.margins'] }}</p>
      </fieldset>
      <Choose
        :label="$t('paper.theDrawingLies')"
        :model-value="choices.paper.placement"
        :options="placements"
        @update:model-value="store.decide((c) => (c.paper.placement = $event))"
      />
      <div v-if="choices.paper.placement === 'offsets'" class="two">
        <TypedInput
          :label="$t('paper.fromTheLeftEdge')"
          field="paper.offset.left"
          :model-value="choices.paper.offset.left"
          :hint="$t('paper.offsetHint')"
          @update:model-value="store.decide((c) => (c.paper.offset.left = $event))"
        />
        <TypedInput
          :label="$t('paper.fromTheTopEdge')"
          field="paper.offset.top"
          :model-value="choices.paper.offset.top"
          :hint="$t('paper.offsetHint')"
          @update:model-value="store.decide((c) => (c.paper.offset.top = $event))"
        />
      </div>
      <Pick
        :label="$t('paper.theMarginsAreFor')"
        :model-value="choices.paper.margins_for"
        :options="keptFor"
        @update:model-value="store.decide((c) => (c.paper.margins_for = $event))"
      />
      <p class="soft">{{ $t(`paper.keptForCaution.${choices.paper.margins_for}`) }}</p>
      <Pick
        :label="$t('paper.theDrawingIs')"
        :model-value="choices.paper.shape"
        :options="shapes"
        @update:model-value="store.decide((c) => (c.paper.shape = $event))"
      />
      <p class="soft">{{ $t(`paper.does.${choices.paper.shape}`) }}</p>
    </Fold>
    <Fold group="paper care" :name="$t('paper.careAndKit')">
      <Choose
        :label="$t('paper.thePaperIs')"
        :model-value="choices.paper.colour"
        :options="colours"
        @update:model-value="store.decide((c) => (c.paper.colour = $event))"
      />
      <div v-if="drawing.tones.length" class="tones" :style="{ background: workings.paper_colour ?? undefined }" data-test="tones">
        <span v-for="tone in drawing.tones" :key="tone" :style="{ background: tone }" />
      </div>
      <p v-if="drawing.tones.length" class="soft">{{ $t('paper.thePhotosMainTones') }}</p>
      <Kit :workings="workings" :drawing="drawing.id" />
      <SheetCare :choices="choices" :workings="workings" />
      <p class="soft">{{ $t('paper.fixThePrintBesideTheSheet') }}</p>
    </Fold>
    <Worked :lines="workings.rungs.paper.sums" />
  </div>
</template>

<style scoped>
.turned {
  width: 40px;
  height: 28px;
}

.turned path {
  fill: none;
  stroke: currentcolor;
  stroke-width: 1.5;
}

.size {
  color: #625c53;
}

.margins {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 4px 10px;
  margin: 0;
  padding: 0;
  border: 0;
}

.margins .fault {
  grid-column: 1 / -1;
}

.tones {
  display: flex;
  gap: 8px;
  padding: 12px;
  background: #fffefa;
  border: 1px solid var(--rule);
}

.tones span {
  flex: 1;
  height: 30px;
}

.others {
  margin: 0;
  padding: 0;
  list-style: none;
}

.others .button {
  width: 100%;
  flex-direction: column;
  align-items: flex-start;
  gap: 0;
  text-align: left;
  border-bottom-color: var(--rule);
}

.others .soft {
  font-weight: 400;
}
</style>
