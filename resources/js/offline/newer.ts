import { readonly, ref } from 'vue'

/** A reload that did not help is not tried again so soon. */
const AGAIN_AFTER_MS = 60_000
const RELOADED_AS = 'inch-ladder.reloaded'

const is = ref(false)

/** Whether the server serves another version than this page is of. */
export const newer = readonly(is)

const own = () => document.querySelector<HTMLMetaElement>('meta[name=build]')?.content ?? ''

/** @param build  that the server says it serves; null where it says none */
export function heardBuild(build: string | null) {
  if (build && own() && build !== own()) is.value = true
}

/** A part of this page is not there any more, as a newer version has others: the page is loaded anew, once. */
export function pieceMissing(reload: () => void = () => window.location.reload(), now = Date.now()) {
  const before = Number(sessionStorage.getItem(RELOADED_AS) ?? 0)
  if (now - before < AGAIN_AFTER_MS) {
    is.value = true
    return
  }
  sessionStorage.setItem(RELOADED_AS, String(now))
  reload()
}
