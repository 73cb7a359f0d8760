import createClient from 'openapi-fetch'
import { t } from '@/lang'
import { answered } from '@/offline/away'
import { heardBuild } from '@/offline/newer'
import { KEPT_IN } from '@/offline/told'
import type { components, paths } from './schema'
import type { Act, Basis, Choices, Drawing, PencilTyped, Preset, Pull, PrinterTyped, Swatch, Trouble } from './types'

/** A photo's pixels; null when there are only sizes. */
export type Pixels = { width: number; height: number } | null

/** An answer that was not a yes: one sentence, and beside which choices it belongs. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    readonly trouble: Partial<Trouble> & { message: string },
  ) {
    super(trouble.message)
  }
}

/** Said when no answer came. */
export const unreachable = t('api.inchLadderIsNotAnsweringSee')

/** Browsers let that many bytes outlive their page, of all requests together (Fetch Standard, 4.6). */
const MOST_KEPT_ALIVE = 16_000

/** How long the body is that was written last; it is sent in the same breath. */
let written = 0

/** On a paired device changes come with the word of its own pages, which it was given beside its key (app/House/DeviceKeys). */
function ownPage(say: (name: string, value: string) => void) {
  const word = document.cookie.split('; ').find((cookie) => cookie.startsWith(`__Host-inch-page-${window.location.port || '443'}=`))
  if (word) say('X-Inch-Page', word.slice(word.indexOf('=') + 1))
}

/** Taken off, or never let in: there is one page for that, and what was kept of the drawings here goes. */
async function leave() {
  await caches.delete(KEPT_IN).catch(() => undefined)
  window.location.assign('/pair')
}

const http = createClient<paths>({
  baseUrl: '/',
  headers: { Accept: 'application/json' },
  querySerializer: { object: { style: 'form', explode: true } },
  bodySerializer: (body) => {
    const text = JSON.stringify(body)
    written = text.length
    return text
  },
  // What was done by hand arrives even when the page is left at that moment: it goes out at once, waiting for nothing.
  fetch: (request) => {
    const keepalive = request.method !== 'GET' && written < MOST_KEPT_ALIVE
    written = 0
    ownPage((name, value) => request.headers.set(name, value))
    return fetch(request, { keepalive })
  },
})

/** The answer itself, or what stood in its way. */
async function told<T>(asked: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  const { data, error, response } = await asked.catch(() => {
    answered(false, api.catalogue)
    throw new Refused(0, { message: unreachable })
  })
  const trouble = typeof error === 'object' && error !== null && 'message' in error ? (error as Trouble) : null
  // Some answers the browser keeps, and gives when there is no other; what has no sentence is from who stands before the server.
  answered((response.ok || trouble !== null) && !response.headers.has('X-Kept'), api.catalogue)
  if (!response.headers.has('X-Kept')) heardBuild(response.headers.get('X-Inch-Build'))
  if (response.ok) return data as T
  if (response.status === 401) void leave()
  throw new Refused(response.status, trouble ?? { message: unreachable })
}

const of = (drawing: string) => ({ params: { path: { drawing } } })
/** Choices to be asked something about; nothing is kept by it. */
const about = (photo: Pixels, choices: Choices) => ({ choices, wide: photo?.width ?? null, high: photo?.height ?? null })

type Asked<P extends { post: unknown }> = Omit<
  NonNullable<P['post'] extends { requestBody?: { content: { 'application/json': infer B } } } ? B : never>,
  'choices' | 'wide' | 'high'
>

export const api = {
  shelf: (hand: string, from = 0, search = '', sort: 'touched' | 'name' = 'touched') =>
    told(http.GET('/api/drawings', { params: { query: { hand, from, search, sort } } })),
  about: () => told(http.GET('/api/about')),
  catalogue: () => told(http.GET('/api/catalogue')),
  drawing: (id: string) => told(http.GET('/api/drawings/{drawing}', of(id))),
  decide: (id: string, version: number, choices: Choices) =>
    told(http.PUT('/api/drawings/{drawing}', { ...of(id), body: { version, choices } })),
  undo: (id: string, version: number, edits?: number) =>
    told(http.POST('/api/drawings/{drawing}/undo', { ...of(id), body: { version, edits } })),
  redo: (id: string, version: number, edits?: number) =>
    told(http.POST('/api/drawings/{drawing}/redo', { ...of(id), body: { version, edits } })),
  changes: (id: string) => told(http.GET('/api/drawings/{drawing}/changes', of(id))),
  stepTo: (drawing: string, position: number, version: number, edits: number) =>
    told(http.POST('/api/drawings/{drawing}/changes/{position}', { params: { path: { drawing, position } }, body: { version, edits } })),
  duplicate: (id: string) => told(http.POST('/api/drawings/{drawing}/duplicate', of(id))),
  bin: (id: string) => told(http.DELETE('/api/drawings/{drawing}', of(id))),
  binned: () => told(http.GET('/api/bin')),
  keeping: () => told(http.GET('/api/keeping')),
  takeOver: (name: string) => told(http.POST('/api/keeping/{name}', { params: { path: { name } } })),
  decline: (name: string) => told(http.DELETE('/api/keeping/{name}', { params: { path: { name } } })),
  emptyBin: () => told(http.DELETE('/api/bin')),
  restore: (id: string) => told(http.POST('/api/drawings/{drawing}/restore', of(id))),
  notes: (drawing: string, notes: components['schemas']['NoteRequest'][]) =>
    told(http.PUT('/api/drawings/{drawing}/notes', { ...of(drawing), body: { notes } })),
  cellToCopy: (drawing: string, column: number, row: number) =>
    told(http.GET('/api/drawings/{drawing}/cells/{column}/{row}', { params: { path: { drawing, column, row } } })),
  copying: (drawing: string, hand: string) =>
    told(http.GET('/api/drawings/{drawing}/copying', { params: { path: { drawing }, query: { hand } } })),
  workings: (photo: Pixels, choices: Choices, rung: string | null = null, pull: Pull | null = null) =>
    told(http.POST('/api/workings', { body: { ...about(photo, choices), rung, ...(pull && { act: 'pull', how: { ...pull } }) } })),
  point: (photo: Pixels, choices: Choices, at: { x: number; y: number }) =>
    told(http.POST('/api/point', { body: { ...about(photo, choices), ...at } })),
  ways: (photo: Pixels, choices: Choices) => told(http.POST('/api/ways', { body: about(photo, choices) })),
  sheets: (photo: Pixels, choices: Choices) => told(http.POST('/api/sheets', { body: about(photo, choices) })),
  schools: (photo: Pixels, choices: Choices) => told(http.POST('/api/schools', { body: about(photo, choices) })),
  meshes: (photo: Pixels, choices: Choices) => told(http.POST('/api/meshes', { body: about(photo, choices) })),
  prints: (photo: Pixels, choices: Choices) => told(http.POST('/api/prints', { body: about(photo, choices) })),
  dividers: (photo: Pixels, choices: Choices) => told(http.POST('/api/dividers', { body: about(photo, choices) })),
  enlargement: (photo: Pixels, choices: Choices, size: string) =>
    told(http.POST('/api/enlargement', { body: { ...about(photo, choices), size } })),
  ruled: (photo: Pixels, choices: Choices, columns: number, rows: number) =>
    told(http.POST('/api/ruled', { body: { ...about(photo, choices), columns, rows } })),
  square: (photo: Pixels, choices: Choices, measured: Asked<paths['/api/square']>) =>
    told(http.POST('/api/square', { body: { ...about(photo, choices), ...measured } })),
  measured: (photo: Pixels, choices: Choices, way: 'across' | 'down', ticks: Record<number, string>) =>
    told(http.POST('/api/measured', { body: { ...about(photo, choices), way, ticks } })),
  plans: (photo: Pixels, choices: Choices, demands: Asked<paths['/api/plans']>) =>
    told(http.POST('/api/plans', { body: { ...about(photo, choices), ...demands } })),
  gaps: (photo: Pixels, choices: Choices) => told(http.POST('/api/gaps', { body: about(photo, choices) })),
  clearances: (photo: Pixels, choices: Choices, how: Record<string, unknown>) =>
    told(http.POST('/api/clearances', { body: { ...about(photo, choices), act: 'whole', how } })),
  adjust: (photo: Pixels, choices: Choices, act: Act, how: Record<string, unknown>) =>
    told(http.POST('/api/adjust', { body: { ...about(photo, choices), act, how } })),
  strengths: (drawing: string, column: number, row: number) =>
    told(http.GET('/api/drawings/{drawing}/cells/{column}/{row}/strengths', { params: { path: { drawing, column, row } } })),
  checkCrossing: (drawing: string, column: number, row: number, n: number, drawn: string) =>
    told(
      http.GET('/api/drawings/{drawing}/cells/{column}/{row}/crossing', {
        params: { path: { drawing, column, row }, query: { n, drawn } },
      }),
    ),
  masses: (id: string) => told(http.GET('/api/drawings/{drawing}/masses', of(id))),
  unguarded: (id: string) => told(http.GET('/api/drawings/{drawing}/unguarded', of(id))),
  quickScale: (query: { photo: string; paper: string; length: string; part: string; unit: string }) =>
    told(http.GET('/api/instruments/scale', { params: { query } })),
  setDividers: (query: { length: string; ratio: string; unit: string }) =>
    told(http.GET('/api/instruments/dividers', { params: { query } })),
  isSquare: (query: { width: string; height: string; falling: string; rising: string; unit: string }) =>
    told(http.GET('/api/instruments/square', { params: { query } })),
  words: () => told(http.GET('/api/instruments/words')),
  paperWeight: (query: { weight: string; basis?: Basis }) => told(http.GET('/api/instruments/weight', { params: { query } })),
  papers: (unit: string) => told(http.GET('/api/instruments/papers', { params: { query: { unit } } })),
  shots: (id: string) => told(http.GET('/api/drawings/{drawing}/shots', of(id))),
  compare: (drawing: string, photo: string) =>
    told(http.GET('/api/drawings/{drawing}/shots/{photo}', { params: { path: { drawing, photo } } })),
  findSheet: (drawing: string, photo: string) =>
    told(http.POST('/api/drawings/{drawing}/shots/{photo}/corners', { params: { path: { drawing, photo } } })),
  placeOnShot: (drawing: string, photo: string, name: string, x: number, y: number) =>
    told(http.GET('/api/drawings/{drawing}/shots/{photo}/at', { params: { path: { drawing, photo }, query: { name, x, y } } })),
  ruledLines: (drawing: string, photo: string) =>
    told(http.GET('/api/drawings/{drawing}/shots/{photo}/ruled', { params: { path: { drawing, photo } } })),
  findPage: (id: string) => told(http.GET('/api/drawings/{drawing}/page', of(id))),
  squareUp: (drawing: string, body: { corners: string; shape: string; even: boolean }) =>
    told(http.POST('/api/drawings/{drawing}/squared', { params: { path: { drawing } }, body })),
  rehearseShot: (id: string) => told(http.POST('/api/drawings/{drawing}/rehearsed-shot', of(id))),
  strokes: (id: string) => told(http.GET('/api/drawings/{drawing}/strokes', of(id))),
  warmUp: (id: string) => told(http.GET('/api/drawings/{drawing}/warm-up', of(id))),
  contours: (id: string) => told(http.GET('/api/drawings/{drawing}/contours', of(id))),
  edges: (id: string) => told(http.GET('/api/drawings/{drawing}/edges', of(id))),
  beginSizes: (width: string, height: string, unit: 'in' | 'cm' | 'mm') =>
    told(http.POST('/api/drawings', { body: { width, height, unit } })),
  presets: () => told(http.GET('/api/keepsakes')),
  keepPreset: (kind: Preset['kind'], name: string, photo: Pixels, choices: Choices) =>
    told(http.POST('/api/keepsakes', { body: { ...about(photo, choices), kind, name } })),
  forgetPreset: (keepsake: string) => told(http.DELETE('/api/keepsakes/{keepsake}', { params: { path: { keepsake } } })),
  marking: (drawing: string, board: string, hand: string) =>
    told(http.GET('/api/drawings/{drawing}/marking/{board}', { params: { path: { drawing, board }, query: { hand } } })),
  tickMark: (drawing: string, board: string, hand: string, tick: string, done: boolean) =>
    told(
      http.PUT('/api/drawings/{drawing}/marking/{board}/{tick}', {
        params: { path: { drawing, board, tick }, query: { hand } },
        body: { done },
      }),
    ),
  clearMarks: (drawing: string, board: string) =>
    told(http.DELETE('/api/drawings/{drawing}/marking/{board}', { params: { path: { drawing, board } } })),
  tones: (id: string) => told(http.GET('/api/drawings/{drawing}/tones', of(id))),
  probe: (drawing: string, x: number, y: number, from?: { x: number; y: number }) =>
    told(
      http.GET('/api/drawings/{drawing}/tones/at', {
        params: { path: { drawing }, query: { x, y, ...(from && { from_x: from.x, from_y: from.y }) } },
      }),
    ),
  log: (id: string) => told(http.GET('/api/drawings/{drawing}/log', of(id))),
  sit: (drawing: string, worked: Asked<{ post: paths['/api/drawings/{drawing}/sitting']['put'] }>) =>
    told(http.PUT('/api/drawings/{drawing}/sitting', { params: { path: { drawing } }, body: worked })),
  lesson: (drawing: string, sitting: number, lesson: string) =>
    told(http.PUT('/api/drawings/{drawing}/sittings/{sitting}', { params: { path: { drawing, sitting } }, body: { lesson } })),
  next: (drawing: string, step: string, hand: 'left' | 'right') =>
    told(http.GET('/api/drawings/{drawing}/next', { params: { path: { drawing }, query: { step, hand } } })),
  finish: (id: string) => told(http.GET('/api/drawings/{drawing}/finish', of(id))),
  folding: (id: string) => told(http.GET('/api/drawings/{drawing}/folding', of(id))),
  house: () => told(http.GET('/api/house')),
  beginPairing: (may_pair: boolean) => told(http.POST('/api/house/code', { body: { may_pair } })),
  endPairing: () => told(http.DELETE('/api/house/code')),
  changeDevice: (device: string, name: string, may_pair: boolean) =>
    told(http.PUT('/api/house/devices/{device}', { params: { path: { device } }, body: { name, may_pair } })),
  takeOff: (device: string) => told(http.DELETE('/api/house/devices/{device}', { params: { path: { device } } })),
  pointAt: (id: string, pointing: components['schemas']['PointingRequest']) =>
    told(http.POST('/api/drawings/{drawing}/pointing', { ...of(id), body: pointing })),
  shares: (id: string) => told(http.GET('/api/drawings/{drawing}/shares', of(id))),
  pencil: (surface: string, use: string) => told(http.GET('/api/pencil', { params: { query: { surface, use } } })),
  colourAt: (drawing: string, x: number, y: number) =>
    told(http.GET('/api/drawings/{drawing}/colours/at', { params: { path: { drawing }, query: { x, y } } })),
  anotherSheet: (drawing: string, purpose: 'trial' | 'good') =>
    told(http.POST('/api/drawings/{drawing}/sheet', { ...of(drawing), body: { purpose } })),
  takeSheetAway: (drawing: string) => told(http.DELETE('/api/drawings/{drawing}/sheet', of(drawing))),
  countSheets: (keepsake: string, count: number | string | null) =>
    told(http.PUT('/api/keepsakes/{keepsake}', { params: { path: { keepsake } }, body: { count: count as number | null } })),
  pencils: () => told(http.GET('/api/pencils')),
  keepPencil: (typed: PencilTyped) => told(http.POST('/api/pencils', { body: typed })),
  keepPencilBox: (box: string, kind: PencilTyped['kind']) => told(http.POST('/api/pencils/box', { body: { box, kind } })),
  forgetPencil: (pencil: string) => told(http.DELETE('/api/pencils/{pencil}', { params: { path: { pencil } } })),
  rehearseSwatches: (drawing: string) => told(http.POST('/api/drawings/{drawing}/rehearsed-swatches', of(drawing))),
  printers: (unit: string) => told(http.GET('/api/printers', { params: { query: { unit } } })),
  keepPrinter: (typed: PrinterTyped) => told(http.POST('/api/printers', { body: typed })),
  forgetPrinter: (printer: string) => told(http.DELETE('/api/printers/{printer}', { params: { path: { printer } } })),
  aboutSheet: (drawing: string, kind: string, wanted: Record<string, string>) =>
    told(http.GET('/api/drawings/{drawing}/sheets/{kind}', { params: { path: { drawing, kind }, query: { wanted } } })),
}

/** Sends a photo and tells how far it has come, 0…1. fetch cannot report that, so this is an XMLHttpRequest. */
export const readSwatches = (drawing: string, photo: File, onProgress: (share: number) => void) =>
  send<Swatch[]>(`/api/drawings/${drawing}/swatches`, photo, onProgress)

export const begin = (photo: File, unit: string, onProgress: (share: number) => void, signal?: AbortSignal) =>
  send<Drawing>('/api/drawings', photo, onProgress, { unit }, signal)

/** Reads an exported drawing back. */
export const bringBack = (archive: File, onProgress: (share: number) => void, signal?: AbortSignal) =>
  send<Drawing>('/api/archives', archive, onProgress, {}, signal)

/** Brings over another picture, to stand beside the reference. */
export const bring = (photo: File, onProgress: (share: number) => void) => send<Choices['beside'][number]>('/api/photos', photo, onProgress)

function send<T>(
  path: string,
  photo: File,
  onProgress: (share: number) => void,
  also: Record<string, string> = {},
  signal?: AbortSignal,
): Promise<T> {
  return new Promise((resolve, reject) => {
    const request = new XMLHttpRequest()
    const form = new FormData()
    form.append('photo', photo)
    for (const [name, value] of Object.entries(also)) form.append(name, value)
    request.responseType = 'json'
    request.upload.onprogress = (event) => onProgress(event.loaded / event.total)
    request.onerror = () => reject(new Refused(0, { message: unreachable }))
    request.onabort = request.onerror
    signal?.addEventListener('abort', () => request.abort())
    request.onload = () =>
      request.status < 300
        ? resolve(request.response as T)
        : reject(new Refused(request.status, request.response ?? { message: unreachable }))
    request.open('POST', path)
    request.setRequestHeader('Accept', 'application/json')
    ownPage((name, value) => request.setRequestHeader(name, value))
    request.send(form)
  })
}

/** A line of the answer while a sheet is made. */
export interface Making {
  page?: number
  of?: number
  ready?: string
  trouble?: string
}

/** Makes a sheet of many pages; says after each how far it is, and answers with the file's address. */
export async function makeSheet(path: string, told: (line: Making) => void, signal: AbortSignal): Promise<string> {
  const headers = new Headers({ Accept: 'application/x-ndjson, application/json' })
  ownPage((name, value) => headers.set(name, value))
  const response = await fetch(path, { method: 'POST', signal, headers })
  if (!response.ok || !response.body) throw new Refused(response.status, await response.json().catch(() => ({ message: unreachable })))
  const reader = response.body.pipeThrough(new TextDecoderStream()).getReader()
  let waiting = ''
  for (;;) {
    const { value, done } = await reader.read()
    waiting += value ?? ''
    const lines = waiting.split('\n')
    waiting = lines.pop() ?? ''
    for (const text of lines.filter(Boolean)) {
      const line = JSON.parse(text) as Making
      if (line.trouble) throw new Refused(500, { message: line.trouble })
      if (line.ready) return line.ready
      told(line)
    }
    if (done) throw new Refused(0, { message: unreachable })
  }
}
