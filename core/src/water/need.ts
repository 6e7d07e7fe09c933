import type { Container, Exposure, Material } from '../container'
import { basalProvenance } from '../plant'
import { memory, practice, published, reason, type Reason } from '../units'

const fao56 = published('FAO Irrigation and Drainage Paper 56')

/** Air moving past a lone canopy draws more than it draws from a field (memory). */
const EXPOSURE_FACTOR: Readonly<Record<Exposure, number>> = {
  sheltered: 1.0,
  open: 1.2,
  windy: 1.4,
}

/** What hangs has air moving past it below and all round, beside what stands (memory). */
const HANGING_FACTOR = 1.2

const airFactor = ({ exposure, type }: Pick<WaterDemand, 'exposure' | 'type'>) =>
  EXPOSURE_FACTOR[exposure] * (type === 'basket' ? HANGING_FACTOR : 1)

/** Evaporation through a wall, share of the reference over its area (memory). */
const WALL_FACTOR: Readonly<Partial<Record<Material, number>>> = {
  fabric: 0.25,
  terracotta: 0.15,
  liner: 0.2,
}

/** Most that leaves shade the surface, and shed rain from it (memory). */
const SHADED_BY_LEAVES = 0.5

/** Evaporation that a mulch lets through: bare 1, 2.5 cm 0.5, 5 cm 0.3 (memory). */
const MULCH_STEPS = [
  [0, 1],
  [25, 0.5],
  [50, 0.3],
] as const

/** Share of the surface's evaporation that a mulch of this depth lets through, 0–1. */
export function mulchFactor(depthMm: number): number {
  const [bare, thin, deep] = MULCH_STEPS
  const [from, to] = depthMm <= thin[0] ? [bare, thin] : [thin, deep]
  const way = Math.min(1, (depthMm - from[0]) / (to[0] - from[0]))
  return from[1] + (to[1] - from[1]) * way
}

export interface Canopy {
  readonly canopyM2: number
  readonly basalCoefficient: number
  readonly count: number
}

export interface WaterDemand {
  readonly referenceMm: number
  /** Rain on the open ground beside the pots. */
  readonly rainMm: number
  readonly rainReaches: boolean
  readonly plants: readonly Canopy[]
  readonly exposure: Exposure
  readonly type?: Container['type']
  readonly surfaceM2: number
  readonly mulchMm: number
  readonly material: Material
  /** Wall against the mix. */
  readonly wallM2: number
}

export interface WaterNeed {
  /** Used in the day beyond its rain, L, never below zero. */
  readonly waterL: number
  readonly transpirationL: number
  readonly surfaceL: number
  readonly wallL: number
  readonly rainL: number
  readonly reasons: readonly Reason[]
}

const canopyOf = ({ plants }: Pick<WaterDemand, 'plants'>) =>
  plants.reduce((sum, plant) => sum + plant.canopyM2 * plant.count, 0)

/** What draws water from a container: litres for each mm that short grass would give off. */
export interface Drawing {
  readonly leafM2: number
  /** The same in still air: leaf by its basal coefficient alone. */
  readonly cropM2: number
  readonly openM2: number
  readonly wallM2: number
  /** What rain falls into, m². */
  readonly catchM2: number
}

/**
 * What draws water from a container. Leaves draw by their basal coefficient over
 * their own area, more in wind; the open surface under its mulch and a breathing
 * wall give off the rest.
 */
export function drawingOf(
  demand: Omit<WaterDemand, 'referenceMm' | 'rainMm' | 'rainReaches'>,
): Drawing {
  const { surfaceM2, material } = demand
  const cropM2 = demand.plants.reduce(
    (sum, plant) => sum + plant.canopyM2 * plant.count * plant.basalCoefficient,
    0,
  )
  const openShare = 1 - SHADED_BY_LEAVES * Math.min(1, canopyOf(demand) / surfaceM2)
  return {
    leafM2: cropM2 * airFactor(demand),
    cropM2,
    openM2: surfaceM2 * openShare * mulchFactor(demand.mulchMm),
    wallM2: demand.wallM2 * (WALL_FACTOR[material] ?? 0),
    catchM2: surfaceM2 * openShare,
  }
}

type WaterUse = Omit<WaterNeed, 'reasons'>

/**
 * Water one container uses in a day while it is not short of it, less the rain
 * that reaches the mix. A millimetre over a square metre is a litre.
 */
export function waterUseL(demand: WaterDemand): WaterUse {
  const { leafM2, openM2, wallM2, catchM2 } = drawingOf(demand)
  const { referenceMm } = demand
  const transpirationL = referenceMm * leafM2
  const surfaceL = referenceMm * openM2
  const wallL = referenceMm * wallM2
  const rainL = demand.rainReaches ? demand.rainMm * catchM2 : 0
  return {
    waterL: Math.max(0, transpirationL + surfaceL + wallL - rainL),
    transpirationL,
    surfaceL,
    wallL,
    rainL,
  }
}

/** The same, with the reasons. */
export function waterNeedL(demand: WaterDemand): WaterNeed {
  const { referenceMm, surfaceM2, material } = demand
  const use = waterUseL(demand)
  const { transpirationL, surfaceL, wallL, rainL } = use
  return {
    ...use,
    reasons: [
      reason('water.reference', { referenceWaterMm: referenceMm }, fao56),
      reason(
        'water.transpiration',
        {
          canopyM2: canopyOf(demand),
          windFactor: airFactor(demand),
          waterL: transpirationL,
        },
        basalProvenance,
      ),
      reason('water.surface', { surfaceM2, mulchMm: demand.mulchMm, waterL: surfaceL }, memory),
      ...(wallL > 0 ? [reason('water.wall', { material, waterL: wallL }, memory)] : []),
      ...(demand.rainMm > 0
        ? [
            reason(
              demand.rainReaches ? 'water.rain' : 'water.rainKeptOff',
              { rainWaterMm: demand.rainMm, waterL: rainL },
              memory,
            ),
          ]
        : []),
      reason('water.runsOut', {}, practice),
    ],
  }
}
