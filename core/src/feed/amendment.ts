import type { Amendment } from '../mix'
import { measureMl, type MeasureName, type Measures, type UnitSystem } from '../units'

const MEASURES: Readonly<Record<Exclude<Amendment['unit'], 'gramsPerLitre'>, MeasureName>> = {
  teaspoonsPerPot: 'teaspoon',
  tablespoonsPerPot: 'tablespoon',
  cupsPerPot: 'cup',
  handfulsPerPot: 'handful',
}

/**
 * What an amendment of a recipe weighs for one pot, g.
 *
 * @param volumeL    finished mix in the pot
 * @param densityGMl what a loose millilitre of the product weighs
 */
export function amendmentG(
  { amount, unit }: Amendment,
  volumeL: number,
  densityGMl: number,
  system: UnitSystem,
  measures: Measures,
): number {
  return unit === 'gramsPerLitre'
    ? amount * volumeL
    : amount * measureMl(MEASURES[unit], system, measures) * densityGMl
}
