import { describe, expect, it } from 'vitest'
import { hatching } from './hatching'

const box = { x: 10, y: 20, w: 40, h: 30 }
const ends = (path: string) => path.split('M').filter(Boolean).map((one) => one.split('L').map((at) => at.split(' ').map(Number) as [number, number]) as [[number, number], [number, number]])

describe('hatching', () => {
  it.each([0, 17, 45, 90, -30, -89])('runs at %s degrees, inside the box, so far apart', (degrees) => {
    const strokes = ends(hatching(box, degrees, 5))
    expect(strokes.length).toBeGreaterThan(4)
    const [x, y] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)]
    const offs = strokes.map(([[x1, y1], [x2, y2]]) => {
      for (const [px, py] of [[x1, y1], [x2, y2]] as const) {
        expect(px).toBeGreaterThanOrEqual(box.x - 0.06)
        expect(px).toBeLessThanOrEqual(box.x + box.w + 0.06)
        expect(py).toBeGreaterThanOrEqual(box.y - 0.06)
        expect(py).toBeLessThanOrEqual(box.y + box.h + 0.06)
      }
      // Along the way, and not across it.
      expect(Math.abs((x2 - x1) * y - (y2 - y1) * x)).toBeLessThan(0.3)
      return -x1 * y + y1 * x
    })
    for (let i = 1; i < offs.length; i++) expect(Math.abs(offs[i]! - offs[i - 1]! - 5)).toBeLessThan(0.3)
  })
})
