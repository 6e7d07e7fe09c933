import { polygonArea, polygonContains } from 'd3-polygon'

/** A point of a plan, mm. */
export interface PlanPoint {
  readonly xMm: number
  readonly yMm: number
}

const pairsOf = (corners: readonly PlanPoint[]): [number, number][] =>
  corners.map(({ xMm, yMm }) => [xMm, yMm])

/** Area within an outline, mm²; its sign tells the sense of turning. */
export const polygonAreaMm2 = (corners: readonly PlanPoint[]): number =>
  polygonArea(pairsOf(corners))

/** Asks many points of one outline. */
export function withinOf(corners: readonly PlanPoint[]): (point: PlanPoint) => boolean {
  const pairs = pairsOf(corners)
  return ({ xMm, yMm }) => polygonContains(pairs, [xMm, yMm])
}

/** Whether a point lies within a floor. */
export const isWithin = (corners: readonly PlanPoint[], { xMm, yMm }: PlanPoint): boolean =>
  polygonContains(pairsOf(corners), [xMm, yMm])

/** Both ends of the side that begins at a corner. */
export const sideOf = (
  corners: readonly PlanPoint[],
  index: number,
): readonly [PlanPoint, PlanPoint] => [corners[index]!, corners[(index + 1) % corners.length]!]

/** Length of the side that begins at a corner, mm. */
export function edgeLengthMm(corners: readonly PlanPoint[], index: number): number {
  const [from, to] = sideOf(corners, index)
  return Math.hypot(to.xMm - from.xMm, to.yMm - from.yMm)
}

/** On which side of the line from a to b a point lies: the sign of the cross product. */
const turn = (a: PlanPoint, b: PlanPoint, c: PlanPoint) =>
  (b.xMm - a.xMm) * (c.yMm - a.yMm) - (b.yMm - a.yMm) * (c.xMm - a.xMm)

const isBetween = (a: PlanPoint, b: PlanPoint, c: PlanPoint) =>
  Math.min(a.xMm, b.xMm) <= c.xMm &&
  c.xMm <= Math.max(a.xMm, b.xMm) &&
  Math.min(a.yMm, b.yMm) <= c.yMm &&
  c.yMm <= Math.max(a.yMm, b.yMm)

/** Whether two segments have a point in common. */
function meet(a: PlanPoint, b: PlanPoint, c: PlanPoint, d: PlanPoint): boolean {
  const [abc, abd, cda, cdb] = [turn(a, b, c), turn(a, b, d), turn(c, d, a), turn(c, d, b)]
  if (abc * abd < 0 && cda * cdb < 0) return true
  return (
    (abc === 0 && isBetween(a, b, c)) ||
    (abd === 0 && isBetween(a, b, d)) ||
    (cda === 0 && isBetween(c, d, a)) ||
    (cdb === 0 && isBetween(c, d, b))
  )
}

/** Whether an outline crosses or touches itself anywhere but at its corners. */
export function isSelfCrossing(corners: readonly PlanPoint[]): boolean {
  const count = corners.length
  for (let one = 0; one < count; one++)
    for (let other = one + 2; other < count; other++) {
      const areNeighbours = one === 0 && other === count - 1
      if (areNeighbours) continue
      if (meet(...sideOf(corners, one), ...sideOf(corners, other))) return true
    }
  return false
}

/** Shortest way from a point to a segment, mm. */
export function awayFromSideMm(
  point: PlanPoint,
  [from, to]: readonly [PlanPoint, PlanPoint],
): number {
  const [dx, dy] = [to.xMm - from.xMm, to.yMm - from.yMm]
  const along = ((point.xMm - from.xMm) * dx + (point.yMm - from.yMm) * dy) / (dx ** 2 + dy ** 2)
  const share = Math.min(1, Math.max(0, along))
  return Math.hypot(point.xMm - from.xMm - share * dx, point.yMm - from.yMm - share * dy)
}

/** A level rectangle on a plan, its sides along x and y, mm. */
export interface Box {
  readonly leftMm: number
  readonly rightMm: number
  readonly lowMm: number
  readonly highMm: number
}

/** The smallest box around some corners, mm. */
export const boxOf = (corners: readonly PlanPoint[]): Box => ({
  leftMm: Math.min(...corners.map((corner) => corner.xMm)),
  rightMm: Math.max(...corners.map((corner) => corner.xMm)),
  lowMm: Math.min(...corners.map((corner) => corner.yMm)),
  highMm: Math.max(...corners.map((corner) => corner.yMm)),
})

/** Grid step for a box: as fine as asked, but never more than the given number of steps along its longer side. */
export const stepIn = (
  { leftMm, rightMm, lowMm, highMm }: Box,
  finestMm: number,
  mostSteps: number,
): number => Math.max(finestMm, Math.max(rightMm - leftMm, highMm - lowMm) / mostSteps)

/** Whether a point lies in a box or on its edge. */
export const isInBox = (
  { leftMm, rightMm, lowMm, highMm }: Box,
  { xMm, yMm }: PlanPoint,
): boolean => xMm >= leftMm && xMm <= rightMm && yMm >= lowMm && yMm <= highMm
