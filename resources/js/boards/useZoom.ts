import { useEventListener } from '@vueuse/core'
import { ref, type Ref } from 'vue'
import type { View } from './stage'

const MOST = 12
/** By hand the boards are never smaller than the bench; at true size they may be. */
const LEAST = 0.02

/** Zoom and pan for both boards together: wheel, two fingers, drag on the bench, and the keys + − 0. */
export function useZoom(stage: Ref<SVGSVGElement | null>) {
  const view = ref<View>({ zoom: 1, x: 0, y: 0 })

  function zoomBy(factor: number, x = (stage.value?.clientWidth ?? 0) / 2, y = (stage.value?.clientHeight ?? 0) / 2, least = Math.min(1, view.value.zoom)) {
    const zoom = Math.min(MOST, Math.max(least, view.value.zoom * factor))
    const by = zoom / view.value.zoom
    view.value = zoom === 1 ? { zoom: 1, x: 0, y: 0 } : { zoom, x: x - (x - view.value.x) * by, y: y - (y - view.value.y) * by }
  }

  /** So many times as large, with a place of the whole boards in the middle. */
  function lookAt(at: { x: number; y: number }, zoom: number) {
    view.value = { zoom, x: (stage.value?.clientWidth ?? 0) / 2 - zoom * at.x, y: (stage.value?.clientHeight ?? 0) / 2 - zoom * at.y }
  }

  /** As large as things are, be that larger or smaller. */
  function toTrueSize(factor: number) {
    zoomBy(factor, undefined, undefined, LEAST)
  }

  function reset() {
    view.value = { zoom: 1, x: 0, y: 0 }
  }

  useEventListener(
    stage,
    'wheel',
    (event: WheelEvent) => {
      event.preventDefault()
      const box = stage.value?.getBoundingClientRect()
      zoomBy(Math.exp(-event.deltaY / 400), event.clientX - (box?.left ?? 0), event.clientY - (box?.top ?? 0))
    },
    { passive: false },
  )
  /** Where each finger is; with two of them down the boards follow both, and nothing else is held. */
  const fingers = new Map<number, { x: number; y: number }>()
  const pinching = ref(false)

  function seen(event: PointerEvent) {
    const box = stage.value?.getBoundingClientRect()
    return { x: event.clientX - (box?.left ?? 0), y: event.clientY - (box?.top ?? 0) }
  }

  function spread() {
    const [a, b] = [...fingers.values()]
    return a && b ? { apart: Math.hypot(a.x - b.x, a.y - b.y), x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 } : null
  }

  useEventListener(stage, 'pointerdown', (event: PointerEvent) => {
    if (event.pointerType !== 'touch') return
    fingers.set(event.pointerId, seen(event))
    pinching.value = fingers.size > 1
  })
  useEventListener(stage, 'pointermove', (event: PointerEvent) => {
    if (!fingers.has(event.pointerId)) return
    const before = spread()
    fingers.set(event.pointerId, seen(event))
    const now = spread()
    if (!pinching.value || !before || !now || before.apart === 0) return
    zoomBy(now.apart / before.apart, now.x, now.y)
    if (view.value.zoom !== 1) view.value = { ...view.value, x: view.value.x + now.x - before.x, y: view.value.y + now.y - before.y }
  })
  for (const end of ['pointerup', 'pointercancel'] as const) {
    useEventListener(window, end, (event: PointerEvent) => {
      fingers.delete(event.pointerId)
      // The last finger ends it, so that lifting one does not drag what lies under the other.
      if (fingers.size === 0) pinching.value = false
    })
  }

  useEventListener('keydown', (event: KeyboardEvent) => {
    if (event.target instanceof HTMLElement && event.target.closest('input:not([readonly]), textarea, select')) return
    if (event.ctrlKey || event.metaKey || event.altKey) return
    if (event.key === '+') zoomBy(1.25)
    if (event.key === '-') zoomBy(0.8)
    if (event.key === '0') reset()
  })

  const panning = ref(false)

  /** Drags the view along with a pointer that went down on the bare bench. */
  function pan(start: PointerEvent) {
    if (view.value.zoom === 1) return
    const from = { ...view.value }
    const stop = useEventListener('pointermove', (event: PointerEvent) => {
      view.value = { zoom: from.zoom, x: from.x + event.clientX - start.clientX, y: from.y + event.clientY - start.clientY }
    })
    panning.value = true
    const end = () => {
      stop()
      panning.value = false
      for (const leave of ends) leave()
    }
    const ends = (['pointerup', 'pointercancel'] as const).map((how) => useEventListener(how, end))
  }

  return { view, pinching, panning, zoomBy, lookAt, toTrueSize, reset, pan }
}
