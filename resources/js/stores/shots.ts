import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { api, bring, Refused } from '@/api/client'
import { useLatest } from '@/api/latest'
import type { Compared, Shot } from '@/api/types'
import { t } from '@/lang'
import { useDrawing } from './drawing'

/** How the photo is laid over the shot. */
export const overs = ['shot', 'through', 'blink', 'wipe', 'difference'] as const
export type Over = (typeof overs)[number]

/** The shot that is looked at, what it tells, and how the photo lies over it. */
export const useShots = defineStore('shots', () => {
  const store = useDrawing()
  /** Of the shot's picture; null where the paper is shown. */
  const chosen = ref<string | null>(null)
  const told = shallowRef<Compared | null>(null)
  const judging = ref(false)
  const fault = ref('')
  /** What is going on before a shot is there. */
  const busy = ref('')
  const over = ref<Over>('shot')
  const wipe = ref(0.5)
  const contours = ref(false)
  const even = ref(true)
  const strokes = ref(true)
  const lines = shallowRef<number[][][] | null>(null)
  /** Corners in the hand, as a shot keeps them; null while none are set. */
  const corners = ref<string | null>(null)
  /** The place that is to be tapped on the paper board, and where it is thought to be, in shares of the drawing area. */
  /** The thing that is held against the photo by itself; null for all. */
  const thing = ref<string | null>(null)
  const placing = ref<{ name: string; label: string; at: { x: number; y: number } | null } | null>(null)

  const shots = computed<Shot[]>(() => store.draft?.shots ?? [])
  const shot = computed(() => shots.value.find((one) => one.id === chosen.value) ?? null)
  /** The shot as the server has it: only that can be asked about. */
  const kept = computed(() => store.drawing?.workings.choices.shots.find((one) => one.id === chosen.value) ?? null)
  const flat = computed(() => (kept.value && store.drawing ? `/api/drawings/${store.drawing.id}/shots/${kept.value.id}/flat.jpg?even=${even.value ? 1 : 0}&of=${encodeURIComponent(`${kept.value.of} ${kept.value.between} ${kept.value.corners} ${store.drawing.workings.grid.name} ${store.drawing.version}`)}` : null))
  /** The last that was taken. */
  const latest = computed(() => shots.value.reduce<Shot | null>((last, one) => (last === null || one.taken >= last.taken ? one : last), null))

  const [judged, found] = [useLatest(), useLatest()]
  async function judge() {
    const [drawing, one] = [store.drawing, kept.value]
    if (!drawing || !one) return
    judging.value = true
    try {
      await judged(api.compare(drawing.id, one.id), (answer) => ([told.value, fault.value, judging.value] = [answer, '', false]))
    } catch (error) {
      ;[told.value, fault.value, judging.value] = [null, sentence(error), false]
    }
  }

  async function lookUpContours() {
    if (store.drawing) await found(api.contours(store.drawing.id).catch(() => null), (fresh) => (lines.value = fresh?.lines ?? []))
  }

  // What is told follows the drawing: a point moved, a corner set, a crop changed.
  watch([kept, () => store.drawing?.version], ([one], [before]) => {
    if (one?.id !== before?.id) told.value = null
    lines.value = null
    if (contours.value) void lookUpContours()
    if (one) void judge()
  })
  watch(contours, (wanted) => wanted && !lines.value && void lookUpContours())

  /** One more shot: brought over, its sheet looked for, kept, and looked at. */
  async function keep(picture: Promise<{ id: string }>) {
    fault.value = ''
    try {
      const { id } = await picture
      if (!store.drawing) return
      busy.value = t('shots.looking')
      const found = await api.findSheet(store.drawing.id, id)
      const { copy } = store.drawing.workings.choices
      store.decide((choices) => {
        choices.shots = choices.shots.filter((one) => one.id !== id)
        choices.shots.push({ id, taken: new Date().toISOString(), pass: copy.working === 'passes' ? copy.pass : null, corners: found.corners, of: 'sheet', between: '0 0, 1 1', found: found.found, readings: [] })
      })
      choose(id)
      if (!found.found) {
        fault.value = found.says ?? ''
        corners.value = found.corners
      }
    } catch (error) {
      fault.value = sentence(error)
    } finally {
      busy.value = ''
    }
  }

  const take = (file: File) => {
    busy.value = t('shots.bringing', { progress: 0 })
    return keep(bring(file, (share) => (busy.value = t('shots.bringing', { progress: Math.round(100 * share) }))))
  }

  const rehearse = () => {
    if (!store.drawing) return
    busy.value = t('shots.rehearsing')
    return keep(api.rehearseShot(store.drawing.id))
  }

  function choose(id: string | null) {
    chosen.value = id
    corners.value = null
    placing.value = null
    thing.value = null
    fault.value = ''
  }

  function change(what: (one: Shot) => void, id = chosen.value) {
    store.decide((choices) => {
      const one = choices.shots.find((other) => other.id === id)
      if (one) what(one)
    })
  }

  function setCorners(places: string, of: Shot['of'], between: string) {
    change((one) => Object.assign(one, { corners: places, of, between, found: false }))
    corners.value = null
    fault.value = ''
  }

  /** Keeps where a place is seen on the shot. */
  function read(name: string, at: string, id = chosen.value) {
    change((one) => (one.readings = [...one.readings.filter((reading) => reading.name !== name), { name, at }]), id)
  }

  /** A place was tapped on the drawing area, in shares of it. */
  async function place(name: string, x: number, y: number) {
    if (!store.drawing || !kept.value) return
    // Kept with the shot it was tapped on, though another be looked at when the answer comes.
    const { id } = kept.value
    try {
      read(name, (await store.during(api.placeOnShot(store.drawing.id, id, name, x, y))).at, id)
      fault.value = ''
    } catch (error) {
      fault.value = sentence(error)
    }
  }

  /** Keeps a place as moved on purpose, by as much as it is; or as not. */
  function mean(name: string, by: { right_mm: number; down_mm: number } | null) {
    store.decide((choices) => {
      choices.meant = [...choices.meant.filter((one) => one.name !== name), ...(by ? [{ name, ...by }] : [])]
    })
  }

  function takeAway(id: string) {
    if (chosen.value === id) choose(null)
    store.decide((choices) => (choices.shots = choices.shots.filter((one) => one.id !== id)))
  }

  return { shots, shot, kept, chosen, told, judging, fault, busy, over, wipe, contours, even, strokes, lines, corners, placing, thing, latest, flat, take, rehearse, choose, setCorners, read, place, mean, takeAway }
})

function sentence(error: unknown): string {
  if (!(error instanceof Refused)) throw error
  return Object.values(error.trouble.errors ?? {})[0]?.[0] ?? error.message
}
