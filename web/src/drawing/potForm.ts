import { line } from 'd3'
import {
  innerShape,
  innerSizeMm,
  mixBody,
  rimHeightMm,
  ringShape,
  sideProfile,
  standingRimMm,
  type Container,
  type Shape,
} from '@rimbo/core'

/**
 * The lines of a container cut open from the front, in mm: its middle at 0, its
 * inner floor at 0, heights upwards as negative y. All sizes are the core's.
 */
export interface PotForm {
  readonly wall: string
  readonly hollow: string
  /** Each region of mix that drains by itself, closed. */
  readonly mixes: readonly string[]
  /** Between a basket and its mix. */
  readonly liner: string
  readonly water: string
  /** A false floor, the lips of pockets, a cut floor's edge. */
  readonly inside: string
  readonly filler: string
  readonly poorSoil: string
  readonly ringWalls: string
  /** Where roots go on into the earth. */
  readonly earth: string
  /** A wall rolled down, at both sides. */
  readonly rolls: readonly { readonly x: number; readonly y: number; readonly r: number }[]
  /** Where too much water leaves. */
  readonly overflow: { readonly x: number; readonly y: number } | undefined
  /** Half the open top, and its height. */
  readonly fillHalfMm: number
  readonly topMm: number
}

type Point = [x: number, y: number]

const closed = (points: readonly Point[]) => `${line()([...points]) ?? ''}Z`
const rectangle = (leftMm: number, rightMm: number, lowMm: number, highMm: number) =>
  `M${leftMm} ${-lowMm}V${-highMm}H${rightMm}V${-lowMm}Z`

/** Both sides of a shape between two heights, closed below and above. */
function between(shape: Shape, fromMm: number, toMm: number, liftMm = 0): string {
  const STEPS = shape.kind === 'bowl' || shape.kind === 'barrel' ? 16 : 1
  const right = Array.from({ length: STEPS + 1 }, (_, step): Point => {
    const zMm = fromMm + ((toMm - fromMm) * step) / STEPS
    return [innerSizeMm(shape, zMm).lengthMm / 2, -zMm - liftMm]
  })
  const left = right.map(([x, y]): Point => [-x, y]).reverse()
  return closed([...right, ...left])
}

/** The wall itself, set off outwards, its floor below. */
function wallOutline(shape: Shape, toMm: number, offMm: number): string {
  const right = sideProfile(shape, toMm).map(({ halfLengthMm, zMm }): Point => [
    halfLengthMm + offMm,
    -zMm,
  ])
  const floor: Point[] = shape.kind === 'bowl' ? [] : [[right[0]![0], offMm]]
  const side = [...floor, ...right]
  return closed([...side, ...side.map(([x, y]): Point => [-x, y]).reverse()])
}

/** Middles of so many equal parts across a width. */
export const middles = (count: number, widthMm: number): readonly number[] =>
  Array.from({ length: count }, (_, index) => ((index + 0.5) / count - 0.5) * widthMm)

/** Rings on a bag, each a little pot without a bottom. */
function ringForms({ shape, fillMm, rings }: Container) {
  if (!rings) return { walls: '', mixes: '' }
  const { count, topDiameterMm: top, bottomDiameterMm: bottom, heightMm } = rings
  const at = middles(count, innerSizeMm(shape, fillMm).lengthMm)
  const halfAt = (zMm: number) => innerSizeMm(ringShape(rings), zMm).lengthMm / 2
  return {
    walls: at
      .flatMap((x) =>
        [-1, 1].map(
          (side) =>
            `M${x + (side * bottom) / 2} ${-fillMm}L${x + (side * top) / 2} ${-fillMm - heightMm}`,
        ),
      )
      .join(''),
    mixes: at
      .map((x) =>
        closed([
          [x - halfAt(0), -fillMm],
          [x - halfAt(rings.fillMm), -fillMm - rings.fillMm],
          [x + halfAt(rings.fillMm), -fillMm - rings.fillMm],
          [x + halfAt(0), -fillMm],
        ]),
      )
      .join(''),
  }
}

/** The film over a lying bag, open where plants stand. */
function film({ type, shape, fillMm, rings, cutOuts }: Container): string {
  if (type !== 'flatBag') return ''
  const { lengthMm } = innerSizeMm(shape, fillMm)
  const count = rings?.count ?? cutOuts?.count ?? 1
  const openMm = rings?.bottomDiameterMm ?? cutOuts?.diameterMm ?? lengthMm
  const edges = middles(count, lengthMm).flatMap((x) => [x - openMm / 2, x + openMm / 2])
  const ends = [-lengthMm / 2, ...edges, lengthMm / 2]
  return Array.from(
    { length: ends.length / 2 },
    (_, index) => `M${ends[2 * index]} ${-fillMm}H${ends[2 * index + 1]}`,
  ).join('')
}

/** How far a pocket's lip stands out from a tower, beside the column's width. */
const LIP_SHARE = 0.2

function towerForm({ shape, fillMm, tower }: Container) {
  if (!tower) return undefined
  const half = innerSizeMm(shape, fillMm).lengthMm / 2
  const tierMm = fillMm / tower.tiers
  const bases = Array.from({ length: tower.tiers }, (_, tier) => tier * tierMm)
  const lip = 2 * half * LIP_SHARE
  return {
    lips: bases
      .flatMap((base) =>
        [-1, 1].map(
          (side) =>
            `M${side * half} ${-base - tierMm * 0.3}L${side * (half + lip)} ${-base - tierMm * 0.75}L${side * half} ${-base - tierMm * 0.62}`,
        ),
      )
      .join(''),
    floors: tower.pocketVolumeL
      ? bases
          .slice(1)
          .map((base) => `M${-half} ${-base}H${half}`)
          .join('')
      : '',
    mixes: tower.pocketVolumeL
      ? bases.map((base) => rectangle(-half, half, base, base + tierMm * 0.94))
      : [rectangle(-half, half, 0, fillMm)],
  }
}

/** Feet of mix that stand in a reservoir. */
const feet = ({ shape, reservoir }: Container): string =>
  reservoir?.feeding === 'foot'
    ? middles(reservoir.footCount, innerSizeMm(shape, 0).lengthMm)
        .map((x) =>
          rectangle(
            x - reservoir.footDiameterMm / 2,
            x + reservoir.footDiameterMm / 2,
            0,
            reservoir.falseFloorMm,
          ),
        )
        .join('')
    : ''

/** Roots below a cut floor are taken to go so deep; drawn as far as the line-up shows earth. */
const EARTH_SHOWN_MM = 90

/**
 * The lines that a container is drawn with.
 *
 * @param wallMm thickness of the wall as drawn
 */
export function potForm(container: Container, wallMm: number): PotForm {
  const { shape, fillMm, reservoir, layers, rings, sunken, rolledMm = 0, linerMm = 0 } = container
  const rimMm = standingRimMm(container)
  const inner = innerShape(container)
  const tower = towerForm(container)
  const ring = ringForms(container)
  const { slices } = mixBody(container)
  const mixFromMm = layers || reservoir ? (reservoir?.falseFloorMm ?? slices[0]!.fromMm) : 0
  const mixToMm = Math.min(fillMm - linerMm, rimHeightMm(inner))
  const half = (zMm: number) => innerSizeMm(shape, zMm).lengthMm / 2
  const floorHalf = half(0)
  const cut = sunken ? floorHalf * Math.sqrt(sunken.floorCutShare) : 0
  return {
    wall: wallOutline(shape, rimMm, wallMm),
    hollow: between(shape, 0, rimMm),
    mixes: tower?.mixes ?? [
      feet(container) + between(inner, mixFromMm, mixToMm, linerMm) + ring.mixes,
    ],
    liner: linerMm ? between(shape, 0, fillMm) : '',
    water: reservoir ? between(shape, 0, reservoir.overflowMm) : '',
    inside: [
      reservoir
        ? `M${-half(reservoir.falseFloorMm)} ${-reservoir.falseFloorMm}H${half(reservoir.falseFloorMm)}`
        : '',
      tower ? tower.lips + tower.floors : '',
      film(container),
    ].join(''),
    filler: layers?.fillerMm ? between(shape, 0, layers.fillerMm) : '',
    poorSoil: layers?.poorSoilMm
      ? between(shape, layers.fillerMm, layers.fillerMm + layers.poorSoilMm)
      : '',
    ringWalls: ring.walls,
    earth: sunken ? `M${-cut} 0V${EARTH_SHOWN_MM}M${cut} 0V${EARTH_SHOWN_MM}M${-cut} 0H${cut}` : '',
    rolls: rolledMm
      ? [-1, 1].map((side) => ({
          x: side * (half(rimMm) + wallMm + 6),
          y: -rimMm + 10,
          r: Math.min(26, 8 + rolledMm / 12),
        }))
      : [],
    overflow: reservoir
      ? { x: half(reservoir.overflowMm) + wallMm, y: -reservoir.overflowMm }
      : undefined,
    fillHalfMm: half(Math.min(fillMm, rimMm)),
    topMm: rings ? fillMm + rings.heightMm : rimMm,
  }
}
