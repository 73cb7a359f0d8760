import { beforeEach, expect, it, vi } from 'vitest'
import type { Router } from 'vue-router'

type Sent = { name: string; how: 'begin' | 'bringBack'; told: (share: number) => void; come: () => void; refuse: (why: string) => void }
let sent: Sent[] = []

vi.mock('@/api/client', () => {
  class Refused extends Error {}
  const send = (how: Sent['how'], file: File, told: Sent['told'], signal?: AbortSignal) =>
    new Promise<{ id: string }>((resolve, reject) => {
      sent.push({ name: file.name, how, told, come: () => resolve({ id: file.name }), refuse: (why) => reject(new Refused(why)) })
      signal?.addEventListener('abort', () => reject(new Refused('stopped')))
    })
  return {
    Refused,
    begin: (file: File, _: string, told: Sent['told'], signal?: AbortSignal) => send('begin', file, told, signal),
    bringBack: (file: File, told: Sent['told'], signal?: AbortSignal) => send('bringBack', file, told, signal),
  }
})

const { useBringing } = await import('./useBringing')
const push = vi.fn()
const router = { push } as unknown as Router
const files = (...names: string[]) => names.map((name) => new File(['x'], name))
const settled = () => new Promise((resolve) => setTimeout(resolve))
async function next(act: (one: Sent) => void) {
  act(sent.at(-1)!)
  await settled()
}

beforeEach(() => {
  sent = []
  push.mockReset()
})

it('opens one photo, and says how far it is', async () => {
  const bringing = useBringing()
  void bringing.take(router, files('pear.jpg'))
  expect([bringing.progress.value, bringing.count.value]).toEqual([0, { at: 1, of: 1 }])
  sent[0]!.told(0.4)
  expect(bringing.progress.value).toBe(0.4)
  await next((one) => one.come())
  expect(push.mock.calls).toEqual([[{ name: 'rung', params: { id: 'pear.jpg', rung: 'photo' } }]])
  expect(bringing.progress.value).toBeNull()
})

it('takes several in turn, also those that come meanwhile, and names what is refused', async () => {
  const bringing = useBringing()
  void bringing.take(router, files('pear.jpg', 'list.txt'))
  void bringing.take(router, files('Plum.ZIP'))
  expect([sent.length, bringing.count.value]).toEqual([1, { at: 1, of: 3 }])
  await next((one) => one.come())
  await next((one) => one.refuse('This is no picture.'))
  expect([sent.map((one) => `${one.name} ${one.how}`), bringing.count.value.at]).toEqual([['pear.jpg begin', 'list.txt begin', 'Plum.ZIP bringBack'], 3])
  await next((one) => one.come())
  expect(push.mock.calls).toEqual([[{ name: 'shelf' }]])
  expect([bringing.trouble.value, bringing.count.value]).toEqual(['list.txt: This is no picture.', { at: 0, of: 0 }])
})

it('stops at once, sends nothing more, and says nothing of what was stopped', async () => {
  const bringing = useBringing()
  void bringing.take(router, files('pear.jpg', 'plum.jpg'))
  bringing.stop()
  await settled()
  expect([sent.length, bringing.progress.value, bringing.trouble.value, push.mock.calls]).toEqual([1, null, null, []])
  void bringing.take(router, files('quince.jpg'))
  await next((one) => one.come())
  expect(push).toHaveBeenCalledOnce()
})
