import type { Workings } from '@/api/types'
import { choice, t } from '@/lang'

/**
 * The nine rungs, in the order practitioners work. A new one is a line here, with what its boards show, a panel
 * `KEY/KeyRung.vue`, and its words in lang (`rung`, `next`); without boards it is a page of its own.
 */
export const rungs = [
  { key: 'photo', boards: { focus: 'photo', wholePhoto: true, grid: false } },
  { key: 'paper', boards: { focus: 'paper', wholePhoto: true, grid: false } },
  { key: 'fit', boards: { focus: 'photo', wholePhoto: true, grid: false } },
  { key: 'grid', boards: { focus: 'both', wholePhoto: false, grid: true } },
  { key: 'marks', boards: { focus: 'both', wholePhoto: false, grid: true } },
  { key: 'copy', boards: null },
  { key: 'check', boards: { focus: 'both', wholePhoto: false, grid: true } },
  { key: 'tone', boards: { focus: 'photo', wholePhoto: false, grid: true } },
  { key: 'finish', boards: { focus: 'paper', wholePhoto: false, grid: true } },
] as const

export type RungKey = (typeof rungs)[number]['key']
/** Rungs that lie beside the two boards. */
export type BoardRung = Exclude<(typeof rungs)[number], { boards: null }>['key']

/** Rungs on which the photographed sheet may lie in place of the paper: to judge it, and to go by it later. */
const shotRungs: readonly RungKey[] = ['check', 'tone', 'finish']
export const takesShot = (key: RungKey) => shotRungs.includes(key)

export const boardRungs = rungs.filter((rung) => rung.boards !== null)

export function decision(key: RungKey, workings: Workings, progress: { done: number; of: number }): string {
  if (key === 'copy') return t('table.doneOfCells', { done: progress.done, cells: progress.of })
  if (key === 'tone') return t('table.tones', { steps: workings.choices.tone.steps })
  if (key === 'check') return withShots(workings.check.decision, workings)
  if (key === 'finish')
    return workings.choices.finish.done.length === 0
      ? choice(workings.choices.finish.medium)
      : t('table.mediumTicked', { medium: choice(workings.choices.finish.medium), ticked: workings.choices.finish.done.length })
  if (!(key in workings.rungs)) return ''
  const told = workings.rungs[key as keyof Workings['rungs']]
  return told.brief ?? told.decision
}

export function route(id: string, key: RungKey) {
  return key === 'copy' ? { name: 'copy', params: { id } } : { name: 'rung', params: { id, rung: key } }
}

/** What lengths tell, and how often the sheet was photographed. */
function withShots(decision: string, workings: Workings) {
  const shots = workings.choices.shots.length
  if (shots === 0) return decision
  // Where no length is taken, the shots are all there is.
  return workings.choices.spans.length === 0 ? t('table.shots', shots) : t('table.withShots', { decision }, shots)
}
