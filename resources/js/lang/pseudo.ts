/**
 * The pseudo-language of CLDR's `en-XA`: every sentence bracketed, accented and a third longer, so that what is said
 * past the lists of sentences, and what a longer language would not fit, can be seen. Only tests ask for it.
 */
export const PSEUDO = 'en-XA'

const ACCENTED: Record<string, string> = { a: 'á', e: 'é', i: 'í', o: 'ó', u: 'ú', A: 'Á', E: 'É', I: 'Í', O: 'Ó', U: 'Ú' }

/** One form of a sentence; what stands in braces is a name, and stays. */
function form(text: string) {
  const accented = text.replace(/\{\w+\}|[aeiou]/gi, (part) => ACCENTED[part] ?? part)
  return `⟦${accented}${'~'.repeat(Math.ceil(text.length / 3)).replace(/~{4}(?=~)/g, '~~~~ ')}⟧`
}

export function pseudo<T>(messages: T): T {
  if (typeof messages === 'string') return messages.split(' | ').map(form).join(' | ') as T
  return Object.fromEntries(Object.entries(messages as object).map(([key, value]) => [key, pseudo(value)])) as T
}
