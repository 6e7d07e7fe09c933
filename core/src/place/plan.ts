import { z } from 'zod'
import { customIssue, idSchema, nameSchema, open } from '../units'
import { edgeLengthMm, isSelfCrossing, polygonAreaMm2 } from './geometry'

const coordinateSchema = z.number().min(-100_000).max(100_000)
const heightSchema = z.number().min(0).max(100_000)

const pointSchema = open({ xMm: coordinateSchema, yMm: coordinateSchema })

/**
 * What stands on one side of a space: the house, which is taken as endless; a
 * wall of its own height; a parapet, solid below and railed above; or nothing.
 */
const sideSchema = z.discriminatedUnion('kind', [
  open({ kind: z.literal('house') }),
  open({ kind: z.literal('wall'), heightMm: heightSchema }),
  open({ kind: z.literal('parapet'), solidMm: heightSchema, railMm: heightSchema }),
  open({ kind: z.literal('open') }),
])
export type Side = z.infer<typeof sideSchema>
export const sideKinds = ['house', 'wall', 'parapet', 'open'] as const

const shelfSchema = open({
  id: idSchema,
  name: nameSchema,
  xMm: coordinateSchema,
  yMm: coordinateSchema,
  lengthMm: z.number().min(50).max(10_000),
  widthMm: z.number().min(50).max(10_000),
  heightMm: z.number().min(0).max(3000),
  /** What its maker says it carries; left out where nobody said. */
  limitKg: z.number().min(0.5).max(5000).optional(),
})
export type Shelf = z.infer<typeof shelfSchema>

const MOST_CORNERS = 24
const LEAST_AREA_MM2 = 0.1e6

/**
 * A space drawn to scale, in mm. x runs to the right and y away from the house,
 * seen from above with the house below; `facingDeg` is where y points.
 */
export const planSchema = open({
  /** Corners in order; the side i runs from corner i to the next. */
  corners: z.array(pointSchema).min(3).max(MOST_CORNERS),
  /** One for each side. */
  sides: z.array(sideSchema),
  /** Compass direction that y points to: 0 north, 90 east, 180 south. */
  facingDeg: z.number().min(0).lt(360),
  door: open({
    sideIndex: z.number().int().min(0),
    fromMm: z.number().min(0).max(100_000),
    widthMm: z.number().min(300).max(10_000),
  }).optional(),
  /** A slab or roof above: its underside, and how far it reaches out over y. */
  slab: open({ heightMm: z.number().min(300).max(20_000), toYMm: coordinateSchema }).optional(),
  /** How high what stands opposite reaches above level, by sector of the compass. */
  skyline: z
    .array(
      open({
        fromDeg: z.number().min(0).max(360),
        toDeg: z.number().min(0).max(360),
        elevationDeg: z.number().min(0).max(89),
      }),
    )
    .max(36),
  shelves: z.array(shelfSchema).max(20),
  /** Bare earth, which carries whatever stands on it. */
  isEarth: z.boolean().optional(),
  /** From the building's papers; without them no verdict. */
  allowedKnM2: z.number().min(0.1).max(50).optional(),
  /** Line load along the outer edge that the papers allow. */
  allowedKnM: z.number().min(0.05).max(50).optional(),
}).superRefine((plan, context) => {
  const { corners, sides, door } = plan
  const report = (code: string, path: PropertyKey[], params = {}) =>
    context.addIssue(customIssue(code, path, params))
  // Too few corners were reported already, and cannot be looked at.
  if (corners.length < 3) return
  if (isSelfCrossing(corners)) report('outlineCrosses', ['corners'])
  else if (Math.abs(polygonAreaMm2(corners)) < LEAST_AREA_MM2) report('spaceTooSmall', ['corners'])
  if (sides.length !== corners.length)
    return report('sidesMissing', ['sides'], { given: sides.length, limit: corners.length })
  if (!door) return
  const side = sides[door.sideIndex]
  if (side?.kind !== 'house' && side?.kind !== 'wall') report('doorInNoWall', ['door', 'sideIndex'])
  else if (door.fromMm + door.widthMm > edgeLengthMm(corners, door.sideIndex))
    report('doorBesideWall', ['door', 'fromMm'], {
      given: door.fromMm,
      limit: Math.max(0, edgeLengthMm(corners, door.sideIndex) - door.widthMm),
    })
})
export type Plan = z.infer<typeof planSchema>

/** Floor of a plan, m². */
export const floorAreaM2 = (plan: Plan): number => Math.abs(polygonAreaMm2(plan.corners)) / 1e6

export interface RectangleMeasures {
  /** Along the house. */
  readonly widthMm: number
  /** Away from it. */
  readonly depthMm: number
  readonly facingDeg: number
}

/**
 * A plain rectangular space: the house behind, a railed parapet in front, both
 * ends open. The corners run from the house's left, as seen from above with the
 * house below.
 */
export const rectangularPlan = ({ widthMm, depthMm, facingDeg }: RectangleMeasures): Plan => ({
  corners: [
    { xMm: 0, yMm: 0 },
    { xMm: widthMm, yMm: 0 },
    { xMm: widthMm, yMm: depthMm },
    { xMm: 0, yMm: depthMm },
  ],
  sides: [
    { kind: 'house' },
    { kind: 'open' },
    { kind: 'parapet', solidMm: 0, railMm: 1000 },
    { kind: 'open' },
  ],
  facingDeg,
  skyline: [],
  shelves: [],
})
