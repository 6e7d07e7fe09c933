import { practice, reason, type Reason } from '../units'
import type { Container } from './schema'

export type FoodVerdict = 'accepted' | 'avoid' | 'unknown'

/** HDPE, LDPE and PP are commonly accepted for food; PVC and polystyrene are not (practice). */
const ACCEPTED: readonly number[] = [2, 4, 5]
const AVOIDED: readonly number[] = [3, 6]

/** Whether food may be grown in a container, as far as its material tells; nothing of what was in it before. */
export function foodSafety({ material, resinCode }: Pick<Container, 'material' | 'resinCode'>): {
  readonly verdict: FoodVerdict
  readonly reasons: readonly Reason[]
} {
  const told = (verdict: FoodVerdict, code: string) => ({
    verdict,
    reasons: [reason(`food.${code}`, resinCode ? { resinCode: `${resinCode}` } : {}, practice)],
  })
  if (material === 'wood') return told('unknown', 'wood')
  if (material === 'metal') return told('unknown', 'metal')
  if (material === 'glazed') return told('unknown', 'glazed')
  if (material !== 'plastic') return told('accepted', 'plain')
  if (resinCode === undefined) return told('unknown', 'noCode')
  if (ACCEPTED.includes(resinCode)) return told('accepted', 'accepted')
  return AVOIDED.includes(resinCode) ? told('avoid', 'avoid') : told('unknown', 'otherCode')
}
