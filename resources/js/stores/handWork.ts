import { useEventListener } from '@vueuse/core'
import { api, Refused } from '@/api/client'
import type { CellNote, Noted } from '@/api/types'
import { useOwnList } from '@/offline/useOwnList'

/** What was noted of cells by one key: of a mesh of so many columns and rows. */
export interface HandNote {
  /** By which it is known: sent again, it is not noted again. */
  key: string
  /** When it was done, in ms of this device's clock. */
  at: number
  drawing: string
  mesh: [number, number]
  /** The name of its cells as they lie on the picture. */
  grid: string
  /** By their places, row after row. */
  cells: number[]
  noted: Partial<Pick<CellNote, 'state' | 'doubtful' | 'words' | 'reached'>>
  /** Why it could not be kept. It waits until the artist sends it again or deletes it. */
  why?: string
}

/** Through every pass: as much as done. */
export const ALL_PASSES = 3

const KEPT_AS = 'inch-ladder.by-hand'

/** Until what could not be kept, for want of room or of a server, is tried again. */
const TRY_AGAIN_MS = 2000

/** The server takes no more at a time. */
const MOST_AT_ONCE = 200

/** More than so many seconds ago is not told: the server takes no more. */
const LONGEST_AGO = 7 * 86400

/** No answer, a server that is away or busy, a disk that is full (RFC 9110, 15.6; RFC 4918, 11.5): all of which pass. */
const PASSING = [0, 502, 503, 504, 507]

/** A fault of the server's own may pass as well; a note that meets it this often, alone, is what brings it about: it is set aside, and the others wait no longer for it. */
const FAULTS_BORNE = 5

/**
 * What was noted by hand and is not kept yet: sent one after another, in the order it was done, and shown over
 * whatever the server knew before it came. Neither a reload nor closing the page forgets it; the page that is opened next sends it.
 */
export function useHandWork(kept: (noted: Noted, last: HandNote) => void, said: (trouble: string | null) => void, setAside: () => void, taken: () => void = () => undefined) {
  let sending: Promise<void> | null = null
  let again = 0
  const faults = new Map<string, number>()
  const waiting = useOwnList<HandNote>(KEPT_AS, () => queueMicrotask(() => (taken(), void settle())))

  /** Cells as they are once all that waits is kept. */
  function over(drawing: string, grid: string, cells: CellNote[]): CellNote[] {
    const now = new Map(cells.map((cell) => [`${cell.column} ${cell.row}`, cell]))
    for (const note of waiting.value) {
      // Of other cells than those in force: they come with the server's answer, where they lie then.
      if (note.drawing !== drawing || note.grid !== grid || note.why) continue
      for (const cell of note.cells) {
        const place = { column: cell % note.mesh[0], row: Math.floor(cell / note.mesh[0]) }
        const key = `${place.column} ${place.row}`
        const before = { state: 'open' as const, reached: 0, doubtful: false, words: '', ...now.get(key), ...place }
        now.set(key, { ...before, ...note.noted, ...settled(before, note.noted) })
      }
    }
    return [...now.values()]
  }

  /** A state and the passes say the same, as the server will answer. */
  function settled(before: CellNote, { state, reached }: HandNote['noted']): Partial<CellNote> {
    if (reached !== undefined) return { state: reached >= ALL_PASSES ? 'done' : 'open' }
    return state === 'done' ? { reached: ALL_PASSES } : state === 'open' && before.reached >= ALL_PASSES ? { reached: 0 } : {}
  }

  function send(notes: HandNote[]) {
    const ago = (at: number) => Math.min(LONGEST_AGO, Math.max(0, Math.round((Date.now() - at) / 1000)))
    return api.notes(notes[0]?.drawing ?? '', notes.map(({ key, grid, cells, noted, at }) => ({ key, mesh: grid, cells, ago: ago(at), ...noted })))
  }

  /** What may be sent at once: of one drawing, in the order it was done. */
  function together(all: HandNote[]) {
    const notes = all.filter((note) => !note.why)
    const end = notes.findIndex((note) => note.drawing !== notes[0]?.drawing)
    return notes.slice(0, Math.min(MOST_AT_ONCE, end < 0 ? Infinity : end))
  }

  /** It waits no longer; what another page sent meanwhile does not either. */
  function letGo(...notes: HandNote[]) {
    const keys = notes.map((note) => note.key)
    waiting.value = waiting.value.filter((one) => !keys.includes(one.key))
  }

  function isBorne(key: string): boolean {
    faults.set(key, (faults.get(key) ?? 0) + 1)
    return (faults.get(key) ?? 0) < FAULTS_BORNE
  }

  async function sendAll() {
    let most = MOST_AT_ONCE
    for (let notes = together(waiting.value); notes.length > 0; notes = together(waiting.value).slice(0, most)) {
      try {
        const answer = await send(notes)
        letGo(...notes)
        notes.slice(-1).forEach((last) => kept(answer, last))
        said(null)
      } catch (error) {
        if (!(error instanceof Refused)) throw error
        if (PASSING.includes(error.status) || (error.status === 500 && notes.length === 1 && isBorne(notes[0]?.key ?? ''))) {
          window.clearTimeout(again)
          again = window.setTimeout(() => void settle(), TRY_AGAIN_MS)
          said(error.message)
          return
        }
        // One of them cannot be, however often it is tried; which, shows when each goes alone. What was not acknowledged is never dropped.
        if (notes.length === 1) {
          const [key, why] = [notes[0]?.key, error.message]
          waiting.value = waiting.value.map((one) => (one.key === key ? { ...one, why } : one))
          setAside()
        }
        most = 1
      }
    }
  }

  /** Sends what waits; ends when it is kept, or could not be. */
  function settle(): Promise<void> {
    return (sending ??= sendAll().finally(() => (sending = null)))
  }

  function note(one: Omit<HandNote, 'key' | 'at'>) {
    waiting.value = [...waiting.value, { ...one, key: crypto.randomUUID(), at: Date.now() }]
    return settle()
  }

  /** Sends what was set aside once more. */
  function tryAgain() {
    faults.clear()
    waiting.value = waiting.value.map((note) => ({ ...note, why: undefined }))
    return settle()
  }

  /** Deletes what was set aside: the artist said so. */
  function deleteSetAside(drawing: string) {
    letGo(...waiting.value.filter((note) => note.why && note.drawing === drawing))
  }

  // A page that is left waits for nothing: it goes out at once; what is on its way already is known by its key, and not noted twice.
  useEventListener(window, 'pagehide', () => together(waiting.value).length > 0 && void send(together(waiting.value)).catch(() => undefined))

  // What waited is sent as soon as there is a way again.
  useEventListener(window, 'online', () => void settle())

  return { note, over, settle, waiting, tryAgain, deleteSetAside }
}
