<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Choices } from '@/api/types'
import { labels } from '@/lang'
import { useDrawing } from '@/stores/drawing'
import { useTones } from '@/stores/tones'
import Check from '@/ui/Check.vue'
import Choose from '@/ui/Choose.vue'
import Fold from '@/ui/Fold.vue'
import TypedInput from '@/ui/TypedInput.vue'

/** How far each thing is worked, and in which layers. */
const props = defineProps<{ choices: Choices }>()
const store = useDrawing()
const tones = useTones()
const states = labels('open', 'sketched', 'filled', 'final')
const hows = labels('under', 'over', 'blend', 'burnish', 'lift', 'groove')
const openOnly = ref(false)
const open = computed(() => props.choices.things.filter((thing) => thing.state !== 'final').length)
const shown = computed(() => props.choices.things.map((thing, i) => ({ thing, i })).filter(({ thing }) => !openOnly.value || thing.state !== 'final'))
const troubles = (name: string) => tones.tones?.layers.find((one) => one.name === name)?.lines ?? []
</script>

<template>
  <Fold :name="$t('tone.areas')" :decided="open ? $t('tone.openOnes', { open }) : $t('tone.allFinal')">
    <Check v-model="openOnly">{{ $t('tone.theOpenOnesOnly') }}</Check>
    <div v-for="{ thing, i } in shown" :key="i" class="entry" data-test="area">
      <Choose :label="thing.name" :model-value="thing.state" :options="states" @update:model-value="store.decide((c) => c.things[i] && (c.things[i].state = $event))" />
      <ol v-if="thing.layers.length" class="layers">
        <li v-for="(layer, n) in thing.layers" :key="n">
          <Choose :label="`${n + 1}`" :model-value="layer.how" :options="hows" @update:model-value="store.decide((c) => c.things[i]?.layers[n] && (c.things[i].layers[n].how = $event))" />
          <TypedInput :label="$t('tone.withWhat')" :field="`things.${i}.layers.${n}.with`" :model-value="layer.with" @update:model-value="store.decide((c) => c.things[i]?.layers[n] && (c.things[i].layers[n].with = $event))" />
          <button type="button" class="button bare" :aria-label="$t('tone.takeAwayLayer', { n: n + 1 })" @click="store.decide((c) => c.things[i]?.layers.splice(n, 1))">✕</button>
        </li>
      </ol>
      <p v-for="line in troubles(thing.name)" :key="line" class="fault" data-test="layer-trouble">{{ line }}</p>
      <button type="button" class="button bare add" @click="store.decide((c) => c.things[i]?.layers.push({ how: thing.layers.length ? 'over' : 'under', with: '' }))">{{ $t('tone.addALayer') }}</button>
    </div>
  </Fold>
</template>

<style scoped>
.layers {
  margin: 0;
  padding: 0;
  list-style: none;
}

.layers li {
  display: grid;
  grid-template-columns: 1fr 1fr 36px;
  align-items: end;
  gap: 6px;
}

.add {
  justify-self: start;
}
</style>
