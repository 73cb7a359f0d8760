import { defineStore } from 'pinia'
import { ref } from 'vue'

/** What the hand drew on the photo board: shares of the whole picture, 0…1. */
export interface Drawn {
  x1: number
  y1: number
  x2: number
  y2: number
  /** Of an outline: place after place. */
  places?: [number, number][]
}

/** A drawn box whichever way it was pulled. */
export function boxOf({ x1, y1, x2, y2 }: Drawn) {
  return { left: Math.min(x1, x2), top: Math.min(y1, y2), width: Math.abs(x2 - x1), height: Math.abs(y2 - y1) }
}

export type ToolKind = 'point' | 'line' | 'box' | 'outline'

/** A moment's tool: one point, line, box or outline asked for on the photo board. Escape lays it down. */
export const useTool = defineStore('tool', () => {
  const kind = ref<ToolKind | null>(null)
  const hint = ref('')
  let answer: ((drawn: Drawn | null) => void) | null = null

  function ask(wanted: ToolKind, words: string): Promise<Drawn | null> {
    answer?.(null)
    kind.value = wanted
    hint.value = words
    return new Promise((resolve) => (answer = resolve))
  }

  function finish(drawn: Drawn | null) {
    kind.value = null
    hint.value = ''
    answer?.(drawn)
    answer = null
  }

  return { kind, hint, ask, finish }
})
