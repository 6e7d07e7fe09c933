// Pots and steady weather to try the water model with.
import type { Container, ContainerType } from '../src/container'
import { mixBody } from '../src/container'
import { drainedBody } from '../src/mix'
import { sumsOf, suctionTable, waterStore, type WateredPot, type WaterDrive } from '../src/water'
import { made } from './made'
import { mixed } from './mixes'

/** A container of a kind with a usual mix in it, as the water model takes it. */
export function wateredPot(type: ContainerType, recipeId: string, more: Partial<Container> = {}) {
  const container = made(type, more)
  const mix = mixed(recipeId)
  const store = waterStore(container, mix)
  const pot: WateredPot = { ...store, sensitivity: 1 }
  const drained = drainedBody(mixBody(container), mix.curve)
  return { container, mix, pot, table: suctionTable(container, { ...mix, drained }, store) }
}

/** Sun from six to eight on every day alike, drawn by a canopy of half a square metre. */
export function steadyWeather(
  days: number,
  dailyMm: number,
  { leafM2 = 0.25, openM2 = 0.03, wallM2 = 0, rainL = 0 } = {},
): WaterDrive {
  const referenceMm = Float64Array.from({ length: days * 24 }, (_, hour) => {
    const height = Math.sin(((hour % 24) - 6) * (Math.PI / 14))
    return hour % 24 >= 6 && hour % 24 <= 20 ? Math.max(0, height) : 0
  })
  const aDay = referenceMm.slice(0, 24).reduce((sum, mm) => sum + mm, 0)
  const all = (value: number) => new Float64Array(days).fill(value)
  const hourly = referenceMm.map((mm) => (mm / aDay) * dailyMm)
  return {
    days,
    referenceMm: hourly,
    referenceSumMm: sumsOf(hourly),
    leafM2: all(leafM2),
    openM2: all(openM2),
    wallM2,
    rainL: all(rainL),
    cropMm: all(dailyMm),
  }
}
