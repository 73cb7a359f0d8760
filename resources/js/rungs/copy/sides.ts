import type { CellToCopy } from '@/api/types'

export type Crossing = CellToCopy['crossings'][number]
export type Side = Crossing['side']

const OPPOSITE = { top: 'bottom', bottom: 'top', left: 'right', right: 'left' } as const

/** Where something on a side is seen, in per cent, when all is turned upside down or not. */
export function seen(side: Side, at: number, turned: boolean) {
  return turned ? { side: OPPOSITE[side], at: 100 - 100 * at } : { side, at: 100 * at }
}

/** Marks too near to each other along the top or the bottom stand on two heights. */
const CLOSE = 14

/** The crossings as they are seen, with those that must step back from the side. */
export function staggered(crossings: Crossing[], turned: boolean) {
  const spots = crossings.map((crossing, index) => ({ crossing, index, ...seen(crossing.side, crossing.at, turned), back: false, aside: false }))
  for (const side of ['top', 'bottom'] as const) {
    let before: (typeof spots)[number] | undefined
    for (const spot of spots.filter((one) => one.side === side).sort((a, b) => a.at - b.at)) {
      if (before && !before.back && spot.at - before.at < CLOSE) {
        spot.back = true
        before.aside = true
      }
      before = spot
    }
  }
  return spots
}
