import { path, randomLcg, randomUniform } from 'd3'
import type { FruitClass, PlantGrowth, Ripeness, Variety } from '@rimbo/core'

/**
 * The shape of a plant as drawn: how a grown habit carries its leaf and fruit.
 * Height, canopy and trusses are the core's; only the way they are drawn is here.
 * Lengths in mm, y downwards, the stem's foot at 0.
 */
export interface PlantForm {
  readonly stems: string
  readonly leaves: string
  readonly fruits: readonly DrawnFruit[]
  /** Top of a cane that a vine is tied to. */
  readonly caneMm: number | undefined
}

export interface DrawnFruit {
  readonly x: number
  readonly y: number
  readonly ripeness: Ripeness
  readonly radiusMm: number
  /** Over its width: 1 round, 3 a long pepper. */
  readonly lengthOverWidth: number
}

type Point = readonly [x: number, y: number]
type Random = () => number

const FRUIT_RADIUS_MM: Readonly<Record<FruitClass, number>> = {
  currant: 9,
  cherry: 14,
  plum: 20,
  salad: 26,
  beefsteak: 36,
  block: 34,
  horn: 17,
  mildHot: 16,
  hot: 15,
  veryHot: 18,
  smallChilli: 9,
}
const LONG_FRUIT: Partial<Record<FruitClass, number>> = {
  plum: 1.5,
  horn: 4,
  mildHot: 2.6,
  hot: 2.8,
  smallChilli: 2.4,
  block: 1.2,
}

/** The same plant is drawn the same way each time. */
function randomFor(seed: string): Random {
  let hash = 0
  for (const letter of seed) hash = (hash * 31 + letter.charCodeAt(0)) % 2147483647
  return randomUniform.source(randomLcg(hash / 2147483647))(0, 1)
}

const along = ([x, y]: Point, angle: number, length: number): Point => [
  x + Math.cos(angle) * length,
  y + Math.sin(angle) * length,
]

type Ink = ReturnType<typeof path>

/** A pointed leaf from its stalk along an angle. */
function leaf(ink: Ink, from: Point, angle: number, length: number, width: number): void {
  const tip = along(from, angle, length)
  const middle = along(from, angle, length * 0.45)
  const left = along(middle, angle - Math.PI / 2, width)
  const right = along(middle, angle + Math.PI / 2, width)
  ink.moveTo(...from)
  ink.quadraticCurveTo(...left, ...tip)
  ink.quadraticCurveTo(...right, ...from)
  ink.closePath()
}

/** A tomato leaf: pairs of leaflets along a drooping rib, one at its tip. */
function featheredLeaf(leaves: Ink, stems: Ink, from: Point, side: number, length: number): void {
  const rise = -0.35
  let point = from
  let angle = side > 0 ? rise : Math.PI - rise
  const droop = side * 0.28
  stems.moveTo(...from)
  for (let step = 1; step <= 3; step++) {
    point = along(point, angle, length * 0.28)
    angle += droop
    stems.lineTo(...point)
    const size = length * (0.36 - 0.05 * step)
    leaf(leaves, point, angle - 1.05, size, size * 0.3)
    leaf(leaves, point, angle + 1.05, size, size * 0.3)
  }
  leaf(leaves, point, angle, length * 0.36, length * 0.13)
}

interface Stem {
  readonly points: readonly Point[]
}

/** A stem as a gentle bend from a foot to a tip. */
function bentStem(foot: Point, tip: Point, sway: number): Stem {
  const steps = 10
  return {
    points: Array.from({ length: steps + 1 }, (_, step) => {
      const way = step / steps
      return [
        foot[0] + (tip[0] - foot[0]) * way ** 1.4 + Math.sin(way * Math.PI * 2) * sway,
        foot[1] + (tip[1] - foot[1]) * way,
      ] as const
    }),
  }
}

function pointAt({ points }: Stem, way: number): Point {
  const place = Math.max(0, Math.min(1, way)) * (points.length - 1)
  const index = Math.min(points.length - 2, Math.floor(place))
  const [from, to] = [points[index]!, points[index + 1]!]
  const rest = place - index
  return [from[0] + (to[0] - from[0]) * rest, from[1] + (to[1] - from[1]) * rest]
}

function drawStem(ink: Ink, { points }: Stem): void {
  points.forEach((point, index) => (index ? ink.lineTo(...point) : ink.moveTo(...point)))
}

/** Stems of a habit: one for a vine, a few from the foot for a bush, arms over the rim for a trailer. */
function stemsOf(variety: Variety, heightMm: number, reachMm: number, random: Random): Stem[] {
  const lean = () => (random() - 0.5) * 0.2
  if (variety.habit === 'trailing')
    return [-1, -0.45, 0.1, 0.5, 1].map((side) =>
      bentStem(
        [0, 0],
        [
          side * reachMm,
          Math.abs(side) > 0.6 ? heightMm * 0.55 : -heightMm * (0.5 - Math.abs(side) * 0.3),
        ],
        8,
      ),
    )
  if (variety.crop === 'pepper') {
    const forkMm = heightMm * 0.35
    const trunk = bentStem([0, 0], [0, -forkMm], 2)
    const arms = [-0.95, -0.35, 0.4, 0.9].map((side) =>
      bentStem([0, -forkMm], [side * reachMm * 0.75, -heightMm * (1 - Math.abs(side) * 0.16)], 6),
    )
    return [trunk, ...arms]
  }
  if (variety.habit === 'indeterminate')
    return [bentStem([0, 0], [reachMm * lean() * 0.3, -heightMm], Math.min(28, reachMm * 0.12))]
  const arms = variety.habit === 'semiDeterminate' ? [-0.5, 0.05, 0.5] : [-0.95, -0.4, 0.15, 0.7, 1]
  return arms.map((side) =>
    bentStem([0, 0], [side * reachMm * 0.7, -heightMm * (1 - 0.22 * Math.abs(side) + lean())], 12),
  )
}

/** How far leaves reach to a side, mm: half the width of a round canopy, less where it climbs. */
export function reachOf(variety: Variety, growth: PlantGrowth): number {
  const roundMm = Math.sqrt(growth.canopyM2 / Math.PI) * 1000
  return variety.habit === 'indeterminate' ? roundMm * 0.75 : roundMm
}

export function plantForm(variety: Variety, growth: PlantGrowth, seed: string): PlantForm {
  const random = randomFor(seed)
  const { heightMm } = growth
  const reachMm = reachOf(variety, growth)
  const stems = path()
  const leaves = path()
  const drawn = stemsOf(variety, heightMm, reachMm, random)
  const isPepper = variety.crop === 'pepper'
  for (const [index, stem] of drawn.entries()) {
    // Each stem has its own chance: a leaf more on one does not turn those of the others.
    const random = randomFor(`${seed}/${index}`)
    drawStem(stems, stem)
    const [foot, tip] = [stem.points[0]!, stem.points.at(-1)!]
    const lengthMm = Math.hypot(tip[0] - foot[0], tip[1] - foot[1])
    const nodes = Math.max(3, Math.min(20, Math.round(lengthMm / (isPepper ? 95 : 90))))
    const isTrunk = isPepper && stem === drawn[0]
    for (let node = isTrunk ? nodes : 1; node <= nodes; node++) {
      const way = node / nodes
      const at = pointAt(stem, way)
      const side = node % 2 ? 1 : -1
      const young = 1 - 0.55 * Math.max(0, way - 0.6) * 2.5
      const size = reachMm * (drawn.length > 1 ? 0.55 : 0.85) * young * (0.9 + 0.2 * random())
      if (isPepper) {
        const length = Math.max(40, Math.min(125, size * 0.9))
        const droop = 0.15 + 0.7 * random()
        leaf(leaves, at, side > 0 ? droop : Math.PI - droop, length, length * 0.5)
        const other = -0.2 + 0.6 * random()
        leaf(leaves, at, side > 0 ? Math.PI - other : other, length * 0.75, length * 0.38)
      } else featheredLeaf(leaves, stems, at, side, Math.max(30, Math.min(260, size)))
    }
  }
  return {
    stems: stems.toString(),
    leaves: leaves.toString(),
    fruits: fruitsOf(variety, growth, drawn, random),
    caneMm: variety.habit === 'indeterminate' ? Math.max(heightMm + 80, 900) : undefined,
  }
}

/** Fruits in a cluster: fewer where they are large or the plant is small. */
function clusterCount(variety: Variety, heightMm: number): number {
  if (variety.crop === 'pepper') return 1
  const most = FRUIT_RADIUS_MM[variety.fruitClass] < 20 ? 6 : 3
  return Math.max(2, Math.min(most, Math.round(heightMm / 130)))
}

/**
 * Fruit hangs at the core's trusses: in clusters from a tomato's stem, singly from
 * a pepper's forks. Clusters that would lie on one another are left out.
 */
function fruitsOf(
  variety: Variety,
  growth: PlantGrowth,
  stems: readonly Stem[],
  random: Random,
): DrawnFruit[] {
  const fruitMm = FRUIT_RADIUS_MM[variety.fruitClass]
  const lengthOverWidth = LONG_FRUIT[variety.fruitClass] ?? 1
  const bearing = variety.crop === 'pepper' ? stems.slice(1) : stems
  const count = clusterCount(variety, growth.heightMm)
  const clearMm = (count * fruitMm * 1.1) / 2
  let lastMm = -Infinity
  const drawn = growth.trusses.filter(({ heightMm }) => {
    if (heightMm - lastMm < clearMm) return false
    lastMm = heightMm
    return true
  })
  return drawn.flatMap((truss, index) => {
    const stem = bearing[index % bearing.length]!
    const at = pointAt(stem, truss.heightMm / growth.heightMm)
    const side = index % 2 ? -1 : 1
    const size = truss.ripeness === 'flower' ? 9 : fruitMm * (truss.ripeness === 'green' ? 0.8 : 1)
    return Array.from({ length: count }, (_, place) => ({
      x: at[0] + side * (24 + size * (0.6 + 1.3 * (place % 2)) + 6 * random()),
      y: at[1] + 20 + size * 1.1 * place,
      ripeness: truss.ripeness,
      radiusMm: size,
      lengthOverWidth: truss.ripeness === 'flower' ? 1 : lengthOverWidth,
    }))
  })
}
