import { MOST_CODE_LENGTH } from '../container'
import type { Garden } from './garden'

/**
 * A free code in the manner of another: "K4" after "K1" where K2 and K3 are
 * taken.
 */
export function nextCode(garden: Pick<Garden, 'containers'>, like: string): string {
  const taken = new Set(garden.containers.map((container) => container.code))
  const stem = like.replace(/\d+$/, '') || 'P'
  // A long name loses its end where the number would not fit beside it.
  const named = (number: number) =>
    `${stem.slice(0, MOST_CODE_LENGTH - String(number).length)}${number}`
  let number = 1
  while (taken.has(named(number))) number++
  return named(number)
}
