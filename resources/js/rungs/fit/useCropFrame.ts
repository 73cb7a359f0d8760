import { useDrawing } from '@/stores/drawing'

/** Moves the crop: at once on the screen, with the server's numbers close behind, and kept on letting go. */
export function useCropFrame() {
  const store = useDrawing()

  function move(left: number, top: number) {
    const now = store.workings
    if (!now) return
    const { crop } = now
    const inside = (start: number, share: number) => Math.min(Math.max(0, start), 1 - share)
    const place = { left: inside(left, crop.share_w), top: inside(top, crop.share_h) }
    store.workings = { ...now, crop: { ...crop, ...place } }
    void store.preview((choices) => Object.assign(choices.fit, place))
  }

  return { move, moved: () => void store.keep() }
}
