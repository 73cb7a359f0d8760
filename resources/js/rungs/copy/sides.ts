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

/** How large a cell is seen, and what is written round it: pixels. */
export interface Seen {
  width: number
  height: number
  letters: number
}

/** Half as wide as high, a letter; a blank and a line's own room beside. */
const LETTER = 0.5
const GAP = 8
const LINE = 1.3

/** Whether two readings on a side would lie on each other; then they stand on two heights, or make room up and down. */
function meet(one: Tick, other: Tick, { width, height, letters }: Seen): boolean {
  const level = one.side === 'top' || one.side === 'bottom'
  const apart = (Math.abs(other.at - one.at) / 100) * (level ? width : height)
  return apart < (level ? ((one.text.length + other.text.length) / 2) * LETTER * letters + GAP : LINE * letters)
}

function seen(side: Side, at: number, turned: boolean, text: string, crossing: number | null): Tick {
  const half = crossing === null && Math.abs(at - 0.5) < 1e-6
  const place = turned ? { side: OPPOSITE[side], at: 100 - 100 * at } : { side, at: 100 * at }
  return { ...place, text, crossing, half, back: false, aside: false }
}

/** The crossings, in the eye's words or in the paper's lengths. */
export function crossingTicks(crossings: Crossing[], words: 'eye' | 'paper', turned: boolean, cell: Seen): Tick[] {
  const ticks = crossings.map((crossing, index) => seen(crossing.side, crossing.at, turned, crossing[words], index))
  for (const side of ['top', 'bottom', 'left', 'right'] as const) {
    let [front, behind]: (Tick | undefined)[] = []
    for (const tick of ticks.filter((one) => one.side === side).sort((a, b) => a.at - b.at)) {
      if (front && meet(front, tick, cell) && !(behind && meet(behind, tick, cell))) {
        tick.back = front.aside = true
        behind = tick
      } else front = tick
    }
  }
  return ticks
}

/** The quarters of a cell's own sides. */
export function quarterTicks(card: Pick<CellToCopy, 'across' | 'down'>, turned: boolean): Tick[] {
  return [...card.down.map((tick) => seen('left', tick.at, turned, tick.text, null)), ...card.across.map((tick) => seen('top', tick.at, turned, tick.text, null))]
}
