import { reactive, watch } from 'vue'
import type { View } from './useWindow'

/** How the cell in hand is looked at, and what in it is pointed at. */
export interface CellLooks {
  view: View
  lifted: boolean
  hairlines: boolean
  upsideDown: boolean
  /** Left and right swapped: to be looked at, not to be measured from. */
  mirrored: boolean
  brighter: boolean
  tone: boolean
  quarters: boolean
  /** The outlines of named things. */
  things: boolean
  /** Few flat shapes in place of the photo. */
  masses: boolean
  /** What lies under the pointer, larger. */
  loupe: boolean
  /** Where contours are hard, soft and lost. */
  strengths: boolean
  /** The drawing as it was photographed last, in place of the empty cell. */
  shot: boolean
  /** The contour in hand, by its place in the list. */
  chosen: number | null
  /** The crossing that is pointed at, likewise. */
  pointed: number | null
}

export function useCellLooks() {
  const looks = reactive<CellLooks>({ view: 'one', lifted: false, hairlines: true, upsideDown: false, mirrored: false, brighter: false, tone: false, quarters: false, things: false, masses: false, loupe: false, strengths: false, shot: false, chosen: null, pointed: null })

  // A contour is followed in one cell alone.
  watch(
    () => looks.chosen,
    (one) => one !== null && (looks.view = 'one'),
  )

  /** Another view of the cell, or the cell alone again. */
  function look(wanted: View) {
    looks.view = looks.view === wanted ? 'one' : wanted
    looks.chosen = null
  }

  return { looks, look }
}
