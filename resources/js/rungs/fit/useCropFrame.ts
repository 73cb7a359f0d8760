import { useDrawing } from '@/stores/drawing'
import { toShare } from '@/ui/shares'

/** Moves and sizes the crop: at once on the screen, with the server's numbers close behind, and kept on letting go. */
export function useCropFrame() {
  const store = useDrawing()

  function move(left: number, top: number) {
    const now = store.workings
    if (!now) return
    const { crop } = now
    const inside = (start: number, share: number) => Math.min(Math.max(0, start), 1 - share)
    const place = { left: inside(left, crop.share_w), top: inside(top, crop.share_h) }
    store.workings = { ...now, crop: { ...crop, ...place } }
    void store.preview((choices) => Object.assign(choices.fit, { left: toShare(place.left), top: toShare(place.top) }))
  }

  /** The corner was pulled to a width and a height: a locked shape takes the larger of the two, a free one both. */
  function resize(width: number, height: number) {
    const now = store.workings
    if (!now) return
    const { crop, crop_size: size } = now
    void store.preview((choices) => {
      Object.assign(choices.fit, { left: toShare(crop.left), top: toShare(crop.top) })
      if (choices.fit.way === 'crop' && choices.fit.lock === 'free') {
        Object.assign(choices.fit, { width: toShare(Math.min(width, 1 - crop.left)), height: toShare(Math.min(height, 1 - crop.top)) })
      } else {
        choices.fit.size = toShare(size * Math.max(width / crop.share_w, height / crop.share_h))
      }
    })
  }

  function inset(share: number) {
    void store.preview((choices) => Object.assign(choices.fit, { inset: toShare(share), inset_width: null }))
  }

  return { move, resize, inset, moved: () => void store.keep() }
}
