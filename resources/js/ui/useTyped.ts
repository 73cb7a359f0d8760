import { ref, watch } from 'vue'

/**
 * The text of a field as it is being typed. What is kept shows in it, but an answer to something else that comes in
 * meanwhile leaves it alone until it was told, or left as it was.
 */
export function useTyped(kept: () => string) {
  const typed = ref(kept())
  let inHand = false
  watch(kept, (fresh) => {
    if (!inHand) typed.value = fresh
  })

  return {
    typed,
    typing: () => {
      inHand = true
    },
    told: () => {
      inHand = false
    },
    left: () => {
      if (inHand) typed.value = kept()
      inHand = false
    },
  }
}
