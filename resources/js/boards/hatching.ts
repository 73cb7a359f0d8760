import type { Box } from './stage'

const TURN = Math.PI / 180

/** Parallel strokes across a box, so far apart and that way, each cut off at its sides; as a path. */
export function hatching(box: Box, degrees: number, apart: number): string {
  const [x, y] = [Math.cos(degrees * TURN), Math.sin(degrees * TURN)]
  const [middleX, middleY] = [box.x + box.w / 2, box.y + box.h / 2]
  // As far as the box reaches across the strokes.
  const reach = (Math.abs(box.w * y) + Math.abs(box.h * x)) / 2
  const strokes: string[] = []
  for (let off = -Math.floor(reach / apart) * apart; off <= reach; off += apart) {
    const [fromX, fromY] = [middleX - off * y, middleY + off * x]
    const across = span(fromX, x, box.x, box.x + box.w)
    const down = span(fromY, y, box.y, box.y + box.h)
    const [start, end] = [Math.max(across[0], down[0]), Math.min(across[1], down[1])]
    if (end - start > 0.5) strokes.push(`M${(fromX + start * x).toFixed(1)} ${(fromY + start * y).toFixed(1)}L${(fromX + end * x).toFixed(1)} ${(fromY + end * y).toFixed(1)}`)
  }
  return strokes.join('')
}

/** From where to where a line lies between two sides, along it. */
function span(at: number, way: number, low: number, high: number): [number, number] {
  if (Math.abs(way) < 1e-9) return at >= low && at <= high ? [-Infinity, Infinity] : [0, 0]
  const [a, b] = [(low - at) / way, (high - at) / way]
  return [Math.min(a, b), Math.max(a, b)]
}
