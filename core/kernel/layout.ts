// What lies where in the memory that core/src/water/hours writes and the loop reads.

export const HOURS_A_DAY: i32 = 24

/** The pot and the run, in the order in which core/src/water/hours writes them; the last two are also what is left at the end. */
@unmanaged
export class Pot {
  /** Hours of the run, hour of the day of the first, first evening hour. */
  hours: f64
  firstH: f64
  eveningFromH: f64
  cells: f64
  /** Of one cell, from drained down to wilting, L; and one litre as a share of it. */
  availableL: f64
  aLitre: f64
  thirst: f64
  wallM2: f64
  surfaceM2: f64
  repellentShare: f64
  reservoirMostL: f64
  capillaryLH: f64
  /** 1 where each morning's visit fills it until it drains. */
  isFilledDaily: f64
  /** Less water than this is not worth carrying, L. */
  splashL: f64
  corrections: f64
  reservoirL: f64
  driedMm: f64
}

/** Where each row begins; the order is that of core/src/water/hours. */
@unmanaged
export class Rows {
  referenceMm: usize
  referenceSumMm: usize
  givenL: usize
  visitH: usize
  fillH: usize
  /** By the day. */
  leafM2: usize
  openM2: usize
  rainL: usize
  freeL: usize
  /** By the correction. */
  correctedHour: usize
  correctedShare: usize
  correctedReservoirL: usize
  /** By the cell, from above. */
  missing: usize
  /** What comes of it, by the hour. */
  missingL: usize
  driestShare: usize
  reservoirLeftL: usize
  hadShare: usize
  pouredL: usize
  drainedL: usize
  usedL: usize
}

export function at(row: usize, index: i32): f64 {
  return load<f64>(row + ((<usize>index) << 3))
}

export function put(row: usize, index: i32, value: f64): void {
  store<f64>(row + ((<usize>index) << 3), value)
}
