import { useEventListener } from '@vueuse/core'
import { computed, ref, type Ref } from 'vue'
import type { CellToCopy } from '@/api/types'
import { t } from '@/lang'
import type { Place } from '@/stores/copying'
import { useDrawing } from '@/stores/drawing'
import type { CellLooks } from './useCellLooks'

export type Spot = [x: number, y: number]

/** Places of a contour that are shown one after another: where it comes in, half-way, where it goes out. */
const OF_A_CONTOUR = 3
/** What an arrow key moves the place in hand by, as a share of the cell; with Shift five times as much. */
const STEP = 0.01

/** Sets right what was seen of a cell: strikes a crossing or contour out, moves it, or puts one where none was seen. */
export function useSetRight(at: Ref<Place>, card: Ref<CellToCopy | null>, looks: CellLooks) {
  const store = useDrawing()
  /** What is being shown to the program: what it was, the places so far, and the one in hand. */
  const setting = ref<{ what: 'crossing' | 'contour'; was: Spot | null; places: Spot[]; at: Spot } | null>(null)

  /** What is meant: the crossing pointed at, or else the contour in hand. */
  const meant = computed(() => {
    const crossing = looks.pointed === null ? undefined : card.value?.crossings[looks.pointed]
    if (crossing) return { what: 'crossing' as const, was: crossing.place as Spot }
    const contour = looks.chosen === null ? undefined : card.value?.courses[looks.chosen]
    return contour ? { what: 'contour' as const, was: contour.middle as Spot } : null
  })

  function send(what: 'crossing' | 'contour', was: Spot | null, now: Spot[]) {
    setting.value = null
    looks.pointed = looks.chosen = null
    void store.adjust('edge', { ...at.value, what, was, now })
  }

  function begin(what: 'crossing' | 'contour', was: Spot | null) {
    looks.view = 'one'
    setting.value = { what, was, places: [], at: was ?? [0.5, 0.5] }
  }

  const strike = () => meant.value && send(meant.value.what, meant.value.was, [])
  const move = () => meant.value && begin(meant.value.what, meant.value.was)
  const add = (what: 'crossing' | 'contour') => begin(what, null)

  /** One place more; the last one sends them. */
  function put(spot: Spot) {
    const now = setting.value
    if (!now) return
    const places = [...now.places, spot]
    if (places.length === (now.what === 'crossing' ? 1 : OF_A_CONTOUR)) send(now.what, now.was, places)
    else setting.value = { ...now, places, at: spot }
  }

  const end = () => (setting.value = null)

  const says = computed(() => {
    const now = setting.value
    if (!now) return ''
    return now.what === 'crossing' ? t('copy.setRight.tapTheSide') : t(`copy.setRight.tapThe.${now.places.length}`)
  })

  // While a place is being shown the keys are its own.
  useEventListener(
    'keydown',
    (event: KeyboardEvent) => {
      const now = setting.value
      if (!now) return
      const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key]
      if (way) {
        const by = event.shiftKey ? 5 * STEP : STEP
        const inside = (place: number) => Math.min(1, Math.max(0, place))
        now.at = [inside(now.at[0] + (way[0] ?? 0) * by), inside(now.at[1] + (way[1] ?? 0) * by)]
      } else if (event.key === 'Enter' || event.key === ' ') put(now.at)
      else if (event.key === 'Escape') end()
      else return
      event.preventDefault()
      event.stopImmediatePropagation()
    },
    { capture: true },
  )

  return { setting, meant, strike, move, add, put, end, says }
}
