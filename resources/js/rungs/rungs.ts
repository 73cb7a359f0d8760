import type { Workings } from '@/api/types'

/** The nine rungs, in the order practitioners work. A new one is a line here, with what its boards show, and a panel `KEY/KeyRung.vue`; without boards it is a page of its own. */
export const rungs = [
  { key: 'photo', name: 'Photo', next: 'Say whether you work from a screen or a print; then the paper.', boards: { focus: 'photo', wholePhoto: true, grid: false } },
  { key: 'paper', name: 'Paper', next: 'Choose the sheet and which way round it lies; then make the two agree.', boards: { focus: 'paper', wholePhoto: true, grid: false } },
  { key: 'fit', name: 'Fit', next: 'Drag the frame, its corner or the diagonal to what you want to draw; arrow keys nudge.', boards: { focus: 'photo', wholePhoto: true, grid: false } },
  { key: 'grid', name: 'Grid', next: 'Choose how many cells; the same grid lies on photo and paper.', boards: { focus: 'both', wholePhoto: false, grid: true } },
  { key: 'marks', name: 'Marks', next: 'Measure each mark from the same zero corner, never from the mark before.', boards: { focus: 'both', wholePhoto: false, grid: true } },
  { key: 'copy', name: 'Copy', next: '', boards: null },
  { key: 'check', name: 'Check', next: 'Compare lengths with lengths and slopes with slopes; then measure the drawing.', boards: { focus: 'both', wholePhoto: false, grid: true } },
  { key: 'tone', name: 'Tone', next: 'Say of each place which box of the bar it is; the largest areas first.', boards: { focus: 'photo', wholePhoto: false, grid: true } },
  { key: 'finish', name: 'Finish', next: 'Take the guides off before anything goes over them; then tidy, protect, and note one lesson.', boards: { focus: 'paper', wholePhoto: false, grid: true } },
] as const

export type RungKey = (typeof rungs)[number]['key']
/** Rungs that lie beside the two boards. */
export type BoardRung = Exclude<(typeof rungs)[number], { boards: null }>['key']

export const boardRungs = rungs.filter((rung) => rung.boards !== null)

export function decision(key: RungKey, workings: Workings, done: number): string {
  if (key === 'copy') return `${done} of ${workings.grid.columns * workings.grid.rows}`
  if (key === 'tone') return `${workings.choices.tone.steps} tones`
  if (key === 'check') return workings.check.decision
  if (key === 'finish') return workings.choices.finish.done.length === 0 ? workings.choices.finish.medium : `${workings.choices.finish.medium}, ${workings.choices.finish.done.length} ticked`
  return key in workings.rungs ? workings.rungs[key as keyof Workings['rungs']].decision : ''
}

export function route(id: string, key: RungKey) {
  return key === 'copy' ? { name: 'copy', params: { id } } : { name: 'rung', params: { id, rung: key } }
}
