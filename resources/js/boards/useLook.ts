import { createGlobalState, useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'

export interface Look {
  grey: boolean
  contrast: boolean
  /** Colours stronger than they are: what is pale or reflected is told. */
  strong: boolean
  mirrored: boolean
  /** 0 shows every detail, 4 only the big masses. */
  simple: number
  loupe: boolean
  /** The photo in two tones, parted here, 0…100; null shows them all. */
  lifted: boolean
  /** The outlines of named things. */
  things: boolean
  /** Ovals, boxes and triangles laid over. */
  shapes: boolean
  /** What is left between them, filled flat. */
  gaps: boolean
  /** Few flat shapes in place of the photo, and their outlines on the paper. */
  masses: boolean
  mask: 'bench' | 'black' | 'white' | 'grey'
  /** 0 is clear, 100 hides all. */
  strength: number
}

const plain: Look = { grey: false, contrast: false, strong: false, mirrored: false, simple: 0, loupe: false, lifted: false, things: true, shapes: true, gaps: false, masses: false, mask: 'bench', strength: 82 }

/** How the photo is looked at: helps for the eye, kept in this browser. Neither the file nor the drawing changes. */
export const useLook = createGlobalState(() => {
  const look = useLocalStorage<Look>('inch-ladder-look', plain, { mergeDefaults: true })
  const filter = computed(() => {
    const { grey, contrast, strong, simple } = look.value
    return [grey ? 'grayscale(1)' : '', simple > 0 ? `url(#simple-${simple})` : '', contrast ? 'contrast(1.6)' : '', strong ? 'saturate(2.5)' : ''].filter(Boolean).join(' ') || undefined
  })
  const maskColour = computed(() => ({ bench: 'var(--bench)', black: '#0d0c0b', white: '#fffefa', grey: '#8d8a85' })[look.value.mask])

  return { look, filter, maskColour }
})
