export interface Piece {
  text: string
  kind: 'plain' | 'gap' | 'frac'
}

/**
 * Cuts a text into plain pieces and fractions, so that `1 1/2 in` can be set as a
 * real fraction. The space before a fraction stays, though it is set narrow: read
 * aloud or copied, one and a half must not become eleven halves.
 */
export function pieces(text: string): Piece[] {
  return text
    .split(/(?<![\d/])((?:\d+ )?\d+\/\d+)(?![\d/])/)
    .filter((part) => part !== '')
    .flatMap((part): Piece[] => {
      const found = /^(?:(\d+) )?(\d+\/\d+)$/.exec(part)
      if (!found) return [{ text: part, kind: 'plain' }]
      const [, whole, fraction = ''] = found
      return [...(whole ? ([{ text: whole, kind: 'plain' }, { text: ' ', kind: 'gap' }] as const) : []), { text: fraction, kind: 'frac' }]
    })
}
