/** A share as the server writes it, `0.25` or `1/4`, as a number to draw with. */
export function toNumber(share: string): number {
  const [top = '0', bottom = '1'] = share.split('/')
  return Number(top) / Number(bottom)
}

/** A share as the hand gives it, to the server's six digits. */
export function toShare(number: number): string {
  return Math.min(1, Math.max(0, number)).toFixed(6)
}
