import { innerSizeMm, rimHeightMm, standingRimMm, type Container } from '../container'
import type { Box, PlanPoint } from './geometry'

/** What a container takes of the floor, and between which heights. */
export interface Footprint extends PlanPoint {
  readonly id: string
  readonly isRound: boolean
  /** Along x and y. */
  readonly lengthMm: number
  readonly widthMm: number
  readonly fromMm: number
  readonly toMm: number
}

/** A container's outer size as it would stand, unturned. */
export function outerSizeMm(container: Container): { lengthMm: number; widthMm: number } {
  const { shape, wallMm } = container
  const rim = innerSizeMm(shape, rimHeightMm(shape))
  return { lengthMm: rim.lengthMm + 2 * wallMm, widthMm: rim.widthMm + 2 * wallMm }
}

/** Floor under a container's outer rim, m². */
export function floorUnderM2(container: Container): number {
  const { lengthMm, widthMm } = outerSizeMm(container)
  const share = container.shape.kind === 'rectangular' ? 1 : Math.PI / 4
  return (share * lengthMm * widthMm) / 1e6
}

/** Where a container stands on its plan, or undefined where it was not placed yet. */
export function footprintOf(container: Container): Footprint | undefined {
  const { id, shape, standing, baseHeightMm } = container
  if (!standing) return undefined
  const { lengthMm, widthMm } = outerSizeMm(container)
  return {
    id,
    xMm: standing.xMm,
    yMm: standing.yMm,
    isRound: shape.kind !== 'rectangular',
    lengthMm: standing.isTurned ? widthMm : lengthMm,
    widthMm: standing.isTurned ? lengthMm : widthMm,
    fromMm: baseHeightMm,
    toMm: baseHeightMm + standingRimMm(container),
  }
}

/** The box that a footprint fills on the floor, mm. */
export const boxAround = ({ xMm, yMm, lengthMm, widthMm }: Omit<Footprint, 'id'>): Box => ({
  leftMm: xMm - lengthMm / 2,
  rightMm: xMm + lengthMm / 2,
  lowMm: yMm - widthMm / 2,
  highMm: yMm + widthMm / 2,
})

/** Free way between two footprints, mm; below zero where one stands in the other. */
export function gapMm(one: Footprint, other: Footprint): number {
  const dx = Math.abs(one.xMm - other.xMm)
  const dy = Math.abs(one.yMm - other.yMm)
  if (one.isRound && other.isRound) return Math.hypot(dx, dy) - (one.lengthMm + other.lengthMm) / 2
  // A round one is its middle with a distance round it, a square one its box.
  const half = (print: Footprint, size: 'lengthMm' | 'widthMm') =>
    print.isRound ? 0 : print[size] / 2
  const outX = dx - half(one, 'lengthMm') - half(other, 'lengthMm')
  const outY = dy - half(one, 'widthMm') - half(other, 'widthMm')
  const between =
    outX > 0 || outY > 0 ? Math.hypot(Math.max(0, outX), Math.max(0, outY)) : Math.max(outX, outY)
  const radius = (one.isRound ? one.lengthMm : 0) / 2 + (other.isRound ? other.lengthMm : 0) / 2
  return between - radius
}

/** Whether two stand at the same height, so that they can be in each other's way. */
export const isLevelWith = (one: Footprint, other: Footprint): boolean =>
  one.fromMm < other.toMm && other.fromMm < one.toMm
