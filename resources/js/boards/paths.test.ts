import { describe, expect, it } from 'vitest'
import type { Choices, Lines, Workings } from '@/api/types'
import { caption, cross, cuts, labels, losses, mask, oval, named, names, oneLine, overlays, rules } from './paths'
import type { Stage } from './stage'

const box = { x: 100, y: 50, w: 200, h: 400 }
const lines = (more: Partial<Lines> = {}) => ({ across: [0, 0.5, 1], down: [0, 0.25, 0.5, 0.75, 1], columns: ['A', 'B'], rows: ['1', '2', '3', '4'], addresses: ['1', '2', '3', '4', '5', '6', '7', '8'], overlays: [], diagonals: false, axes: null, ...more }) as unknown as Lines
const grid = (more: Partial<Choices['grid']> = {}) => ({ corner: 'top left', labels: 'letters', ...more }) as Choices['grid']

/** Every number of a path, so that its places can be looked at and not its spelling. */
const numbers = (path: string) => [...path.matchAll(/-?\d+(?:\.\d+)?/g)].map(Number)

describe('gridlines', () => {
  it('stand on half pixels, one for each share, as long as the board', () => {
    expect(rules(lines(), box)).toBe('M100.5 50v400M200.5 50v400M300.5 50v400M100 50.5h200M100 150.5h200M100 250.5h200M100 350.5h200M100 450.5h200')
  })

  it('reach only over the part that the grid lies over, and so do their diagonals', () => {
    const part = rules(lines({ across: [0.25, 0.75], down: [0.5, 1], diagonals: true }), box)
    expect(part).toContain('M150.5 250v200')
    expect(part).toContain('M150 250l100 200M150 450l100 -200')
  })

  it('tick axes on both sides of where they meet', () => {
    expect(rules(lines({ across: [], down: [], axes: { x: 0.5, y: 0.5, across: [0.75], down: [0.25] } }), box)).toContain('M200.5 50v400M100 250.5h200M250.5 245.5v10M195.5 150.5h10')
  })

  it.each([
    ['across', 1, 'M200.5 50v400'],
    ['down', 4, 'M100 450.5h200'],
    ['down', 9, ''],
    ['down', null, ''],
  ] as const)('light one alone, %s %s', (way, line, path) => expect(oneLine(lines(), way, line, box)).toBe(path))
})

describe('cells that are cut', () => {
  const cell = (hairlines: string) => [{ left: 0, right: 0.5, top: 0, bottom: 0.25, across: [0.25], down: [0.125], hairlines }] as unknown as Workings['divided']

  it('have lines through them, or ticks on their sides', () => {
    expect(cuts(cell('in the cell'), box)).toBe('M150.5 50V150M100 100.5H200')
    expect(cuts(cell('ticks'), box)).toBe('M150.5 50V57M100 100.5H107')
  })
})

describe('labels', () => {
  it('stand outside the board, on the side that is counted from', () => {
    const left = labels(lines(), grid(), box)
    expect(left.map((label) => label.text)).toEqual(['A', 'B', '1', '2', '3', '4'])
    expect(left[0]).toEqual({ text: 'A', x: 150, y: 42, anchor: 'middle' })
    expect(left[2]).toEqual({ text: '1', x: 92, y: 105, anchor: 'end' })
    expect(labels(lines(), grid({ corner: 'top right' }), box)[2]).toEqual({ text: '1', x: 308, y: 105, anchor: 'start' })
  })

  it('leave the sheet where its margin is too narrow for them', () => {
    const [column, , row] = labels(lines(), grid(), box, { x: 90, y: 40, w: 220, h: 420 })
    expect([column!.y, row!.x]).toEqual([32, 82])
    const [far, , beside] = labels(lines(), grid(), box, { x: 0, y: 0, w: 500, h: 600 })
    expect([far!.y, beside!.x]).toEqual([42, 92])
  })

  it('are thinned where they would run into one another, and a running count is left out', () => {
    const many = Array.from({ length: 41 }, (_, i) => i / 40)
    const names = many.slice(1).map((_, i) => `${i + 1}`)
    const shown = labels(lines({ across: many, columns: names, down: many, rows: names }), grid(), box)
    const columns = shown.filter((label) => label.anchor === 'middle').map((label) => label.x)
    expect(Math.min(...columns.slice(1).map((x, i) => x - columns[i]!))).toBeGreaterThanOrEqual(18)
    expect(labels(lines(), grid({ labels: 'running' }), box).map((label) => label.text)).toEqual(['1', '2', '3', '4', '5', '6', '7', '8'])
    expect(labels(lines(), grid({ labels: 'running' }), { ...box, w: 40 })).toEqual([])
  })
})

describe('round the crop', () => {
  const stage = (x: number, w: number, leftStile: number) => ({ photo: box, crop: { x, y: 100, w, h: 200 }, leftStile }) as Stage

  it('is a mask with a hole, which may be an oval, or a circle that the box is too long for', () => {
    expect(mask(stage(150, 100, 500), null)).toBe('M100 50h200v400h-200zM150 100v200h100v-200z')
    expect(mask(stage(150, 100, 500), { across: 0.5, down: 0.5 })).toContain('M150 200a50 100 0 1 0 100 0')
    expect(mask(stage(150, 100, 500), { across: 0.5, down: 0.25 })).toContain('M150 200a50 50 0 1 0 100 0')
    expect(oval({ x: 0, y: 0, w: 80, h: 40 }, { across: 0.25, down: 0.5 })).toEqual({ cx: 40, cy: 20, rx: 20, ry: 20 })
  })

  it('says what each side loses, beside it where there is room and inside where not; a side that loses nothing says nothing', () => {
    const trimmed = { left: '1 in', right: '2 in', top: '', bottom: '3 in' } as Workings['trimmed']
    expect(losses(stage(150, 100, 500), trimmed).map(({ side, x, anchor }) => [side, x, anchor])).toEqual([['left', 144, 'end'], ['right', 256, 'start'], ['bottom', 200, 'middle']])
    // Little is left off below: it is said inside, as the caption stands under the photo.
    expect(losses({ ...stage(150, 100, 500), crop: { x: 150, y: 60, w: 100, h: 380 } } as Stage, trimmed).find(({ side }) => side === 'bottom')?.y).toBe(432)
    expect(losses(stage(20, 100, 130), trimmed).map(({ x, anchor }) => [x, anchor]).slice(0, 2)).toEqual([[26, 'start'], [114, 'end']])
  })

  it('draws what is laid over, and two hairs through a point', () => {
    expect(numbers(overlays(lines({ overlays: [{ photo: [[0, 0, 1, 1]], paper: [] }] as unknown as Lines['overlays'] }), box, 'photo'))).toEqual([100.5, 50.5, 300.5, 450.5])
    expect(cross({ x: 0.5, y: 0.25 }, box)).toBe('M200.5 50v400M100 150.5h200')
    expect(cross(null, box)).toBe('')
  })
})

describe('captions', () => {
  it.each([
    ['in the middle where there is room', 20, { x: 100, y: 0, w: 200, h: 50 }, 600, 200],
    ['as far left as the stage ends', 30, { x: 290, y: 0, w: 70, h: 50 }, 390, 300],
    ['as far right as it begins', 30, { x: 10, y: 0, w: 70, h: 50 }, 390, 90],
    ['beneath a board that is off the stage', 30, { x: 390, y: 0, w: 70, h: 50 }, 390, 425],
  ] as const)('stand %s', (_, letters, board, width, x) => expect(caption('x'.repeat(letters), board, { width })).toEqual({ x, y: 75 }))
})

describe('names of points', () => {
  it('stand above their point, and below where another name or the edge of the board is in the way', () => {
    const [first, second, third] = names(
      [
        { name: 'rim', x: 0.5, at: { x: 100, y: 200 } },
        { name: 'spout', x: 0.9, at: { x: 150, y: 195 } },
        { name: 'top', x: 0.1, at: { x: 20, y: 60 } },
      ],
      50,
    )
    expect(first!.label).toEqual({ x: 108, y: 193, anchor: 'start', left: 108, right: 129 })
    expect(second!.label).toEqual({ x: 142, y: 215, anchor: 'end', left: 107, right: 142 })
    expect(third!.label.y).toBe(80)
  })
})

describe('names of things', () => {
  const thing = (name: string, top: number, bottom: number) => ({ name, at: [200, (top + bottom) / 2] as const, top, bottom })

  it('stand in their middle, and aside, within their outline, where another is', () => {
    expect(named([thing('jug', 100, 300)], [])[0]!.y).toBe(200)
    expect(named([thing('jug', 100, 300)], [{ left: 195, right: 230, y: 205 }])[0]!.y).toBe(185)
    // Where there is no room at all they stand in the middle still.
    expect(named([thing('jug', 195, 205)], [{ left: 195, right: 230, y: 200 }])[0]!.y).toBe(200)
  })

  it.each([2, 3, 4, 5])('are told apart in a nest of %d', (deep) => {
    const nest = Array.from({ length: deep }, (_, i) => thing(`in the ${i}`, 100 + 12 * i, 500 - 40 * i))
    const written = named(nest, [])
    written.forEach((one, i) => {
      expect(one.y).toBeGreaterThanOrEqual(one.top)
      expect(one.y).toBeLessThanOrEqual(one.bottom)
      for (const other of written.slice(i + 1)) expect(Math.abs(other.y - one.y)).toBeGreaterThanOrEqual(17)
    })
  })
})
