import { expect, it } from 'vitest'
import { nextTick, ref } from 'vue'
import { useTyped } from './useTyped'

it('shows what is kept, leaves alone what is being typed, and follows again once it was told or left', async () => {
  const kept = ref('4 in')
  const { typed, typing, told, left } = useTyped(() => kept.value)
  const answer = async (text: string) => {
    kept.value = text
    await nextTick()
    return typed.value
  }
  expect(await answer('5 in')).toBe('5 in')
  typing()
  typed.value = '7'
  expect(await answer('6 in')).toBe('7')
  told()
  expect(await answer('7 in')).toBe('7 in')
  // Typed, and put back as it was: nothing is told, and what came meanwhile shows.
  typing()
  typed.value = '7 in'
  expect(await answer('8 in')).toBe('7 in')
  left()
  expect(typed.value).toBe('8 in')
  expect(await answer('9 in')).toBe('9 in')
})
