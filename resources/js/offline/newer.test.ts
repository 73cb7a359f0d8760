import { beforeEach, expect, it, vi } from 'vitest'

beforeEach(() => {
  sessionStorage.clear()
  vi.resetModules()
  document.head.innerHTML = '<meta name="build" content="a1">'
})

it('knows that the server serves another version, and is not told by an answer that says none', async () => {
  const { newer, heardBuild } = await import('./newer')
  heardBuild(null)
  heardBuild('a1')
  expect(newer.value).toBe(false)
  heardBuild('b2')
  expect(newer.value).toBe(true)
})

it('loads the page anew where a part of it is missing, once, and says so where that did not help', async () => {
  const { newer, pieceMissing } = await import('./newer')
  const reload = vi.fn()
  pieceMissing(reload, 1_000_000)
  pieceMissing(reload, 1_030_000)
  expect([reload.mock.calls.length, newer.value]).toEqual([1, true])
  pieceMissing(reload, 1_100_000)
  expect(reload).toHaveBeenCalledTimes(2)
})
