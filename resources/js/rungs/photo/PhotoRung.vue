<script setup lang="ts">
import { computed, ref } from 'vue'
import { api } from '@/api/client'
import type { Choices, Drawing, Workings } from '@/api/types'
import { choice, t } from '@/lang'
import { useDrawing } from '@/stores/drawing'
import { useSquaring } from '@/stores/squaring'
import { boxOf, useTool } from '@/stores/tool'
import { toShare } from '@/ui/shares'
import Callout from '@/ui/Callout.vue'
import Choose from '@/ui/Choose.vue'
import Fold from '@/ui/Fold.vue'
import TypedInput from '@/ui/TypedInput.vue'
import Num from '@/ui/Num.vue'
import Offer from '@/ui/Offer.vue'
import Pick from '@/ui/Pick.vue'
import Pictures from '@/ui/Pictures.vue'
import Warnings from '@/ui/Warnings.vue'
import StepTitle from '../StepTitle.vue'
import { useAsked } from '../useAsked'
import PlanOffer from '../PlanOffer.vue'
import UnitOffer from '../UnitOffer.vue'
import Worked from '../Worked.vue'
import Beside from './Beside.vue'
import KeyPoints from './KeyPoints.vue'
import Regions from './Regions.vue'
import Shapes from './Shapes.vue'
import Things from './Things.vue'
import WarmUp from './WarmUp.vue'

const props = defineProps<{ choices: Choices; workings: Workings; drawing: Drawing }>()
const store = useDrawing()
const tool = useTool()
const squaring = useSquaring()

const sides = ['top', 'left', 'right', 'bottom'] as const
const kinds = [
  { value: 'screen' as const, name: t('photo.onAScreen') },
  { value: 'print' as const, name: t('photo.aPrint') },
]
const rulers = computed(() =>
  Object.fromEntries([['', t('photo.thePapersRuler')], ...props.workings.ruler.known.map((ruler) => [ruler, ruler])]),
)
const prints = useAsked(api.prints)
const bordered = computed(() => Object.values(props.choices.photo.border).some((side) => side !== '0'))
/** The picture inside the white border that was found, until that is left off or kept; as the photo lies, so not once it is turned. */
const whiteFound = computed(() => {
  const { border_stays, quarters, mirrored, straighten } = props.choices.photo
  return border_stays || bordered.value || quarters || mirrored || straighten ? null : (props.drawing.photo?.inside_white ?? null)
})
const degrees = computed(() => (props.choices.photo.straighten === 0 ? '0' : String(props.choices.photo.straighten)))

/** A print is asked for before one of its sides is known. */
const measuring = ref(false)
const kind = computed(() => (measuring.value ? 'print' : props.choices.photo.kind))

function choose(wanted: Choices['photo']['kind']) {
  measuring.value = wanted === 'print' && (props.choices.photo.width === null || props.choices.photo.height === null)
  if (!measuring.value) store.decide((choices) => (choices.photo.kind = wanted))
}

/** One side measured makes it that print; then each is its own. */
async function side(which: 'width' | 'height', typed: string) {
  if (kind.value !== props.choices.photo.kind) {
    await store.adjust('print', { side: which, typed })
    measuring.value = props.choices.photo.kind === 'screen'
  } else store.decide((choices) => Object.assign(choices.photo, { [which]: typed, agreed: false }))
}

function straighten(typed: string) {
  // Whether a text is an angle is for the server to say; it is sent as it was typed.
  const number = Number(typed.replace(',', '.').replace('°', '').replace('−', '-'))
  store.decide((choices) => (choices.photo.straighten = (Number.isNaN(number) || typed.trim() === '' ? typed : number) as number))
}

async function level() {
  const line = await tool.ask('line', t('photo.drawAlongTheHorizonOrDown'))
  if (line) await store.adjust('level', { ...line })
}

/** An arrow, drawn from where the light comes, the way it falls. */
async function light() {
  const line = await tool.ask('line', t('photo.drawFromTheLight'))
  if (line)
    store.decide(
      (choices) => (choices.photo.light = { x1: toShare(line.x1), y1: toShare(line.y1), x2: toShare(line.x2), y2: toShare(line.y2) }),
    )
}

/** What a trimmed print shows of its photo. */
async function part() {
  const box = await tool.ask('box', t('photo.dragABoxRoundWhatItShows'))
  if (box) await store.adjust('part', boxOf(box))
}
const arrows = { left: '←', up: '↑', down: '↓', right: '→' }

async function border() {
  const box = await tool.ask('box', t('photo.dragABoxRoundThePicture'))
  if (box) await store.adjust('border', boxOf(box))
}
</script>

<template>
  <StepTitle step="photo">{{ $t('photo.whatYouCopyFrom') }}</StepTitle>
  <Pictures
    v-if="drawing.photo"
    :label="$t('photo.thePhotoIs')"
    :model-value="kind"
    :options="kinds"
    @update:model-value="choose"
  >
    <template #default="{ value }">
      <svg class="kind" viewBox="0 0 60 44" aria-hidden="true">
        <path v-if="value === 'screen'" d="M6 4H54V33H6ZM24 33V40M36 33V40M18 40H42" />
        <path v-else d="M14 3H46V41H14ZM19 8H41V36H19ZM19 30L28 21L34 27L37 24L41 28" />
      </svg>
    </template>
  </Pictures>
  <p v-else class="soft">{{ $t('photo.sizesOnlyThereIsNoPhoto') }}</p>
  <template v-if="kind !== 'screen'">
    <div class="two">
      <TypedInput
        :label="drawing.photo ? $t('photo.widthMeasured') : $t('photo.originalsWidth')"
        field="photo.width"
        :model-value="choices.photo.width"
        :hint="choices.unit === 'in' ? $t('photo.widthHintIn') : $t('photo.widthHintCm')"
        @update:model-value="side('width', $event)"
      />
      <TypedInput
        :label="drawing.photo ? $t('photo.heightMeasured') : $t('photo.originalsHeight')"
        field="photo.height"
        :model-value="choices.photo.height"
        :hint="choices.unit === 'in' ? $t('photo.heightHintIn') : $t('photo.heightHintCm')"
        @update:model-value="side('height', $event)"
      />
    </div>
    <Callout v-if="workings.mismatch" data-test="mismatch">
      <p>{{ workings.mismatch.sentence }}</p>
      <button
        v-if="workings.mismatch.swapped"
        type="button"
        class="button strong"
        @click="store.decide((c) => ([c.photo.width, c.photo.height] = [c.photo.height, c.photo.width]))"
      >
        {{ $t('photo.swapSides') }}
      </button>
      <button type="button" class="button" @click="side('height', workings.mismatch.height)">
        <span><Num :text="$t('photo.makeTheHeight', { height: workings.mismatch.height })" /></span>
      </button>
      <button type="button" class="button" @click="side('width', workings.mismatch.width)">
        <span><Num :text="$t('photo.makeTheWidth', { width: workings.mismatch.width })" /></span>
      </button>
      <p>{{ $t('photo.orItWasTrimmed') }}</p>
      <button type="button" class="button" data-test="part-drawn" @click="part">{{ $t('photo.drawWhatItShows') }}</button>
      <button type="button" class="button" data-test="part-middle" @click="store.adjust('part', {})">
        {{ $t('photo.itShowsTheMiddle') }}
      </button>
    </Callout>
    <div v-if="choices.photo.part && drawing.photo" class="field" data-test="part">
      <span class="legend">{{ $t('photo.whatThePrintShows') }}</span>
      <div class="turns four" role="group" :aria-label="$t('photo.whatThePrintShows')">
        <button
          v-for="(arrow, way) in arrows"
          :key="way"
          type="button"
          class="button"
          :aria-label="$t('photo.moveWhatItShows', { way: $t(`photo.wayOf.${way}`) })"
          @click="store.adjust('part', { nudge: way })"
        >
          {{ arrow }}
        </button>
      </div>
      <button type="button" class="button bare" @click="store.adjust('part', { all: true })">{{ $t('photo.placeItAnew') }}</button>
      <p v-if="store.errors['photo.part']" class="fault" role="alert">{{ store.errors['photo.part'] }}</p>
    </div>
  </template>
  <p class="result"><Num :text="workings.rungs.photo.decision" /></p>
  <PlanOffer :workings="workings" />
  <UnitOffer :choices="choices" :workings="workings" />
  <Warnings :lines="workings.rungs.photo.warnings" />
  <Offer
    v-if="whiteFound"
    :sentence="$t('photo.whiteBorderFound')"
    :take="$t('photo.leaveTheWhiteOff')"
    :keep="$t('photo.keepTheWhite')"
    data-test="white-border"
    @take="store.adjust('border', { ...whiteFound })"
    @keep="store.decide((c) => (c.photo.border_stays = true))"
  />
  <Callout v-if="drawing.photo?.remark" tone="calm" data-test="remark">{{ drawing.photo.remark }}</Callout>
  <Callout v-if="workings.swapped && drawing.photo" :tone="choices.photo.mirrored ? 'calm' : undefined" data-test="swapped">
    <p>{{ workings.swapped }}</p>
    <button v-if="!choices.photo.mirrored" type="button" class="button" @click="store.adjust('turn', { way: 'mirror' })">
      {{ $t('photo.mirrorItNow') }}
    </button>
  </Callout>
  <div>
    <Fold v-if="drawing.photo" group="photo turn" :name="$t('photo.turnAndCrop')">
      <div class="turns" role="group" :aria-label="$t('photo.holdThePhoto')">
        <button type="button" class="button" @click="store.adjust('turn', { way: 'left' })">{{ $t('photo.left') }}</button>
        <button type="button" class="button" @click="store.adjust('turn', { way: 'right' })">{{ $t('photo.right') }}</button>
        <button type="button" class="button" :aria-pressed="choices.photo.mirrored" @click="store.adjust('turn', { way: 'mirror' })">
          {{ $t('photo.mirror') }}
        </button>
      </div>
      <div class="two">
        <TypedInput
          :label="$t('photo.straightenedDegrees')"
          field="photo.straighten"
          :model-value="degrees"
          hint="0"
          @update:model-value="straighten"
        />
        <div class="field">
          <span class="legend">{{ $t('photo.orByHand') }}</span>
          <button type="button" class="button" @click="level">{{ $t('photo.drawALevel') }}</button>
        </div>
      </div>
      <Pick
        v-if="choices.photo.straighten !== 0"
        :label="$t('photo.keepOfIt')"
        :model-value="choices.photo.keep"
        :options="{ shape: $t('photo.itsOwnShape'), largest: $t('photo.allThatFits') }"
        @update:model-value="store.decide((c) => (c.photo.keep = $event))"
      />
      <Fold :name="$t('photo.border')" :decided="bordered ? $t('photo.leftOff') : $t('photo.none')">
        <p class="soft">{{ $t('photo.whatIsNotPictureOffEach') }}</p>
        <div class="two">
          <TypedInput
            v-for="which in sides"
            :key="which"
            :label="$t('photo.borderSide', { which: choice(which) })"
            :field="`photo.border.${which}`"
            :model-value="choices.photo.border[which]"
            hint="3 %"
            @update:model-value="store.decide((c) => (c.photo.border[which] = $event))"
          />
        </div>
        <button type="button" class="button" @click="border">{{ $t('photo.drawRoundThePicture') }}</button>
      </Fold>
      <Fold :name="$t('photo.takenAskew')">
        <p class="soft">{{ $t('photo.aSnapshotOfAPage') }}</p>
        <button type="button" class="button" :disabled="squaring.busy" data-test="square-up" @click="squaring.begin">
          {{ $t('photo.squareItUp') }}
        </button>
        <p v-if="squaring.fault && !squaring.corners" class="fault" role="alert">{{ squaring.fault }}</p>
      </Fold>
    </Fold>
    <Fold group="photo objects" :name="$t('photo.pointsAndObjects')">
      <WarmUp v-if="drawing.photo" />
      <KeyPoints :choices="choices" :workings="workings" />
      <Things v-if="drawing.photo" :choices="choices" :workings="workings" />
      <Shapes v-if="drawing.photo" :choices="choices" :workings="workings" />
      <Regions :choices="choices" :workings="workings" />
      <div v-if="drawing.photo" class="field">
        <span class="legend">{{ $t('photo.whereTheLightComesFrom') }}</span>
        <p v-if="workings.light" class="lit" data-test="light-says">
          {{ workings.light.says }}
          <button type="button" class="button bare" @click="store.decide((c) => (c.photo.light = null))">{{ $t('photo.forgetIt') }}</button>
        </p>
        <button v-else type="button" class="button" @click="light">{{ $t('photo.drawTheLight') }}</button>
        <p v-if="store.errors['photo.light']" class="fault" role="alert">{{ store.errors['photo.light'] }}</p>
      </div>
    </Fold>
    <Fold group="photo source" :name="$t('photo.sizesAndSource')">
      <Fold
        v-if="choices.photo.kind === 'print'"
        :name="$t('photo.rulerOnThePrint')"
        :decided="choices.photo.ruler ?? $t('photo.thePapers')"
      >
        <Choose
          :label="$t('photo.itsFinestMark')"
          :model-value="choices.photo.ruler ?? ''"
          :options="rulers"
          @update:model-value="store.decide((c) => (c.photo.ruler = $event || null))"
        />
        <p v-if="store.errors['photo.ruler']" class="fault" role="alert">{{ store.errors['photo.ruler'] }}</p>
      </Fold>
      <Fold v-if="drawing.photo" :name="$t('photo.howLargeToPrintIt')" @opened="prints.ask">
        <p v-if="prints.fault.value" class="fault">{{ prints.fault.value }}</p>
        <TypedInput
          :label="$t('photo.noCellSmallerThan')"
          field="photo.least_cell"
          :model-value="choices.photo.least_cell"
          :hint="choices.unit === 'in' ? $t('photo.cellHintIn') : $t('photo.cellHintCm')"
          @update:model-value="store.decide((c) => (c.photo.least_cell = $event || null))"
        />
        <table v-if="prints.answer.value" class="listed" data-test="prints">
          <thead>
            <tr>
              <th scope="col">{{ $t('photo.paper') }}</th>
              <th scope="col">{{ $t('photo.print') }}</th>
              <th scope="col">{{ $t('photo.aCell') }}</th>
              <th scope="col">{{ $t('photo.pixelsPerInch') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="print in prints.answer.value" :key="print.paper" :class="{ short: !print.enough, under: print.too_small }">
              <th scope="row">{{ print.paper }}</th>
              <td><Num :text="print.print" /></td>
              <td><Num :text="print.cell" />{{ print.too_small ? ` ${$t('photo.tooSmall')}` : '' }}</td>
              <td>{{ print.per_inch }}{{ print.enough ? '' : ` ${$t('photo.few')}` }}</td>
            </tr>
          </tbody>
        </table>
      </Fold>
      <Beside :choices="choices" />
      <Fold :name="$t('photo.whosePhoto')" :decided="choices.photo.source || $t('photo.notSaid')">
        <TypedInput
          :label="$t('photo.whereItComesFrom')"
          field="photo.source"
          :model-value="choices.photo.source"
          :hint="$t('photo.myOwnFromTheBeach')"
          @update:model-value="store.decide((c) => (c.photo.source = $event))"
        />
        <TypedInput
          :label="$t('photo.byWhoseLeave')"
          field="photo.permission"
          :model-value="choices.photo.permission"
          :hint="$t('photo.mine')"
          @update:model-value="store.decide((c) => (c.photo.permission = $event))"
        />
        <p class="soft">{{ $t('photo.someoneElsesPhotoStaysTheirsAsk') }}</p>
      </Fold>
    </Fold>
    <Worked :lines="workings.rungs.photo.sums">
      <p v-if="drawing.photo && choices.photo.kind !== 'screen'" class="soft">{{ $t('photo.markUpACopyNever') }}</p>
    </Worked>
  </div>
</template>

<style scoped>
.kind {
  width: 60px;
  height: 44px;
}

.kind path {
  fill: none;
  stroke: var(--tick);
  stroke-width: 2;
}

.turns {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr;
  gap: 4px;
}

.turns.four {
  grid-template-columns: repeat(4, 1fr);
}

.under td:nth-child(3),
.short td:last-child {
  color: var(--red);
}
</style>
