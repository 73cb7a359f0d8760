import { useDebounceFn } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { api, Refused } from '@/api/client'
import type { Act, CellNote, Choices, Drawing, Workings } from '@/api/types'

/** Long enough that a run of clicks on a stepper is one change to undo. */
const SETTLE_MS = 350

/**
 * The open drawing: what the server knows, the artist's draft of the choices,
 * and the workings that follow from it. Nothing is computed here.
 */
export const useDrawing = defineStore('drawing', () => {
  const drawing = shallowRef<Drawing | null>(null)
  const draft = ref<Choices | null>(null)
  const workings = shallowRef<Workings | null>(null)
  /** Sentences by the field they belong beside: `paper.width`, `grid.columns` … */
  const errors = ref<Record<string, string>>({})
  const trouble = ref<string | null>(null)
  const stale = ref<{ message: string; changed: string[] } | null>(null)
  const state = ref<'saved' | 'saving' | 'unsaved'>('saved')
  const missing = ref(false)
  /** What was said of the last thing done by hand. */
  const said = ref('')

  /** Cells that need no copying any more. */
  const settled = computed(() => (drawing.value?.cells ?? []).filter((cell) => cell.state !== 'open').length)

  function show(fresh: Drawing) {
    drawing.value = fresh
    workings.value = fresh.workings
    draft.value = structuredClone(fresh.workings.choices)
    errors.value = {}
    trouble.value = null
    stale.value = null
    state.value = 'saved'
  }

  /** Where the choices are read, errors stand beside them; typed things that are no choices have theirs here until the next try. */
  async function adjust(act: Act, how: Record<string, unknown>) {
    if (!draft.value || !drawing.value) return
    said.value = ''
    const before = state.value
    state.value = 'unsaved'
    try {
      const answer = await api.adjust(drawing.value.photo, draft.value, act, how)
      errors.value = {}
      draft.value = answer.choices
      said.value = answer.said
      decide(() => undefined)
    } catch (error) {
      state.value = before
      complain(error)
    }
  }

  async function open(id: string) {
    missing.value = false
    drawing.value = null
    try {
      show(await api.drawing(id))
    } catch (error) {
      missing.value = error instanceof Refused && error.status === 404
      complain(error)
    }
  }

  /** Takes over what another tab saved meanwhile, unless there is something of one's own to keep. */
  async function refresh() {
    if (!drawing.value || state.value !== 'saved') return
    const fresh = await api.drawing(drawing.value.id).catch(() => null)
    if (fresh && state.value === 'saved' && fresh.version !== drawing.value?.version) show(fresh)
  }

  function complain(error: unknown) {
    if (!(error instanceof Refused)) throw error
    if (error.status === 409) {
      stale.value = { message: error.message, changed: error.trouble.changed ?? [] }
    } else if (error.trouble.errors) {
      errors.value = Object.fromEntries(Object.entries(error.trouble.errors).map(([field, sentences]) => [field, sentences[0] ?? '']))
    } else {
      trouble.value = error.message
    }
  }

  /** The rung in sight, whose sums are asked for while something is dragged. */
  const rung = ref<string | null>(null)

  /** Sums that were not asked for stay as they were until the drawing is saved, a moment later. */
  function withSums(fresh: Workings['rungs'], before: Workings['rungs'] | undefined): Workings['rungs'] {
    const kept = Object.entries(fresh).map(([name, one]) => [name, name === rung.value || rung.value === null || !before ? one : { ...before[name as keyof Workings['rungs']], decision: one.decision }])
    return Object.fromEntries(kept) as Workings['rungs']
  }

  let asking = false
  let askAgain = false

  /** Shows what a change would do, at once and without keeping it; while an answer is on its way only the last change waits. */
  async function preview(change: (choices: Choices) => void) {
    if (!draft.value || !drawing.value) return
    change(draft.value)
    edits++
    state.value = 'unsaved'
    askAgain = true
    if (asking) return
    asking = true
    try {
      while (askAgain) {
        askAgain = false
        const answer = await api.workings(drawing.value.photo, draft.value, rung.value)
        workings.value = { ...answer, rungs: withSums(answer.rungs, workings.value?.rungs) }
        errors.value = {}
        trouble.value = null
      }
    } catch (error) {
      complain(error)
    } finally {
      asking = false
    }
  }

  let edits = 0
  let saving = false
  let saveAgain = false

  async function keep() {
    if (!draft.value || !drawing.value || stale.value) return
    saveAgain = true
    if (saving) return
    saving = true
    try {
      while (saveAgain) {
        saveAgain = false
        state.value = 'saving'
        const kept = edits
        const fresh = await api.decide(drawing.value.id, drawing.value.version, draft.value)
        // What was changed while this was on its way is still the artist's draft, and is kept next.
        if (kept === edits) show(fresh)
        else drawing.value = fresh
      }
    } catch (error) {
      state.value = 'unsaved'
      complain(error)
    } finally {
      saving = false
    }
  }

  const keepSoon = useDebounceFn(keep, SETTLE_MS)

  /** Makes a change, shows it and keeps it. */
  function decide(change: (choices: Choices) => void) {
    void preview(change)
    void keepSoon()
  }

  async function step(way: 'undo' | 'redo') {
    // What was done a moment ago is kept first, so that it is what is taken back.
    if (state.value === 'unsaved' && Object.keys(errors.value).length === 0) await keep()
    if (!drawing.value || (way === 'undo' ? drawing.value.undo : drawing.value.redo) === null) return
    try {
      show(await api[way](drawing.value.id, drawing.value.version))
    } catch (error) {
      complain(error)
    }
  }

  async function takeTheirs() {
    if (drawing.value) show(await api.drawing(drawing.value.id))
  }

  async function putMineOnTop() {
    if (!drawing.value || !draft.value) return
    const mine = draft.value
    drawing.value = await api.drawing(drawing.value.id)
    draft.value = mine
    stale.value = null
    await keep()
  }

  /** Notes a cell at once, and takes the note back if it could not be kept. */
  async function note(place: { column: number; row: number }, noted: Partial<Pick<CellNote, 'state' | 'doubtful' | 'words'>>) {
    const before = drawing.value
    if (!before) return
    const { column, row } = place
    const isThis = (cell: CellNote) => cell.column === column && cell.row === row
    const now: CellNote = { state: 'open', doubtful: false, words: '', ...before.cells.find(isThis), column, row, ...noted }
    drawing.value = { ...before, cells: [...before.cells.filter((cell) => !isThis(cell)), now] }
    try {
      await api.cell(before.id, column, row, noted)
      trouble.value = null
    } catch (error) {
      if (drawing.value?.id === before.id) drawing.value = { ...drawing.value, cells: before.cells }
      trouble.value = error instanceof Refused ? error.message : null
    }
  }

  return { rung, said, adjust, drawing, draft, workings, errors, trouble, stale, state, missing, settled, open, refresh, preview, keep, decide, step, takeTheirs, putMineOnTop, note }
})
