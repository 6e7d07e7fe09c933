// Products, pots and gardener's tools to try the feed model with.
import {
  emptyRows,
  type FedPot,
  type FeedProduct,
  type FeedTools,
  type NutrientRows,
} from '../src/feed'
import { feedCatalogue, noNutrients, usualWater } from '../src/feed'
import { defaultMeasures } from '../src/units'

/** A generic feed by its id. */
export const feed = (id: string): FeedProduct => feedCatalogue.find((one) => one.id === id)!

/** A soluble salt of so many per cent of each element. */
export const soluble = (
  id: string,
  analysis: FeedProduct['analysis'],
  more: Partial<FeedProduct> = {},
): FeedProduct => ({
  id,
  form: 'mineralSalt',
  analysis,
  ammoniumShare: 0,
  densityGMl: 1,
  rates: [{ kind: 'perLitreWater', amount: 1, mostAmount: 2, unit: 'g' }],
  leastDays: 7,
  placement: 'drench',
  cautions: [],
  packs: [{ massG: 1000, price: 10 }],
  ...more,
})

export const tools: FeedTools = {
  system: 'metric',
  measures: defaultMeasures,
  water: usualWater.rain,
}

/** The same need on each day from planting on, g. */
export function steadyNeed(days: number, needG: Partial<Record<keyof NutrientRows, number>>) {
  const rows = emptyRows(days)
  for (const [nutrient, grams] of Object.entries(needG))
    rows[nutrient as keyof NutrientRows].fill(grams)
  return rows
}

/** A 20 L pot at 22 °C, watered with rain water, of which nothing runs out. */
export function fedPot(days: number, more: Partial<FedPot> = {}): FedPot {
  return {
    days,
    plantedOn: 0,
    needG: emptyRows(days),
    tempC: new Float64Array(days).fill(22),
    givenL: new Float64Array(days).fill(1),
    drainedL: new Float64Array(days),
    heldL: 10,
    saturatedL: 15,
    startG: noNutrients,
    startEcDsM: 0,
    mixGivesG: 0,
    mixDrawsG: 0,
    water: { kind: 'rain', ecDsM: 0, caMgL: 0, mgMgL: 0 },
    ...more,
  }
}

export const total = (row: Float64Array): number => row.reduce((sum, one) => sum + one, 0)
