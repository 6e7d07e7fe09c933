import { estimatedPh } from '../acidity'
import { batchFor } from '../batch'
import { blend } from '../blend'
import { drainedBody, mixOf } from '../drained'
import { packsToBuy } from '../packs'
import { overVessels, volumeOf, type Linear } from './model'
import type { CheckedMix, LimitedProperty, MixAim, MixLimit, MixTask } from './types'

/** A share below this is none. */
const SHARE_TOLERANCE = 1e-4
/** Within this a limit is held: a tenth of a percent, 1 g/L, a fiftieth of a pH. */
const HELD_WITHIN: Readonly<Record<LimitedProperty, number>> = {
  airSpace: 0.001,
  containerCapacity: 0.001,
  wetDensityGL: 1,
  ph: 0.02,
}

/** A mix of these shares, by the full physics, in all the containers. */
export function checked(
  task: MixTask,
  linear: readonly Linear[],
  shares: readonly number[],
): CheckedMix {
  const parts = linear.flatMap(({ ingredient }, index) =>
    shares[index]! > SHARE_TOLERANCE
      ? [{ ingredientId: ingredient.id, parts: Number((100 * shares[index]!).toFixed(4)) }]
      : [],
  )
  const shelf = Object.fromEntries(linear.map(({ ingredient }) => [ingredient.id, ingredient]))
  const mix = mixOf(blend({ id: 'solved', parts }, shelf))
  const containerCapacity = overVessels(
    task,
    (body) => drainedBody(body, mix.curve).containerCapacity,
  )
  const airSpace = mix.curve.totalPorosity - containerCapacity
  const wetDensityGL = mix.blend.bulkDensityGL + 1000 * containerCapacity
  const batch = batchFor(mix.blend, volumeOf(task))
  const shopping = packsToBuy(
    batch.lines,
    Object.fromEntries(linear.map(({ ingredient, stockL }) => [ingredient.id, stockL])),
  )
  const objectives: Record<MixAim, number> = {
    cheapest: shopping.price,
    lightest: wetDensityGL,
    closest:
      Math.abs(containerCapacity - task.wished.containerCapacity) +
      Math.abs(airSpace - task.wished.airSpace),
  }
  return {
    blend: mix.blend,
    containerCapacity,
    airSpace,
    wetDensityGL,
    ph: estimatedPh(mix.blend),
    lines: batch.lines,
    looseL: batch.looseL,
    shopping,
    objective: objectives[task.aim],
  }
}

/** How far a mix is on the wrong side of a limited property; negative where it is within. */
export function overLimit(found: CheckedMix, { code, property, value }: MixLimit): number {
  if (!property) return -Infinity
  return code === 'least' ? value - found[property] : found[property] - value
}

/** Whether the full physics holds everything that was asked of properties. */
export const holds = (found: CheckedMix, limits: readonly MixLimit[]): boolean =>
  limits.every((limit) => !limit.property || overLimit(found, limit) <= HELD_WITHIN[limit.property])
