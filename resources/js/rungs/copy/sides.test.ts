import { expect, it } from 'vitest'
import { crossingTicks, quarterTicks, type Crossing } from './sides'

const crossing = (side: Crossing['side'], at: number) => ({ side, at, eye: `eye ${at}`, paper: `paper ${at}` }) as Crossing

const cell = { width: 400, height: 400, letters: 18 }

it('stands as it is seen, upright or turned', () => {
  expect(crossingTicks([crossing('top', 0.25)], 'eye', false, cell)).toMatchObject([{ side: 'top', at: 25, text: 'eye 0.25', crossing: 0 }])
  expect(crossingTicks([crossing('top', 0.25)], 'paper', true, cell)).toMatchObject([{ side: 'bottom', at: 75, text: 'paper 0.25' }])
  // Turned twice, it is where it was.
  const turned = crossingTicks([crossing('left', 0.4)], 'eye', true, cell)[0]!
  expect([turned.side, 100 - turned.at]).toEqual(['right', 40])
})

it.each([
  ['apart', [0.2, 0.6], [false, false], [false, false]],
  ['too near on a level side: the second steps back, the first makes room', [0.2, 0.3], [false, true], [true, false]],
  ['three in a row: never two that step back beside each other', [0.2, 0.28, 0.36], [false, true, false], [true, false, false]],
  ['three in a row with room: the third stands where the first left room', [0.2, 0.3, 0.45], [false, true, false], [true, false, false]],
  ['a hair apart: what has room on neither height stays in front', [0.2, 0.21, 0.22], [false, true, false], [true, false, false]],
])('keeps readings %s', (_, at, back, aside) => {
  const ticks = crossingTicks(
    at.map((one) => crossing('top', one)),
    'eye',
    false,
    cell,
  )
  expect(ticks.map((tick) => tick.back)).toEqual(back)
  expect(ticks.map((tick) => tick.aside)).toEqual(aside)
})

it('makes room by how long the words are and how large the cell is seen', () => {
  const back = (side: Crossing['side'], seen: typeof cell) => crossingTicks([crossing(side, 0.79), crossing(side, 0.98)], 'paper', false, seen).map((tick) => tick.back)
  expect([back('bottom', { ...cell, width: 600 }), back('bottom', { width: 180, height: 180, letters: 14 })]).toEqual([[false, false], [false, true]])
  expect([back('right', cell), back('right', { width: 60, height: 60, letters: 14 })]).toEqual([[false, false], [false, true]])
})

it('marks the half of a side among its quarters', () => {
  const ticks = quarterTicks({ across: [{ at: 0.25, text: 'q' }, { at: 0.5, text: 'h' }], down: [{ at: 0.5, text: 'h' }] } as never, false)
  expect(ticks.map((tick) => [tick.side, tick.half])).toEqual([['left', true], ['top', false], ['top', true]])
})
