import type { Catalogue, CellState, Choices, Drawing, ShelfEntry, Trouble, Workings } from './types'

/** An answer that was not a yes: one sentence, and beside which choices it belongs. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    readonly trouble: Partial<Trouble> & { message: string },
  ) {
    super(trouble.message)
  }
}

const unreachable = 'Inch Ladder is not answering; see whether it still runs (./bin/start), then try again. Nothing was lost.'

async function call<T>(method: string, path: string, body?: unknown): Promise<T> {
  const response = await fetch(`/api/${path}`, {
    method,
    headers: { Accept: 'application/json', ...(body === undefined ? {} : { 'Content-Type': 'application/json' }) },
    body: body === undefined ? undefined : JSON.stringify(body),
  }).catch(() => {
    throw new Refused(0, { message: unreachable })
  })
  const answer = response.status === 204 ? undefined : await response.json().catch(() => ({ message: unreachable }))
  if (!response.ok) throw new Refused(response.status, answer)
  return answer as T
}

export const api = {
  shelf: () => call<ShelfEntry[]>('GET', 'drawings'),
  catalogue: () => call<Catalogue>('GET', 'catalogue'),
  drawing: (id: string) => call<Drawing>('GET', `drawings/${id}`),
  decide: (id: string, version: number, choices: Choices) => call<Drawing>('PUT', `drawings/${id}`, { version, choices }),
  undo: (id: string, version: number) => call<Drawing>('POST', `drawings/${id}/undo`, { version }),
  redo: (id: string, version: number) => call<Drawing>('POST', `drawings/${id}/redo`, { version }),
  bin: (id: string) => call<void>('DELETE', `drawings/${id}`),
  restore: (id: string) => call<Drawing>('POST', `drawings/${id}/restore`),
  cell: (id: string, column: number, row: number, state: CellState | 'open') => call<void>('PUT', `drawings/${id}/cells/${column}/${row}`, { state }),
  workings: (photo: { width: number; height: number }, choices: Choices, point: { x: number; y: number } | null = null) =>
    call<Workings>('POST', 'workings', { choices, wide: photo.width, high: photo.height, x: point?.x ?? null, y: point?.y ?? null }),
}

/** Sends a photo and tells how far it has come, 0…1. fetch cannot report that, so this is an XMLHttpRequest. */
export function begin(photo: File, onProgress: (share: number) => void): Promise<Drawing> {
  return new Promise((resolve, reject) => {
    const request = new XMLHttpRequest()
    const form = new FormData()
    form.append('photo', photo)
    request.responseType = 'json'
    request.upload.onprogress = (event) => onProgress(event.loaded / event.total)
    request.onerror = () => reject(new Refused(0, { message: unreachable }))
    request.onload = () =>
      request.status === 201 ? resolve(request.response as Drawing) : reject(new Refused(request.status, request.response ?? { message: unreachable }))
    request.open('POST', '/api/drawings')
    request.setRequestHeader('Accept', 'application/json')
    request.send(form)
  })
}
