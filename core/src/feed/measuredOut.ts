import { inMeasures, pouredIn, type Measured, type Measures, type UnitSystem } from '../units'
import { isSoluble } from './product'
import type { FeedProduct } from './productSchema'
import type { WaterSource } from './waterSourceSchema'

/** The gardener's own tools. */
export interface FeedTools {
  readonly system: UnitSystem
  readonly measures: Measures
  readonly water: WaterSource
}

const MOST_HANDFULS = 8

/** An amount of a product as it is measured out. */
export interface MeasuredOut {
  /** In spoons and hands; undefined where nobody weighed a spoon of it, or it is less than one holds. */
  readonly measure: Measured | undefined
  /** Of a liquid, or of what takes many hands, mL. */
  readonly volumeMl: number | undefined
}

/** A mass of a product as it is measured out: what dissolves in spoons, what is strewn by the hand. */
export function measuredOut(
  product: FeedProduct,
  massG: number,
  { system, measures }: Pick<FeedTools, 'system' | 'measures'>,
): MeasuredOut {
  const { form, densityGMl } = product
  if (densityGMl === undefined || !(massG > 0)) return { measure: undefined, volumeMl: undefined }
  const volumeMl = massG / densityGMl
  if (form === 'liquid') return { measure: pouredIn(volumeMl, system, measures), volumeMl }
  if (isSoluble(product))
    return { measure: pouredIn(volumeMl, system, measures), volumeMl: undefined }
  // What takes many hands is measured by the litre.
  if (volumeMl > MOST_HANDFULS * measures.handfulMl) return { measure: undefined, volumeMl }
  return { measure: inMeasures(massG, densityGMl, system, measures), volumeMl: undefined }
}

/** What to stir up, and in how much water. */
export interface Stirred extends MeasuredOut {
  readonly volumeL: number
  readonly massG: number
}

/**
 * What to stir up for some litres of solution: just these, by the can where it
 * takes more than one, and a whole can of which only part is poured where a spoon
 * could not measure what so few litres need.
 */
export function stirred(
  product: FeedProduct,
  gramsL: number,
  litres: number,
  tools: Pick<FeedTools, 'system' | 'measures'>,
): Stirred {
  const { canL } = tools.measures
  const made = (volumeL: number): Stirred => ({
    volumeL,
    massG: gramsL * volumeL,
    ...measuredOut(product, gramsL * volumeL, tools),
  })
  if (litres >= canL) return made(canL)
  const justThese = made(litres)
  if (justThese.measure) return justThese
  const wholeCan = made(canL)
  return wholeCan.measure ? wholeCan : justThese
}
