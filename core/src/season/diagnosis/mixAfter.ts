import { causePlans, type CauseId } from '../../diagnosis'
import { containerOn, type Garden } from '../../garden'
import type { OldMixVerdict } from '../../mix'
import { dayOf } from '../../units'
import { mixSeasonsOf, rechargeOf } from '../mix'

/**
 * What a pot's mix is good for once a cause is done with it, by the rule for old
 * mix; undefined where nobody said what mix it is.
 */
export function mixVerdictAfter(
  garden: Garden,
  containerId: string,
  cause: CauseId,
  now: string,
): OldMixVerdict | undefined {
  const found = garden.containers.find(({ id }) => id === containerId)
  if (!found) return undefined
  const container = containerOn(garden, found, now)
  return rechargeOf(garden, container, {
    seasons: mixSeasonsOf(garden, container, dayOf(now)),
    trouble: causePlans[cause].trouble,
    waterEcDsM: garden.settings.water.ecDsM,
  })?.verdict
}
