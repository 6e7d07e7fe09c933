import {
  nutrientNeed,
  ofNutrients,
  summedNeed,
  usualWater,
  type FedPot,
  type NutrientRows,
  type Refill,
  type WaterOf,
} from '../../feed'
import { waterFrom, waterOrigins, type GardenRecord, type Settings } from '../../garden'
import { nitrogenDraw } from '../../mix'
import { dayOf, daysBetween, remembered } from '../../units'
import { HOURS_A_DAY } from '../../weather'
import { stretchOn, type PotBase, type PotCourse } from '../course'
import type { Carried } from './carried'
import { startOf } from './fillings'

/**
 * Gardeners pour until it drains, and some runs down the wall before the mix is wet
 * through: a tenth of what is poured by hand.
 *
 * @source Yeager et al. 2013, Best Management Practices: Guide for Producing Nursery
 *   Crops: 10–15 % is the leaching to aim at
 */
const DRAINS_SHARE = 0.1

/** Litres of a course by the day, out of its hours. */
function byDay(hourly: Float64Array, days: number): Float64Array {
  const daily = new Float64Array(days)
  for (let hour = 0; hour < days * HOURS_A_DAY; hour++)
    daily[Math.floor(hour / HOURS_A_DAY)]! += hourly[hour] ?? 0
  return daily
}

const needOf = remembered((pot: PotCourse): NutrientRows =>
  summedNeed(
    pot.plants.map(({ course, variety, planting }) =>
      nutrientNeed({ course, crop: variety.crop, count: planting.count }),
    ),
    pot.weather.length,
  ),
)

/** What earlier seasons have left in a mix, and what came into the pot since. */
export interface Past {
  readonly carried: Pick<Carried, 'leftG' | 'ecDsM'> | undefined
  readonly addedG: NutrientRows | undefined
  readonly refills: readonly Refill[]
  readonly otherWater: readonly WaterOf[]
}

/** Water in a pot when drained, and when every pore is full, L. */
const waterIn = ({ mixOrUsual, volumes }: PotBase) => ({
  heldL: mixOrUsual.drained.containerCapacity * volumes.fillVolumeL,
  saturatedL: mixOrUsual.curve.totalPorosity * volumes.fillVolumeL,
})

/** The same on each day; undefined where it is always as it is now. */
function waterByDay({ stretches, weather }: PotCourse): FedPot['byDay'] {
  const waters = new Map(stretches.map((stretch) => [stretch, waterIn(stretch.base)]))
  const last = waters.get(stretches.at(-1)!)!
  if ([...waters.values()].every(({ heldL }) => heldL === last.heldL)) return undefined
  const on = (day: number) => waters.get(stretchOn(stretches, (day + 1) * HOURS_A_DAY - 1))!
  return {
    heldL: Float64Array.from(weather, (_, day) => on(day).heldL),
    saturatedL: Float64Array.from(weather, (_, day) => on(day).saturatedL),
  }
}

/** Of the water that came into a pot, what was not as it usually is in the can: rain, and what its records say. */
export function otherWaterOf(
  { weather, ofWater }: PotCourse,
  records: readonly GardenRecord[],
  from: string,
  settings: Settings,
): readonly WaterOf[] {
  const days = weather.length
  const { rainL } = ofWater.weather
  const poured = waterOrigins.map((origin) => {
    const volumeL = new Float64Array(days)
    for (const record of records) {
      if (record.kind !== 'water' || record.from !== origin) continue
      const day = daysBetween(from, dayOf(record.at))
      if (day >= 0 && day < days) volumeL[day]! += record.volumeL
    }
    return { water: waterFrom(settings, origin), volumeL }
  })
  return [{ water: usualWater.rain, volumeL: rainL.slice(0, days) }, ...poured].filter(
    ({ volumeL }) => volumeL.some((litres) => litres > 0),
  )
}

/** A container as its nutrient ledger takes it. */
export function fedPotOf(
  pot: PotCourse,
  plantedOn: number,
  water: Settings['water'],
  { carried, addedG, refills, otherWater }: Past,
): FedPot {
  const { volumes, weather, ofWater } = pot
  // What was in it as it was planted; what came later is added on its day.
  const atStart = startOf(pot).base
  const { mix } = atStart
  const days = weather.length
  const held = waterByDay(pot)
  const pouredL = byDay(ofWater.run.givenL, days)
  const { rainL, leafM2 } = ofWater.weather
  const givenL = pouredL.map((litres, day) => litres + rainL[day]!)
  const hasReservoir = volumes.reservoirL > 0
  const drainedL = byDay(ofWater.run.drainedL, days)
  if (!hasReservoir)
    pouredL.forEach((litres, day) => {
      drainedL[day] = Math.max(drainedL[day]!, DRAINS_SHARE * litres)
    })
  const usedL = pot.referenceMm.map((mm, day) => mm * Math.max(0, leafM2[day]!))
  const blend = mix?.blend
  const draw = blend && nitrogenDraw(blend)
  const inPot = (mgL: number) => (mgL * atStart.volumes.fillVolumeL) / 1000
  return {
    days,
    plantedOn,
    needG: needOf(pot),
    tempC: Float64Array.from(weather, ({ tempMaxC, tempMinC }) => (tempMaxC + tempMinC) / 2),
    givenL,
    drainedL,
    pouredL,
    usedL,
    hasReservoir,
    ...waterIn(pot),
    ...(held && { byDay: held }),
    startG: carried?.leftG ?? ofNutrients((one) => inPot(blend?.nutrientsMgL[one] ?? 0)),
    addedG,
    ...(refills.length && { refills }),
    startEcDsM: carried?.ecDsM ?? blend?.ecDsM ?? 0,
    mixGivesG: inPot(draw?.giveMgL ?? 0),
    mixDrawsG: inPot(draw?.drawMgL ?? 0),
    water,
    ...(otherWater.length && { otherWater }),
  }
}
