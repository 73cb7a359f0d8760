import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { api, Refused } from './client'

const sent = vi.fn<(request: Request, init: RequestInit) => Promise<Response>>()
const answer = (status: number, body: unknown) => new Response(status === 204 ? null : JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } })

beforeEach(() => {
  ;(window as unknown as { happyDOM: { setURL: (url: string) => void } }).happyDOM.setURL('http://127.0.0.1/')
  vi.stubGlobal('fetch', sent)
})
afterEach(() => {
  sent.mockReset()
  vi.unstubAllGlobals()
})

describe('what is sent', () => {
  it('goes out in the same breath and outlives the page, as a page that is left waits for nothing', () => {
    sent.mockImplementation(() => Promise.resolve(answer(200, {})))
    void api.notes('ID', [{ key: 'k', mesh: '5x7', cells: [17], ago: 0, state: 'done' }])
    expect(sent).toHaveBeenCalledTimes(1)
    const [request, init] = sent.mock.calls[0]!
    expect([request.method, new URL(request.url).pathname, init.keepalive]).toEqual(['PUT', '/api/drawings/ID/notes', true])
  })

  it('outlives the page only where the browser lets so much do so; the next is measured by itself', () => {
    sent.mockImplementation(() => Promise.resolve(answer(200, {})))
    void api.notes('ID', [{ key: 'k', mesh: '5x7', cells: [0], ago: 0, words: 'x'.repeat(16_000) }])
    void api.bin('ID')
    void api.drawing('ID')
    expect(sent.mock.calls.map(([, init]) => init.keepalive)).toEqual([false, true, false])
  })

  it('writes what is wanted of a sheet as an address says it', () => {
    sent.mockImplementation(() => Promise.resolve(answer(200, {})))
    void api.aboutSheet('ID', 'gridded', { page: 'a4', border: '6 mm' })
    expect(new URL(sent.mock.calls[0]![0].url).search).toBe('?page=a4&border=6%20mm')
  })
})

describe('what comes back', () => {
  it.each([
    ['a sentence', answer(422, { message: 'No.', errors: { x: ['No.'] } }), 422, 'No.'],
    ['no sentence', answer(502, '<html>'), 502, 'not answering'],
  ])('is refused with %s', async (_, response, status, says) => {
    sent.mockResolvedValue(response)
    const refused = await api.catalogue().catch((error: unknown) => error)
    expect(refused).toBeInstanceOf(Refused)
    expect([(refused as Refused).status, (refused as Refused).message]).toEqual([status, expect.stringContaining(says)])
  })

  it('is said not to have come where nobody answers, and is nothing where nothing is said', async () => {
    sent.mockRejectedValueOnce(new TypeError('Failed to fetch'))
    await expect(api.catalogue()).rejects.toMatchObject({ status: 0 })
    sent.mockResolvedValueOnce(answer(204, null))
    await expect(api.bin('ID')).resolves.toBeUndefined()
  })
})
