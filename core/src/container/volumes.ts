import { memory, reason, type Reason } from '../units'
import {
  bodyVolumeL,
  floorSizeMm,
  mixBody,
  reservoirVolumeL,
  ringShape,
  ringsOf,
  standingRimMm,
  surfaceMm2,
  wetFootL,
  type Vessel,
} from './body'
import { innerSizeMm, sectionAreaMm2, shapeVolumeL } from './shape'

export interface ContainerVolumes {
  /** To the rim, all of it, as schools speak of sizes. */
  readonly rimVolumeL: number
  /** To the rim, without what stands on top of it: what a label speaks of. */
  readonly labelledVolumeL: number
  /** Good mix to fill in. */
  readonly fillVolumeL: number
  /** What roots can use: without a soaked foot, with half of poor soil, with the earth below. */
  readonly rootVolumeL: number
  /** Parts of the root room that no root crosses: pockets of a tower. */
  readonly cells: number
  readonly reservoirL: number
  readonly wetFootL: number
  /** Of the root room, the earth below a cut floor. */
  readonly earthL: number
  readonly headspaceMm: number
  /** Open surface of the mix. */
  readonly surfaceM2: number
  /** Measured litres over those of the geometry; 1 where nothing was measured. */
  readonly measuredOverShape: number
}

/** Roots make half as much of poor soil as of good mix (memory). */
const POOR_SOIL_SHARE = 0.5
/** How deep roots are taken to go into the earth below a cut floor (memory; loosened earth). */
const INTO_EARTH_MM = 300

/** Litres of all rings on a bag, up to a height in them. */
const ringsVolumeL = (vessel: Vessel, heightMm: number): number => {
  const rings = ringsOf(vessel)
  return rings ? rings.count * shapeVolumeL(ringShape(rings), heightMm) : 0
}

const poorSoilL = ({ shape, layers }: Vessel): number =>
  layers
    ? shapeVolumeL(shape, layers.fillerMm + layers.poorSoilMm) -
      shapeVolumeL(shape, layers.fillerMm)
    : 0

const earthBelowL = (vessel: Vessel): number => {
  if (!vessel.sunken) return 0
  return (sectionAreaMm2(vessel.shape, 0) * vessel.sunken.floorCutShare * INTO_EARTH_MM) / 1e6
}

/**
 * What a container holds: to the rim, of mix, for roots, and of water below.
 * Measured litres to the rim scale all that the geometry says.
 */
export function containerVolumes(vessel: Vessel): ContainerVolumes {
  const { shape, fillMm, tower, pourTest } = vessel
  const rings = ringsOf(vessel)
  const rimMm = standingRimMm(vessel)
  const stackedL = tower?.pocketVolumeL && tower.tiers * tower.pocketsPerTier * tower.pocketVolumeL
  const shapeRimL = stackedL ?? shapeVolumeL(shape, rimMm)
  const measuredOverShape = pourTest ? pourTest.rimVolumeL / shapeRimL : 1
  const labelledVolumeL = shapeRimL * measuredOverShape
  const bodyL = bodyVolumeL(mixBody(vessel)) * (stackedL ? tower.tiers : 1)
  const ringsL = rings ? ringsVolumeL(vessel, rings.fillMm) : 0
  const fillVolumeL = (bodyL - ringsL) * measuredOverShape + ringsL
  const earthL = earthBelowL(vessel)
  const footL = wetFootL(vessel) * measuredOverShape
  return {
    rimVolumeL: labelledVolumeL + (rings ? ringsVolumeL(vessel, rings.heightMm) : 0),
    labelledVolumeL,
    fillVolumeL,
    rootVolumeL:
      fillVolumeL - footL + POOR_SOIL_SHARE * poorSoilL(vessel) * measuredOverShape + earthL,
    cells: tower ? tower.tiers * tower.pocketsPerTier : 1,
    // A tower of small pockets may name a reservoir larger than all of them.
    reservoirL: Math.min(reservoirVolumeL(vessel) * measuredOverShape, labelledVolumeL),
    wetFootL: footL,
    earthL,
    headspaceMm: rimMm - fillMm,
    surfaceM2: surfaceMm2(vessel) / 1e6,
    measuredOverShape,
  }
}

/** How the volume up to a height is worked out: the shape's formula and its measures. */
export function volumeReasons(vessel: Vessel, heightMm: number): Reason[] {
  const { shape, pourTest } = vessel
  const bottom = innerSizeMm(shape, 0)
  const top = innerSizeMm(shape, heightMm)
  const params = {
    heightMm,
    bottomLengthMm: bottom.lengthMm,
    bottomWidthMm: bottom.widthMm,
    topLengthMm: top.lengthMm,
    topWidthMm: top.widthMm,
    volumeL: shapeVolumeL(shape, heightMm),
  }
  return [
    reason(`volume.${shape.kind}`, params),
    ...(pourTest
      ? [
          pourTest.on
            ? reason('volume.pouredOn', { pouredL: pourTest.rimVolumeL, onDate: pourTest.on })
            : reason('volume.poured', { pouredL: pourTest.rimVolumeL }),
        ]
      : [reason('volume.limits')]),
  ]
}

/** What of a container's mix roots can use, and why that is not all, or more. */
export function rootVolumeReasons(vessel: Vessel): Reason[] {
  const volumes = containerVolumes(vessel)
  const { fillVolumeL, rootVolumeL, cells } = volumes
  const { layers, reservoir, sunken, rings, tower, rolledMm } = vessel
  const floor = floorSizeMm(vessel)
  return [
    reason('root.mix', { fillVolumeL, rootVolumeL }),
    ...(layers
      ? [reason('root.layers', { fillerMm: layers.fillerMm, poorL: poorSoilL(vessel) }, memory)]
      : []),
    ...(reservoir
      ? [reason('root.reservoir', { waterL: volumes.reservoirL, footL: volumes.wetFootL })]
      : []),
    ...(sunken
      ? [
          reason(
            'root.earth',
            {
              cutShare: sunken.floorCutShare,
              acrossMm: floor.lengthMm,
              depthMm: INTO_EARTH_MM,
              earthL: volumes.earthL,
            },
            memory,
          ),
        ]
      : []),
    ...(rings
      ? [
          reason('root.rings', {
            ringCount: rings.count,
            ringsL: ringsVolumeL(vessel, rings.fillMm),
          }),
        ]
      : []),
    ...(tower
      ? [reason('root.pockets', { pocketCount: cells, pocketL: rootVolumeL / cells })]
      : []),
    ...(rolledMm
      ? [
          reason('root.rolled', {
            rolledMm,
            unrolledL: containerVolumes({
              ...vessel,
              rolledMm: 0,
              fillMm: vessel.fillMm + rolledMm,
            }).fillVolumeL,
          }),
        ]
      : []),
  ]
}
