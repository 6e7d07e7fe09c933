import { memory, published, reason, type Reason } from '../units'
import { containerVolumes } from './volumes'
import type { Container, Material, WallColour } from './schema'
import { wallAreaM2 } from './shape'

/** Share of the sun that a wall takes in (typical handbook values of solar absorptance, memory). */
const ABSORPTANCE: Readonly<Record<WallColour, number>> = {
  black: 0.95,
  dark: 0.85,
  clay: 0.7,
  middle: 0.6,
  pale: 0.4,
  white: 0.25,
}
const USUAL_COLOUR: Readonly<Record<Material, WallColour>> = {
  plastic: 'black',
  terracotta: 'clay',
  glazed: 'dark',
  fabric: 'middle',
  metal: 'middle',
  wood: 'middle',
  liner: 'middle',
}

/** The wall's colour as given, else the usual one of its material. */
export const wallColourOf = ({ colour, material }: Pick<Container, 'colour' | 'material'>) =>
  colour ?? USUAL_COLOUR[material]

/** Heat that air and sky take off a sunlit wall in summer, W m⁻² K⁻¹. */
const FILM_W_M2K = 17
const filmSource = published(
  'ASHRAE Handbook – Fundamentals, sol-air temperature, summer film coefficient',
)
/** A wet wall spends most of its sun on evaporation (memory, from "pale or fabric 3–6 K"). */
const EVAPORATING: Readonly<Partial<Record<Material, number>>> = {
  fabric: 0.55,
  liner: 0.55,
  terracotta: 0.7,
}
/** Sun on an upright wall that faces it at its best, clear summer sky, W/m² (memory). */
const WALL_SUN_W_M2 = 540
/** A round wall meets the sun on average with 1/π of its area. */
const MEAN_LIT_SHARE = 1 / Math.PI
/** Insulation in series with the film, m² K/W: about 1 cm of foam or a double wall (memory). */
const INSULATION_M2K_W = 0.3
/** Wet mix: conductivity W m⁻¹ K⁻¹, heat capacity J m⁻³ K⁻¹ (memory). */
const CONDUCTIVITY = 0.5
const HEAT_CAPACITY = 2.4e6
/** Roots at the wall live in the outer 25 mm. */
const SHELL_M = 0.025
/** Roots are injured from about 38 °C (memory: nursery research on dark containers in sun). */
export const ROOT_INJURY_C = 38
/** Roots work best about here, and too cold below (memory). */
const ROOT_COLD_C = 18
/** How far the model may be off, either way. */
const HEAT_ERROR_K = 4

/** The sun passes along a wall: no side of a pot has it for longer, h. */
const ONE_SIDE_H = 5

const STEP_S = 600
const STEPS = 86_400 / STEP_S

/** A day for the root zone. */
export interface HeatDay {
  readonly tempMaxC: number
  readonly tempMinC: number
  /** Direct sun on the pot's wall, h. */
  readonly sunHours: number
}

export interface RootZoneHeat {
  /** Highest in the outer 25 mm, on the sunny side. */
  readonly wallC: number
  /** Highest in the middle of the mix. */
  readonly middleC: number
  /** Mean of the whole day over the whole mix. */
  readonly meanC: number
  /** Part of the mix that lies in the outer 25 mm, all round, 0–1. */
  readonly shellShare: number
  readonly reasons: readonly Reason[]
}

/** Air through the day: a sine, coldest at 3:00 and warmest at 15:00. */
const airC = ({ tempMaxC, tempMinC }: HeatDay, hour: number) =>
  (tempMaxC + tempMinC) / 2 + ((tempMaxC - tempMinC) / 2) * Math.sin(((hour - 9) / 12) * Math.PI)

/** Sun on the wall as a share of its daily peak: half a sine wave over these hours, centred on 13:00. */
const sunShare = (hours: number, hour: number) => {
  const way = (hour - (13 - hours / 2)) / Math.max(hours, 0.01)
  return way > 0 && way < 1 ? Math.sin(way * Math.PI) : 0
}

/**
 * Peak temperature of a root zone on a sunny day.
 *
 * Sun on a wall acts like warmer air (the sol-air temperature). Two lags follow
 * it: the whole mix, slow by its volume over its wall; and the shell at the
 * sunny wall, quick, between the wall and that middle.
 *
 * @returns °C, within about ±4 K
 * @source sol-air temperature: ASHRAE Fundamentals; lumped first-order lag
 */
export function rootZonePeakC(container: Container, day: HeatDay): RootZoneHeat {
  const colour = wallColourOf(container)
  const { fillVolumeL, surfaceM2 } = containerVolumes(container)
  const wallM2 = wallAreaM2(container.shape, container.fillMm)
  const film = 1 / (1 / FILM_W_M2K + (container.isInsulated ? INSULATION_M2K_W : 0))
  const intake = ABSORPTANCE[colour] * (EVAPORATING[container.material] ?? 1)
  const bestExcessK = (intake * WALL_SUN_W_M2) / FILM_W_M2K
  /** Sunk below the ground, the wall sees that much less sun. */
  const aboveShare = Math.max(
    0,
    Math.min(1, (container.fillMm + Math.min(0, container.baseHeightMm)) / container.fillMm),
  )
  const lengthM = fillVolumeL / 1000 / (wallM2 + surfaceM2)
  const toMiddle = 1 / (1 / film + lengthM / CONDUCTIVITY)
  const middleLagS = (HEAT_CAPACITY * lengthM) / toMiddle
  /** How near a step brings it: by its exponential, which no thin pot can overshoot. */
  const nears = -Math.expm1(-STEP_S / middleLagS)
  const toShell = 1 / (1 / film + SHELL_M / 2 / CONDUCTIVITY)
  const inward = CONDUCTIVITY / Math.max(lengthM, SHELL_M)

  let middleC = (day.tempMaxC + day.tempMinC) / 2
  let wallC = middleC
  const peak = { wallC: -Infinity, middleC: -Infinity, sum: 0 }
  // Two days to forget the start, a third to read off.
  for (let step = 0; step < 3 * STEPS; step++) {
    const hour = ((step * STEP_S) / 3600) % 24
    const air = airC(day, hour)
    const onSideK = bestExcessK * sunShare(Math.min(day.sunHours, ONE_SIDE_H), hour) * aboveShare
    const onAllK = bestExcessK * sunShare(day.sunHours, hour) * aboveShare * MEAN_LIT_SHARE
    const meanOutsideC = air + onAllK
    middleC += (meanOutsideC - middleC) * nears
    const flow = toShell * (air + onSideK - wallC) + inward * (middleC - wallC)
    wallC += (flow * STEP_S) / (HEAT_CAPACITY * SHELL_M)
    if (step < 2 * STEPS) continue
    peak.wallC = Math.max(peak.wallC, wallC)
    peak.middleC = Math.max(peak.middleC, middleC)
    peak.sum += middleC
  }
  return {
    wallC: peak.wallC,
    middleC: peak.middleC,
    meanC: peak.sum / STEPS,
    shellShare: Math.min(1, (wallM2 * SHELL_M * 1000) / fillVolumeL),
    reasons: [
      reason('heat.day', { highC: day.tempMaxC, lowC: day.tempMinC, sunHours: day.sunHours }),
      reason('heat.wall', { colour, takesShare: intake }, memory),
      reason('heat.lag', { fillVolumeL, lagHours: middleLagS / 3600 }, filmSource),
      ...(container.isInsulated ? [reason('heat.insulated', {}, memory)] : []),
      ...(aboveShare < 1 ? [reason('heat.sunk', { aboveShare })] : []),
      reason('heat.error', { errorK: HEAT_ERROR_K }, memory),
    ],
  }
}

export type HeatVerdict = 'cooks' | 'hot' | 'helps' | 'cold' | 'fine'

/**
 * Whether a wall's colour does harm or good here: it cooks roots on a hot day,
 * or brings a cool spring nearer to what roots like.
 */
export function judgeHeat(
  container: Container,
  hot: HeatDay,
  spring: HeatDay,
): {
  readonly verdict: HeatVerdict
  readonly heat: RootZoneHeat
  readonly reasons: readonly Reason[]
} {
  const heat = rootZonePeakC(container, hot)
  const inSpring = rootZonePeakC(container, spring)
  const asWhite = rootZonePeakC({ ...container, colour: 'white' }, hot)
  const whiteInSpring = rootZonePeakC({ ...container, colour: 'white' }, spring)
  const gainK = inSpring.meanC - whiteInSpring.meanC
  const verdict: HeatVerdict =
    heat.wallC > ROOT_INJURY_C + HEAT_ERROR_K / 2
      ? 'cooks'
      : heat.wallC > ROOT_INJURY_C - HEAT_ERROR_K / 2
        ? 'hot'
        : whiteInSpring.meanC < ROOT_COLD_C && gainK > 0.5
          ? 'helps'
          : inSpring.meanC < ROOT_COLD_C
            ? 'cold'
            : 'fine'
  const params = {
    wallC: heat.wallC,
    limitC: ROOT_INJURY_C,
    whiteC: asWhite.wallC,
    springC: inSpring.meanC,
    whiteSpringC: whiteInSpring.meanC,
  }
  return { verdict, heat, reasons: [reason(`heat.${verdict}`, params, memory), ...heat.reasons] }
}
