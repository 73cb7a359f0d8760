import { useEventListener, useSessionStorage } from '@vueuse/core'
import { api, Refused } from '@/api/client'
import type { CellNote, Noted } from '@/api/types'
import { t } from '@/lang'

/** What was noted of cells by one key: of a mesh of so many columns and rows. */
export interface HandNote {
  drawing: string
  mesh: [number, number]
  /** By their places, row after row. */
  cells: number[]
  noted: Partial<Pick<CellNote, 'state' | 'doubtful' | 'words'>>
}

const KEPT_AS = 'inch-ladder.by-hand'

/** Until what could not be kept, for want of room or of a server, is tried again. */
const TRY_AGAIN_MS = 8000

/** No answer, a server that is away or busy, a disk that is full (RFC 9110, 15.6; RFC 4918, 11.5): all of which pass. */
const PASSING = [0, 502, 503, 504, 507]

/**
 * What was noted by hand and is not kept yet: sent one after another, in the order it was done, and shown over
 * whatever the server knew before it came. A reload does not forget it.
 */
export function useHandWork(kept: (noted: Noted, drawing: string) => void, said: (trouble: string | null) => void, dropped: () => void) {
  const waiting = useSessionStorage<HandNote[]>(KEPT_AS, [])
  let sending: Promise<void> | null = null
  let again = 0

  /** Cells as they are once all that waits is kept. */
  function over(drawing: string, cells: CellNote[]): CellNote[] {
    const now = new Map(cells.map((cell) => [`${cell.column} ${cell.row}`, cell]))
    for (const note of waiting.value) {
      if (note.drawing !== drawing) continue
      for (const cell of note.cells) {
        const place = { column: cell % note.mesh[0], row: Math.floor(cell / note.mesh[0]) }
        const key = `${place.column} ${place.row}`
        now.set(key, { state: 'open', doubtful: false, words: '', ...now.get(key), ...place, ...note.noted })
      }
    }
    return [...now.values()]
  }

  function send(note: HandNote) {
    const [only, ...others] = note.cells
    if (only === undefined || others.length > 0) return api.cells(note.drawing, note.cells, note.noted)
    return api.cell(note.drawing, only % note.mesh[0], Math.floor(only / note.mesh[0]), note.noted)
  }

  async function sendAll() {
    for (let note = waiting.value[0]; note; note = waiting.value[0]) {
      try {
        const answer = await send(note)
        waiting.value = waiting.value.slice(1)
        kept(answer, note.drawing)
        said(null)
      } catch (error) {
        if (!(error instanceof Refused)) throw error
        if (PASSING.includes(error.status)) {
          window.clearTimeout(again)
          again = window.setTimeout(() => void settle(), TRY_AGAIN_MS)
          said(error.message)
          return
        }
        // It cannot be, however often it is tried.
        waiting.value = waiting.value.slice(1)
        said(error.message)
        dropped()
      }
    }
  }

  /** Sends what waits; ends when it is kept, or could not be. */
  function settle(): Promise<void> {
    return (sending ??= sendAll().finally(() => (sending = null)))
  }

  function note(one: HandNote) {
    waiting.value = [...waiting.value, one]
    return settle()
  }

  /** What was noted of another mesh than the one in force means other cells: it is let go of, and said. */
  function forget(drawing: string, mesh: [number, number]) {
    const others = waiting.value.filter((one) => one.drawing === drawing && (one.mesh[0] !== mesh[0] || one.mesh[1] !== mesh[1]))
    if (others.length === 0) return
    waiting.value = waiting.value.filter((one) => !others.includes(one))
    const cells = new Set(others.flatMap((one) => one.cells)).size
    said(t('handWork.theGridWasChangedElsewhereMeanwhile', cells))
  }

  // A page that is left waits for nothing: all of it goes out at once, behind the one that is on its way.
  useEventListener(window, 'pagehide', () => waiting.value.slice(sending ? 1 : 0).forEach((one) => void send(one).catch(() => undefined)))

  // A page that Back brings up as it was does not know what was noted after it was left.
  useEventListener(window, 'pageshow', (event: PageTransitionEvent) => {
    if (event.persisted) waiting.value = JSON.parse(sessionStorage.getItem(KEPT_AS) ?? '[]') as HandNote[]
  })

  return { note, over, settle, forget }
}
