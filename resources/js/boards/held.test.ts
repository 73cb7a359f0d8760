import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import type { Pull, Workings } from '@/api/types'
import { heldCrop, holding } from './held'
import type { Stage } from './stage'

/** The core is held to the same table by tests/Core/FitTest.php. */
const table = JSON.parse(readFileSync('tests/Core/pulls.json', 'utf8')) as {
  name: string
  from: string
  pull: Record<string, string | boolean>
  becomes: string
}[]

function share(fraction: string): number {
  const [over, under = '1'] = fraction.split('/')
  return Number(over) / Number(under)
}

/** A crop of a square on a photo twice as wide as high: the largest is half as wide as the photo. */
function workings(from: string, free = false): Workings {
  const [left, top, size] = from.split(' ').map(share) as [number, number, number]
  return {
    crop: { left, top, share_w: size / 2, share_h: size },
    crop_size: size,
    choices: { fit: { way: 'crop', lock: free ? 'free' : 'paper' } },
  } as unknown as Workings
}

const pullOf = ({ by, ...rest }: Record<string, string | boolean>) =>
  ({ by, ...Object.fromEntries(Object.entries(rest).map(([name, value]) => [name, typeof value === 'string' ? share(value) : value])) }) as unknown as Exclude<Pull, { by: 'inset' }>

describe('a crop that is held', () => {
  for (const { name, from, pull, becomes } of table) {
    it(`is drawn where the core will put it: ${name}`, () => {
      const { x, y, w, h } = heldCrop(workings(from, Boolean(pull.free)), pullOf(pull))
      becomes.split(' ').forEach((expected, i) => expect([x, y, w, h][i]).toBeCloseTo(share(expected), 9))
    })
  }

  it('moves nothing but the crop on the photo', () => {
    const box = (x: number, y: number, w: number, h: number) => ({ x, y, w, h })
    const stage = { photo: box(10, 20, 400, 200), crop: box(0, 0, 1, 1), area: box(500, 20, 100, 50) } as unknown as Stage
    const moved = holding(stage, workings('1/4 0 1/2'), { by: 'move', left: 0.1, top: 0.2 })
    expect(moved).toEqual({ ...stage, crop: box(50, 60, 100, 100) })
    for (const other of [null, { by: 'inset', share: 0.75 } as const]) expect(holding(stage, workings('1/4 0 1/2'), other)).toBe(stage)
  })
})
