<script setup lang="ts">
import { computed, onUnmounted, ref, shallowRef, useId, watch } from 'vue'
import { api } from '@/api/client'
import { useLatest } from '@/api/latest'
import { cutOf } from '@/api/pictures'
import type { Choices, Drawing, Pencil, Workings } from '@/api/types'
import { t } from '@/lang'
import { useDrawing } from '@/stores/drawing'
import { useTones } from '@/stores/tones'
import { useTool } from '@/stores/tool'
import CountInput from '@/ui/CountInput.vue'
import Pick from '@/ui/Pick.vue'
import StepTitle from '../StepTitle.vue'
import Worked from '../Worked.vue'
import Areas from './Areas.vue'
import ByEye from './ByEye.vue'
import Colours from './Colours.vue'
import ToneBar from './ToneBar.vue'
import Check from '@/ui/Check.vue'
import Fold from '@/ui/Fold.vue'
import { toShare } from '@/ui/shares'
import ShotsKept from '../check/ShotsKept.vue'

const props = defineProps<{ choices: Choices; workings: Workings; drawing: Drawing }>()
const store = useDrawing()
const tones = useTones()
const tool = useTool()

watch([() => props.drawing.id, () => props.drawing.version], () => tones.load().catch((error: Error) => (store.trouble = error.message)), {
  immediate: true,
})

const probing = ref(false)

/** One place after another, until Escape lays the probe down. */
async function probe() {
  probing.value = true
  for (;;) {
    const at = await tool.ask('point', t('tone.pointAtAPlaceEscapeEnds'))
    if (!at) break
    const { crop } = props.workings
    await tones
      .probe((at.x1 - crop.left) / crop.share_w, (at.y1 - crop.top) / crop.share_h)
      .catch((error: Error) => (store.trouble = error.message))
  }
  probing.value = false
}

/** The way strokes run in a cell, drawn in it. */
async function strokes() {
  tones.hatched = true
  const line = await tool.ask('line', t('tone.drawInACell'))
  if (line)
    store.decide((choices) =>
      choices.strokes.push({ x1: toShare(line.x1), y1: toShare(line.y1), x2: toShare(line.x2), y2: toShare(line.y2) }),
    )
}

/** Pencils of which nobody knows how dark they go. */
const pencils = shallowRef<Pencil[]>([])
const unlooked = computed(() => pencils.value.filter((one) => one.kind === 'graphite' && one.firm === null))
const latest = useLatest()
const loadPencils = () => latest(api.pencils(), (fresh) => (pencils.value = fresh)).catch(() => undefined)
void loadPencils()

/** Where light and shadow are parted, while that is dragged. */
const id = useId()
const parted = ref<number | null>(null)
function part(at: number | null) {
  store.decide((choices) => (choices.tone.threshold = at))
}
watch(
  () => tones.tones,
  () => (parted.value = null),
)

const setEnd = (end: number | null) => store.decide((choices) => (choices.tone.end = end))

onUnmounted(() => tool.finish(null))
</script>

<template>
  <StepTitle step="tone">{{ $t('tone.howDark') }}</StepTitle>
  <ToneBar v-if="tones.tones" :bar="tones.tones.bar" :here="tones.probed?.step" :out="tones.tones.reach?.out" />
  <Pick
    v-if="drawing.photo"
    v-model="tones.view"
    :label="$t('tone.lookAt')"
    :options="{ photo: $t('tone.thePhoto'), few: $t('tone.countedTones', { steps: choices.tone.steps }), two: $t('tone.two') }"
  />
  <p v-if="tones.view !== 'two'" class="result">{{ $t('table.tones', { steps: choices.tone.steps }) }}</p>
  <div v-else-if="tones.tones?.parting" data-test="parting">
    <p class="result">{{ tones.tones.parting.words }}</p>
    <label :id="`${id}-parting`">{{ $t('tone.partsAt') }}</label>
    <el-slider
      :model-value="parted ?? tones.tones.parting.at"
      :min="1"
      :max="99"
      :format-tooltip="(at: number) => `L* ${Math.round(at)}`"
      :aria-labelledby="`${id}-parting`"
      @input="parted = Number($event)"
      @change="part(Number($event))"
    />
    <button v-if="choices.tone.threshold !== null" type="button" class="button" @click="part(null)">
      {{ $t('tone.whereItPartsBest') }}
    </button>
  </div>
  <template v-if="drawing.photo">
    <div class="two">
      <button type="button" class="button" :aria-pressed="probing" @click="probing ? tool.finish(null) : probe()">
        {{ probing ? $t('tone.layTheProbeDown') : $t('tone.probeAPlace') }}
      </button>
      <button type="button" class="button" :aria-pressed="tones.marked" @click="tones.marked = !tones.marked">
        {{ tones.marked ? $t('tone.hideTheEnds') : $t('tone.showTheEnds') }}
      </button>
    </div>
    <div v-if="tones.probed" class="probed" data-test="probed" role="status">
      <span class="swatch" :style="{ background: tones.probed.colour }" />
      <span>{{ tones.probed.words }}<template v-if="tones.probed.compared">. {{ tones.probed.compared }}</template></span>
    </div>
    <div v-if="tones.probed && tones.tones" class="in-hand" data-test="cell-in-hand">
      <figure v-for="greys in [null, tones.tones.query]" :key="greys ?? ''">
        <img
          :src="cutOf(drawing, workings, tones.probed.cell, greys)"
          :alt="
            greys
              ? $t('tone.cellInTones', { cell: tones.probed.address, steps: choices.tone.steps })
              : $t('tone.cellAsItIs', { cell: tones.probed.address })
          "
          :style="{
            aspectRatio: `${tones.probed.cell.width * workings.drawing.width.mm} / ${tones.probed.cell.height * workings.drawing.height.mm}`,
          }"
        />
      </figure>
    </div>
    <ul v-if="tones.marked && tones.tones" class="spots" data-test="spots">
      <li v-for="spot in tones.tones.spots" :key="spot.words">
        <span class="swatch" :style="{ background: spot.colour }" />{{ spot.words }}
      </li>
    </ul>
  </template>
  <div>
    <Fold group="tone number" :name="$t('tone.numberOfTones')">
      <CountInput
        :label="$t('tone.tones')"
        field="tone.steps"
        :model-value="choices.tone.steps"
        @update:model-value="store.decide((c) => (c.tone.steps = $event))"
      />
      <Pick
        :label="$t('tone.countedFrom')"
        :model-value="String(choices.tone.first)"
        :options="{ 1: '1', 0: '0' }"
        data-test="tone-first"
        @update:model-value="store.decide((c) => (c.tone.first = Number($event) as 0 | 1))"
      />
      <Check :model-value="choices.tone.paper" @update:model-value="store.decide((c) => (c.tone.paper = $event))">
        {{
          $t('tone.theBarePaper')
        }}
      </Check>
      <div v-if="tones.view !== 'photo'" class="field">
        <label for="drop">{{ $t('tone.smallAreasLeftOut') }}</label>
        <el-slider
          id="drop"
          :model-value="choices.tone.drop"
          :min="0"
          :max="4"
          :step="1"
          :aria-label="$t('tone.smallAreasLeftOut')"
          @change="store.decide((c) => (c.tone.drop = $event as number))"
        />
      </div>
      <p v-if="tones.tones?.background" data-test="background">{{ tones.tones.background }}</p>
      <router-link class="button" :to="{ name: 'print', params: { id: drawing.id, sheet: 'tones' } }">{{
        $t('table.printTheBar')
      }}</router-link>
    </Fold>
    <Fold v-if="tones.tones?.reach || (unlooked.length && tones.tones)" group="tone pencils" :name="$t('tone.myPencils')">
      <div v-if="tones.tones?.reach" data-test="reach">
        <p>
          {{ tones.tones.reach.says }} <template v-if="tones.tones.reach.advice">{{ tones.tones.reach.advice }}</template>
        </p>
        <button v-if="tones.tones.reach.out.length" type="button" class="button" @click="setEnd(tones.tones.reach.end)">
          {{ $t('tone.setTheBar') }}
        </button>
        <button v-if="choices.tone.end !== null" type="button" class="button bare" @click="setEnd(null)">{{ $t('tone.asItWas') }}</button>
      </div>
      <Fold
        v-if="unlooked.length && tones.tones"
        :name="$t('tone.whatYourPencilsReach')"
        :decided="$t('tone.notLookedAt', { count: unlooked.length })"
      >
        <p class="soft">{{ $t('tone.layEachByTheBar') }}</p>
        <ByEye :pencils="unlooked" :bar="tones.tones.bar" @kept="loadPencils" />
      </Fold>
    </Fold>
    <Colours v-if="drawing.photo" :drawing="drawing" :workings="workings" />
    <Fold group="tone strokes" :name="$t('tone.strokesAndLayers')">
      <template v-if="tones.tones">
        <Pick
          :label="$t('tone.whichFirst')"
          :model-value="tones.tones.order"
          :options="Object.fromEntries(tones.tones.orders.map((one) => [one.name, one.label]))"
          data-test="tone-order"
          @update:model-value="store.decide((c) => (c.tone.order = $event as NonNullable<typeof c.tone.order>))"
        />
        <p class="soft" data-test="tone-order-why">{{ tones.tones.orders.find((one) => one.name === tones.tones?.order)?.reason }}</p>
      </template>
      <Fold v-if="drawing.photo" :name="$t('tone.howTheStrokesRun')" :decided="tones.hatched ? $t('tone.shown') : ''">
        <Check v-model="tones.hatched">{{ $t('tone.hatchThePaper') }}</Check>
        <p class="soft">{{ $t('tone.readFromThePhoto') }}</p>
        <button type="button" class="button" data-test="draw-strokes" @click="strokes">{{ $t('tone.drawTheWay') }}</button>
        <p v-if="store.errors.strokes" class="fault" role="alert">{{ store.errors.strokes }}</p>
        <p v-for="one in tones.strokes.filter((stroke) => stroke.by_hand)" :key="one.says" data-test="stroke">{{ one.says }}</p>
        <button v-if="choices.strokes.length > 0" type="button" class="button bare" @click="store.decide((c) => c.strokes.splice(0))">
          {{ $t('tone.asThePhotoHasThem') }}
        </button>
      </Fold>
      <Areas v-if="choices.things.length > 0" :choices="choices" />
      <Fold v-if="choices.shots.length > 0" :name="$t('shots.layAShotOver')" :decided="String(choices.shots.length)">
        <ShotsKept :choices="choices" />
      </Fold>
    </Fold>
    <Worked :lines="tones.tones?.sums ?? []">
      <p v-if="!choices.paper.setup.includes('hard')" class="soft" data-test="hard">{{ $t('tone.putAHardBoardUnder') }}</p>
      <p v-for="line in tones.tones?.care ?? []" :key="line" class="soft" data-test="care">{{ line }}</p>
      <p class="soft" data-test="guides-off">{{ workings.guides_off.says }}</p>
    </Worked>
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}

.two [aria-pressed='true'] {
  border: 2px solid var(--red);
}

.probed,
.spots li {
  display: flex;
  align-items: center;
  gap: 10px;
}

.in-hand {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}

figure {
  margin: 0;
}

figure img {
  display: block;
  width: 100%;
}

.spots {
  display: grid;
  gap: 4px;
  margin: 0;
  padding: 0;
  list-style: none;
}

/* Large, and with nothing beside it: an eye judges a tone by its neighbours. */
.swatch {
  flex: none;
  width: 56px;
  height: 40px;
  border: 1px solid var(--tick);
}

.spots .swatch {
  width: 32px;
  height: 22px;
}
</style>
