<script setup lang="ts">
import type { Choices, Workings } from '@/api/types'
import { choice, t } from '@/lang'
import { useDrawing } from '@/stores/drawing'
import { useTool } from '@/stores/tool'
import Fold from '@/ui/Fold.vue'
import Num from '@/ui/Num.vue'
import TypedInput from '@/ui/TypedInput.vue'

/** Ovals, boxes and triangles seen in the picture: a line along each, then a place aside. */
defineProps<{ choices: Choices; workings: Workings }>()
const store = useDrawing()
const tool = useTool()
const kinds = ['oval', 'box', 'triangle'] as const

async function lay(kind: (typeof kinds)[number]) {
  const line = await tool.ask('line', kind === 'triangle' ? t('photo.drawItsBase') : t('photo.drawItsLongAxis'))
  if (!line) return
  const aside = await tool.ask('point', kind === 'triangle' ? t('photo.pointAtItsTip') : t('photo.pointAtItsSide'))
  if (aside) await store.adjust('shape', { kind, places: [[line.x1, line.y1], [line.x2, line.y2], [aside.x1, aside.y1]] })
}
</script>

<template>
  <Fold :name="$t('photo.shapes')" :decided="choices.shapes.length ? String(choices.shapes.length) : $t('photo.none')">
    <div class="three">
      <button v-for="kind in kinds" :key="kind" type="button" class="button" :data-test="`lay-${kind}`" @click="lay(kind)">{{ choice(kind) }}</button>
    </div>
    <p v-if="store.errors.shapes" class="fault" role="alert">{{ store.errors.shapes }}</p>
    <div v-for="(shape, i) in choices.shapes" :key="i" class="entry" data-test="shape">
      <TypedInput :label="$t('photo.nameOfShape', { i: i + 1 })" :field="`shapes.${i}.name`" :model-value="shape.name" @update:model-value="store.decide((c) => c.shapes[i] && (c.shapes[i].name = $event))" />
      <ul v-if="workings.shapes[i]" class="soft">
        <li><Num :text="workings.shapes[i].size" />, {{ workings.shapes[i].tilt }}</li>
        <li><Num :text="workings.shapes[i].centre" /></li>
      </ul>
      <button type="button" class="button bare" :aria-label="$t('photo.takeAwayName', { name: shape.name })" @click="store.decide((c) => c.shapes.splice(i, 1))">✕</button>
    </div>
  </Fold>
</template>

<style scoped>
.three {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.three .button {
  flex: 1 1 auto;
}

ul {
  margin: 0;
  padding-left: 20px;
}

.entry {
  position: relative;
}

.entry > .button {
  position: absolute;
  top: 0;
  right: 0;
}
</style>
