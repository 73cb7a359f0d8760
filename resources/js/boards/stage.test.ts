import { describe, expect, it } from 'vitest'
import type { Workings } from '@/api/types'
import { every, layStage, type Focus } from './stage'

const mm = (length: number) => ({ mm: length })

/** A 150 × 210 mm print, its crop, and a drawing on a sheet; only what the stage reads. */
function workings(over: Partial<Record<'print' | 'crop' | 'sheet' | 'drawing', object | null>> = {}): Workings {
  return {
    print: { width: mm(150), height: mm(210) },
    picture: { width: 1500, height: 2100 },
    crop: { left: 0.1, top: 0.2, share_w: 0.8, share_h: 0.6 },
    sheet: { width: mm(297), height: mm(420) },
    usable: { left: mm(10), top: mm(10), width: mm(277), height: mm(400) },
    drawing: { left: mm(28.5), top: mm(30), width: mm(240), height: mm(252) },
    ...over,
  } as unknown as Workings
}

const rooms = [
  { width: 840, height: 700 },
  { width: 390, height: 420 },
  { width: 1600, height: 900 },
]
const still = { zoom: 1, x: 0, y: 0 }

describe('where the boards lie', () => {
  for (const room of rooms) {
    for (const focus of ['photo', 'paper', 'both'] as Focus[]) {
      for (const whole of [true, false]) {
        it(`keeps both whole and apart, ${focus} ${whole ? 'with all of the photo' : 'with the crop'} in ${room.width} × ${room.height}`, () => {
          const stage = layStage(workings(), focus, whole, room, still)
          for (const box of [stage.photo, stage.sheet]) {
            expect(box.x).toBeGreaterThanOrEqual(0)
            expect(box.y).toBeGreaterThanOrEqual(0)
            expect(box.x + box.w).toBeLessThanOrEqual(room.width + 1)
            expect(box.y + box.h).toBeLessThanOrEqual(room.height + 1)
          }
          // The ladder stands between them.
          expect(stage.leftStile).toBeGreaterThan(stage.photo.x + stage.photo.w)
          expect(stage.rightStile).toBeLessThan(stage.sheet.x)
          // Shapes are kept: of the crop on the photo, of the drawing on the sheet.
          expect(stage.crop.w / stage.crop.h).toBeCloseTo((150 * 0.8) / (210 * 0.6), 6)
          expect(stage.area.w / stage.area.h).toBeCloseTo(240 / 252, 6)
          expect((stage.area.x - stage.sheet.x) / stage.sheet.w).toBeCloseTo(28.5 / 297, 6)
        })
      }
    }
  }

  it('shows both at their true relative size, zero corners level, when the rung is about both', () => {
    const stage = layStage(workings(), 'both', false, rooms[0]!, still)
    expect(stage.photoScale).toBe(stage.paperScale)
    expect(stage.crop.y).toBeCloseTo(stage.area.y, 6)
  })

  it('goes closer about the view’s own corner, everything alike', () => {
    const plain = layStage(workings(), 'photo', true, rooms[0]!, still)
    const near = layStage(workings(), 'photo', true, rooms[0]!, { zoom: 2, x: 30, y: -20 })
    expect([near.photo.x, near.photo.y, near.photo.w]).toEqual([plain.photo.x * 2 + 30, plain.photo.y * 2 - 20, plain.photo.w * 2])
    expect(near.paperScale).toBeCloseTo(plain.paperScale * 2, 9)
  })

  it('has no scale for a photo that has no size', () => {
    expect(layStage(workings({ print: null }), 'photo', true, rooms[0]!, still).photoScale).toBeNull()
  })
})

describe('which lines get a number', () => {
  it.each([
    [10, 600, 18, 1],
    [60, 600, 18, 2],
    [60, 100, 18, 11],
    [5, 0, 18, 90],
  ])('of %d lines on %d px with %d px each, every %d', (lines, length, least, step) => {
    expect(every(lines, length, least)).toBe(step)
    expect(length === 0 || (length / lines) * step >= least || step === 1).toBe(true)
  })
})
