import { expect, it } from 'vitest'
import { pieces } from './fractions'
import { toNumber, toShare } from './shares'

it.each([
  ['1 1/2 in', ['1', ' ', '1/2', ' in']],
  ['3/4 × 10 7/16 in', ['3/4', ' × ', '10', ' ', '7/16', ' in']],
  ['line 11/2', ['line ', '11/2']],
  ['24/7/365', ['24/7/365']],
  ['no fraction', ['no fraction']],
  ['', []],
])('cuts %s into what is set apart', (text, cut) => {
  expect(pieces(text).map((piece) => piece.text)).toEqual(cut)
  // Read aloud or copied it says what it said.
  expect(pieces(text).map((piece) => piece.text).join('')).toBe(text)
})

it.each([
  ['1/4', 0.25],
  ['0.25', 0.25],
  ['-1/3', -1 / 3],
])('draws a share %s', (share, number) => expect(toNumber(share)).toBeCloseTo(number, 12))

it('keeps a hand’s share on the picture', () => {
  expect([toShare(-0.2), toShare(0.123456789), toShare(7)]).toEqual(['0.000000', '0.123457', '1.000000'])
})
