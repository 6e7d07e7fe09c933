import { innerSizeMm, rimHeightMm } from './shape'
import type { Shape } from './shapeSchema'

export interface ProfilePoint {
  readonly halfLengthMm: number
  readonly zMm: number
}

/** Steps in which a curved wall is followed. */
const CURVE_STEPS = 24

/**
 * The inside of a container as cut from the front: half its length at heights
 * from the floor up, to the rim where no height is given. Straight walls take two
 * points.
 */
export function sideProfile(shape: Shape, toMm = rimHeightMm(shape)): readonly ProfilePoint[] {
  const steps = shape.kind === 'bowl' || shape.kind === 'barrel' ? CURVE_STEPS : 1
  return Array.from({ length: steps + 1 }, (_, step) => {
    const zMm = toMm * (step / steps)
    return { halfLengthMm: innerSizeMm(shape, zMm).lengthMm / 2, zMm }
  })
}
