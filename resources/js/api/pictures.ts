import type { Drawing, Workings } from './types'

/** Address of the reference as it is held: turned, straightened, without its border; null when there are only sizes. */
export function previewOf(drawing: Drawing, workings: Workings): string | null {
  return drawing.photo ? [drawing.photo.preview, workings.picture.query].filter(Boolean).join('?') : null
}

/** Address of a part of the crop with every pixel it has, from shares of the crop; in few tones if their query is given; empty when there are only sizes. */
export function cutOf(drawing: Drawing, workings: Workings, part: { left: number; top: number; width: number; height: number }, tones?: string | null): string {
  const { crop, picture } = workings
  if (!drawing.photo) return ''
  const shares = { left: crop.left + part.left * crop.share_w, top: crop.top + part.top * crop.share_h, width: part.width * crop.share_w, height: part.height * crop.share_h }
  const query = Object.entries(shares).map(([name, share]) => `${name}=${share.toFixed(7)}`)
  return `${drawing.photo.cut}?${[...query, picture.query, tones].filter(Boolean).join('&')}`
}
