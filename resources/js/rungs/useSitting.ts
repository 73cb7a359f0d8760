import { tryOnScopeDispose, useDocumentVisibility, useEventListener, useIntervalFn } from '@vueuse/core'
import { api } from '@/api/client'
import { useDrawing } from '@/stores/drawing'

/** Who touches nothing for so long has put the page aside, though it is still in sight: a full cell is drawn in twenty minutes without looking up. */
const ASIDE_MS = 20 * 60_000
const TICK_S = 5
/** Work is told of once a minute, and when a page is left. */
const TELL_S = 60
/** The server takes no more at a time. */
const MOST_TOLD_S = 3600

/** The work that is being told of. */
let telling: Promise<void> = Promise.resolve()

/** Ends when all that was worked is kept, or could not be. */
export const told = () => telling

/** Keeps the time that is worked at a drawing, by rung and pass: only while the page is seen, and something is done now and then. */
export function useSitting(rung: () => string) {
  const store = useDrawing()
  const seen = useDocumentVisibility()
  let touched = Date.now()
  let worked = { drawing: '', rung: '', pass: null as null | 'place' | 'refine' | 'detail', seconds: 0 }

  function tell() {
    const { drawing, rung, pass, seconds } = worked
    worked = { ...worked, seconds: 0 }
    if (drawing && seconds > 0) {
      telling = api.sit(drawing, { rung, pass, seconds }).then(
        () => undefined,
        () => {
          // Told with the next, while one stays at the same; else let go of: it is a note on the margin, not the work.
          if (worked.drawing === drawing && worked.rung === rung && worked.pass === pass) worked.seconds = Math.min(MOST_TOLD_S, worked.seconds + seconds)
        },
      )
    }
  }

  function tick() {
    const { drawing, draft } = store
    if (!drawing || !draft || seen.value !== 'visible' || Date.now() - touched > ASIDE_MS) return
    const now = { drawing: drawing.id, rung: rung(), pass: rung() === 'copy' && draft.copy.working === 'passes' ? draft.copy.pass : null }
    if (now.drawing !== worked.drawing || now.rung !== worked.rung || now.pass !== worked.pass) {
      tell()
      worked = { ...now, seconds: 0 }
    }
    worked.seconds += TICK_S
    if (worked.seconds >= TELL_S) tell()
  }

  useIntervalFn(tick, TICK_S * 1000)
  for (const sign of ['pointerdown', 'pointermove', 'keydown', 'wheel'] as const) useEventListener(window, sign, () => (touched = Date.now()), { passive: true })
  useEventListener(window, 'pagehide', tell)
  tryOnScopeDispose(tell)
}
