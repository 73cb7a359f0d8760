import type { Choices, Lines, Workings } from '@/api/types'
import { every, type Box, type Stage } from './stage'

/** What is drawn over a board, as SVG paths and labels in pixels of the stage. Shares are of the crop, or the drawing area. */

/** Labels have room beside a board from so many pixels on. */
const LABEL_ROOM = 22
/** A running count stands in its cell from so many pixels on. */
const LEAST_CELL = 26
/** A line has so many pixels to its next label at least. */
const LABEL_STEP = 18
const TICK = 7
/** A letter of a name is about so wide, of a caption so, and a name's line so high. */
const LETTER = 7
const CAPTION_LETTER = 6
const NAME_HEIGHT = 17
/** A name moves aside by so many pixels at a time. */
const ASIDE = 5
const LOSS_ROOM = 90
/** How much must be left off below, so that what is said of it stands clear of the caption. */
const LOSS_DEPTH = 14

export const crisp = (px: number) => Math.round(px) + 0.5

const down = (box: Box, share: number) => crisp(box.y + share * box.h)
const across = (box: Box, share: number) => crisp(box.x + share * box.w)

/** The part of a board that the grid lies over; most often all of it. */
function gridded(lines: Lines, box: Box): Box {
  const [left, right] = [lines.across[0] ?? 0, lines.across[lines.across.length - 1] ?? 1]
  const [top, bottom] = [lines.down[0] ?? 0, lines.down[lines.down.length - 1] ?? 1]
  return { x: box.x + left * box.w, y: box.y + top * box.h, w: (right - left) * box.w, h: (bottom - top) * box.h }
}

/** Gridlines, with the diagonals and ticked axes that belong to them. */
export function rules(lines: Lines, box: Box) {
  const g = gridded(lines, box)
  return [
    ...lines.across.map((share) => `M${across(box, share)} ${g.y}v${g.h}`),
    ...lines.down.map((share) => `M${g.x} ${down(box, share)}h${g.w}`),
    lines.diagonals ? `M${g.x} ${g.y}l${g.w} ${g.h}M${g.x} ${g.y + g.h}l${g.w} ${-g.h}` : '',
    axes(lines, box),
  ].join('')
}

/** Axes and their ticks, of a school or laid over another. */
function axes({ axes }: Lines, box: Box) {
  if (!axes) return ''
  const [x, y] = [across(box, axes.x), down(box, axes.y)]
  return [`M${x} ${box.y}v${box.h}M${box.x} ${y}h${box.w}`, ...axes.across.map((share) => `M${across(box, share)} ${y - 5}v10`), ...axes.down.map((share) => `M${x - 5} ${down(box, share)}h10`)].join('')
}

/** The finer lines of cells that are cut: in the cell, ticked on its sides, or carried on. */
export function cuts(divided: Workings['divided'], box: Box) {
  return divided
    .map((cell) => {
      const [x1, x2] = [box.x + cell.left * box.w, box.x + cell.right * box.w]
      const [y1, y2] = [box.y + cell.top * box.h, box.y + cell.bottom * box.h]
      const ticked = cell.hairlines === 'ticks'
      return [...cell.across.map((share) => `M${across(box, share)} ${y1}V${ticked ? y1 + TICK : y2}`), ...cell.down.map((share) => `M${x1} ${down(box, share)}H${ticked ? x1 + TICK : x2}`)].join('')
    })
    .join('')
}

/** Thirds, the cross, diagonals, to judge by. */
export function overlays(lines: Lines, box: Box, board: 'photo' | 'paper') {
  return lines.overlays.flatMap((overlay) => overlay[board].map(([x1 = 0, y1 = 0, x2 = 0, y2 = 0]) => `M${across(box, x1)} ${down(box, y1)}L${across(box, x2)} ${down(box, y2)}`)).join('')
}

/** One gridline from edge to edge; nothing where there is none of that number. */
export function oneLine(lines: Lines, way: 'across' | 'down', line: number | null, box: Box) {
  const share = line === null ? undefined : lines[way][line]
  if (share === undefined) return ''
  return way === 'across' ? `M${across(box, share)} ${box.y}v${box.h}` : `M${box.x} ${down(box, share)}h${box.w}`
}

/** Two hairs that meet at a point. */
export function cross(point: { x: number; y: number } | null, box: Box) {
  return point ? `M${across(box, point.x)} ${box.y}v${box.h}M${box.x} ${down(box, point.y)}h${box.w}` : ''
}

/** The oval or circle a drawing is clipped to, as it lies in a box; null where it fills it. */
export function oval(box: Box, outline: Workings['outline']) {
  return outline && { cx: box.x + box.w / 2, cy: box.y + box.h / 2, rx: box.w * outline.across, ry: box.h * outline.down }
}

/** What of the photo lies round the crop, or round the outline in it. */
export const mask = ({ photo, crop }: Stage, outline: Workings['outline']) => around(photo, crop, outline)

/** A box without another in it, or without the outline in that. */
export function around(p: Box, c: Box, outline: Workings['outline']) {
  const o = oval(c, outline)
  const hole = o ? `M${o.cx - o.rx} ${o.cy}a${o.rx} ${o.ry} 0 1 0 ${2 * o.rx} 0a${o.rx} ${o.ry} 0 1 0 ${-2 * o.rx} 0z` : `M${c.x} ${c.y}v${c.h}h${c.w}v${-c.h}z`
  return `M${p.x} ${p.y}h${p.w}v${p.h}h${-p.w}z${hole}`
}

/** Labels stand outside their board, where a narrow margin would cut them in two; a running count stands in its cells. */
export function labels(lines: Lines, grid: Choices['grid'], box: Box, board: Box = box) {
  const above = box.y - board.y < LABEL_ROOM ? board.y : box.y
  const { columns, rows, addresses } = lines
  const right = grid.corner === 'top right'
  const middle = (shares: number[], i: number) => ((shares[i] ?? 0) + (shares[i + 1] ?? 0)) / 2
  const x = (i: number) => box.x + middle(lines.across, i) * box.w
  const y = (i: number) => box.y + middle(lines.down, i) * box.h + 5
  if (grid.labels === 'running') {
    if (box.w / columns.length < LEAST_CELL || box.h / rows.length < LEAST_CELL) return []
    return addresses.map((text, i) => ({ text, x: x(i % columns.length), y: y(Math.floor(i / columns.length)), anchor: 'middle' }))
  }
  const stepX = every(columns.length, box.w, LABEL_STEP)
  const stepY = every(rows.length, box.h, LABEL_STEP)
  const beside = right ? (board.x + board.w - box.x - box.w < LABEL_ROOM ? board.x + board.w : box.x + box.w) + 8 : (box.x - board.x < LABEL_ROOM ? board.x : box.x) - 8
  return [
    ...columns.map((text, i) => ({ text, x: x(i), y: above - 8, anchor: 'middle' })).filter((_, i) => i % stepX === 0),
    ...rows.map((text, i) => ({ text, x: beside, y: y(i), anchor: right ? 'start' : 'end' })).filter((_, i) => i % stepY === 0),
  ]
}

/** What each side of the crop loses, written where it is lost: inside the crop where there is no room beside it. */
export function losses({ photo, crop: c, leftStile }: Stage, { left, right, top, bottom }: Workings['trimmed']) {
  const middle = c.y + c.h / 2
  // Below a photo stands its caption.
  const below = photo.y + photo.h - c.y - c.h < LOSS_DEPTH ? -8 : 18
  return [
    c.x < LOSS_ROOM ? { side: 'left', text: left, x: c.x + 6, y: middle, anchor: 'start' } : { side: 'left', text: left, x: c.x - 6, y: middle, anchor: 'end' },
    leftStile - c.x - c.w < LOSS_ROOM ? { side: 'right', text: right, x: c.x + c.w - 6, y: middle, anchor: 'end' } : { side: 'right', text: right, x: c.x + c.w + 6, y: middle, anchor: 'start' },
    { side: 'top', text: top, x: c.x + c.w / 2, y: c.y - 8, anchor: 'middle' },
    { side: 'bottom', text: bottom, x: c.x + c.w / 2, y: c.y + c.h + below, anchor: 'middle' },
  ].filter((loss) => loss.text)
}

/** A name that is written: from where to where, and on which line. */
export interface Written {
  left: number
  right: number
  y: number
}

const isFree = (taken: Written[], { left, right, y }: Written) => taken.every((one) => one.right < left || one.left > right || Math.abs(one.y - y) >= NAME_HEIGHT)

/** A name beside its point: above it, or below where another name, or the board's edge, is in the way; towards the middle of the board. */
export function names<T extends { name: string; x: number; at: { x: number; y: number } }>(points: T[], top: number) {
  const taken: Written[] = []
  return points.map((point) => {
    const leftwards = point.x > 0.6
    const x = point.at.x + (leftwards ? -8 : 8)
    const wide = point.name.length * LETTER
    const [left, right] = leftwards ? [x - wide, x] : [x, x + wide]
    const y = [-7, 20].map((by) => point.at.y + by).find((y) => y - NAME_HEIGHT >= top && isFree(taken, { left, right, y })) ?? point.at.y + 20
    taken.push({ left, right, y })
    return { ...point, label: { x, y, anchor: leftwards ? 'end' : 'start', left, right } }
  })
}

/** A name in the middle of its outline, or as near to it above or below as it stands clear of others. */
export function named<T extends { name: string; at: readonly [number, number]; top: number; bottom: number }>(things: T[], besides: Written[]) {
  const taken = [...besides]
  // The smallest first: what is large has room elsewhere.
  const places = new Map<T, number>()
  for (const thing of [...things].sort((a, b) => a.bottom - a.top - (b.bottom - b.top))) {
    const [x, middle] = thing.at
    const half = (thing.name.length * LETTER) / 2
    const steps = Array.from({ length: Math.floor((thing.bottom - thing.top) / 2 / ASIDE) }, (_, i) => (i + 1) * ASIDE)
    const y = [middle, ...steps.flatMap((by) => [middle - by, middle + by])].find((y) => (y === middle || (y - NAME_HEIGHT >= thing.top && y + 4 <= thing.bottom)) && isFree(taken, { left: x - half, right: x + half, y })) ?? middle
    taken.push({ left: x - half, right: x + half, y })
    places.set(thing, y)
  }
  return things.map((thing) => ({ ...thing, y: places.get(thing) ?? thing.at[1] }))
}

/** A caption below a board, in its middle; on a narrow stage moved so far that none of it is cut off. */
export function caption(text: string, board: Box, stage: { width: number }) {
  const half = (text.length * CAPTION_LETTER) / 2
  const middle = board.x + board.w / 2
  // A board that was drawn off the stage takes its caption along.
  const isOn = middle > 0 && middle < stage.width
  return { x: isOn ? Math.max(half, Math.min(middle, stage.width - half)) : middle, y: board.y + board.h + 25 }
}

/** How thick a line is drawn, by its weight of 1 to 3. */
export const weights: Record<number, number> = { 1: 0.8, 2: 1.2, 3: 2.2 }
