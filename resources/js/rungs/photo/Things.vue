<script setup lang="ts">
import { useLook } from '@/boards/useLook'
import type { Choices, Workings } from '@/api/types'
import { t } from '@/lang'
import { useDrawing } from '@/stores/drawing'
import { useThings } from '@/stores/things'
import { useTool } from '@/stores/tool'
import Check from '@/ui/Check.vue'
import Fold from '@/ui/Fold.vue'
import Num from '@/ui/Num.vue'
import TypedInput from '@/ui/TypedInput.vue'

/** What the picture is made of, named once: how large each thing will be, how far it reaches, what is in front, what must not be forgotten; and the gaps. */
defineProps<{ choices: Choices; workings: Workings }>()
const store = useDrawing()
const tool = useTool()
const things = useThings()
const { look } = useLook()

async function box() {
  const drawn = await tool.ask('box', t('photo.dragABoxRoundAThing'))
  if (drawn) await store.adjust('thing', { places: [[drawn.x1, drawn.y1], [drawn.x2, drawn.y2]] })
}

async function trace() {
  const drawn = await tool.ask('outline', t('photo.tapAlongTheOutline'))
  if (drawn?.places) await store.adjust('thing', { places: drawn.places })
}

/** One step nearer, or farther off. */
function move(i: number, by: -1 | 1) {
  store.decide(({ things }) => things.splice(i + by, 0, ...things.splice(i, 1)))
}
</script>

<template>
  <Fold :name="$t('photo.things')" :decided="choices.things.length ? String(choices.things.length) : $t('photo.none')">
    <div class="two">
      <button type="button" class="button" @click="box">{{ $t('photo.boxAThing') }}</button>
      <button type="button" class="button" @click="trace">{{ $t('photo.traceAThing') }}</button>
    </div>
    <p v-if="store.errors.things" class="fault" role="alert">{{ store.errors.things }}</p>
    <p v-if="choices.things.length > 1" class="soft">{{ $t('photo.theFirstIsInFront') }}</p>
    <div v-for="(thing, i) in choices.things" :key="i" class="entry" data-test="thing">
      <TypedInput :label="$t('photo.nameOfThing', { i: i + 1 })" :field="`things.${i}.name`" :model-value="thing.name" @update:model-value="store.decide((c) => c.things[i] && (c.things[i].name = $event))" />
      <template v-if="workings.things[i]?.name === thing.name">
        <p v-if="!workings.things[i].inside" class="soft">{{ $t('photo.thingBesideTheCrop') }}</p>
        <template v-else>
          <p><Num :text="workings.things[i].size" /></p>
          <ul class="soft"><li v-for="line in [...workings.things[i].extremes, ...workings.things[i].edges]" :key="line"><Num :text="line" /></li></ul>
        </template>
      </template>
      <div class="row">
        <Check :model-value="thing.must" @update:model-value="store.decide((c) => c.things[i] && (c.things[i].must = $event))">{{ $t('photo.mustNotBeForgotten') }}</Check>
        <button type="button" class="button bare" :disabled="i === 0" :aria-label="$t('photo.nearer', { name: thing.name })" @click="move(i, -1)">↑</button>
        <button type="button" class="button bare" :disabled="i === choices.things.length - 1" :aria-label="$t('photo.fartherOff', { name: thing.name })" @click="move(i, 1)">↓</button>
        <button type="button" class="button bare" :aria-label="$t('photo.takeAwayName', { name: thing.name })" @click="store.decide((c) => c.things.splice(i, 1))">✕</button>
      </div>
    </div>
    <template v-if="choices.things.length > 0">
      <Check v-model="look.gaps">{{ $t('photo.fillTheGaps') }}</Check>
      <ol v-if="look.gaps" data-test="gap-list"><li v-for="(gap, i) in things.gaps" :key="i"><Num :text="gap.size" /></li></ol>
    </template>
  </Fold>
</template>

<style scoped>
ul,
ol {
  margin: 0;
  padding-left: 20px;
}

.row {
  display: flex;
  align-items: center;
  gap: 2px;
}

.row .check {
  margin-right: auto;
}

.row .button {
  padding: 5px 9px;
}
</style>
