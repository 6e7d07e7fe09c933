import { usualWater } from '../../feed'
import { hasTypedNormals, isSame, type Garden } from '../../garden'
import { dayOf } from '../../units'
import { weatherOn } from '../course'

/** What a gardener has not told yet, the most telling first. */
export const unknownIds = ['weather', 'measures', 'plan', 'climate', 'tapWater'] as const
export type UnknownId = (typeof unknownIds)[number]

/**
 * What is guessed in a garden because it was not told: today's weather, measures of pots, the
 * balcony itself, the climate of the place, what is in the water. Nothing of a garden without
 * pots: there is nothing yet that would be sharper.
 *
 * @param now a day or moment, `YYYY-MM-DD…`
 */
export function unknownsOf(garden: Garden, now: string): UnknownId[] {
  const { containers, plantings, spaces, settings } = garden
  const isPlanted = plantings.some(({ plantedOn }) => plantedOn <= now)
  const isUnknown: Readonly<Record<UnknownId, boolean>> = {
    weather: isPlanted && !weatherOn(garden, dayOf(now)),
    measures: containers.some(({ isTypical }) => isTypical),
    plan: spaces.some(({ plan, id }) => !plan && containers.some(({ spaceId }) => spaceId === id)),
    climate: !hasTypedNormals(garden),
    tapWater: isPlanted && isSame(settings.water, usualWater.tap),
  }
  return containers.length ? unknownIds.filter((id) => isUnknown[id]) : []
}
