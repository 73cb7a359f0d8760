import { tryOnScopeDispose } from '@vueuse/core'
import { computed, ref, watch, type Ref } from 'vue'
import type { CellToCopy } from '@/api/types'
import type { CellLooks } from './useCellLooks'

/** Calls out a cell, a sentence at a time, for who looks at the paper; each waits for Space, a tap or a pedal. Without a voice the sentences are only shown. */
export function useReadAloud(card: Ref<CellToCopy | null>, looks: CellLooks) {
  const on = ref(false)
  const at = ref(0)
  const sentence = computed(() => (on.value ? (card.value?.aloud[at.value] ?? '') : ''))
  watch(card, () => (at.value = 0))

  function hush() {
    if ('speechSynthesis' in window) window.speechSynthesis.cancel()
  }

  watch([sentence, at], ([words]) => {
    hush()
    // What is called out is pointed at: the address first, then the crossings, then the contours.
    const crossings = card.value?.crossings.length ?? 0
    const nth = at.value - 1
    if (words) Object.assign(looks, { pointed: nth >= 0 && nth < crossings ? nth : null, chosen: nth >= crossings ? nth - crossings : null })
    if (!words || !('speechSynthesis' in window)) return
    const saying = new SpeechSynthesisUtterance(words)
    saying.lang = document.documentElement.lang
    window.speechSynthesis.speak(saying)
  })
  tryOnScopeDispose(hush)

  /** On to the next sentence; false when there is none, and the cell is done. */
  function next() {
    if (!on.value || !card.value || at.value + 1 >= card.value.aloud.length) return false
    at.value++
    return true
  }

  return { on, sentence, next }
}
