import { useEventListener } from '@vueuse/core'
import { computed, ref, watch, type ComputedRef, type Ref } from 'vue'
import type { Pull, Workings } from '@/api/types'
import { useTool } from '@/stores/tool'
import { bounded } from './held'
import type { Box, Stage } from './stage'
import { useCrossHair } from './useCrossHair'

/** What the hand does to the photo board: takes up a tool, drags or stretches the crop, pulls a line or the inset's corner. */
export interface Hand {
  pull: (to: Pull) => void
  line: (way: 'across' | 'down', from: number, to: number) => void
  moved: () => void
}

const GRIP = 16

/** A press that moves less than this sets a place; the next press sets the other. */
const CLICK = 5

/** Where the inset's free corner is, and the whole diagonal it runs along, from the corner of the paper. */
export type Diagonal = Box & { endX: number; endY: number }

export function usePhotoHand(svg: Ref<SVGSVGElement | null>, stage: ComputedRef<Stage>, workings: ComputedRef<Workings>, held: () => Pull | null, can: ComputedRef<{ whole: boolean; crop: boolean; inset: boolean; lines: boolean }>, hand: Hand) {
  const tool = useTool()
  const rubber = ref<Box | null>(null)
  const start = ref<{ x: number; y: number } | null>(null)
  /** The outline so far, as shares of the whole picture, and as it is seen. */
  const trail = ref<[number, number][]>([])
  const grip = ref<'crop' | 'corner' | 'inset' | { way: 'across' | 'down'; from: number } | null>(null)
  const heldLine = computed(() => (typeof grip.value === 'object' ? grip.value : null))
  let pressed = { x: 0, y: 0 }
  let origin = { x: 0, y: 0, left: 0, top: 0 }

  function at(event: PointerEvent) {
    const rect = svg.value?.getBoundingClientRect()
    return { x: event.clientX - (rect?.left ?? 0), y: event.clientY - (rect?.top ?? 0) }
  }

  /** A place on the board as a share of the whole picture. */
  function picture(p: { x: number; y: number }) {
    const { crop } = workings.value
    const box = stage.value.photo
    const [x, y] = [(p.x - box.x) / box.w, (p.y - box.y) / box.h]
    const whole = can.value.whole ? { x, y } : { x: crop.left + x * crop.share_w, y: crop.top + y * crop.share_h }
    return { x: Math.min(1, Math.max(0, whole.x)), y: Math.min(1, Math.max(0, whole.y)) }
  }

  const still = (a: { x: number; y: number }, b: { x: number; y: number }) => Math.hypot(a.x - b.x, a.y - b.y) < CLICK
  const near = (a: { x: number; y: number }, x: number, y: number) => Math.hypot(a.x - x, a.y - y) <= GRIP

  const diagonal = computed<Diagonal>(() => {
    const { usable, area } = stage.value
    const size = workings.value.inset_size || 1
    const pull = held()
    const share = pull?.by === 'inset' ? bounded(pull.share) : size
    const [w, h] = [area.w / size, area.h / size]
    return { x: usable.x, y: usable.y, w, h, endX: usable.x + w * share, endY: usable.y + h * share }
  })

  function lineAt(p: { x: number; y: number }): { way: 'across' | 'down'; from: number } | null {
    const { crop } = stage.value
    const { across, down } = workings.value.lines
    const column = across.slice(1, -1).find((share) => Math.abs(crop.x + share * crop.w - p.x) <= GRIP / 2)
    if (column !== undefined) return { way: 'across', from: column }
    const row = down.slice(1, -1).find((share) => Math.abs(crop.y + share * crop.h - p.y) <= GRIP / 2)
    return row === undefined ? null : { way: 'down', from: row }
  }

  /** Takes hold of what lies under the pointer; false when there is nothing to hold. */
  function down(event: PointerEvent): boolean {
    const p = at(event)
    const { crop, photo } = stage.value
    if (tool.kind === 'outline') {
      add(p)
      return true
    }
    if (tool.kind) {
      if (tool.kind === 'point') finishTool(p)
      else start.value ??= p
      pressed = p
      return true
    }
    const inside = p.x >= crop.x && p.x <= crop.x + crop.w && p.y >= crop.y && p.y <= crop.y + crop.h
    const d = diagonal.value
    if (can.value.inset && near(p, d.endX, d.endY)) grip.value = 'inset'
    else if (can.value.crop && near(p, crop.x + crop.w, crop.y + crop.h)) grip.value = 'corner'
    else if (can.value.lines && inside) grip.value = lineAt(p)
    else if (can.value.crop && inside) grip.value = 'crop'
    if (grip.value) origin = { ...p, left: (crop.x - photo.x) / photo.w, top: (crop.y - photo.y) / photo.h }
    return grip.value !== null || (can.value.crop && p.x >= photo.x && p.x <= photo.x + photo.w && inside)
  }

  /** The line or the box from the one end to here. */
  function stretch(p: { x: number; y: number }) {
    if (start.value) rubber.value = { ...start.value, w: p.x - start.value.x, h: p.y - start.value.y }
  }

  function move(event: PointerEvent) {
    const p = at(event)
    const { photo, crop } = stage.value
    if (start.value && tool.kind) {
      stretch(p)
    } else if (grip.value === 'crop') {
      hand.pull({ by: 'move', left: origin.left + (p.x - origin.x) / photo.w, top: origin.top + (p.y - origin.y) / photo.h })
    } else if (grip.value === 'corner') {
      hand.pull({ by: 'corner', width: (p.x - crop.x) / photo.w, height: (p.y - crop.y) / photo.h })
    } else if (grip.value === 'inset') {
      const d = diagonal.value
      hand.pull({ by: 'inset', share: ((p.x - d.x) / d.w + (p.y - d.y) / d.h) / 2 })
    } else if (grip.value) {
      const to = grip.value.way === 'across' ? (p.x - crop.x) / crop.w : (p.y - crop.y) / crop.h
      const kept = Math.min(0.999, Math.max(0.001, to))
      hand.line(grip.value.way, grip.value.from, kept)
      grip.value = { ...grip.value, from: kept }
    }
  }

  function up(event: PointerEvent) {
    const p = at(event)
    if (start.value && tool.kind) {
      // A line or a box: dragged from where it was pressed, or one click and another.
      if (!still(pressed, p)) start.value = pressed
      if (!still(start.value, p)) finishTool(p)
    } else if (grip.value) hand.moved()
    grip.value = null
  }

  /** One place more of an outline; the first one again, or Enter, ends it. */
  function add(p: { x: number; y: number }) {
    const first = trail.value[0]
    if (first && trail.value.length >= 3) {
      const at = onBoard(first)
      if (near(p, at.x, at.y)) return closeOutline()
    }
    const { x, y } = picture(p)
    trail.value = [...trail.value, [x, y]]
  }

  function closeOutline() {
    const places = trail.value
    if (places.length >= 3) tool.finish({ x1: 0, y1: 0, x2: 0, y2: 0, places })
  }

  /** Where a share of the whole picture lies on the board. */
  function onBoard([x, y]: [number, number]) {
    const { crop } = workings.value
    const box = stage.value.photo
    return can.value.whole ? { x: box.x + x * box.w, y: box.y + y * box.h } : { x: box.x + ((x - crop.left) / crop.share_w) * box.w, y: box.y + ((y - crop.top) / crop.share_h) * box.h }
  }

  const outline = computed(() => trail.value.map(onBoard))

  /** A place set by a key: a point at once, of a line or a box first the one end and then the other. */
  function set(x: number, y: number) {
    const p = onBoard([x, y])
    if (tool.kind === 'outline') add(p)
    else if (tool.kind === 'point' || start.value) finishTool(p)
    else start.value = p
  }

  const seen = () => {
    const { left, top, share_w, share_h } = workings.value.crop
    return can.value.whole ? { left: 0, top: 0, right: 1, bottom: 1 } : { left, top, right: left + share_w, bottom: top + share_h }
  }
  const { at: cursor } = useCrossHair(svg, seen, set)
  const crossHair = computed(() => (cursor.value ? onBoard([cursor.value.x, cursor.value.y]) : null))
  watch(crossHair, (p) => {
    if (p && start.value && tool.kind !== 'outline') stretch(p)
  })

  function finishTool(end: { x: number; y: number }) {
    const from = picture(start.value ?? end)
    const to = picture(end)
    start.value = null
    rubber.value = null
    tool.finish({ x1: from.x, y1: from.y, x2: to.x, y2: to.y })
  }

  /** Lets go of whatever is held, where it is. */
  function letGo() {
    start.value = null
    rubber.value = null
    trail.value = []
    grip.value = null
  }

  // Whatever laid the tool down, its outline goes with it.
  watch(
    () => tool.kind,
    () => (trail.value = []),
  )

  useEventListener('keydown', (event: KeyboardEvent) => {
    if (event.key === 'Backspace' && trail.value.length > 0) trail.value = trail.value.slice(0, -1)
    if (event.key === 'Enter' && tool.kind === 'outline') return closeOutline()
    if (event.key !== 'Escape' || !tool.kind) return
    letGo()
    tool.finish(null)
  })

  return { rubber, outline, cursor, crossHair, heldLine, diagonal, grip, down, move, up, letGo }
}
