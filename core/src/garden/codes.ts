import type { Garden } from './garden'

/**
 * A free code in the manner of another: "K4" after "K1" where K2 and K3 are
 * taken.
 */
export function nextCode(garden: Pick<Garden, 'containers'>, like: string): string {
  const taken = new Set(garden.containers.map((container) => container.code))
  const stem = like.replace(/\d+$/, '') || 'P'
  let number = 1
  while (taken.has(`${stem}${number}`)) number++
  return `${stem}${number}`
}
