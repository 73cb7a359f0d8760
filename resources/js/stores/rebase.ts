/** A copy of what can be sent, with nothing in it that is watched: what was put into a watched thing stays so, however deep. */
export function plain<T>(value: T): T {
  return JSON.parse(JSON.stringify(value)) as T
}

/**
 * A draft that was changed further while it was being kept, on top of what was kept: where the server wrote
 * something else than it was sent (a length in its own spelling, a thing that followed the picture), and the draft
 * has not touched it since, the server's stands.
 */
export function rebase<T extends object>(draft: T, sent: T, kept: T): T {
  const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b)
  const isPart = (value: unknown): value is object => typeof value === 'object' && value !== null && !Array.isArray(value)
  const areWords = (value: unknown): value is string[] => Array.isArray(value) && value.every((one) => typeof one === 'string')
  const result = plain(draft)
  for (const key of Object.keys(kept) as (keyof T)[]) {
    const [mine, then, theirs] = [draft[key], sent[key], kept[key]]
    if (isPart(mine) && isPart(then) && isPart(theirs)) result[key] = rebase(mine, then, theirs) as T[keyof T]
    else if (same(mine, then)) result[key] = plain(theirs)
    else if (areWords(mine) && areWords(then) && areWords(theirs)) result[key] = merged(mine, then, theirs) as T[keyof T]
  }
  return result
}

/** A list of words, ticks mostly: what was put in or taken out of the draft is put into, or taken out of, what stands. */
function merged(mine: string[], then: string[], theirs: string[]): string[] {
  const added = mine.filter((one) => !then.includes(one))
  const removed = then.filter((one) => !mine.includes(one))
  return added.length + removed.length === 0 ? mine : [...theirs.filter((one) => !removed.includes(one)), ...added.filter((one) => !theirs.includes(one))]
}
