<script setup lang="ts">
import { computed, ref, useId } from 'vue'
import { api } from '@/api/client'
import { previewOf } from '@/api/pictures'
import type { Choices, Clearance, Drawing, Verdict, Workings } from '@/api/types'
import { t } from '@/lang'
import { useDrawing } from '@/stores/drawing'
import { boxOf, useTool } from '@/stores/tool'
import Fold from '@/ui/Fold.vue'
import TypedInput from '@/ui/TypedInput.vue'
import Num from '@/ui/Num.vue'
import Pick from '@/ui/Pick.vue'
import Pictures from '@/ui/Pictures.vue'
import Small from '@/ui/Small.vue'
import { toShare } from '@/ui/shares'
import Warnings from '@/ui/Warnings.vue'
import PlanOffer from '../PlanOffer.vue'
import StepTitle from '../StepTitle.vue'
import PlannerList from '../planner/PlannerList.vue'
import { useAsked } from '../useAsked'
import KeptCrops from './KeptCrops.vue'
import Ways from './Ways.vue'
import Worked from '../Worked.vue'

const props = defineProps<{ choices: Choices; workings: Workings; drawing: Drawing }>()
const store = useDrawing()
const tool = useTool()
const id = useId()

const way = computed(() => props.choices.fit.way)
const slid = computed(() => (way.value === 'inset' ? 'inset' : 'size'))
const percent = computed(() => {
  const { pulled } = store
  const share =
    pulled?.by === 'size'
      ? pulled.size
      : pulled?.by === 'inset'
        ? pulled.share
        : slid.value === 'inset'
          ? props.workings.inset_size
          : props.workings.crop_size
  return Math.round(share * 100)
})
const sizeOf = computed(() => (way.value === 'inset' ? t('fit.sizeAlongTheDiagonal') : t('fit.sizeOfTheCrop')))
const sized = computed(() => way.value === 'inset' || way.value === 'cells' || (way.value === 'crop' && props.choices.fit.lock !== 'free'))
const ways = useAsked(api.ways)
void ways.ask()
const preview = computed(() => previewOf(props.drawing, props.workings))
const pictureOf = (value: string) => ways.answer.value?.find((one) => one.way === value)?.picture ?? null
const order = ['cells', 'crop', 'inset', 'stretch'] as const
const offers = computed(() =>
  order.map((value) => {
    const told = ways.answer.value?.find((one) => one.way === value)
    return { value, name: t(`fit.ways.${value}`), figure: told?.cost, fault: told?.trouble }
  }),
)
const result = computed(() => props.workings.rungs.fit.decision)
const trimming = computed(() => t('fit.croppedAndLeft', { share: props.workings.trimmed_share ?? '0 %', left: props.workings.left_over }))
function resize(to: number) {
  void store.pull(slid.value === 'inset' ? { by: 'inset', share: to / 100 } : { by: 'size', size: to / 100 })
}

function lock(to: Choices['fit']['lock']) {
  store.decide((choices) => {
    const { crop } = props.workings
    choices.fit.lock = to
    if (to === 'free')
      Object.assign(choices.fit, {
        left: toShare(crop.left),
        top: toShare(crop.top),
        width: toShare(crop.share_w),
        height: toShare(crop.share_h),
      })
  })
}

async function aim(at: 'centre' | 'third') {
  const point = await tool.ask('point', at === 'centre' ? t('fit.pointAtTheCentre') : t('fit.pointAtAThird'))
  if (point) await store.adjust('aim', { x: point.x2, y: point.y2, at })
}

/** A thing that lines run through: what can be done about it is asked, and nothing moves before one way is chosen. */
const boxed = ref<ReturnType<typeof boxOf> | null>(null)
const clearances = useAsked<Clearance[]>((photo, choices) =>
  boxed.value ? api.clearances(photo, choices, boxed.value) : Promise.resolve([]),
)

async function whole() {
  const box = await tool.ask('box', t('fit.boxTheThingNoLineShould'))
  if (!box) return
  boxed.value = boxOf(box)
  await clearances.ask()
}

async function clear(by: Clearance['by']) {
  const box = boxed.value
  boxed.value = null
  if (box) await store.adjust('whole', { ...box, by })
}

const wanted = ref('')
const enlargement = useAsked<Verdict | null>((photo, choices) =>
  wanted.value.trim() ? api.enlargement(photo, choices, wanted.value) : Promise.resolve(null),
)
const dividers = useAsked(api.dividers)
</script>

<template>
  <StepTitle step="fit">{{ $t('fit.makeTheTwoAgree') }}</StepTitle>
  <Pictures :label="$t('fit.how')" :model-value="way" :options="offers" @update:model-value="store.adjust('way', { way: $event })">
    <template #default="{ value }">
      <Small v-if="pictureOf(value)" :plan="pictureOf(value)!" :photo="preview" :grid="value === 'cells'" /><span v-else class="none" />
    </template>
  </Pictures>
  <p v-if="ways.fault.value" class="fault">{{ ways.fault.value }}</p>
  <div data-test="figures">
    <p class="result"><Num :text="result" /></p>
    <p v-if="workings.trimmed_share" class="soft"><Num :text="trimming" /></p>
  </div>
  <PlanOffer :workings="workings" />
  <Warnings :lines="workings.rungs.fit.warnings" />
  <div>
    <Fold group="fit move" :name="$t('fit.moveOrResize')">
      <p class="soft">{{ $t(`fit.says.${way}`) }}</p>
      <div v-if="way === 'cells'" class="two">
        <TypedInput
          :label="$t('fit.cellOnThePaper')"
          field="cell"
          :model-value="choices.fit.cell"
          @update:model-value="store.adjust('count', { cell: $event })"
        />
        <TypedInput
          v-if="choices.photo.kind !== 'screen'"
          :label="$t('fit.cellOnThePrint')"
          field="fit.print_cell"
          :model-value="choices.fit.print_cell"
          :hint="$t('fit.asLargeAsFits')"
          @update:model-value="store.decide((c) => (c.fit.print_cell = $event || null))"
        />
      </div>
      <template v-if="way === 'crop'">
        <Pick
          :label="$t('fit.itsShapeIs')"
          :model-value="choices.fit.lock"
          :options="{ paper: $t('fit.thePapers'), ratio: $t('fit.myOwn'), free: $t('fit.free') }"
          @update:model-value="lock"
        />
        <TypedInput
          v-if="choices.fit.lock === 'ratio'"
          :label="$t('fit.shape')"
          field="fit.ratio"
          :model-value="choices.fit.ratio"
          :hint="$t('fit.shapeHint')"
          @update:model-value="store.decide((c) => (c.fit.ratio = $event))"
        />
      </template>
      <div v-if="sized" class="field">
        <span :id="id" class="legend">{{ sizeOf }}, {{ percent }} %</span>
        <el-slider
          :model-value="percent"
          :min="5"
          :max="100"
          :show-tooltip="false"
          :aria-labelledby="id"
          :aria-label="sizeOf"
          @input="resize($event as number)"
          @change="store.keep()"
        />
      </div>
      <div v-if="way === 'inset'" class="two">
        <TypedInput
          :label="$t('fit.widthOfTheDrawing')"
          field="inset.width"
          :model-value="workings.typed.drawing_width"
          @update:model-value="store.adjust('inset', { as: 'width', typed: $event })"
        />
        <TypedInput
          :label="$t('fit.heightOfTheDrawing')"
          field="inset.height"
          :model-value="workings.typed.drawing_height"
          @update:model-value="store.adjust('inset', { as: 'height', typed: $event })"
        />
        <TypedInput
          v-if="workings.print"
          :label="$t('fit.timesLarger')"
          field="inset.factor"
          :model-value="workings.factor ?? ''"
          @update:model-value="store.adjust('inset', { as: 'factor', typed: $event })"
        />
        <TypedInput
          v-if="workings.print"
          :label="$t('fit.perCent')"
          field="inset.percent"
          :model-value="workings.scale.percent === null ? '' : `${Math.round(workings.scale.percent * 100) / 100}`"
          @update:model-value="store.adjust('inset', { as: 'percent', typed: $event })"
        />
      </div>
      <button
        v-if="way === 'crop' || way === 'cells'"
        type="button"
        class="button"
        @click="store.decide((c) => Object.assign(c.fit, { left: null, top: null }))"
      >
        {{ $t('fit.centreTheCrop') }}
      </button>
      <Fold v-if="way === 'crop' || way === 'cells'" :name="$t('fit.placeIt')" :decided="$t('fit.byNumberByPoint')">
        <div class="two">
          <TypedInput
            :label="$t('fit.fromTheLeft')"
            field="crop.left"
            :model-value="workings.typed.crop_left"
            @update:model-value="store.adjust('crop', { side: 'left', typed: $event })"
          />
          <TypedInput
            :label="$t('fit.fromTheTop')"
            field="crop.top"
            :model-value="workings.typed.crop_top"
            @update:model-value="store.adjust('crop', { side: 'top', typed: $event })"
          />
          <TypedInput
            :label="$t('fit.cropsWidth')"
            field="crop.width"
            :model-value="workings.typed.crop_width"
            @update:model-value="store.adjust('crop', { side: 'width', typed: $event })"
          />
          <TypedInput
            :label="$t('fit.cropsHeight')"
            field="crop.height"
            :model-value="workings.typed.crop_height"
            @update:model-value="store.adjust('crop', { side: 'height', typed: $event })"
          />
        </div>
        <div class="two">
          <button type="button" class="button" @click="aim('centre')">{{ $t('fit.aPointInTheCentre') }}</button>
          <button type="button" class="button" @click="aim('third')">{{ $t('fit.aPointOnAThird') }}</button>
        </div>
        <button type="button" class="button" @click="whole">{{ $t('fit.keepAThingClearOfLines') }}</button>
        <p v-if="clearances.fault.value" class="fault" role="alert">{{ clearances.fault.value }}</p>
        <ul v-if="boxed && clearances.answer.value" class="clearances" data-test="clearances">
          <li v-for="offer in clearances.answer.value" :key="offer.says">
            <Num :text="offer.says" />
            <button v-if="offer.by" type="button" class="button" @click="clear(offer.by)">{{ $t('fit.doThat') }}</button>
          </li>
          <li>
            <button type="button" class="button bare" @click="boxed = null">{{ $t('fit.leaveItAsItIs') }}</button>
          </li>
        </ul>
      </Fold>
      <Fold :name="$t('fit.cropsKept')" :decided="choices.crops.length ? String(choices.crops.length) : $t('fit.none')">
        <KeptCrops :choices="choices" :drawing="drawing" :workings="workings" />
      </Fold>
    </Fold>
    <Fold group="fit squares" :name="$t('fit.otherEasySquares')" lazy>
      <PlannerList :drawing="drawing" :workings="workings" :choices="choices" />
      <Fold v-if="workings.print" :name="$t('fit.isItATrueEnlargement')">
        <div class="field">
          <label :for="`${id}-size`">{{ $t('fit.aSizeYouThinkOf') }}</label>
          <el-input :id="`${id}-size`" v-model="wanted" :placeholder="$t('fit.sizeHint')" autocomplete="off" @change="enlargement.ask" />
        </div>
        <p v-if="enlargement.fault.value" class="fault" role="alert">{{ enlargement.fault.value }}</p>
        <div v-if="enlargement.answer.value" data-test="enlargement" :class="{ wrong: !enlargement.answer.value.good }">
          <p v-for="line in enlargement.answer.value.sentences" :key="line"><Num :text="line" /></p>
        </div>
      </Fold>
      <Fold v-if="workings.print" :name="$t('fit.settingsOfTheDividers')" @opened="dividers.ask">
        <p v-if="dividers.fault.value" class="fault">{{ dividers.fault.value }}</p>
        <table v-if="dividers.answer.value" class="listed" data-test="dividers">
          <tbody>
            <tr v-for="one in dividers.answer.value" :key="one.setting">
              <th scope="row"><Num :text="one.setting" /></th>
              <td><Num :text="one.drawing" /></td>
              <td>
                {{ one.fits ? $t('fit.percentEmpty', { emptyPercent: one.empty_percent }) : $t('fit.tooLarge')
                }}<span class="soft"> · {{ one.ends }}</span>
              </td>
            </tr>
          </tbody>
        </table>
        <p class="soft">{{ $t('fit.afterEverySlipOfThePivot') }}</p>
      </Fold>
    </Fold>
    <Fold group="fit ways" :name="$t('fit.allFourWaysSideBySide')" lazy><Ways :way="way" /></Fold>
    <Worked :lines="workings.rungs.fit.sums" />
  </div>
</template>

<style scoped>
.clearances {
  display: grid;
  gap: 8px;
  margin: 0;
  padding: 0;
  list-style: none;
}

.clearances li {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 8px;
}

.clearances .button {
  flex: none;
}

.none {
  height: 92px;
}

.wrong {
  border-left: 4px solid #b3321f;
  padding-left: 10px;
}

.listed th {
  font-weight: 700;
}
</style>
