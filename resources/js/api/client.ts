import { t } from '@/lang'
import type { Act, Adjusted, Catalogue, CellNote, CellToCopy, Choices, Clearance, Copying, Divider, Drawing, Folding, GuideLines, Preset, MainLine, Marking, Noted, Mesh, OtherSheet, Printer, PrinterTyped, PrintSize, Proposal, School, Shares, SheetAbout, Task, Tones, ToneSpot, ShelfEntry, Trouble, Verdict, Way, Workings } from './types'

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

const unreachable = t('api.inchLadderIsNot')

/** Browsers let that many bytes outlive their page, of all requests together (Fetch Standard, 4.6). */
const MOST_KEPT_ALIVE = 16_000

async function call<T>(method: string, path: string, body?: unknown): Promise<T> {
  const response = await fetch(`/api/${path}`, {
    method,
    headers: { Accept: 'application/json', ...(body === undefined ? {} : { 'Content-Type': 'application/json' }) },
    body: body === undefined ? undefined : JSON.stringify(body),
    // What was done by hand arrives even when the page is left at that moment.
    keepalive: method !== 'GET' && JSON.stringify(body ?? '').length < MOST_KEPT_ALIVE,
  }).catch(() => {
    throw new Refused(0, { message: unreachable })
  })
  const answer = response.status === 204 ? undefined : await response.json().catch(() => ({ message: unreachable }))
  if (!response.ok) throw new Refused(response.status, answer)
  return answer as T
}

export const api = {
  shelf: (hand: string, from = 0) => call<ShelfEntry[]>('GET', `drawings?hand=${hand}&from=${from}`),
  catalogue: () => call<Catalogue>('GET', 'catalogue'),
  drawing: (id: string) => call<Drawing>('GET', `drawings/${id}`),
  decide: (id: string, version: number, choices: Choices) => call<Drawing>('PUT', `drawings/${id}`, { version, choices }),
  undo: (id: string, version: number, edits?: number) => call<Drawing>('POST', `drawings/${id}/undo`, { version, edits }),
  redo: (id: string, version: number, edits?: number) => call<Drawing>('POST', `drawings/${id}/redo`, { version, edits }),
  bin: (id: string) => call<void>('DELETE', `drawings/${id}`),
  binned: () => call<{ drawings: number }>('GET', 'bin'),
  emptyBin: () => call<{ drawings: number }>('DELETE', 'bin'),
  restore: (id: string) => call<Drawing>('POST', `drawings/${id}/restore`),
  cell: (id: string, column: number, row: number, noted: Partial<Pick<CellNote, 'state' | 'doubtful' | 'words'>>) => call<Noted>('PUT', `drawings/${id}/cells/${column}/${row}`, noted),
  cells: (id: string, cells: number[], noted: Partial<Pick<CellNote, 'state'>>) => call<Noted>('PUT', `drawings/${id}/cells`, { cells, ...noted }),
  cellToCopy: (id: string, column: number, row: number) => call<CellToCopy>('GET', `drawings/${id}/cells/${column}/${row}`),
  copying: (id: string, hand: string) => call<Copying>('GET', `drawings/${id}/copying?hand=${hand}`),
  workings: (photo: Pixels, choices: Choices, rung: string | null = null, point: { x: number; y: number } | null = null) => ask<Workings>('workings', photo, choices, { rung, x: point?.x ?? null, y: point?.y ?? null }),
  ways: (photo: Pixels, choices: Choices) => ask<Way[]>('ways', photo, choices),
  sheets: (photo: Pixels, choices: Choices) => ask<OtherSheet[]>('sheets', photo, choices),
  schools: (photo: Pixels, choices: Choices) => ask<School[]>('schools', photo, choices),
  meshes: (photo: Pixels, choices: Choices) => ask<Mesh[]>('meshes', photo, choices),
  prints: (photo: Pixels, choices: Choices) => ask<PrintSize[]>('prints', photo, choices),
  dividers: (photo: Pixels, choices: Choices) => ask<Divider[]>('dividers', photo, choices),
  enlargement: (photo: Pixels, choices: Choices, size: string) => ask<Verdict>('enlargement', photo, choices, { size }),
  ruled: (photo: Pixels, choices: Choices, columns: number, rows: number) => ask<Verdict>('ruled', photo, choices, { columns, rows }),
  square: (photo: Pixels, choices: Choices, measured: Record<string, string>) => ask<Verdict>('square', photo, choices, measured),
  measured: (photo: Pixels, choices: Choices, way: 'across' | 'down', ticks: Record<number, string>) => ask<Verdict>('measured', photo, choices, { way, ticks }),
  plans: (photo: Pixels, choices: Choices, demands: Record<string, unknown>) => ask<Proposal[]>('plans', photo, choices, demands),
  clearances: (photo: Pixels, choices: Choices, how: Record<string, unknown>) => ask<Clearance[]>('clearances', photo, choices, { act: 'whole', how }),
  adjust: (photo: Pixels, choices: Choices, act: Act, how: Record<string, unknown>) => ask<Adjusted>('adjust', photo, choices, { act, how }),
  edges: (id: string) => call<MainLine[]>('GET', `drawings/${id}/edges`),
  beginSizes: (width: string, height: string) => call<Drawing>('POST', 'drawings', { width, height }),
  presets: () => call<Preset[]>('GET', 'keepsakes'),
  keepPreset: (kind: Preset['kind'], name: string, photo: Pixels, choices: Choices) => ask<Preset>('keepsakes', photo, choices, { kind, name }),
  forgetPreset: (id: string) => call<void>('DELETE', `keepsakes/${id}`),
  marking: (id: string, board: string, hand: string) => call<Marking>('GET', `drawings/${id}/marking/${board}?hand=${hand}`),
  tickMark: (id: string, board: string, hand: string, tick: string, done: boolean) => call<Marking>('PUT', `drawings/${id}/marking/${board}/${tick}?hand=${hand}`, { done }),
  clearMarks: (id: string, board: string) => call<void>('DELETE', `drawings/${id}/marking/${board}`),
  tones: (id: string) => call<Tones>('GET', `drawings/${id}/tones`),
  probe: (id: string, x: number, y: number) => call<ToneSpot>('GET', `drawings/${id}/tones/at?x=${x}&y=${y}`),
  finish: (id: string) => call<Task[]>('GET', `drawings/${id}/finish`),
  folding: (id: string) => call<Folding>('GET', `drawings/${id}/folding`),
  shares: (id: string) => call<Shares[]>('GET', `drawings/${id}/shares`),
  pencil: (surface: string, use: string) => call<GuideLines>('GET', `pencil?${new URLSearchParams({ surface, use })}`),
  printers: (unit: string) => call<Printer[]>('GET', `printers?unit=${unit}`),
  keepPrinter: (typed: PrinterTyped) => call<Printer>('POST', 'printers', typed),
  forgetPrinter: (id: string) => call<void>('DELETE', `printers/${id}`),
  aboutSheet: (id: string, kind: string, query: string) => call<SheetAbout>('GET', `drawings/${id}/sheets/${kind}?${query}`),
}

/** Asks something about choices; nothing is kept by it. */
function ask<T>(path: string, photo: Pixels, choices: Choices, more: Record<string, unknown> = {}): Promise<T> {
  return call<T>('POST', path, { choices, wide: photo?.width ?? null, high: photo?.height ?? null, ...more })
}

/** Sends a photo and tells how far it has come, 0…1. fetch cannot report that, so this is an XMLHttpRequest. */
export const begin = (photo: File, onProgress: (share: number) => void) => send<Drawing>('/api/drawings', photo, onProgress)

/** Reads an exported drawing back. */
export const bringBack = (archive: File, onProgress: (share: number) => void) => send<Drawing>('/api/archives', archive, onProgress)

/** Brings over another picture, to stand beside the reference. */
export const bring = (photo: File, onProgress: (share: number) => void) => send<Choices['beside'][number]>('/api/photos', photo, onProgress)

function send<T>(path: string, photo: File, onProgress: (share: number) => void): Promise<T> {
  return new Promise((resolve, reject) => {
    const request = new XMLHttpRequest()
    const form = new FormData()
    form.append('photo', photo)
    request.responseType = 'json'
    request.upload.onprogress = (event) => onProgress(event.loaded / event.total)
    request.onerror = () => reject(new Refused(0, { message: unreachable }))
    request.onload = () =>
      request.status === 201 ? resolve(request.response as T) : reject(new Refused(request.status, request.response ?? { message: unreachable }))
    request.open('POST', path)
    request.setRequestHeader('Accept', 'application/json')
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
  const response = await fetch(path, { method: 'POST', signal, headers: { Accept: 'application/x-ndjson, application/json' } })
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
