import type { Pull } from '@/api/types'
import { ARROWS } from './arrows'

/** One arrow key moves the crop by this share of the photo, with Shift ten times as far. */
const NUDGE = 0.002
/** One key makes the crop or the inset larger or smaller by this share of itself, with Shift five times as much. */
const PULL = 0.01

/** The crop and the inset by the arrow keys: moved, or larger to the right and down, smaller to the left and up. */
export function useCropKeys(at: () => { left: number; top: number; width: number; height: number; share: number }, pull: (to: Pull) => void, moved: () => void) {
  function nudge(event: KeyboardEvent) {
    const step = ARROWS[event.key]
    if (!step) return
    event.preventDefault()
    const by = event.shiftKey ? NUDGE * 10 : NUDGE
    const { left, top } = at()
    pull({ by: 'move', left: left + step[0] * by, top: top + step[1] * by })
    moved()
  }

  function larger(event: KeyboardEvent, to: (by: number) => Pull) {
    const arrow = ARROWS[event.key]
    if (!arrow) return
    const by = arrow[0] + arrow[1]
    event.preventDefault()
    pull(to(by * PULL * (event.shiftKey ? 5 : 1)))
    moved()
  }

  const pullCrop = (event: KeyboardEvent) => larger(event, (by) => ({ by: 'corner', width: at().width * (1 + by), height: at().height * (1 + by) }))
  const pullInset = (event: KeyboardEvent) => larger(event, (by) => ({ by: 'inset', share: at().share + by }))

  return { nudge, pullCrop, pullInset }
}
