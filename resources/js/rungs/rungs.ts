import type { Workings } from '@/api/types'

/** The nine rungs, in the order practitioners work. */
export const rungs = [
  { key: 'photo', name: 'Photo', next: 'Say whether you work from a screen or a print; then the paper.' },
  { key: 'paper', name: 'Paper', next: 'Choose the sheet and which way round it lies; then make the two agree.' },
  { key: 'fit', name: 'Fit', next: 'Drag the frame, its corner or the diagonal to what you want to draw; arrow keys nudge.' },
  { key: 'grid', name: 'Grid', next: 'Choose how many cells; the same grid lies on photo and paper.' },
  { key: 'marks', name: 'Marks', next: 'Measure each mark from the same zero corner, never from the mark before.' },
  { key: 'copy', name: 'Copy', next: '' },
  { key: 'check', name: 'Check', next: 'Compare lengths with lengths and slopes with slopes; then measure the drawing.' },
  { key: 'tone', name: 'Tone', next: 'Say of each place which box of the bar it is; the largest areas first.' },
  { key: 'finish', name: 'Finish', next: 'Take the guides off before anything goes over them; then tidy, protect, and note one lesson.' },
] as const

export type RungKey = (typeof rungs)[number]['key']

export function decision(key: RungKey, workings: Workings, done: number): string {
  if (key === 'copy') return `${done} of ${workings.grid.columns * workings.grid.rows}`
  if (key === 'tone') return `${workings.choices.tone.steps} tones`
  if (key === 'check') return workings.check.decision
  if (key === 'finish') return workings.choices.finish.done.length === 0 ? workings.choices.finish.medium : `${workings.choices.finish.medium}, ${workings.choices.finish.done.length} ticked`
  return workings.rungs[key].decision
}

export function route(id: string, key: RungKey) {
  return key === 'copy' ? { name: 'copy', params: { id } } : { name: 'rung', params: { id, rung: key } }
}
