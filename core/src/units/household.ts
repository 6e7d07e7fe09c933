import type { Measures } from './measuresSchema'
import { units, type UnitSystem } from './unitTable'

export const defaultMeasures: Measures = {
  handfulMl: 40,
  canL: 10,
  scoopL: 5,
  tubL: 60,
}

export type MeasureName = 'teaspoon' | 'tablespoon' | 'cup' | 'handful'

/** What a spoon or cup of the system holds, mL. US by statute, metric 5, 15 and 250 mL. */
export function measureMl(name: MeasureName, system: UnitSystem, measures: Measures): number {
  if (name === 'handful') return measures.handfulMl
  const us = system === 'us'
  const volume = units.volume
  const litres = {
    teaspoon: us ? volume.usTeaspoon : volume.metricTeaspoon,
    tablespoon: us ? volume.usTablespoon : volume.metricTablespoon,
    cup: us ? volume.usCup : volume.metricCup,
  }[name].factor
  return litres * 1000
}

export interface Measured {
  readonly measure: MeasureName
  /** In quarters below ten, whole above: as finely as a hand can measure. */
  readonly count: number
}

/**
 * The smallest that a spoon measures is a quarter of a teaspoon. What this would make
 * more than a third too much goes on the scale.
 */
const SMALLEST_TEASPOONS = 0.25 * 0.75

/** A volume in a measure, in quarters below ten; undefined where it is less than any spoon holds. */
function counted(
  volumeMl: number,
  measure: MeasureName,
  holds: (name: MeasureName) => number,
): Measured | undefined {
  if (!(volumeMl >= SMALLEST_TEASPOONS * holds('teaspoon') * (1 - 1e-9))) return undefined
  const exact = volumeMl / holds(measure)
  const step = exact >= 10 ? 1 : 0.25
  return { measure, count: Math.round(exact / step) * step }
}

/**
 * What is poured, or too strong to be taken by the hand, in the measure one would
 * reach for: spoons first, cups from half of one upward.
 *
 * @param volumeMl dose
 * @returns undefined where a quarter of a teaspoon would be far too much: then it is weighed
 * @example pouredIn(30, 'metric', defaultMeasures) // => { measure: 'tablespoon', count: 2 }
 */
export function pouredIn(
  volumeMl: number,
  system: UnitSystem,
  measures: Measures,
): Measured | undefined {
  const holds = (name: MeasureName) => measureMl(name, system, measures)
  const measure: MeasureName =
    volumeMl >= holds('cup') * 0.5
      ? 'cup'
      : volumeMl >= holds('tablespoon')
        ? 'tablespoon'
        : 'teaspoon'
  return counted(volumeMl, measure, holds)
}

/**
 * A dry dose in the measure a hand would reach for: spoons first, handfuls from
 * about half of one upward.
 *
 * @param massG dose
 * @param bulkDensityGMl what a millilitre of the loose product weighs
 * @returns undefined where a quarter of a teaspoon would be far too much: then it is weighed
 * @example inMeasures(52, 1.3, 'metric', defaultMeasures) // => { measure: 'handful', count: 1 }
 */
export function inMeasures(
  massG: number,
  bulkDensityGMl: number,
  system: UnitSystem,
  measures: Measures,
): Measured | undefined {
  const volumeMl = massG / bulkDensityGMl
  const measure: MeasureName =
    volumeMl >= measures.handfulMl * 0.4
      ? 'handful'
      : volumeMl >= measureMl('tablespoon', system, measures)
        ? 'tablespoon'
        : 'teaspoon'
  return counted(volumeMl, measure, (name) => measureMl(name, system, measures))
}

/** What a handful holds, from one of a product that was weighed, mL. */
export const handfulMlFrom = (massG: number, bulkDensityGMl: number): number =>
  massG / bulkDensityGMl
