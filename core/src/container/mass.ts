import { memory, reason, type Reason } from '../units'
import { containerVolumes } from './volumes'
import { standingRimMm } from './body'
import type { Container, Material } from './schema'
import { sectionAreaMm2, wallAreaM2 } from './shape'

/** Density of the wall, g/cm³: typical handbook values, from memory; felt and coir as they come. */
const WALL_DENSITY_G_CM3: Readonly<Record<Material, number>> = {
  plastic: 0.95,
  terracotta: 1.9,
  glazed: 2.2,
  fabric: 0.25,
  metal: 7.85,
  wood: 0.6,
  liner: 0.15,
}

/** Mix is filled in moist: about half of what it holds when drained (memory). */
export const MOIST_SHARE = 0.5

/** What the mix brings to a container's mass. */
export interface MixMass {
  readonly dryDensityGL: number
  /** Water held once drained, share of the mix, 0–1. */
  readonly containerCapacity: number
  /** Nobody chose one: weighed as if a usual mix were in it. */
  readonly isUsual?: boolean
}

export interface ContainerMass {
  /** The container alone. */
  readonly emptyKg: number
  /** With bone-dry mix: the least it ever weighs filled. */
  readonly dryKg: number
  /** As just planted, the mix moist. */
  readonly plantedKg: number
  /** Drained after watering, a reservoir full. */
  readonly wateredKg: number
  /** That, with grown plants and their fruit. */
  readonly grownKg: number
  /** Its mix is a guess: it may weigh half as much, or twice. */
  readonly isMixGuessed: boolean
  readonly reasons: readonly Reason[]
}

/** Mass of the container alone, kg: wall and floor by their thickness. */
function emptyMassKg(container: Container): number {
  const { shape, wallMm, material, rings } = container
  const wallM2 = wallAreaM2(shape, standingRimMm(container))
  const floorM2 = shape.kind === 'bowl' ? 0 : sectionAreaMm2(shape, 0) / 1e6
  const ringM2 = rings
    ? (rings.count * Math.PI * (rings.topDiameterMm + rings.bottomDiameterMm) * rings.heightMm) /
      2e6
    : 0
  const RING_WALL_MM = 1.5
  // One square metre a millimetre thick is a litre.
  return ((wallM2 + floorM2) * wallMm + ringM2 * RING_WALL_MM) * WALL_DENSITY_G_CM3[material]
}

/**
 * What a container weighs: empty, with dry mix, planted, watered, and grown.
 *
 * @param mix     of its mix; undefined where none is chosen, and then it weighs as empty
 * @param plantKg fresh mass of all its grown plants with fruit
 */
export function containerMass(
  container: Container,
  mix: MixMass | undefined,
  plantKg: number,
): ContainerMass {
  const emptyKg = emptyMassKg(container)
  const { fillVolumeL, reservoirL } = containerVolumes(container)
  const dryMixKg = mix ? (fillVolumeL * mix.dryDensityGL) / 1000 : 0
  const waterKg = mix ? fillVolumeL * mix.containerCapacity : 0
  const dryKg = emptyKg + dryMixKg
  const wateredKg = dryKg + waterKg + reservoirL
  return {
    emptyKg,
    dryKg,
    plantedKg: dryKg + MOIST_SHARE * waterKg,
    wateredKg,
    grownKg: wateredKg + plantKg,
    isMixGuessed: mix?.isUsual === true,
    reasons: [
      reason(
        'mass.wall',
        { material: container.material, wallMm: container.wallMm, emptyG: emptyKg * 1000 },
        memory,
      ),
      ...(mix
        ? [
            reason('mass.mix', {
              fillVolumeL,
              dryDensityGL: mix.dryDensityGL,
              dryG: dryMixKg * 1000,
              waterL: waterKg,
            }),
            ...(mix.isUsual ? [reason('mass.usualMix', {}, memory)] : []),
          ]
        : [reason('mass.noMix')]),
      ...(reservoirL > 0 ? [reason('mass.reservoir', { reservoirL })] : []),
      ...(plantKg > 0 ? [reason('mass.plant', { plantG: plantKg * 1000 }, memory)] : []),
    ],
  }
}
