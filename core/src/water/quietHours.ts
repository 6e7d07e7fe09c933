/** A wet surface gives off freely up to here, and nothing beyond, mm (FAO 56, Table 19: loam, 10 cm). */
export const FREELY_DRIED_MM = 9
export const MOST_DRIED_MM = 21.5

/** One cell as it draws on a day: what leaves, open mix and wall draw for each mm, and what it holds. */
export interface CellDay {
  thirst: number
  leafM2: number
  openM2: number
  wallShareM2: number
  /** What it holds, and of that what is left where its plants begin to go short, L. */
  availableL: number
  stressedL: number
  /** One litre as a share of it, and over its surface, mm. */
  aLitre: number
  onSurface: number
}

/** What changes from hour to hour. */
export interface CellNow {
  missingL: number
  driedMm: number
}

/** Rows that an hour is written into. */
export interface CellRows {
  readonly missingL: Float64Array
  readonly driestShare: Float64Array
  readonly hadShare: Float64Array
  readonly usedL: Float64Array
}

/**
 * Hours in which nobody comes by, nothing falls and nothing rises from below: most
 * of all hours. They are gone through in a loop of their own, as short as it can be.
 *
 * Its arguments stand one by one: handed over in objects it was a fifth slower, for the
 * loop was no longer built into its caller.
 *
 * @param from first hour; they end before `to`, or with the first that is not quiet
 * @param offset of the rows: the hour that they begin with
 * @returns the hour after the last quiet one
 */
export function quietHours(
  now: CellNow,
  day: CellDay,
  referenceMm: Float64Array,
  givenL: Float64Array,
  visitH: Uint8Array,
  rows: CellRows,
  from: number,
  to: number,
  offset: number,
): number {
  const { thirst, leafM2, openM2, wallShareM2, availableL, stressedL, aLitre, onSurface } = day
  const { missingL, driestShare, hadShare, usedL } = rows
  let missing = now.missingL
  let dried = now.driedMm
  let hour = from
  for (; hour < to; hour++) {
    if (visitH[hour] !== 0 || givenL[hour] !== 0) break
    const mm = referenceMm[hour]! * thirst
    const leftL = availableL - missing
    const stress = leftL >= stressedL ? 1 : leftL > 0 ? leftL / stressedL : 0
    const openL =
      dried <= FREELY_DRIED_MM
        ? mm * openM2 * stress
        : (mm * openM2 * stress * (MOST_DRIED_MM - dried)) / (MOST_DRIED_MM - FREELY_DRIED_MM)
    let drawn = mm * leafM2 * stress + openL + mm * wallShareM2 * leftL
    if (drawn > leftL) drawn = leftL > 0 ? leftL : 0
    missing += drawn
    dried += openL * onSurface
    if (dried > MOST_DRIED_MM) dried = MOST_DRIED_MM
    const row = hour - offset
    missingL[row] = missing
    driestShare[row] = missing * aLitre
    usedL[row] = drawn
    if (stress < 1) hadShare[row] = stress
  }
  now.missingL = missing
  now.driedMm = dried
  return hour
}
