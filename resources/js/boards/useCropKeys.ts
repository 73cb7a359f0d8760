import type { Pull } from '@/api/types'

/** One arrow key moves the crop by this share of the photo, with Shift ten times as far. */
const NUDGE = 0.002
/** One key makes the crop or the inset larger or smaller by this share of itself, with Shift five times as much. */
const PULL = 0.01

/** The crop and the inset by the arrow keys: moved, or larger to the right and down, smaller to the left and up. */
export function useCropKeys(at: () => { left: number; top: number; width: number; height: number; share: number }, pull: (to: Pull) => void, moved: () => void) {
  function nudge(event: KeyboardEvent) {
    const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key]
    if (!step) return
    event.preventDefault()
    const by = event.shiftKey ? NUDGE * 10 : NUDGE
    const { left, top } = at()
    pull({ by: 'move', left: left + (step[0] ?? 0) * by, top: top + (step[1] ?? 0) * by })
    moved()
  }

  function larger(event: KeyboardEvent, to: (by: number) => Pull) {
    const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key]
    if (!by) return
    event.preventDefault()
    pull(to(by * PULL * (event.shiftKey ? 5 : 1)))
    moved()
  }

  const pullCrop = (event: KeyboardEvent) => larger(event, (by) => ({ by: 'corner', width: at().width * (1 + by), height: at().height * (1 + by) }))
  const pullInset = (event: KeyboardEvent) => larger(event, (by) => ({ by: 'inset', share: at().share + by }))

  return { nudge, pullCrop, pullInset }
}
