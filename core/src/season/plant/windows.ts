import { rootZonePeakC } from '../../container'
import type { Garden } from '../../garden'
import { plantingWindow, type MixWarmth, type PlantingWindow, type Variety } from '../../plant'
import { nextMonthDay, remembered } from '../../units'
import { generateWeather, type DayInPlace, type WeatherModel } from '../../weather'
import { climateOf, type PotBase } from '../course'

/** A large mix follows the air later (memory): days for each so many litres, and at least. */
const LAG = { aDayForL: 25, leastDays: 1 }
const FULL_SUN_H = 8
/** A cool day of spring, °C, for which a wall's gain is asked. */
const SPRING_DAY = { tempMaxC: 16, tempMinC: 8 }

/** How the mix of a pot follows the air in spring. */
export function mixWarmthOf({
  container,
  volumes,
}: Pick<PotBase, 'container' | 'volumes'>): MixWarmth {
  const { meanC } = rootZonePeakC(container, { ...SPRING_DAY, sunHours: FULL_SUN_H })
  return {
    lagDays: Math.max(LAG.leastDays, volumes.fillVolumeL / LAG.aDayForL),
    sunGainK: Math.max(0, meanC - (SPRING_DAY.tempMaxC + SPRING_DAY.tempMinC) / 2),
  }
}

/** Days of a year that spring is looked at: from mid-winter, half of the year; all of it where no day is too cold. */
const SPRING_DAYS = 200
const WHOLE_YEAR_DAYS = 365
/** Where even the coldest nights are as mild as this on the mean, °C, some years have no cold at all. */
const MILD_NIGHTS_C = 8

const isMild = ({ months, variables }: WeatherModel) => {
  const row = variables.indexOf('tempMinC')
  return months.every(({ usual }) => usual[row]!.mean >= MILD_NIGHTS_C)
}

/** Days of the year in which a spring is looked for. */
export const springDaysOf = (model: WeatherModel): number =>
  isMild(model) ? WHOLE_YEAR_DAYS : SPRING_DAYS

/** The mid-winter before the spring that is asked about: this one, or in its second half the next. */
export function midWinterOf(today: string, latitudeDeg: number): string {
  const year = Number(today.slice(0, 4))
  if (latitudeDeg < 0) return `${year}-07-01`
  return `${today.slice(5, 7) > '06' ? year + 1 : year}-01-01`
}

/** So many springs tell when plants go out. */
const SPRINGS = 20
const SEED = 7

const springsFrom = remembered(
  (model: WeatherModel, winter: string): readonly (readonly DayInPlace[])[] =>
    Array.from({ length: SPRINGS }, (_, year) =>
      generateWeather(model, winter, springDaysOf(model), SEED + year),
    ),
)

/** Windows over the same springs, told apart by variety, mix and the gardener's own frost. */
const windowsOver = remembered(
  (_springs: readonly (readonly DayInPlace[])[]) => new Map<string, PlantingWindow>(),
)

/** The mid-winter before the spring of a planting, or before its own year where nothing freezes. */
const winterBefore = (plantedOn: string, latitudeDeg: number): string => {
  const year = Number(plantedOn.slice(0, 4))
  if (latitudeDeg >= 0) return `${year}-01-01`
  return `${plantedOn.slice(5, 7) >= '07' ? year : year - 1}-07-01`
}

/**
 * When to sow, pot on, harden off and plant out for a planting: over years of weather
 * such as the place has, the gardener's own last frost before theirs.
 */
export function windowOf(
  garden: Garden,
  pot: Pick<PotBase, 'container' | 'volumes'>,
  variety: Variety,
  plantedOn: string,
): PlantingWindow {
  const { model } = climateOf(garden)
  const { latitudeDeg, lastFrost } = garden.place
  const winter = winterBefore(plantedOn, latitudeDeg)
  const { lagDays, sunGainK } = mixWarmthOf(pot)
  // A day or half a degree makes no difference to a window of weeks: pots alike share one.
  const mix = { lagDays: Math.round(lagDays), sunGainK: Math.round(2 * sunGainK) / 2 }
  const frostOn = lastFrost && nextMonthDay(lastFrost, winter)
  const springs = springsFrom(model, winter)
  const known = windowsOver(springs)
  const key = JSON.stringify([variety, mix, frostOn])
  const before = known.get(key)
  if (before) return before
  const found = plantingWindow(variety, springs, winter, mix, frostOn)
  known.set(key, found)
  return found
}
