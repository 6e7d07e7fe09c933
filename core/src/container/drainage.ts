import { practice, reason, type Reason } from '../units'
import { containerVolumes, type ContainerVolumes } from './volumes'
import type { Container } from './schema'
import { innerSizeMm } from './shape'

/** Fifteen holes of 8 mm in a 19 L bucket: between 12 of 6 mm and 18 of 10 mm (practice). */
const HOLE_AREA_MM2_PER_L = (15 * Math.PI * 8 ** 2) / 4 / 19
const LEAST_MM2_PER_L = (12 * Math.PI * 6 ** 2) / 4 / 19
const MOST_MM2_PER_L = (18 * Math.PI * 10 ** 2) / 4 / 19
/** Holes to drill where none are there yet. */
const USUAL_DIAMETER_MM = 8
/** No hole nearer to the wall, where the floor is stiff. */
const EDGE_MM = 18

export type DrainageVerdict = 'enough' | 'few' | 'many' | 'unknown' | 'notNeeded'

/** A hole's middle, from the middle of the floor. */
export interface DrilledHole {
  readonly xMm: number
  readonly yMm: number
}

export interface DrainagePlan {
  readonly verdict: DrainageVerdict
  /** Holes of this width that the volume needs. */
  readonly count: number
  readonly diameterMm: number
  readonly floor: { readonly isRound: boolean; readonly lengthMm: number; readonly widthMm: number }
  /** Where to drill them. */
  readonly holes: readonly DrilledHole[]
  readonly reasons: readonly Reason[]
}

const GOLDEN_ANGLE = Math.PI * (3 - Math.sqrt(5))

/** Evenly over a disc, from the middle out, as the seeds of a sunflower stand. */
const onDisc = (count: number, radiusMm: number): DrilledHole[] =>
  Array.from({ length: count }, (_, index) => {
    const awayMm = radiusMm * Math.sqrt((index + 0.5) / count)
    const angle = index * GOLDEN_ANGLE
    return { xMm: awayMm * Math.cos(angle), yMm: awayMm * Math.sin(angle) }
  })

/** In rows and columns whose steps are as alike as the count allows. */
function onGrid(count: number, lengthMm: number, widthMm: number): DrilledHole[] {
  const rows = Math.max(1, Math.round(Math.sqrt((count * widthMm) / lengthMm)))
  const columns = Math.ceil(count / rows)
  return Array.from({ length: rows * columns }, (_, index) => ({
    xMm: (((index % columns) + 0.5) / columns - 0.5) * lengthMm,
    yMm: ((Math.floor(index / columns) + 0.5) / rows - 0.5) * widthMm,
  }))
}

/** A wall or floor that lets water through by itself, or has nothing to drill. */
function whyNone({ material, type, sunken }: Container): string | undefined {
  if (sunken) return 'cutFloor'
  if (type === 'flatBag') return 'slits'
  if (type === 'tower') return 'tiers'
  if (material === 'fabric' || material === 'liner') return 'breathes'
  return type === 'reservoirBox' || type === 'reservoirBucket' ? 'overflow' : undefined
}

/**
 * How many holes of what size a container's floor needs, and where to drill them.
 *
 * The open area goes with the litres of mix that drain through it, after what is
 * usual for a bucket.
 *
 * @returns hole positions in mm from the middle of the floor; none where nothing is to be drilled
 */
export function drainagePlan(
  container: Container,
  volumes: ContainerVolumes = containerVolumes(container),
): DrainagePlan {
  const { shape, holes } = container
  const isRound = shape.kind !== 'rectangular'
  const size = innerSizeMm(shape, shape.kind === 'bowl' ? shape.depthMm / 8 : 0)
  const diameterMm = holes?.diameterMm ?? USUAL_DIAMETER_MM
  const floor = { isRound, ...size }
  const none = whyNone(container)
  if (none)
    return {
      verdict: 'notNeeded',
      count: 0,
      diameterMm,
      floor,
      holes: [],
      reasons: [reason(`holes.${none}`, {}, practice)],
    }
  const { fillVolumeL } = volumes
  const holeMm2 = (Math.PI * diameterMm ** 2) / 4
  const needMm2 = fillVolumeL * HOLE_AREA_MM2_PER_L
  const count = Math.max(3, Math.ceil(needMm2 / holeMm2))
  const hasMm2 = (holes?.count ?? 0) * holeMm2
  const verdict: DrainageVerdict = !holes
    ? 'unknown'
    : hasMm2 < fillVolumeL * LEAST_MM2_PER_L
      ? 'few'
      : hasMm2 > fillVolumeL * MOST_MM2_PER_L
        ? 'many'
        : 'enough'
  const off = 2 * Math.min(EDGE_MM, size.widthMm / 6)
  return {
    verdict,
    count,
    diameterMm,
    floor,
    holes: isRound
      ? onDisc(count, (size.lengthMm - off) / 2)
      : onGrid(count, size.lengthMm - off, size.widthMm - off),
    reasons: [
      reason('holes.need', { holeCount: count, diameterMm, fillVolumeL }, practice),
      ...(holes
        ? [reason(`holes.${verdict}`, { holeCount: holes.count, diameterMm }, practice)]
        : [reason('holes.unknown', {})]),
    ],
  }
}
