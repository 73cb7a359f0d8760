import { useEventListener, useLocalStorage } from '@vueuse/core'

/** A page that is left lets go of its list in this time; one that holds on to it longer is open beside this one. */
const LEFT_WITHIN_MS = 5000

/**
 * A list of this page's own, kept in the browser over a reload or a crash; what pages that are gone left behind is taken
 * over. Each page has its own, as two that write the same at one moment would lose what one of them wrote.
 *
 * @param prefix  of its name; the rest is this page's
 * @param taken  told when something was taken over
 */
export function useOwnList<T>(prefix: string, taken: () => void) {
  const name = `${prefix}.${crypto.randomUUID()}`
  const list = useLocalStorage<T[]>(name, [], { listenToStorageChanges: false, writeDefaults: false })
  // Held as long as the page lives; where there are no locks, whoever comes last takes all.
  const locks = 'locks' in navigator ? navigator.locks : null
  void locks?.request(name, () => new Promise(() => undefined)).catch(() => undefined)

  function take(left: string) {
    const found = JSON.parse(localStorage.getItem(left) ?? '[]') as T[]
    localStorage.removeItem(left)
    if (found.length === 0) return
    list.value = [...found, ...list.value]
    taken()
  }

  function takeOver() {
    for (const left of Object.keys(localStorage).filter((key) => key.startsWith(`${prefix}.`) && key !== name)) {
      // Reloaded, a page may begin before the one it was has ended: it is waited for.
      if (locks) void locks.request(left, { signal: AbortSignal.timeout(LEFT_WITHIN_MS) }, () => take(left)).catch(() => undefined)
      else take(left)
    }
  }

  takeOver()
  // A page that Back brings up as it was does not know what was left after it.
  useEventListener(window, 'pageshow', (event: PageTransitionEvent) => event.persisted && takeOver())

  return list
}
