import { boxOf, isWithin, stepIn } from './geometry'
import { spotLight } from './light'
import type { Plan } from './plan'
import type { Place } from './schema'
import type { Spot } from './sun'

/** A space in cells, with what reaches each of them month by month. */
export interface SunMap {
  readonly columns: number
  readonly rows: number
  readonly cellMm: number
  /** Lower left corner of the first cell. */
  readonly leftMm: number
  readonly lowMm: number
  /** By month, then by cell, row by row from the house; NaN outside the floor. */
  readonly sunHours: readonly Float64Array[]
  readonly dliMol: readonly Float64Array[]
}

/** A large yard is mapped in larger cells: never more than these along its longer side. */
const MOST_CELLS = 200

/** Which space, where, how finely, and for which days. */
export interface SunMapRequest {
  readonly plan: Plan
  readonly place: Pick<Place, 'latitudeDeg' | 'longitudeDeg'>
  readonly cellMm: number
  /** Height of leaves above the floor. */
  readonly zMm: number
  readonly dates: readonly string[]
  readonly radiationMjM2: readonly number[]
}

/**
 * Direct sun and daily light over a whole space.
 *
 * @param progress told the share done, 0–1
 */
export function sunMap(
  { plan, place, cellMm: finestMm, zMm, dates, radiationMjM2 }: SunMapRequest,
  progress?: (share: number) => void,
): SunMap {
  const box = boxOf(plan.corners)
  const { leftMm, rightMm, lowMm, highMm } = box
  const cellMm = stepIn(box, finestMm, MOST_CELLS)
  const columns = Math.max(1, Math.round((rightMm - leftMm) / cellMm))
  const rows = Math.max(1, Math.round((highMm - lowMm) / cellMm))
  const spots: Spot[] = []
  const cells: number[] = []
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      const spot = {
        xMm: leftMm + (column + 0.5) * cellMm,
        yMm: lowMm + (row + 0.5) * cellMm,
        zMm,
      }
      if (!isWithin(plan.corners, spot)) continue
      spots.push(spot)
      cells.push(row * columns + column)
    }
  const light = spotLight(plan, place, spots, dates, radiationMjM2, progress)
  const spread = (values: Float64Array) => {
    const all = new Float64Array(columns * rows).fill(NaN)
    cells.forEach((cell, index) => (all[cell] = values[index]!))
    return all
  }
  return {
    columns,
    rows,
    cellMm,
    leftMm,
    lowMm,
    sunHours: light.map((month) => spread(month.sunHours)),
    dliMol: light.map((month) => spread(month.dliMol)),
  }
}
