import { InputError } from '../units'
import type { Shape } from './shapeSchema'

const MM3_PER_L = 1e6
const between = (from: number, to: number, share: number) => from + (to - from) * share

/** Radius of the sphere that a bowl is cut from, mm. */
const sphereRadiusMm = (diameterMm: number, depthMm: number) =>
  ((diameterMm / 2) ** 2 + depthMm ** 2) / (2 * depthMm)

/** Inside height from the floor to the rim, mm. */
export const rimHeightMm = (shape: Shape): number =>
  shape.kind === 'bowl' ? shape.depthMm : shape.heightMm

function requireInside(shape: Shape, zMm: number): void {
  const limit = rimHeightMm(shape)
  if (!(zMm >= 0)) throw new InputError('negative', { given: zMm })
  if (zMm > limit) throw new InputError('fillOverRim', { given: zMm, limit })
}

/**
 * Inside size of a container at a height: its length as seen from the front and
 * its width from front to back. Both are the diameter where it is round.
 *
 * @param zMm height above the inner floor, mm
 * @returns mm
 * @throws InputError `fillOverRim` or `negative` outside the container
 */
export function innerSizeMm(shape: Shape, zMm: number): { lengthMm: number; widthMm: number } {
  requireInside(shape, zMm)
  if (shape.kind === 'bowl') {
    const radius = sphereRadiusMm(shape.diameterMm, shape.depthMm)
    const diameter = 2 * Math.sqrt(Math.max(0, 2 * radius * zMm - zMm ** 2))
    return { lengthMm: diameter, widthMm: diameter }
  }
  const share = zMm / shape.heightMm
  if (shape.kind === 'barrel') {
    // On an ellipse the square of the diameter falls with the square of the way from the belly.
    const { topDiameterMm: belly, bottomDiameterMm: end } = shape
    const diameter = Math.sqrt(belly ** 2 - (belly ** 2 - end ** 2) * (1 - share) ** 2)
    return { lengthMm: diameter, widthMm: diameter }
  }
  if (shape.kind === 'round') {
    const diameter = between(shape.bottomDiameterMm, shape.topDiameterMm, share)
    return { lengthMm: diameter, widthMm: diameter }
  }
  return {
    lengthMm: between(shape.bottomLengthMm, shape.topLengthMm, share),
    widthMm: between(shape.bottomWidthMm, shape.topWidthMm, share),
  }
}

/**
 * Area of the level section through a container.
 *
 * @param zMm height above the inner floor, mm
 * @returns mm²
 * @throws InputError `fillOverRim` or `negative` outside the container
 */
export function sectionAreaMm2(shape: Shape, zMm: number): number {
  const { lengthMm, widthMm } = innerSizeMm(shape, zMm)
  return shape.kind === 'rectangular' ? lengthMm * widthMm : (Math.PI * lengthMm * widthMm) / 4
}

/**
 * What a container holds up to a height, to the rim where none is given.
 *
 * Every section here grows as a square of the height at most, so the prismoidal
 * rule h/6 (bottom + 4 middle + top) is not an approximation but exact: for a
 * cone it is πh/3 (R² + Rr + r²), for a bowl πh(3a² + h²)/6, for a barrel sawn in
 * half πh/12 (2D² + d²), which is Oughtred's rule for a whole one.
 *
 * @param fillMm height of the fill above the inner floor, mm
 * @returns L
 * @throws InputError `fillOverRim` or `negative`
 */
export function shapeVolumeL(shape: Shape, fillMm = rimHeightMm(shape)): number {
  const [bottom, middle, top] = [0, fillMm / 2, fillMm].map((z) => sectionAreaMm2(shape, z)) as [
    number,
    number,
    number,
  ]
  return ((fillMm / 6) * (bottom + 4 * middle + top)) / MM3_PER_L
}

/**
 * Area of the side walls up to a height: where a fabric bag gives off water.
 *
 * @returns m²
 */
export function wallAreaM2(shape: Shape, fillMm: number): number {
  if (shape.kind === 'bowl') {
    const areaMm2 = 2 * Math.PI * sphereRadiusMm(shape.diameterMm, shape.depthMm) * fillMm
    return areaMm2 / 1e6
  }
  const bottom = innerSizeMm(shape, 0)
  const top = innerSizeMm(shape, fillMm)
  const slantMm = (from: number, to: number) => Math.hypot(fillMm, (to - from) / 2)
  // A barrel's stave is taken as straight: its bend adds less than 2 %.
  if (shape.kind !== 'rectangular')
    return (
      ((Math.PI * (bottom.lengthMm + top.lengthMm)) / 2) *
      slantMm(bottom.lengthMm, top.lengthMm) *
      1e-6
    )
  const longSides = (bottom.lengthMm + top.lengthMm) * slantMm(bottom.widthMm, top.widthMm)
  const shortSides = (bottom.widthMm + top.widthMm) * slantMm(bottom.lengthMm, top.lengthMm)
  return (longSides + shortSides) / 1e6
}
