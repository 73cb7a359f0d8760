import type { CellToCopy } from '@/api/types'

export type Crossing = CellToCopy['crossings'][number]
export type Side = Crossing['side']

/** A mark on a side of a cell, as it is seen. */
export interface Tick {
  side: Side
  /** Per cent of the side, from its left or its top as it is seen. */
  at: number
  text: string
  /** The crossing's place in the list; null for a quarter of the side. */
  crossing: number | null
  half: boolean
  /** Steps back from the side, for one that is too near before it. */
  back: boolean
  /** Makes room for one that steps back. */
  aside: boolean
}

const OPPOSITE = { top: 'bottom', bottom: 'top', left: 'right', right: 'left' } as const

/** Nearer than that, in per cent of the side, two marks stand on two heights, or make room for each other up and down. */
const CLOSE = { top: 14, bottom: 14, left: 8, right: 8 } as const

function seen(side: Side, at: number, turned: boolean, text: string, crossing: number | null): Tick {
  const half = crossing === null && Math.abs(at - 0.5) < 1e-6
  const place = turned ? { side: OPPOSITE[side], at: 100 - 100 * at } : { side, at: 100 * at }
  return { ...place, text, crossing, half, back: false, aside: false }
}

/** The crossings, in the eye's words or in the paper's lengths. */
export function crossingTicks(crossings: Crossing[], words: 'eye' | 'paper', turned: boolean): Tick[] {
  const ticks = crossings.map((crossing, index) => seen(crossing.side, crossing.at, turned, crossing[words], index))
  for (const side of ['top', 'bottom', 'left', 'right'] as const) {
    let before: Tick | undefined
    for (const tick of ticks.filter((one) => one.side === side).sort((a, b) => a.at - b.at)) {
      if (before && !before.back && tick.at - before.at < CLOSE[side]) {
        tick.back = true
        before.aside = true
      }
      before = tick
    }
  }
  return ticks
}

/** The quarters of a cell's own sides. */
export function quarterTicks(card: Pick<CellToCopy, 'across' | 'down'>, turned: boolean): Tick[] {
  return [...card.down.map((tick) => seen('left', tick.at, turned, tick.text, null)), ...card.across.map((tick) => seen('top', tick.at, turned, tick.text, null))]
}
