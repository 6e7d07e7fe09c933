import { memory, published, reason, type Reason } from '../units'
import { boxOf, edgeLengthMm, isInBox, sideOf, stepIn, awayFromSideMm } from './geometry'
import { boxAround, type Footprint } from './footprint'
import { floorAreaM2, type Plan, type Shelf } from './plan'

const G = 9.81
const kilonewtons = (massKg: number) => (massKg * G) / 1000

/** One container on the floor: where, and how heavy at its heaviest. */
export interface StandingMass {
  readonly massKg: number
  /** Left out where it was not placed yet: then it counts for the whole floor alone. */
  readonly print: Footprint | undefined
}

/** `ask`: there are no papers. `over`: more than they allow. `shared`: within them, with people and furniture to come. */
export type LoadVerdict = 'ground' | 'ask' | 'over' | 'patch' | 'shared'

export interface ShelfLoad {
  readonly shelf: Shelf
  readonly massKg: number
  /** `ask`: nobody said what it carries. */
  readonly verdict: 'ask' | 'over' | 'within'
}

export interface SpaceLoad {
  readonly verdict: LoadVerdict
  readonly totalKg: number
  /** Over the whole floor. */
  readonly meanKnM2: number
  /** The heaviest square metre. */
  readonly worstKnM2: number
  /** The heaviest outer side: what stands within a foot of it, over its length. */
  readonly edgeKnM: number
  /** Pressure under each container that stands on the floor, kPa. */
  readonly pressures: readonly {
    readonly id: string
    readonly kPa: number
    readonly reasons: readonly Reason[]
  }[]
  readonly shelves: readonly ShelfLoad[]
  readonly reasons: readonly Reason[]
}

const ALONG_EDGE_MM = 300
const SQUARE_MM = 1000
const STEP_MM = 100
const MOST_STEPS = 300

/** Part of a footprint's box that lies in a square, 0–1. */
function shareIn(print: Footprint, left: number, low: number, widthMm: number, depthMm: number) {
  const box = boxAround(print)
  const x = Math.min(box.rightMm, left + widthMm) - Math.max(box.leftMm, left)
  const y = Math.min(box.highMm, low + depthMm) - Math.max(box.lowMm, low)
  return x <= 0 || y <= 0 ? 0 : (x * y) / (print.lengthMm * print.widthMm)
}

/** Mass on the heaviest square metre, over its area; a strip narrower than that counts as wide as it is. */
function worstSquare(plan: Plan, masses: readonly { massKg: number; print: Footprint }[]): number {
  const box = boxOf(plan.corners)
  const widthMm = Math.min(SQUARE_MM, box.rightMm - box.leftMm)
  const depthMm = Math.min(SQUARE_MM, box.highMm - box.lowMm)
  const stepMm = stepIn(box, STEP_MM, MOST_STEPS)
  let worst = 0
  for (let left = box.leftMm; left <= box.rightMm - widthMm + 1; left += stepMm)
    for (let low = box.lowMm; low <= box.highMm - depthMm + 1; low += stepMm) {
      const massKg = masses.reduce(
        (sum, one) => sum + one.massKg * shareIn(one.print, left, low, widthMm, depthMm),
        0,
      )
      worst = Math.max(worst, massKg / ((widthMm * depthMm) / 1e6))
    }
  return kilonewtons(worst)
}

/** Heaviest outer side, kN for each metre of it. */
function worstEdge(
  { corners, sides }: Plan,
  masses: readonly { massKg: number; print: Footprint }[],
) {
  const loads = sides.map((side, index) => {
    if (side.kind === 'house' || side.kind === 'wall') return 0
    const along = masses.filter(({ print }) => {
      const away = awayFromSideMm(print, sideOf(corners, index))
      return away - Math.min(print.lengthMm, print.widthMm) / 2 < ALONG_EDGE_MM
    })
    const massKg = along.reduce((sum, one) => sum + one.massKg, 0)
    return kilonewtons(massKg) / Math.max(1, edgeLengthMm(corners, index) / 1000)
  })
  return Math.max(0, ...loads)
}

/** Weight over the footprint of one container. */
function pressureUnder({ massKg, print }: { massKg: number; print: Footprint }) {
  const roundShare = print.isRound ? Math.PI / 4 : 1
  const footM2 = (print.lengthMm * print.widthMm * roundShare) / 1e6
  const reasons = [reason('load.pressure', { grownG: massKg * 1000, footM2 })]
  return { id: print.id, kPa: kilonewtons(massKg) / footM2, reasons }
}

const shelfLoad = (shelf: Shelf, masses: readonly StandingMass[]): ShelfLoad => {
  const box = boxAround({ ...shelf, isRound: false, fromMm: 0, toMm: 0 })
  const massKg = masses.reduce(
    (sum, { print, massKg: kg }) =>
      print &&
      print.fromMm >= shelf.heightMm - 1 &&
      print.fromMm < shelf.heightMm + 300 &&
      isInBox(box, print)
        ? sum + kg
        : sum,
    0,
  )
  const verdict = shelf.limitKg === undefined ? 'ask' : massKg > shelf.limitKg ? 'over' : 'within'
  return { shelf, massKg, verdict }
}

/**
 * What the containers of a space put on its floor: in all, by the square metre,
 * along its outer edge, and under each.
 *
 * A permission is never given. Against the figure of the building's papers it
 * says what the pots take of it, for people, furniture and snow share it; without
 * papers it says only what to ask.
 */
export function spaceLoad(plan: Plan, masses: readonly StandingMass[]): SpaceLoad {
  const { allowedKnM2, allowedKnM } = plan
  const totalKg = masses.reduce((sum, one) => sum + one.massKg, 0)
  const meanKnM2 = kilonewtons(totalKg) / floorAreaM2(plan)
  const placed = masses.flatMap(({ massKg, print }) => (print ? [{ massKg, print }] : []))
  const onFloor = placed.filter(({ print }) => print.fromMm < SQUARE_MM)
  const worstKnM2 = worstSquare(plan, placed)
  const edgeKnM = worstEdge(plan, placed)
  const verdict: LoadVerdict = plan.isEarth
    ? 'ground'
    : allowedKnM2 === undefined
      ? 'ask'
      : meanKnM2 > allowedKnM2 || (allowedKnM !== undefined && edgeKnM > allowedKnM)
        ? 'over'
        : worstKnM2 > allowedKnM2
          ? 'patch'
          : 'shared'
  const params = {
    totalG: totalKg * 1000,
    areaM2: floorAreaM2(plan),
    meanKnPerM2: meanKnM2,
    worstKnPerM2: worstKnM2,
    edgeKnPerM: edgeKnM,
    ...(allowedKnM2 === undefined
      ? {}
      : { allowedKnPerM2: allowedKnM2, usedShare: meanKnM2 / allowedKnM2 }),
  }
  return {
    verdict,
    totalKg,
    meanKnM2,
    worstKnM2,
    edgeKnM,
    pressures: onFloor.map(pressureUnder),
    shelves: plan.shelves.map((shelf) => shelfLoad(shelf, masses)),
    reasons: [
      reason(`load.${verdict}`, params),
      reason('load.sums', params),
      ...(verdict === 'ask' || verdict === 'over' || verdict === 'patch'
        ? [
            reason(
              'load.usual',
              {},
              published('EN 1991-1-1, Table 6.2: 2.5–4.0 kN/m² for balconies'),
            ),
            reason('load.usualUs', {}, memory),
          ]
        : []),
    ],
  }
}
