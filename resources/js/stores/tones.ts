import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { api } from '@/api/client'
import { useLatest } from '@/api/latest'
import type { Colour, Stroke, Tones, ToneSpot } from '@/api/types'
import { useDrawing } from './drawing'

/** The tones of the open drawing, how they are looked at, and the place that was probed. */
export const useTones = defineStore('tones', () => {
  const store = useDrawing()
  const tones = shallowRef<Tones | null>(null)
  const view = ref<'photo' | 'few' | 'two'>('few')
  const marked = ref(false)
  const probed = shallowRef<ToneSpot | null>(null)
  /** How strokes run, and whether that is shown. */
  const strokes = shallowRef<Stroke[]>([])
  const hatched = ref(false)
  /** The colour of the place that was asked for last. */
  const coloured = shallowRef<Colour | null>(null)
  let of: string | undefined
  const [counted, ran, spotted, named] = [useLatest(), useLatest(), useLatest(), useLatest()]

  async function load() {
    const id = store.drawing?.id
    if (of !== id) {
      ;[tones.value, probed.value, coloured.value, view.value] = [null, null, null, 'few']
      for (const one of [counted, ran, spotted, named]) one.forget()
    }
    of = id
    if (!id) return
    await counted(api.tones(id), (fresh) => (tones.value = fresh))
    if (hatched.value) await hatch()
  }

  async function hatch() {
    const id = store.drawing?.id
    if (!id) return
    await ran(api.strokes(id), (fresh) => (strokes.value = fresh))
  }
  watch(hatched, (wanted) => wanted && void hatch())

  /** Asks for one place of the crop, by shares of it, and how it compares with the one before. */
  async function probe(x: number, y: number) {
    if (store.drawing) await spotted(api.probe(store.drawing.id, x, y, probed.value ?? undefined), (spot) => (probed.value = spot))
  }

  async function colour(x: number, y: number) {
    if (store.drawing) await named(api.colourAt(store.drawing.id, x, y), (colour) => (coloured.value = colour))
  }

  /** What stands on the photo board in place of the photo. */
  const picture = computed(() => (view.value === 'photo' ? null : (tones.value?.[view.value] ?? null)))
  const spots = computed(() => [...(marked.value ? (tones.value?.spots ?? []) : []), ...(probed.value ? [probed.value] : [])])

  return { tones, view, marked, probed, picture, spots, strokes, hatched, coloured, load, probe, colour }
})
