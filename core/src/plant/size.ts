import type { Crop, Variety } from './varietySchema'

/** Share of the leaf area in the water model that lies under the crown; the rest is its sides (memory). */
const UNDER_LEAVES = 0.6

/** A plant kept small is smaller all over: its leaf goes with the square of its length. */
export const lengthShareOf = (massShare: number): number => Math.cbrt(massShare)
/** The same of its leaf area. @example areaShareOf(0.125) // => 0.25 */
export const areaShareOf = (massShare: number): number => Math.cbrt(massShare) ** 2

/**
 * Across the leaves of some grown plants that stand together, seen from above, mm.
 *
 * @param massShare of each beside an unrestricted plant, 0–1
 */
export const crownAcrossMm = (
  { matureCanopyM2 }: Variety,
  massShare: number,
  count: number,
): number =>
  2000 * Math.sqrt((UNDER_LEAVES * count * matureCanopyM2 * areaShareOf(massShare)) / Math.PI)

/** Fresh mass of leaf and stem over the canopy of a grown plant, kg/m² (memory, from greenhouse crops). */
const LEAF_MASS_KG_M2 = 7
/** Fruit that hangs at once, beside leaf and stem (memory). */
const FRUIT_OVER_LEAF: Readonly<Record<Crop, number>> = { tomato: 1, pepper: 0.6 }

/**
 * Fresh mass of a grown plant with the fruit that hangs on it at once.
 *
 * @param massShare beside an unrestricted plant, 0–1
 * @returns kg, to within a third
 */
export function grownPlantKg({ crop, matureCanopyM2 }: Variety, massShare: number): number {
  return matureCanopyM2 * massShare * LEAF_MASS_KG_M2 * (1 + FRUIT_OVER_LEAF[crop])
}
