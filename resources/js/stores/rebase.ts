/** A copy of what can be sent, with nothing in it that is watched: what was put into a watched thing stays so, however deep. */
export function plain<T>(value: T): T {
  return JSON.parse(JSON.stringify(value)) as T
}

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b)
const isPart = (value: unknown): value is object => typeof value === 'object' && value !== null && !Array.isArray(value)

/**
 * A draft that was changed further while it was being kept, or while a step back was on its way, on top of what came of
 * that: where the server has something else than was there (a length in its own spelling, a thing that followed the
 * picture, one that was taken back), and the draft has not touched it since, the server's stands.
 */
export function rebase<T extends object>(draft: T, then: T, theirs: T): T {
  const result = plain(draft)
  for (const key of Object.keys(theirs) as (keyof T)[]) result[key] = either(draft[key], then[key], theirs[key])
  return result
}

function either<V>(mine: V, then: V, theirs: V): V {
  if (isPart(mine) && isPart(then) && isPart(theirs)) return rebase(mine, then, theirs)
  if (same(mine, then) || same(mine, theirs)) return plain(theirs)
  if (Array.isArray(mine) && Array.isArray(then) && Array.isArray(theirs)) return lists(mine, then, theirs) as V
  return plain(mine)
}

/** Each of a list by itself: what was put in, taken out or changed in the draft is so in what stands. */
function lists(mine: unknown[], then: unknown[], theirs: unknown[]): unknown[] {
  const called = names([mine, then, theirs])
  // Without names, what the server only spelled its own way stands where it stood.
  const asThen = called === byContent && mine.every(isPart) && then.length === theirs.length ? new Map(then.map((one, i) => [called(one), theirs[i]])) : null
  if (asThen) return plain(mine.map((one) => asThen.get(called(one)) ?? one))
  const [was, is] = [then, theirs].map((list) => new Map(list.map((one) => [called(one), one])))
  const here = new Set(mine.map(called))
  const stays = mine.flatMap((one) => {
    const [before, now] = [was!.get(called(one)), is!.get(called(one))]
    if (now === undefined) return before === undefined || !same(one, before) ? [one] : []
    return [before === undefined ? one : either(one, before, now)]
  })
  return plain([...stays, ...theirs.filter((one) => !here.has(called(one)) && !was!.has(called(one)))])
}

const byContent = (one: unknown) => JSON.stringify(one)

/** How the things of these lists are told apart: by what they are called, where each has a name of its own; else by all they are. */
function names(of: unknown[][]): (one: unknown) => string {
  for (const field of ['id', 'name']) {
    const name = (one: unknown) => (isPart(one) ? (one as Record<string, unknown>)[field] : undefined)
    if (of.every((list) => list.every((one) => typeof name(one) === 'string') && new Set(list.map(name)).size === list.length)) return (one) => name(one) as string
  }
  return byContent
}
