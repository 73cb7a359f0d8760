import { useEventListener } from '@vueuse/core'
import { ref, watch, type Ref } from 'vue'
import { useTool } from '@/stores/tool'
import { ARROWS } from './arrows'

/** One arrow key goes this share of the picture; with Shift ten times as far, with Alt a tenth. */
const STEP = 0.01

/** What of the picture can be seen, as shares of it. */
interface Bounds {
  left: number
  top: number
  right: number
  bottom: number
}

const between = (least: number, share: number, most: number) => Math.min(most, Math.max(least, share))

/**
 * What a pointer does with a tool, done with keys: arrows move a cross-hair over the photo, Enter or Space sets a place.
 * An outline is closed by Enter, so there Space alone sets. The board has the focus meanwhile.
 */
export function useCrossHair(board: Ref<SVGSVGElement | null>, bounds: () => Bounds, set: (x: number, y: number) => void) {
  const tool = useTool()
  const at = ref<{ x: number; y: number } | null>(null)
  let before: Element | null = null

  watch(
    () => tool.kind,
    (kind) => {
      if (kind) {
        before ??= document.activeElement
        board.value?.focus({ preventScroll: true })
        return
      }
      at.value = null
      // Back to what the tool was taken up with, unless something else was taken meanwhile.
      if (document.activeElement === board.value && before instanceof HTMLElement) before.focus({ preventScroll: true })
      before = null
    },
  )

  useEventListener('keydown', (event: KeyboardEvent) => {
    if (!tool.kind || (event.target as HTMLElement | null)?.closest?.('input, select, textarea, [role=slider]')) return
    const arrow = ARROWS[event.key]
    const sets = event.key === ' ' || (event.key === 'Enter' && tool.kind !== 'outline')
    if (!arrow && !(sets && at.value && (event.target as Element | null) === board.value)) return
    event.preventDefault()
    const { left, top, right, bottom } = bounds()
    const here = at.value ?? { x: (left + right) / 2, y: (top + bottom) / 2 }
    if (!arrow) return set(here.x, here.y)
    const step = STEP * (event.shiftKey ? 10 : event.altKey ? 0.1 : 1)
    const moved = { x: between(left, here.x + arrow[0] * step, right), y: between(top, here.y + arrow[1] * step, bottom) }
    at.value = at.value ? moved : here
  })

  return { at }
}
