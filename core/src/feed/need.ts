import { cropForecast, fullCropKg, type Crop, type GrowthCourse } from '../plant'
import { memory, published, reason, type Reason } from '../units'
import { nutrients, type Nutrient, type NutrientAmounts } from './label'

/** A row of days for each nutrient, g. */
export type NutrientRows = Readonly<Record<Nutrient, Float64Array>>

/** No need at all: a row of zeros for each nutrient, g by the day. */
export const emptyRows = (days: number): NutrientRows => ({
  n: new Float64Array(days),
  p: new Float64Array(days),
  k: new Float64Array(days),
  ca: new Float64Array(days),
  mg: new Float64Array(days),
})

/** What the whole plant takes up for each kilo of fruit, g: middle of the handbook ranges (memory). */
export const UPTAKE_G_KG: Readonly<Record<Crop, NutrientAmounts>> = {
  tomato: { n: 2.6, p: 0.42, k: 4, ca: 1.75, mg: 0.4 },
  pepper: { n: 3.5, p: 0.5, k: 4.5, ca: 2, mg: 0.5 },
}
/** Half the width of those ranges, share of the middle. */
export const UPTAKE_BAND = 0.15

/** Of what a usual crop takes, by stage: settled in, to first flower, to first colour, the rest while picking (memory). */
const STAGE_SHARE = { establish: 0.1, vegetative: 0.25, flowering: 0.4, harvest: 0.25 } as const
/** Up to first flower a plant takes as much potassium as nitrogen; then the rest (memory: 1 : 1, then 1 : 1.5–2). */
const EARLY_SHARE = STAGE_SHARE.establish + STAGE_SHARE.vegetative
/** Leaf and stem are grown even where flowers do not set: so much of a full crop's uptake at least (memory). */
const LEAST_OF_FULL = 0.4

/** What the plants of one planting take up in a season, and from when to when. */
export interface PlantNeed {
  readonly course: GrowthCourse
  readonly crop: Crop
  readonly count: number
}

/**
 * What the plants of one planting want of each nutrient, day by day.
 *
 * The crop that is expected times what a kilo of it takes, by the stage that
 * warmth has brought the plant to. What a long season brings beyond a usual
 * number of trusses is taken while picking.
 *
 * @returns g a day, all plants together
 */
export function nutrientNeed({ course, crop, count }: PlantNeed): NutrientRows {
  const { development, days, trusses, plantedOn, endsOn } = course
  const need = emptyRows(days)
  if (plantedOn >= days) return need
  const forecast = cropForecast(course)
  const ripeCount = trusses.filter(({ ripeOn }) => ripeOn < Math.min(days, endsOn)).length
  const usualShare = ripeCount > 0 ? Math.min(1, development.usualTrusses / ripeCount) : 1
  const fullKg =
    fullCropKg(course.plant.variety) * course.yield.perPlant * (course.lightShare[days - 1] ?? 1)
  const usualKg = Math.max(forecast.totalKg * usualShare, LEAST_OF_FULL * fullKg)
  const extraKg = forecast.totalKg * (1 - usualShare)
  const colourAt = development.flower + development.toColour
  const lastAt = course.warmth[Math.min(days, endsOn) - 1] ?? 0
  const pickedAt = (trusses[ripeCount - 1]?.ripeAt ?? 0) + development.trussRipens
  const usualEndAt =
    colourAt + development.betweenTrusses * development.usualTrusses + development.trussRipens
  const endAt = Math.max(usualEndAt, Math.min(lastAt, pickedAt))

  /** Of a usual crop's uptake and of the extra, by warmth. */
  const harvestAt = (warmth: number) =>
    Math.max(0, Math.min(1, (warmth - colourAt) / Math.max(1, endAt - colourAt)))
  const between = (warmth: number, from: number, to: number) =>
    Math.max(0, Math.min(1, (warmth - from) / Math.max(1, to - from)))
  const usualAt = (warmth: number) =>
    STAGE_SHARE.establish * between(warmth, 0, development.established) +
    STAGE_SHARE.vegetative * between(warmth, development.established, development.flower) +
    STAGE_SHARE.flowering * between(warmth, development.flower, colourAt) +
    STAGE_SHARE.harvest * harvestAt(warmth)

  const perKg = UPTAKE_G_KG[crop]
  const wholeN = usualKg + extraKg
  const earlyK = Math.min(EARLY_SHARE * usualKg * perKg.n, EARLY_SHARE * usualKg * perKg.k)
  const takenAt = (warmth: number): Record<Nutrient, number> => {
    const kg = usualKg * usualAt(warmth) + extraKg * harvestAt(warmth)
    const earlyKg = EARLY_SHARE * usualKg
    const isEarly = kg <= earlyKg
    const late = isEarly ? 0 : (kg - earlyKg) / Math.max(1e-9, wholeN - earlyKg)
    return {
      n: kg * perKg.n,
      p: kg * perKg.p,
      k: isEarly
        ? (kg / Math.max(1e-9, earlyKg)) * earlyK
        : earlyK + late * (wholeN * perKg.k - earlyK),
      ca: kg * perKg.ca,
      mg: kg * perKg.mg,
    }
  }
  let before = takenAt(0)
  for (let day = Math.max(0, plantedOn); day < Math.min(days, endsOn); day++) {
    const now = takenAt(course.warmth[day]!)
    for (const nutrient of nutrients)
      need[nutrient][day] = Math.max(0, now[nutrient] - before[nutrient]) * count
    before = now
  }
  return need
}

/** Several plantings of a pot together. */
export function summedNeed(needs: readonly NutrientRows[], days: number): NutrientRows {
  const sum = emptyRows(days)
  for (const need of needs)
    for (const nutrient of nutrients)
      need[nutrient].forEach((grams, day) => (sum[nutrient][day]! += grams))
  return sum
}

/** Saturated-extract EC up to which salt costs nothing, and the crop lost with each dS/m beyond. */
export const SALT_LIMIT: Readonly<
  Record<Crop, { readonly thresholdEc: number; readonly slopeShare: number }>
> = {
  tomato: { thresholdEc: 2.5, slopeShare: 0.099 },
  pepper: { thresholdEc: 1.5, slopeShare: 0.14 },
}
export const saltProvenance = published(
  'Ayers & Westcot 1985, FAO Irrigation and Drainage Paper 29; Maas & Hoffman 1977',
)
export const maasHoffman = published(
  'Maas & Hoffman 1977, J. Irrig. Drain. Div. ASCE 103:115–134: the season’s mean in the root zone',
)

/**
 * What salt leaves of the crop, 0–1.
 *
 * @param ecDsM of a saturated extract of the root zone, mean of the season
 * @source Maas & Hoffman 1977; FAO Irrigation and Drainage Paper 29
 */
export const saltYieldShare = (crop: Crop, ecDsM: number): number => {
  const { thresholdEc, slopeShare } = SALT_LIMIT[crop]
  return Math.max(0, Math.min(1, 1 - slopeShare * Math.max(0, ecDsM - thresholdEc)))
}

/** Salt may cost so much of a crop before feeding is held back: hunger costs more (memory). */
const SALT_MAY_COST = 0.1
/** Saturated-extract EC from which nothing more is fed, dS/m. */
export const saltLimitEc = (crop: Crop): number => {
  const { thresholdEc, slopeShare } = SALT_LIMIT[crop]
  return thresholdEc + SALT_MAY_COST / slopeShare
}

/** Why plants need that much. */
export const needReasons = (crop: Crop, cropKg: number, needG: NutrientAmounts): Reason[] => [
  reason(
    'feed.need',
    { cropG: cropKg * 1000, nPerKgG: UPTAKE_G_KG[crop].n, kPerKgG: UPTAKE_G_KG[crop].k },
    memory,
  ),
  reason('feed.needSeason', { nG: needG.n, kG: needG.k, caG: needG.ca }, memory),
]
