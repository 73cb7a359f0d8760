import { readonly, ref } from 'vue'

/** Until it is asked again whether the server is back. */
const ASK_AGAIN_MS = 3000

const is = ref(false)
let asking = 0

/** Whether the server did not answer when it was asked last: what is seen is what it said before. */
export const away = readonly(is)

/** What came of asking the server; while it is away it is asked again, by this, until it is back. */
export function answered(here: boolean, again: () => Promise<unknown>) {
  is.value = !here
  window.clearTimeout(asking)
  if (!here) asking = window.setTimeout(() => void again().catch(() => undefined), ASK_AGAIN_MS)
}
