import type { Pull, Workings } from '@/api/types'
import type { Box, Stage } from './stage'

/** No crop is smaller than this share of the largest of its shape, and no inset than this share of its diagonal; as the core has it. */
const LEAST = 0.05

export const bounded = (share: number) => Math.min(1, Math.max(LEAST, share))
const within = (start: number, side: number) => Math.min(1 - side, Math.max(0, start))

/**
 * Where the crop's frame follows a hand, as shares of the photo, until the server has answered with the choices that come of it.
 * It is drawn, never kept.
 */
export function heldCrop(
  { crop, crop_size: size, choices }: Pick<Workings, 'crop' | 'crop_size' | 'choices'>,
  pull: Exclude<Pull, { by: 'inset' }>,
): Box {
  const { left, top, share_w: w, share_h: h } = crop
  const framed = (by: number, x = left, y = top) => ({ x: within(x, w * by), y: within(y, h * by), w: w * by, h: h * by })
  switch (pull.by) {
    case 'move':
      return framed(1, pull.left, pull.top)
    case 'corner':
      return choices.fit.way === 'crop' && choices.fit.lock === 'free'
        ? { x: left, y: top, w: bounded(Math.min(pull.width, 1 - left)), h: bounded(Math.min(pull.height, 1 - top)) }
        : framed(bounded(size * Math.max(pull.width / w, pull.height / h)) / size)
    case 'size': {
      const by = bounded(pull.size) / size
      return framed(by, left + (w * (1 - by)) / 2, top + (h * (1 - by)) / 2)
    }
  }
}

/** The stage, with the crop on the photo where the hand holds it. */
export function holding(stage: Stage, workings: Workings, pull: Pull | null): Stage {
  if (!pull || pull.by === 'inset') return stage
  const { photo } = stage
  const { x, y, w, h } = heldCrop(workings, pull)
  return { ...stage, crop: { x: photo.x + x * photo.w, y: photo.y + y * photo.h, w: w * photo.w, h: h * photo.h } }
}
