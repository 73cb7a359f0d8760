import { expect, it } from 'vitest'
import { crossingTicks, quarterTicks, type Crossing } from './sides'

const crossing = (side: Crossing['side'], at: number) => ({ side, at, eye: `eye ${at}`, paper: `paper ${at}` }) as Crossing

it('stands as it is seen, upright or turned', () => {
  expect(crossingTicks([crossing('top', 0.25)], 'eye', false)).toMatchObject([{ side: 'top', at: 25, text: 'eye 0.25', crossing: 0 }])
  expect(crossingTicks([crossing('top', 0.25)], 'paper', true)).toMatchObject([{ side: 'bottom', at: 75, text: 'paper 0.25' }])
  // Turned twice, it is where it was.
  const turned = crossingTicks([crossing('left', 0.4)], 'eye', true)[0]!
  expect([turned.side, 100 - turned.at]).toEqual(['right', 40])
})

it.each([
  ['apart', [0.2, 0.6], [false, false], [false, false]],
  ['too near on a level side: the second steps back, the first makes room', [0.2, 0.3], [false, true], [true, false]],
  ['three in a row: never two that step back beside each other', [0.2, 0.28, 0.36], [false, true, false], [true, false, false]],
])('keeps readings %s', (_, at, back, aside) => {
  const ticks = crossingTicks(
    at.map((one) => crossing('top', one)),
    'eye',
    false,
  )
  expect(ticks.map((tick) => tick.back)).toEqual(back)
  expect(ticks.map((tick) => tick.aside)).toEqual(aside)
})

it('marks the half of a side among its quarters', () => {
  const ticks = quarterTicks({ across: [{ at: 0.25, text: 'q' }, { at: 0.5, text: 'h' }], down: [{ at: 0.5, text: 'h' }] } as never, false)
  expect(ticks.map((tick) => [tick.side, tick.half])).toEqual([['left', true], ['top', false], ['top', true]])
})
