import type { Container } from './schema'
import { innerSizeMm, rimHeightMm, sectionAreaMm2, shapeVolumeL } from './shape'
import type { Shape } from './shapeSchema'

/** A level slice of mix: from where to where above the inner floor, and its area at a height. */
export interface MixSlice {
  readonly fromMm: number
  readonly toMm: number
  readonly areaMm2: (zMm: number) => number
}

/**
 * The mix of a container as it fills its own form. What is above the water that
 * stands in it drains; what is below stays wet.
 */
export interface MixBody {
  /** From below; one lies on the other. */
  readonly slices: readonly MixSlice[]
  /** Height at which free water stands once it has drained. */
  readonly waterTableMm: number
}

/** What a container must tell for its volumes. */
export type Vessel = Pick<
  Container,
  | 'shape'
  | 'fillMm'
  | 'pourTest'
  | 'rolledMm'
  | 'linerMm'
  | 'reservoir'
  | 'rings'
  | 'cutOuts'
  | 'tower'
  | 'layers'
  | 'sunken'
>

const circleMm2 = (diameterMm: number) => (Math.PI * diameterMm ** 2) / 4

/** Height of the rim as it stands: a soft wall may be rolled down. */
export const standingRimMm = ({
  shape,
  rolledMm = 0,
}: Pick<Vessel, 'shape' | 'rolledMm'>): number => rimHeightMm(shape) - rolledMm

/** The inside that is left within a liner; the shape itself where there is none. */
export function innerShape({ shape, linerMm = 0 }: Pick<Vessel, 'shape' | 'linerMm'>): Shape {
  if (linerMm === 0) return shape
  const off = (sizeMm: number) => sizeMm - 2 * linerMm
  switch (shape.kind) {
    case 'bowl':
      return { ...shape, diameterMm: off(shape.diameterMm), depthMm: shape.depthMm - linerMm }
    case 'rectangular':
      return {
        ...shape,
        topLengthMm: off(shape.topLengthMm),
        topWidthMm: off(shape.topWidthMm),
        bottomLengthMm: off(shape.bottomLengthMm),
        bottomWidthMm: off(shape.bottomWidthMm),
        heightMm: shape.heightMm - linerMm,
      }
    default:
      return {
        ...shape,
        topDiameterMm: off(shape.topDiameterMm),
        bottomDiameterMm: off(shape.bottomDiameterMm),
        heightMm: shape.heightMm - linerMm,
      }
  }
}

/** The mix of a plain vessel, from its floor to a height. */
export const plainBody = (shape: Shape, fillMm: number): MixBody => ({
  slices: [{ fromMm: 0, toMm: fillMm, areaMm2: (zMm) => sectionAreaMm2(shape, zMm) }],
  waterTableMm: 0,
})

/** Inside of one ring pot. */
export const ringShape = ({
  topDiameterMm,
  bottomDiameterMm,
  heightMm,
}: NonNullable<Vessel['rings']>): Shape => ({
  kind: 'round',
  topDiameterMm,
  bottomDiameterMm,
  heightMm,
})

/** Ring pots stand on a plain bag or box: not on a stack of pockets, nor above a reservoir. */
export const ringsOf = ({ rings, tower, reservoir }: Vessel): Vessel['rings'] =>
  tower?.pocketVolumeL || reservoir ? undefined : rings

/** Area of all feet that reach through a reservoir, mm². */
const feetMm2 = ({ feeding, footCount, footDiameterMm }: NonNullable<Vessel['reservoir']>) =>
  feeding === 'foot' ? footCount * circleMm2(footDiameterMm) : 0

/**
 * The mix as a container holds it: above a false floor, with feet that stand in
 * the water; above filler; within a liner; up into rings; in one tier of a tower
 * of stacked pots, of which each drains by itself.
 */
export function mixBody(vessel: Vessel): MixBody {
  const { reservoir, layers, tower, fillMm, linerMm = 0 } = vessel
  const rings = ringsOf(vessel)
  const shape = innerShape(vessel)
  // Counted from the inner floor, on top of the liner; never over the rim by a rounding.
  const topMm = Math.min(fillMm - linerMm, rimHeightMm(shape))
  const area = (zMm: number) => sectionAreaMm2(shape, zMm)
  if (tower?.pocketVolumeL) {
    const tierMm = fillMm / tower.tiers
    const tierMm2 = (tower.pocketsPerTier * tower.pocketVolumeL * 1e6) / tierMm
    return { slices: [{ fromMm: 0, toMm: tierMm, areaMm2: () => tierMm2 }], waterTableMm: 0 }
  }
  if (reservoir) {
    const { falseFloorMm, overflowMm } = reservoir
    const footMm2 = feetMm2(reservoir)
    const foot = { fromMm: 0, toMm: falseFloorMm, areaMm2: () => footMm2 }
    const above = { fromMm: falseFloorMm, toMm: topMm, areaMm2: area }
    return { slices: footMm2 > 0 ? [foot, above] : [above], waterTableMm: overflowMm }
  }
  const fromMm = layers ? layers.fillerMm + layers.poorSoilMm : 0
  const base = { fromMm, toMm: topMm, areaMm2: area }
  if (!rings) return { slices: [base], waterTableMm: fromMm }
  const { count, heightMm } = rings
  const ring = ringShape(rings)
  const onTop = {
    fromMm: fillMm,
    toMm: fillMm + rings.fillMm,
    areaMm2: (zMm: number) =>
      count * sectionAreaMm2(ring, Math.min(heightMm, Math.max(0, zMm - fillMm))),
  }
  return { slices: [base, onTop], waterTableMm: 0 }
}

/** Litres of a slice between two heights: exact, as its area is at most a square of the height. */
function sliceVolumeL({ fromMm, toMm, areaMm2 }: MixSlice): number {
  const middle = areaMm2((fromMm + toMm) / 2)
  return (((toMm - fromMm) / 6) * (areaMm2(fromMm) + 4 * middle + areaMm2(toMm))) / 1e6
}

/** Litres of mix in a body, all slices together: exact, as an area is at most a square of the height. */
export const bodyVolumeL = ({ slices }: MixBody): number =>
  slices.reduce((sum, slice) => sum + sliceVolumeL(slice), 0)

/**
 * How many times the volume of its body a container holds: not 1 where pouring showed
 * more or less than its measures say, or where a tower has one body for each tier.
 */
export const timesBody = (body: MixBody, fillVolumeL: number): number =>
  fillVolumeL / bodyVolumeL(body)

/** Water that stands below a false floor up to the overflow, beside the feet, L. */
export function reservoirVolumeL({ shape, reservoir }: Vessel): number {
  if (!reservoir) return 0
  const { overflowMm } = reservoir
  return shapeVolumeL(shape, overflowMm) - (feetMm2(reservoir) * overflowMm) / 1e6
}

/** Mix that stands in the reservoir's water: always soaked, no root lives there long, L. */
export const wetFootL = ({ reservoir }: Vessel): number =>
  reservoir ? (feetMm2(reservoir) * reservoir.overflowMm) / 1e6 : 0

/** Open area of the mix, mm²: of all rings, of what is cut out of a film, of one surface. */
export function surfaceMm2(vessel: Vessel): number {
  const { cutOuts } = vessel
  const rings = ringsOf(vessel)
  if (cutOuts && !rings) return cutOuts.count * circleMm2(cutOuts.diameterMm)
  const body = mixBody(vessel)
  const top = body.slices.at(-1)!
  return top.areaMm2(top.toMm)
}

/** Inside of the floor, mm. */
export const floorSizeMm = ({ shape }: Pick<Vessel, 'shape'>) => innerSizeMm(shape, 0)
