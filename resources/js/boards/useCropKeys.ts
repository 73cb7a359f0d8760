import type { Workings } from '@/api/types'

/** One arrow key moves the crop by this share of the photo, with Shift ten times as far. */
const NUDGE = 0.002
/** One key makes the crop or the inset larger or smaller by this share of itself, with Shift five times as much. */
const PULL = 0.01

/** The crop and the inset by the arrow keys: moved, or larger to the right and down, smaller to the left and up. */
export function useCropKeys(workings: () => Workings, does: { move: (left: number, top: number) => void; resize: (width: number, height: number) => void; inset: (share: number) => void; moved: () => void }) {
  function nudge(event: KeyboardEvent) {
    const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key]
    if (!step) return
    event.preventDefault()
    const by = event.shiftKey ? NUDGE * 10 : NUDGE
    const { left, top } = workings().crop
    does.move(left + (step[0] ?? 0) * by, top + (step[1] ?? 0) * by)
    does.moved()
  }

  function larger(event: KeyboardEvent, change: (by: number) => void) {
    const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key]
    if (!by) return
    event.preventDefault()
    change(by * PULL * (event.shiftKey ? 5 : 1))
    does.moved()
  }

  const pullCrop = (event: KeyboardEvent) => larger(event, (by) => does.resize(workings().crop.share_w * (1 + by), workings().crop.share_h * (1 + by)))
  const pullInset = (event: KeyboardEvent) => larger(event, (by) => does.inset(workings().inset_size + by))

  return { nudge, pullCrop, pullInset }
}
