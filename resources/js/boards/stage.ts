import type { Workings } from '@/api/types'

/** A rectangle on the stage, in CSS pixels. */
export interface Box {
  x: number
  y: number
  w: number
  h: number
}

/** Where everything lies on the stage. Placing only: every measure comes from the workings. */
export interface Stage {
  /** How wide it is. */
  width: number
  /** Whether the paper lies there alone. */
  alone: boolean
  /** What is shown of the photo: all of it, or the crop alone. */
  photo: Box
  crop: Box
  sheet: Box
  usable: Box
  area: Box
  /** x of the two stiles of the ladder. */
  leftStile: number
  rightStile: number
  /** CSS pixels to a millimetre; null where no ruler applies. */
  photoScale: number | null
  paperScale: number
}

/** `sheet` is the paper, alone where there is no room for both. */
export type Focus = 'photo' | 'paper' | 'both' | 'sheet'

export interface View {
  zoom: number
  x: number
  y: number
}

const LABELS = { left: 40, top: 52, bottom: 40 }
/** Below the captions, where there is room for it: at what size the boards are shown. */
const TRUE_SIZE = 34
const LADDER = 150
/** On a phone, so that both boards stay whole. */
const SLIM_LADDER = 104
const SLIM_ROOM = 600
const EDGE = 24

/** A photo on a screen has no size; it is shown at this share of the drawing area. */
const SCREEN_SHARE = 0.62

/**
 * Lays the two boards side by side with their zero corners level.
 *
 * With the focus on both, they are at true relative size; else the board the
 * rung is about takes two thirds.
 */
export function layStage(workings: Workings, focus: Focus, wholePhoto: boolean, room: { width: number; height: number }, view: View): Stage {
  const { crop, drawing } = workings
  const print = workings.print
  const area = { w: drawing.width.mm, h: drawing.height.mm }
  const whole = print
    ? { w: print.width.mm, h: print.height.mm }
    : sized({ width: workings.picture.width ?? 1, height: workings.picture.height ?? 1 }, (area.w * SCREEN_SHARE) / crop.share_w)
  const shown = wholePhoto ? whole : { w: whole.w * crop.share_w, h: whole.h * crop.share_h }
  const cropTop = wholePhoto ? crop.top * whole.h : 0
  const sheet = { w: workings.sheet.width.mm, h: workings.sheet.height.mm }

  const slim = room.width < SLIM_ROOM
  const alone = focus === 'sheet' && slim
  const ladder = alone ? 0 : slim ? SLIM_LADDER : LADDER
  const width = Math.max(200, room.width - LABELS.left - ladder - EDGE)
  const height = Math.max(160, room.height - LABELS.top - LABELS.bottom - (room.width < SLIM_ROOM ? 0 : TRUE_SIZE))
  let photoScale: number
  let paperScale: number
  if (focus === 'both') {
    const above = Math.max(cropTop, drawing.top.mm)
    const below = Math.max(shown.h - cropTop, sheet.h - drawing.top.mm)
    photoScale = paperScale = Math.min(width / (shown.w + sheet.w), height / (above + below))
  } else {
    const share = focus === 'photo' ? 0.66 : alone ? 0.001 : 0.3
    photoScale = Math.min((width * share) / shown.w, height / shown.h)
    paperScale = Math.min((width * (1 - share)) / sheet.w, height / sheet.h)
  }
  const level = focus === 'both'
  const photoBox = { w: shown.w * photoScale, h: shown.h * photoScale }
  const sheetBox = { w: sheet.w * paperScale, h: sheet.h * paperScale }
  const spare = Math.max(0, width - photoBox.w - sheetBox.w) / 2

  const photoTop = level ? Math.max(0, drawing.top.mm - cropTop) * paperScale : 0
  const sheetTop = level ? Math.max(0, cropTop - drawing.top.mm) * photoScale : 0
  const tall = Math.max(photoTop + photoBox.h, sheetTop + sheetBox.h)
  const top = LABELS.top + Math.max(0, height - tall) / (level ? 3 : 2)
  const centre = (h: number) => (level ? 0 : (tall - h) / 2)

  const place = (box: Box): Box => ({ x: box.x * view.zoom + view.x, y: box.y * view.zoom + view.y, w: box.w * view.zoom, h: box.h * view.zoom })
  const at = place({ x: LABELS.left + spare, y: top + photoTop + centre(photoBox.h), ...photoBox })
  const paper = place({ x: LABELS.left + spare + photoBox.w + ladder, y: top + sheetTop + centre(sheetBox.h), ...sheetBox })
  const mm = paperScale * view.zoom
  const onPaper = (part: { left: { mm: number }; top: { mm: number }; width: { mm: number }; height: { mm: number } }): Box => ({
    x: paper.x + part.left.mm * mm,
    y: paper.y + part.top.mm * mm,
    w: part.width.mm * mm,
    h: part.height.mm * mm,
  })
  return {
    width: room.width,
    alone,
    photo: at,
    crop: wholePhoto ? { x: at.x + crop.left * at.w, y: at.y + crop.top * at.h, w: crop.share_w * at.w, h: crop.share_h * at.h } : at,
    sheet: paper,
    usable: onPaper(workings.usable),
    area: onPaper(drawing),
    leftStile: at.x + at.w + 24,
    rightStile: Math.min(paper.x - 24, onPaper(drawing).x - 48),
    photoScale: print ? photoScale * view.zoom : null,
    paperScale: mm,
  }
}

function sized(photo: { width: number; height: number }, width: number) {
  return { w: width, h: (width * photo.height) / photo.width }
}

/** Every how many-th line gets its number, so that numbers never touch. */
export function every(lines: number, length: number, least: number): number {
  return Math.max(1, Math.ceil((least * lines) / Math.max(1, length)))
}
