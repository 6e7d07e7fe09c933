import type { Container } from '../container'
import {
  awayFromSideMm,
  boxOf,
  isInBox,
  stepIn,
  isWithin,
  withinOf,
  sideOf,
  type Box,
  type PlanPoint,
} from './geometry'
import { boxAround, gapMm, isLevelWith, footprintOf, type Footprint } from './footprint'
import type { Plan } from './plan'

export interface StandingFault {
  readonly id: string
  readonly code: 'outside' | 'onAnother' | 'inDoorway'
  readonly otherId?: string
}

/** Room that a door needs in front of it to be walked through. */
const DOORWAY_DEPTH_MM = 600
/** Width a person with a can needs to pass (practice). */
const PATH_WIDTH_MM = 450
/** How far an arm with a can reaches. */
const REACH_MM = 700
const CELL_MM = 50
/** A large yard is walked in larger steps: never more than these along its longer side. */
const MOST_STEPS = 200
/** Touching is not overlapping: rounding of a drag. */
const TOUCH_MM = 1

/** The floor in front of the door, as a box over the plan. */
export function doorwayOf({ corners, door }: Plan): Box | undefined {
  if (!door) return undefined
  const [from, to] = sideOf(corners, door.sideIndex)
  const length = Math.hypot(to.xMm - from.xMm, to.yMm - from.yMm)
  const [ux, uy] = [(to.xMm - from.xMm) / length, (to.yMm - from.yMm) / length]
  const at = (alongMm: number, inMm: number): PlanPoint => ({
    xMm: from.xMm + ux * alongMm - uy * inMm,
    yMm: from.yMm + uy * alongMm + ux * inMm,
  })
  const middle = door.fromMm + door.widthMm / 2
  const inward = isWithin(corners, at(middle, 10)) ? 1 : -1
  return boxOf([
    at(door.fromMm, 0),
    at(door.fromMm + door.widthMm, 0),
    at(door.fromMm, inward * DOORWAY_DEPTH_MM),
    at(door.fromMm + door.widthMm, inward * DOORWAY_DEPTH_MM),
  ])
}

const meets = (one: Box, other: Box) =>
  one.leftMm < other.rightMm &&
  other.leftMm < one.rightMm &&
  one.lowMm < other.highMm &&
  other.lowMm < one.highMm

/** Points on the rim of a footprint, to be asked whether they are on the floor. */
function rimOf(print: Footprint): PlanPoint[] {
  const { xMm, yMm, lengthMm, widthMm, isRound } = print
  const angles = Array.from({ length: 16 }, (_, step) => (step / 16) * 2 * Math.PI)
  const off = TOUCH_MM
  return isRound
    ? angles.map((angle) => ({
        xMm: xMm + Math.cos(angle) * (lengthMm / 2 - off),
        yMm: yMm + Math.sin(angle) * (widthMm / 2 - off),
      }))
    : [-1, 1].flatMap((x) =>
        [-1, 1].map((y) => ({
          xMm: xMm + x * (lengthMm / 2 - off),
          yMm: yMm + y * (widthMm / 2 - off),
        })),
      )
}

/** What is wrong with where containers stand: off the floor, in one another, in the doorway. */
export function standingFaults(plan: Plan, prints: readonly Footprint[]): StandingFault[] {
  const doorway = doorwayOf(plan)
  return prints.flatMap((print, index): StandingFault[] => {
    const { id } = print
    const isOff = rimOf(print).some((point) => !isWithin(plan.corners, point))
    const hit = prints.find(
      (other, which) =>
        which < index && isLevelWith(print, other) && gapMm(print, other) < -TOUCH_MM,
    )
    // A basket above head height is in nobody's way.
    const isInDoorway = doorway && print.fromMm < 1900 && meets(boxAround(print), doorway)
    return [
      ...(isOff ? [{ id, code: 'outside' as const }] : []),
      ...(hit ? [{ id, code: 'onAnother' as const, otherId: hit.id }] : []),
      ...(isInDoorway ? [{ id, code: 'inDoorway' as const }] : []),
    ]
  })
}

/** A person who stands somewhere, as a footprint without size. */
const asPoint = ({ xMm, yMm }: PlanPoint): Footprint => ({
  xMm,
  yMm,
  id: '',
  isRound: true,
  lengthMm: 0,
  widthMm: 0,
  fromMm: 0,
  toMm: 1800,
})

/**
 * Which containers cannot be reached on foot from the door: the floor is walked
 * in small steps, half a path's width off everything that stands on it.
 *
 * @returns ids that are out of reach; none where there is no door to start from
 */
export function outOfReach(plan: Plan, prints: readonly Footprint[]): string[] {
  const doorway = doorwayOf(plan)
  if (!doorway) return []
  const box = boxOf(plan.corners)
  const cellMm = stepIn(box, CELL_MM, MOST_STEPS)
  const columns = Math.ceil((box.rightMm - box.leftMm) / cellMm)
  const rows = Math.ceil((box.highMm - box.lowMm) / cellMm)
  const onFloor = prints.filter((print) => print.fromMm < 300 && print.toMm > 100)
  const middleOf = (cell: number): PlanPoint => ({
    xMm: box.leftMm + ((cell % columns) + 0.5) * cellMm,
    yMm: box.lowMm + (Math.floor(cell / columns) + 0.5) * cellMm,
  })
  const isOnFloor = withinOf(plan.corners)
  const known = new Map<number, boolean>()
  const isFree = (cell: number): boolean => {
    const before = known.get(cell)
    if (before !== undefined) return before
    const point = middleOf(cell)
    const free =
      isOnFloor(point) &&
      onFloor.every((print) => gapMm(asPoint(point), print) >= PATH_WIDTH_MM / 2)
    known.set(cell, free)
    return free
  }
  const waiting = Array.from({ length: columns * rows }, (_, cell) => cell).filter(
    (cell) => isInBox(doorway, middleOf(cell)) && isFree(cell),
  )
  const reached = new Set(waiting)
  while (waiting.length) {
    const cell = waiting.pop()!
    const column = cell % columns
    const next = [
      ...(column > 0 ? [cell - 1] : []),
      ...(column < columns - 1 ? [cell + 1] : []),
      cell - columns,
      cell + columns,
    ]
    for (const one of next) {
      if (one < 0 || one >= columns * rows || reached.has(one) || !isFree(one)) continue
      reached.add(one)
      waiting.push(one)
    }
  }
  const stood = [...reached].map((cell) => asPoint(middleOf(cell)))
  return prints
    .filter((print) => !stood.some((point) => gapMm(point, print) <= REACH_MM))
    .map((print) => print.id)
}

/** A grown plant's leaves as a disc over the plan. */
export interface Crown extends PlanPoint {
  readonly id: string
  readonly radiusMm: number
}

/** Crowns that overlap by this share of the smaller one's width shade each other (memory). */
const CROWDED_SHARE = 0.25

/** Pairs of grown crowns that stand too close: how far they overlap, of the smaller one's width. */
export function crowdedPairs(
  crowns: readonly Crown[],
): { readonly ids: readonly [string, string]; readonly overlapShare: number }[] {
  return crowns.flatMap((one, index) =>
    crowns.slice(index + 1).flatMap((other) => {
      const apart = Math.hypot(one.xMm - other.xMm, one.yMm - other.yMm)
      const into = one.radiusMm + other.radiusMm - apart
      const overlapShare = into / (2 * Math.min(one.radiusMm, other.radiusMm))
      return overlapShare > CROWDED_SHARE
        ? [{ ids: [one.id, other.id] as const, overlapShare: Math.min(1, overlapShare) }]
        : []
    }),
  )
}

/** Steps in which a pot is put down, and how near an edge has to be to draw it on. */
const GRID_MM = 10
const DRAWS_WITHIN_MM = 60

/** Nearest of some places to where something is, if any is near enough. */
function drawnTo(at: number, places: readonly number[]): number {
  const near = places.filter((place) => Math.abs(place - at) <= DRAWS_WITHIN_MM)
  const best = near.sort((one, other) => Math.abs(one - at) - Math.abs(other - at))[0]
  return best ?? Math.round(at / GRID_MM) * GRID_MM
}

/**
 * Where a dragged container comes to stand: against a side or a neighbour that
 * is near, in line with a neighbour's middle, else in steps of a centimetre.
 */
export function snapped(plan: Plan, print: Footprint, others: readonly Footprint[]): PlanPoint {
  const near = others.filter((other) => other.id !== print.id && isLevelWith(other, print))
  const halfX = print.lengthMm / 2
  const halfY = print.widthMm / 2
  const boxes = near.map(boxAround)
  const beside = (boxesOf: (box: Box) => readonly [number, number], half: number) =>
    boxes.flatMap((box) => [boxesOf(box)[0] - half, boxesOf(box)[1] + half])
  const corners = plan.corners
  const xs = [
    ...corners.flatMap(({ xMm }) => [xMm + halfX, xMm - halfX]),
    ...beside((box) => [box.leftMm, box.rightMm], halfX),
    ...near.map((other) => other.xMm),
  ]
  const ys = [
    ...corners.flatMap(({ yMm }) => [yMm + halfY, yMm - halfY]),
    ...beside((box) => [box.lowMm, box.highMm], halfY),
    ...near.map((other) => other.yMm),
  ]
  return { xMm: drawnTo(print.xMm, xs), yMm: drawnTo(print.yMm, ys) }
}

/** How far a spot is from the nearest side of some kinds, mm. */
export const awayFromSidesMm = (
  { corners, sides }: Plan,
  point: PlanPoint,
  kinds: readonly string[],
): number =>
  Math.min(
    Infinity,
    ...sides.flatMap((side, index) =>
      kinds.includes(side.kind) ? [awayFromSideMm(point, sideOf(corners, index))] : [],
    ),
  )

const SEARCH_STEP_MM = 50

/**
 * A place for each of several containers that have none yet, in their order, as far as
 * there is room.
 *
 * @param others footprints of what stands there
 * @returns by the container's id, without those for which there is no room
 */
export function freePlacesFor(
  plan: Plan,
  containers: readonly Container[],
  others: readonly Footprint[],
): ReadonlyMap<string, PlanPoint> {
  const placed = [...others]
  const found = new Map<string, PlanPoint>()
  const { leftMm, lowMm } = boxOf(plan.corners)
  for (const container of containers) {
    const standing = { xMm: leftMm, yMm: lowMm, isTurned: false }
    const print = footprintOf({ ...container, standing })
    const place = print && freePlaceFor(plan, print, placed)
    if (!place) continue
    placed.push({ ...print, ...place })
    found.set(container.id, place)
  }
  return found
}

/**
 * A place for a container that has none yet: the first, from the front inwards
 * and along it, where it stands free and shuts nothing off.
 *
 * @param print its footprint, wherever that is
 * @returns undefined where there is no such place
 */
export function freePlaceFor(
  plan: Plan,
  print: Footprint,
  others: readonly Footprint[],
): PlanPoint | undefined {
  const box = boxOf(plan.corners)
  const [halfX, halfY] = [print.lengthMm / 2, print.widthMm / 2]
  const level = others.filter((other) => isLevelWith(other, print))
  const stepMm = stepIn(box, SEARCH_STEP_MM, MOST_STEPS)
  for (let yMm = box.highMm - halfY; yMm >= box.lowMm + halfY; yMm -= stepMm)
    for (let xMm = box.leftMm + halfX; xMm <= box.rightMm - halfX; xMm += stepMm) {
      const there = { ...print, xMm, yMm }
      const isClear = level.every((other) => gapMm(there, other) >= 0)
      if (!isClear || standingFaults(plan, [there]).length) continue
      if (!outOfReach(plan, [...others, there]).length) return { xMm, yMm }
    }
  return undefined
}
