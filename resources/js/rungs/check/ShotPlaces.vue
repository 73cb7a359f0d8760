<script setup lang="ts">
import { computed } from 'vue'
import { t } from '@/lang'
import { useDrawing } from '@/stores/drawing'
import { useShots } from '@/stores/shots'
import { useTool } from '@/stores/tool'
import Fold from '@/ui/Fold.vue'
import Num from '@/ui/Num.vue'
import Features from './Features.vue'

/** Every place that is judged, the farthest out first: confirmed, set by hand, or moved on purpose. */
const shots = useShots()
const tool = useTool()
const store = useDrawing()
const points = computed(() => shots.told?.points ?? [])
const out = computed(() => points.value.filter((one) => !one.within && one.sure && !one.meant).length)
const missing = computed(() => (shots.told?.not_measured ?? []).filter((name) => !points.value.some((one) => one.name === name)))

/** Asks for the place on the paper board. */
function setByHand(name: string, label: string, at: number[] | null) {
  tool.finish(null)
  shots.placing = { name, label, at: at && { x: at[0] ?? 0, y: at[1] ?? 0 } }
}
</script>

<template>
  <Fold group="check differences" :name="$t('shots.allDifferences')" :decided="t('shots.placesDecided', { out, all: points.length })">
    <article v-for="one in points" :key="one.name" class="place" :class="{ out: !one.within && one.sure && !one.meant }" data-test="judged">
      <p>
        <b>{{ one.within && one.sure ? '✓' : one.meant ? '·' : one.sure ? '✗' : '?' }}</b> <Num :text="one.says" />
      </p>
      <p class="soft">
        <Num :text="one.amounts" /><template v-if="one.critical"> · {{ $t('shots.critical') }}</template>
      </p>
      <div class="row">
        <button v-if="one.proposed" type="button" class="button bare" @click="shots.read(one.name, one.at)">
          {{ $t('shots.thatIsIt') }}
        </button>
        <button type="button" class="button bare" @click="setByHand(one.name, one.label, one.came_out)">{{ $t('shots.setByHand') }}</button>
        <button
          v-if="!one.meant && !one.within && one.sure"
          type="button"
          class="button bare"
          @click="shots.mean(one.name, { right_mm: one.right_mm, down_mm: one.down_mm })"
        >
          {{ $t('shots.meant') }}
        </button>
        <button v-if="one.meant" type="button" class="button bare" @click="shots.mean(one.name, null)">{{ $t('shots.notMeant') }}</button>
      </div>
    </article>
    <p v-for="span in shots.told?.spans ?? []" :key="span.index" class="row" data-test="seen-span">
      <span><Num :text="$t('shots.lengthSeen', { name: span.name, drawn: span.drawn, misfit: span.misfit })" />;
        <Num :text="span.slope" /></span><button
        type="button"
        class="button bare"
        @click="store.decide((c) => c.spans[span.index] && (c.spans[span.index]!.drawn = span.drawn))"
      >
        {{ $t('shots.takeIt') }}
      </button>
    </p>
    <ul v-if="shots.told?.alignments.length" class="aligned" data-test="aligned">
      <li v-for="one in shots.told.alignments" :key="one.photo" :class="{ fault: !one.same }">
        <Num :text="one.photo" />; <Num :text="one.drawing" />
      </li>
    </ul>
    <Fold v-if="shots.told?.pairs.length" :name="$t('check.eachAgainstEach')" :decided="String(shots.told.pairs.length)">
      <ul class="aligned" data-test="pairs-seen">
        <li v-for="line in shots.told.pairs" :key="line"><Num :text="line" /></li>
      </ul>
    </Fold>
    <ul v-if="shots.told?.relations.length" class="aligned" data-test="gaps-seen">
      <li v-for="one in shots.told.relations" :key="one.photo" :class="{ fault: !one.same }">
        <Num :text="one.photo" />; <Num :text="one.drawing" />
      </li>
    </ul>
    <p class="row">
      <a class="button bare" :href="`/api/drawings/${store.drawing?.id}/shots/${shots.chosen}/places.csv`">{{ $t('shots.csv') }}</a>
      <router-link
        v-if="store.drawing"
        class="button bare"
        :to="{ name: 'print', params: { id: store.drawing.id, sheet: 'corrections' } }"
      >{{ $t('shots.printCorrections') }}</router-link>
    </p>
    <p v-for="name in missing" :key="name" class="row">
      <span>? {{ name }}</span>
      <button type="button" class="button bare" @click="setByHand(name, name, null)">{{ $t('shots.setByHand') }}</button>
    </p>
    <Features v-if="shots.told" :features="shots.told.features" />
  </Fold>
</template>

<style scoped>
.place {
  padding: 2px 0 4px 8px;
  border-left: 4px solid var(--rule);
}

.place.out {
  border-left-color: var(--red);
}

.aligned {
  margin: 0;
  padding: 0;
  list-style: none;
}

.row {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 6px;
}

.row .button {
  padding: 5px 6px;
}
</style>
