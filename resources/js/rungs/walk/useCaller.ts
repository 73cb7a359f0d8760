import { onUnmounted, ref } from 'vue'

/** Calls lengths out with the browser's own voice, when it has one. */
export function useCaller() {
  const on = ref(false)
  const speaks = typeof speechSynthesis !== 'undefined' && typeof SpeechSynthesisUtterance !== 'undefined'

  function hush() {
    if (speaks) speechSynthesis.cancel()
  }

  function call(words: string) {
    if (!speaks) return
    hush()
    const said = new SpeechSynthesisUtterance(words)
    said.lang = 'en'
    said.rate = 0.9
    speechSynthesis.speak(said)
  }

  onUnmounted(hush)

  return { on, speaks, call, hush }
}
