<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { unreachable } from '@/api/client'
import { away } from '@/offline/away'
import { useDrawing } from '@/stores/drawing'
import Callout from '@/ui/Callout.vue'
import Num from '@/ui/Num.vue'

/** What the server had to say that belongs beside no single field. */
const store = useDrawing()
defineProps<{ saidElsewhere?: boolean }>()
/** Sentences that belong beside a field which is not in sight: no refusal stays unseen. */
const unseen = ref<string[]>([])
watch(
  () => store.errors,
  async (errors) => {
    await nextTick()
    const plain = (text: string) => text.replace(/\s+/g, ' ').trim()
    const seen = [...document.querySelectorAll<HTMLElement>('[role=alert]')].filter((one) => one.checkVisibility()).map((one) => plain(one.textContent ?? ''))
    unseen.value = [...new Set(Object.values(errors))].filter((sentence) => !seen.some((text) => text.includes(plain(sentence))))
  },
  { flush: 'post' },
)
/** That it is away is said only while it is. */
const trouble = computed(() => (store.trouble === unreachable ? null : store.trouble))
</script>

<template>
  <Callout v-if="store.stale" data-test="stale">
    <p>{{ store.stale.message }}</p>
    <button type="button" class="button" @click="store.takeTheirs()">{{ $t('table.takeThoseChanges') }}</button>
    <button type="button" class="button" @click="store.putMineOnTop()">{{ $t('table.putMineOnTop') }}</button>
  </Callout>
  <Callout v-if="store.drawing && store.drawing.kept > 0 && store.rung !== null" tone="calm">{{ $t('table.keptWithThePicture', store.drawing.kept) }}</Callout>
  <Callout v-if="store.said && (!saidElsewhere || store.touched)" tone="calm" data-test="said">
    <p><Num :text="store.said" /></p>
    <button v-if="store.touched && store.drawing?.undo" type="button" class="button" @click="store.step('undo')">{{ $t('table.asItWasBefore') }}</button>
  </Callout>
  <Callout v-if="store.setAside" data-test="set-aside">
    <p>{{ $t('table.notesNotSaved', { why: store.setAside.why }, store.setAside.count) }}</p>
    <p>
      <button type="button" class="button" @click="store.sendAgain()">{{ $t('table.tryAgain') }}</button>
      <button type="button" class="button bare" @click="store.deleteSetAside(store.drawing?.id ?? '')">{{ $t('table.deleteNotes', store.setAside.count) }}</button>
    </p>
  </Callout>
  <Callout v-for="(one, i) in store.late" :key="i" tone="calm" data-test="late">
    <p>{{ one.says }}</p>
    <p>
      <button type="button" class="button" @click="store.useLate(one)">{{ $t('table.useMine') }}</button>
      <button type="button" class="button bare" @click="store.dismissLate(one)">{{ $t('table.dismiss') }}</button>
    </p>
  </Callout>
  <Callout v-for="sentence in unseen" :key="sentence" data-test="unseen">{{ sentence }}</Callout>
  <Callout v-if="away || trouble" data-test="trouble">
    <p>{{ away ? unreachable : trouble }}<template v-if="away && store.waiting > 0">&nbsp;{{ $t('table.keptHereMeanwhile', store.waiting) }}</template></p>
    <button v-if="store.state === 'unsaved'" type="button" class="button" @click="store.keep()">{{ $t('table.tryAgain') }}</button>
  </Callout>
</template>
