/**
 * Takes the answer to what was asked last. Two questions that are on their way at once may be answered in either order:
 * the answer, or the failure, of one that was overtaken is let go of.
 */
export function useLatest() {
  let asked = 0

  async function latest<T>(question: Promise<T>, take: (answer: T) => void): Promise<void> {
    const mine = ++asked
    let answer: T
    try {
      answer = await question
    } catch (error) {
      if (mine === asked) throw error
      return
    }
    if (mine === asked) take(answer)
  }

  /** What is on its way is not wanted any more. */
  latest.forget = () => void asked++

  return latest
}
