import { innerSizeMm, type Container, type Shape } from '../../container'
import { USUAL_CLOTH_SHARE } from '../../garden'
import type { Place, SpotDay } from '../../place'
import { HOURS_A_DAY } from '../../weather'
import type { WaterState, WaterDrive } from '../../water'
import { canopiesOn, hourlyDays, waterDriveOf, type PotBase, type PotCourse } from '../course'

/** Half the day's sun, out of the wind. */
const HALF_SUN = 0.5
const STILL_AIR = 0.6
/** A deep mulch, mm. */
export const DEEP_MULCH_MM = 50
/** A saucer stands a third wider than the pot's floor and so deep, mm (memory). */
const SAUCER = { widerShare: 1.15, depthMm: 30, filledShare: 0.8 }

/** The same day with less of its sun, and with less wind. */
const shaded = (days: readonly SpotDay[], sunShare: number, windShare = 1): readonly SpotDay[] =>
  days.map((day) => ({
    ...day,
    radiationMjM2: day.radiationMjM2 * sunShare,
    windMS: day.windMS * windShare,
  }))

/** The same days under shade cloth. */
export const underCloth = (days: readonly SpotDay[]): readonly SpotDay[] =>
  shaded(days, 1 - USUAL_CLOTH_SHARE)
/** The same days with half the sun, out of the wind. */
export const inHalfSun = (days: readonly SpotDay[]): readonly SpotDay[] =>
  shaded(days, HALF_SUN, STILL_AIR)

/** A container of the same form, all its measures longer by a factor. */
export function scaled(container: Container, factor: number): Container {
  const longer = <T extends object>(part: T): T =>
    Object.fromEntries(
      Object.entries(part).map(([name, value]) => [
        name,
        name.endsWith('Mm') && typeof value === 'number' ? value * factor : (value as unknown),
      ]),
    ) as T
  const { tower, rings, reservoir, layers } = container
  return {
    ...container,
    shape: longer<Shape>(container.shape),
    fillMm: container.fillMm * factor,
    ...(rings && { rings: longer(rings) }),
    ...(reservoir && { reservoir: longer(reservoir) }),
    ...(layers && { layers: longer(layers) }),
    ...(tower?.pocketVolumeL && {
      tower: { ...tower, pocketVolumeL: tower.pocketVolumeL * factor ** 3 },
    }),
    ...(container.pourTest && {
      pourTest: { ...container.pourTest, rimVolumeL: container.pourTest.rimVolumeL * factor ** 3 },
    }),
  }
}

/** What a saucer below a pot holds, L; nothing under what hangs, lies or has no floor. */
export function saucerL({ type, shape, tower }: Container): number {
  if (['basket', 'sunkenPot', 'flatBag', 'reservoirBox', 'reservoirBucket'].includes(type)) return 0
  if (tower) return 0
  const { lengthMm, widthMm } = innerSizeMm(shape, 0)
  const areaM2 = (lengthMm * widthMm * SAUCER.widerShare ** 2) / 1e6
  return areaM2 * SAUCER.depthMm * SAUCER.filledShare
}

/** Draws on a pot as its plants stand, under other weather, in another container, or with more of them. */
export const weatherFor = (
  pot: PotCourse,
  place: Place,
  weather: readonly SpotDay[],
  base: PotBase = pot,
  leafShare = 1,
): WaterDrive =>
  waterDriveOf(
    () => base,
    hourlyDays(weather, place),
    Math.floor(pot.ofWater.firstHour / HOURS_A_DAY),
    (day) =>
      canopiesOn(pot.plants, day).map((one) => ({ ...one, canopyM2: one.canopyM2 * leafShare })),
  )

/** The same water, by shares, in another pot. */
export function stateIn(state: WaterState, from: PotBase, to: PotBase): WaterState {
  const share =
    state.missingL.reduce((sum, one) => sum + one, 0) / Math.max(1e-9, from.water.availableL)
  return {
    missingL: Float64Array.from(
      to.water.cells,
      ({ availableL }) => availableL * Math.min(1, share),
    ),
    reservoirL:
      from.water.reservoirL > 0
        ? (state.reservoirL / from.water.reservoirL) * to.water.reservoirL
        : to.water.reservoirL,
    driedMm: state.driedMm,
  }
}
