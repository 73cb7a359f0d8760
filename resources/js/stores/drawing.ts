import { useDebounceFn, useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { api, Refused } from '@/api/client'
import type { Act, Choices, Drawing, Noted, Overtaken, Pull, Workings } from '@/api/types'
import { keepAsKnown } from '@/offline/keepAtHand'
import { useHandWork, type HandNote } from './handWork'
import { plain, rebase } from './rebase'

/** Long enough that a run of clicks on a stepper is one change to undo. */
const SETTLE_MS = 350

/** From one question to the next while the crop is held: each answer draws all that is said of it anew, in the way of the hand (ours). */
const REST_MS = 200

/** Until a save that failed for want of room is tried again. */
const TRY_AGAIN_MS = 8000

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
  /** A drawing that cannot be opened as it is: its version, and the step that undo takes back. */
  const unopened = shallowRef<{ id: string; version: number; undo: string | null } | null>(null)
  /** Notes of this device that came too late: something newer is known. They are offered again. */
  const overtaken = ref<(Overtaken & { drawing: string })[]>([])
  /** Where the crop or the inset was pulled to by hand, until it is kept: the next key goes on from there, not from what was answered last. */
  const pulled = shallowRef<Pull | null>(null)
  /** Which of them is what the workings show. */
  const answered = shallowRef<Pull | null>(null)
  /** What was pulled and is not answered: the page draws it itself until then. */
  const held = computed(() => (pulled.value === answered.value ? null : pulled.value))
  /** Choices that could not be kept, over a reload. */
  const unkept = useLocalStorage<{ id: string; version: number; choices: Choices } | null>('inch-ladder.unkept', null, { serializer: { read: JSON.parse, write: JSON.stringify } })
  /** What was said of the last thing done by hand. */
  const said = ref('')
  /** Whether the last save touched what was placed or made before it; the way back is offered. */
  const touched = ref(false)
  /** What was said of something done by hand that is not kept yet. */
  let adjusted = ''

  /** How many cells are done, of those there is something to draw in; counted here too, as what waits to be sent is not known elsewhere. */
  const progress = computed(() => {
    const { columns, rows } = workings.value?.grid ?? { columns: 0, rows: 0 }
    const spared = new Set(workings.value?.lines.spared ?? [])
    const noted = (drawing.value?.cells ?? []).filter((cell) => !spared.has(cell.row * columns + cell.column))
    return { done: noted.filter((cell) => cell.state === 'done').length, of: columns * rows - spared.size - noted.filter((cell) => cell.state === 'empty').length }
  })

  /** The last that was said to be kept of what was done by hand. */
  let handKept = { drawing: '', edits: 0 }

  /** What is known now; an answer that was on its way while a note was kept may not know of that, and the note waits no more. */
  function know(fresh: Drawing) {
    drawing.value = withHand(fresh)
    if (handKept.drawing === fresh.id && handKept.edits > fresh.edits) void lookAgain()
  }

  function show(fresh: Drawing) {
    trouble.value = null
    know(fresh)
    workings.value = fresh.workings
    draft.value = plain(fresh.workings.choices)
    errors.value = {}
    stale.value = null
    pulled.value = null
    state.value = 'saved'
  }

  let adjusting: Promise<void> = Promise.resolve()

  /** One adjustment after another: each is made of what the one before has left. */
  function adjust(act: Act, how: Record<string, unknown>): Promise<void> {
    return (adjusting = adjusting.catch(() => undefined).then(() => takeAdjustment(act, how)))
  }

  /** Where the choices are read, errors stand beside them; typed things that are no choices have theirs here until the next try. */
  async function takeAdjustment(act: Act, how: Record<string, unknown>) {
    if (!draft.value || !drawing.value) return
    said.value = ''
    touched.value = false
    const before = state.value
    const sent = plain(draft.value)
    state.value = 'unsaved'
    try {
      const answer = await api.adjust(drawing.value.photo, sent, act, how)
      errors.value = {}
      // What was decided while this was on its way stands on top of it.
      draft.value = rebase(draft.value, sent, answer.choices)
      said.value = adjusted = answer.said
      decide(() => undefined)
    } catch (error) {
      state.value = before
      complain(error)
    }
  }

  async function open(id: string) {
    missing.value = false
    unopened.value = null
    drawing.value = null
    try {
      show(await api.drawing(id))
      void hand.settle()
      // What could not be kept the last time, if nothing else was kept since.
      const left = unkept.value
      if (left?.id === id && left.version === drawing.value!.version) decide((choices) => Object.assign(choices, left.choices))
    } catch (error) {
      missing.value = error instanceof Refused && error.status === 404
      if (error instanceof Refused && error.trouble.version !== undefined) unopened.value = { id, version: error.trouble.version ?? 0, undo: error.trouble.undo ?? null }
      complain(error)
    }
  }

  /** Undoes the last change of a drawing that cannot be opened as it is, and opens it as it was. */
  async function undoUnopened() {
    const was = unopened.value
    if (!was) return
    await api.undo(was.id, was.version).catch((error: unknown) => complain(error))
    await open(was.id)
  }

  /** Takes over what was done elsewhere meanwhile, unless there is something of one's own to keep. */
  async function refresh() {
    if (!drawing.value || state.value !== 'saved') return
    const fresh = await api.drawing(drawing.value.id).catch(() => null)
    // What was done here since it was asked for is newer than the answer.
    if (fresh && state.value === 'saved' && fresh.id === drawing.value?.id && fresh.edits > drawing.value.edits) show(fresh)
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

  let asking: Promise<void> | null = null
  let askAgain = false
  /** What was pulled and not asked about yet. */
  let pulling: Pull | null = null

  /** Shows what a change would do, at once and without keeping it; while an answer is on its way only the last change waits. */
  async function preview(change: (choices: Choices) => void) {
    if (!draft.value || !drawing.value) return
    change(draft.value)
    edits++
    state.value = 'unsaved'
    askAgain = true
    asking ??= askInTurn().finally(() => (asking = null))
    await asking
  }

  /** Whether a hand pulls and has not let go. */
  let inHand = false
  let endRest = () => undefined as void

  function rest(ms: number) {
    return new Promise<void>((resolve) => {
      endRest = resolve
      window.setTimeout(resolve, ms)
    })
  }

  async function askInTurn() {
    while (askAgain && drawing.value && draft.value) {
      askAgain = false
      const since = performance.now()
      await ask(drawing.value.photo, draft.value).catch((error: unknown) => {
        // Refused, but something newer waits: the answer to that is the one that counts.
        if (askAgain) return
        pulled.value = null
        complain(error)
      })
      if (inHand) await rest(REST_MS - (performance.now() - since))
    }
  }

  /** Pulls at the crop or the inset; the choices that come of it are the server's. */
  function pull(to: Pull) {
    inHand = true
    pulling = pulled.value = to
    return preview(() => undefined)
  }

  async function ask(photo: Drawing['photo'], choices: Choices) {
    const [sent, pull] = [plain(choices), pulling]
    pulling = null
    const answer = await api.workings(photo, sent, rung.value, pull)
    if (pull) answered.value = pull
    if (pull && draft.value) draft.value.fit = rebase(draft.value.fit, sent.fit, answer.choices.fit)
    workings.value = { ...answer, rungs: withSums(answer.rungs, workings.value?.rungs) }
    errors.value = {}
    trouble.value = null
  }

  // What another rung shows was not asked for while this one was dragged on; where it is not kept yet, nobody tells it of itself.
  watch(
    rung,
    () => {
      if (state.value === 'unsaved') void preview(() => undefined)
    },
    { flush: 'sync' },
  )

  let edits = 0
  let saving = false
  let saveAgain = false

  async function keep() {
    inHand = false
    endRest()
    if (!draft.value || !drawing.value || stale.value) return
    saveAgain = true
    if (saving) return
    saving = true
    try {
      while (saveAgain) {
        saveAgain = false
        try {
          await save()
        } catch (error) {
          // Refused, but something newer waits: that is what is to be kept.
          if (!saveAgain) return notKept(error)
        }
      }
      adjusted = ''
    } finally {
      saving = false
    }
  }

  async function save() {
    // What a pull makes of the choices is on its way.
    if (pulled.value) await asking
    await stepped?.catch(() => undefined)
    if (!draft.value || !drawing.value) return
    state.value = 'saving'
    // What was noted is of the mesh that was.
    await hand.settle()
    const asked = edits
    const sent: Choices = plain(draft.value)
    const fresh = await api.decide(drawing.value.id, drawing.value.version, sent)
    // What was changed while this was on its way is still the artist's draft, and is kept next.
    if (asked === edits) show(fresh)
    else {
      know(fresh)
      draft.value = rebase(draft.value, sent, fresh.workings.choices)
    }
    said.value = [adjusted, fresh.said].filter(Boolean).join(' ')
    touched.value = fresh.said !== ''
    unkept.value = null
  }

  function notKept(error: unknown) {
    state.value = 'unsaved'
    // A full disk or a server that ended: what was drawn up stays here, and is tried again.
    if (error instanceof Refused && drawing.value && draft.value && (error.status === 0 || error.status >= 500)) {
      unkept.value = { id: drawing.value.id, version: drawing.value.version, choices: plain(draft.value) }
      window.setTimeout(() => state.value === 'unsaved' && void keep(), TRY_AGAIN_MS)
    }
    complain(error)
  }

  const keepSoon = useDebounceFn(keep, SETTLE_MS)

  /** Makes a change, shows it and keeps it. */
  function decide(change: (choices: Choices) => void) {
    void preview(change)
    void keepSoon()
  }

  let stepping: Promise<void> = Promise.resolve()
  /** What is asked for and will change the drawing, when it is answered. */
  const ahead = ref(0)

  function during<T>(work: Promise<T>): Promise<T> {
    ahead.value++
    return work.finally(() => ahead.value--)
  }
  /** A step that is on its way: what is saved meanwhile would be saved over what it takes back. */
  let stepped: Promise<unknown> | null = null

  /** One step after another, however fast the key is pressed. */
  function step(way: 'undo' | 'redo'): Promise<void> {
    return inTurn(({ id, version, edits, [way]: what }) => (what === null ? null : api[way](id, version, edits)))
  }

  /** All at once to where the drawing stood after one of its changes. */
  function stepTo(position: number): Promise<void> {
    return inTurn(({ id, version, edits }) => api.stepTo(id, position, version, edits))
  }

  type Ask = (known: Drawing) => Promise<Drawing> | null

  function inTurn(ask: Ask): Promise<void> {
    return (stepping = during(stepping.catch(() => undefined).then(() => takeStep(ask))))
  }

  async function takeStep(ask: Ask) {
    // What was done a moment ago is kept first, so that it is what is taken back.
    if (state.value === 'unsaved' && Object.keys(errors.value).length === 0) await keep()
    await hand.settle()
    const asked = drawing.value && ask(drawing.value)
    if (!asked) return
    const [was, sent] = [edits, draft.value && plain(draft.value)]
    try {
      const fresh = await (stepped = asked)
      // What was decided while this was on its way stands on top of it, and is kept next.
      if (was === edits || !draft.value || !sent) return show(fresh)
      know(fresh)
      draft.value = rebase(draft.value, sent, fresh.workings.choices)
      void preview(() => undefined)
      void keepSoon()
    } catch (error) {
      complain(error)
    } finally {
      stepped = null
    }
  }

  /** Whether all is as the server has it, for whoever looks. */
  const kept = computed(() => {
    if (setAside.value) return 'unsaved'
    return state.value === 'saved' && (ahead.value > 0 || waiting.value > 0) ? 'saving' : state.value
  })

  async function takeTheirs() {
    if (drawing.value) show(await api.drawing(drawing.value.id))
  }

  async function putMineOnTop() {
    if (!drawing.value || !draft.value) return
    const theirs = await api.drawing(drawing.value.id)
    know(theirs)
    stale.value = null
    await keep()
  }

  const keepKnown = useDebounceFn(() => drawing.value && keepAsKnown(`/api/drawings/${drawing.value.id}`, drawing.value).catch(() => undefined), SETTLE_MS)
  watch(drawing, () => void keepKnown())

  /** How often the server has taken notes of cells, of whichever drawing. */
  const taken = ref(0)

  const hand = useHandWork(
    (noted, last) => {
      taken.value++
      overtaken.value.push(...noted.overtaken.map((one) => ({ ...one, drawing: last.drawing })))
      handKept = { drawing: last.drawing, edits: noted.edits }
      if (drawing.value?.id !== last.drawing) return
      heard(noted)
      // Where it lies now is the server's to say.
      if (drawing.value.workings.grid.name !== last.grid) void lookAgain()
    },
    (sentence) => (trouble.value = sentence),
    () => void lookAgain(),
    () => drawing.value && (drawing.value = withHand(drawing.value)),
  )

  /** Cells as they are, where what was noted cannot be. */
  async function lookAgain() {
    const fresh = await api.drawing(drawing.value?.id ?? '').catch(() => null)
    if (fresh && drawing.value?.id === fresh.id && fresh.edits >= drawing.value.edits) drawing.value = withHand({ ...drawing.value, cells: fresh.cells, edits: fresh.edits, undo: fresh.undo, redo: fresh.redo })
  }

  /** Notes the same of some cells at once, as one change. */
  async function note(places: { column: number; row: number }[], noted: HandNote['noted']) {
    const before = drawing.value
    if (!before) return
    const { columns, rows, name } = before.workings.grid
    const keeping = hand.note({ drawing: before.id, mesh: [columns, rows], grid: name, cells: places.map((place) => place.row * columns + place.column), noted })
    drawing.value = withHand(before)
    await keeping
  }

  /** With what was noted by hand, and is on its way, over it. */
  function withHand(known: Drawing): Drawing {
    return { ...known, cells: hand.over(known.id, known.workings.grid.name, known.cells) }
  }

  /** What was done by hand is kept, and can be taken back. */
  function heard(noted: Noted) {
    if (drawing.value && noted.edits >= drawing.value.edits) drawing.value = { ...drawing.value, ...noted }
  }

  /** Notes that are not kept yet, of this drawing. */
  const waiting = computed(() => hand.waiting.value.filter((note) => note.drawing === drawing.value?.id).length)
  /** Those of them that the server refused, with the reason of the first. */
  const setAside = computed(() => {
    const refused = hand.waiting.value.filter((note) => note.why && note.drawing === drawing.value?.id)
    return refused.length === 0 ? null : { count: refused.length, why: refused[0]?.why ?? '' }
  })

  /** Notes of this drawing that were overtaken, to be used all the same or not. */
  const late = computed(() => overtaken.value.filter((one) => one.drawing === drawing.value?.id))

  function dismissLate(one: Overtaken) {
    overtaken.value = overtaken.value.filter((other) => other !== one)
  }

  async function useLate(one: Overtaken & { drawing: string }) {
    dismissLate(one)
    const [columns = 1, rows = 1] = one.mesh.split('-')[0]!.split('x').map(Number)
    const { state, reached, doubtful, words } = one
    const noted = Object.fromEntries(Object.entries({ state, reached: state === null ? reached : null, doubtful, words }).filter(([, value]) => value !== null)) as HandNote['noted']
    const keeping = hand.note({ drawing: one.drawing, mesh: [columns, rows], grid: one.mesh, cells: one.cells, noted })
    if (drawing.value) drawing.value = withHand(drawing.value)
    await keeping
  }

  return { rung, said, touched, waiting, setAside, late, useLate, dismissLate, sendAgain: hand.tryAgain, deleteSetAside: hand.deleteSetAside, unopened, undoUnopened, taken, adjust, settleHand: hand.settle, drawing, draft, workings, errors, trouble, stale, state, missing, progress, open, refresh, preview, pull, pulled, held, kept, during, keep, decide, step, stepTo, takeTheirs, putMineOnTop, note, heard }
})
