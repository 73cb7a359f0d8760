import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { api, Refused } from '@/api/client'
import { useLatest } from '@/api/latest'
import type { Printer } from '@/api/types'

/** The printers in reach, and what is wanted of the next sheet; the last printer and paper are remembered on this device. */
export const usePrinting = defineStore('printing', () => {
  const printer = useLocalStorage('printer', '')
  const page = useLocalStorage('printer-paper', '')
  const border = useLocalStorage('printer-border', '')
  const at = ref<'print' | 'page' | 'drawing' | ''>('')
  const look = ref<'photo' | 'grey' | 'outline' | 'tones'>('photo')
  const labels = ref(true)
  const whole = ref(false)
  const mirrored = ref(false)
  const lines = ref(false)
  const printers = shallowRef<Printer[]>([])
  const kept = computed(() => printers.value.find((one) => one.name === printer.value))

  const latest = useLatest()
  async function load(unit: string) {
    await latest(api.printers(unit), (fresh) => {
      printers.value = fresh
      if (printer.value && !kept.value) printer.value = ''
    }).catch(() => undefined)
  }

  /** Keeps a printer as it is typed; answers what is wrong with it, by field. */
  async function keep(typed: Parameters<typeof api.keepPrinter>[0]): Promise<Record<string, string>> {
    try {
      const made = await api.keepPrinter(typed)
      await load(typed.unit)
      printer.value = made.name
      page.value = ''
      border.value = ''
      return {}
    } catch (error) {
      if (!(error instanceof Refused)) throw error
      const errors = Object.entries(error.trouble.errors ?? { name: [error.message] })
      return Object.fromEntries(errors.map(([field, said]) => [field.replace('printer.', ''), said[0] ?? '']))
    }
  }

  async function forget(id: string, unit: string) {
    await api.forgetPrinter(id)
    await load(unit)
  }

  /** What is wanted, as an address says it. */
  function query(takes: readonly string[]) {
    const wanted = new URLSearchParams()
    if (printer.value) wanted.set('printer', printer.value)
    if (page.value && (page.value !== 'own' || takes.includes('own'))) wanted.set('page', page.value)
    if (border.value) wanted.set('border', border.value)
    if (at.value && takes.includes(`at ${at.value}`)) wanted.set('at', at.value)
    if (look.value !== 'photo' && takes.includes('look')) wanted.set('look', look.value)
    for (const [name, on, unless] of [
      ['labels', labels.value, true],
      ['whole', whole.value, false],
      ['mirrored', mirrored.value, false],
      ['lines', lines.value, false],
    ] as const) {
      if (takes.includes(name) && on !== unless) wanted.set(name, on ? '1' : '0')
    }
    return wanted.toString()
  }

  return { printer, page, border, at, look, labels, whole, mirrored, lines, printers, kept, load, keep, forget, query }
})
