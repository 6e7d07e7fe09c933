import { z } from 'zod'
import { customIssue, idSchema, nameSchema, open } from '../units'
import { labelSchema } from './label'
import {
  cutOutsSchema,
  holesSchema,
  layersSchema,
  pourTestSchema,
  reservoirSchema,
  ringsSchema,
  sunkenSchema,
  towerSchema,
  type PartName,
} from './parts'
import { MOST_CODE_LENGTH } from './code'
import { shapeSchema } from './shapeSchema'
import { slipsOf } from './slips'

export const containerTypes = [
  'pot',
  'bucket',
  'halfBarrel',
  'fabricBag',
  'flatBag',
  'box',
  'deepBox',
  'reservoirBox',
  'reservoirBucket',
  'tower',
  'basket',
  'sunkenPot',
] as const
export const materials = [
  'plastic',
  'terracotta',
  'glazed',
  'fabric',
  'metal',
  'wood',
  'liner',
] as const
export const exposures = ['sheltered', 'open', 'windy'] as const
export const wallColours = ['black', 'dark', 'clay', 'middle', 'pale', 'white'] as const

/** Which part beside the shape a kind of container has. */
export const partOf: Readonly<Partial<Record<(typeof containerTypes)[number], PartName>>> = {
  flatBag: 'rings',
  deepBox: 'layers',
  reservoirBox: 'reservoir',
  reservoirBucket: 'reservoir',
  tower: 'tower',
  sunkenPot: 'sunken',
}

/** Where a container stands on its space, its middle, mm from the plan's origin. */
export const standingSchema = open({
  xMm: z.number().min(-100_000).max(100_000),
  yMm: z.number().min(-100_000).max(100_000),
  /** Turned so that its length lies along y. */
  isTurned: z.boolean(),
})

/** What was learned of a container in a season, drawn towards what is usual as far as it is unsure. */
export const carriedSchema = open({
  season: z.string().min(1).max(20),
  /** What its plants drink over what is reckoned. */
  thirst: z.number().min(0.2).max(5).optional(),
  /** What it gives over what is expected. */
  yieldShare: z.number().min(0).max(5).optional(),
  /** What warmth its plants need to first ripe fruit, over what their varieties do. */
  ripeShare: z.number().min(0.5).max(2).optional(),
})
export type Carried = z.infer<typeof carriedSchema>

/** A container as it stands in the garden. */
export const containerSchema = open({
  id: idSchema,
  /** Short name on the drawings and lists, such as "B1". */
  code: z.string().trim().min(1).max(MOST_CODE_LENGTH),
  name: nameSchema,
  type: z.enum(containerTypes),
  shape: shapeSchema,
  /** Height of the mix above the inner floor. */
  fillMm: z.number().positive(),
  wallMm: z.number().min(0).max(100),
  material: z.enum(materials),
  /** Left out where it is the usual one of the material. */
  colour: z.enum(wallColours).optional(),
  /** A double or lined wall that keeps the sun's heat out. */
  isInsulated: z.boolean().optional(),
  /** Number in the triangle on a plastic container. */
  resinCode: z.number().int().min(1).max(7).optional(),
  holes: holesSchema.optional(),
  label: labelSchema.optional(),
  pourTest: pourTestSchema.optional(),
  /** Its measures are those usual for what it is sold as: nobody has held a tape to it. */
  isTypical: z.boolean().optional(),
  /** How much of a soft wall is rolled down, to be unrolled as the plant grows. */
  rolledMm: z.number().min(0).max(2000).optional(),
  /** Thickness of a moss, coir or felt liner inside the measures given. */
  linerMm: z.number().min(0).max(80).optional(),
  reservoir: reservoirSchema.optional(),
  rings: ringsSchema.optional(),
  cutOuts: cutOutsSchema.optional(),
  tower: towerSchema.optional(),
  layers: layersSchema.optional(),
  sunken: sunkenSchema.optional(),
  spaceId: idSchema,
  /** Left out until it was placed. */
  standing: standingSchema.optional(),
  /** It is not to be carried elsewhere: sunk, fixed or too heavy. */
  isFixed: z.boolean().optional(),
  /** Which mix is in it. */
  recipeId: idSchema.optional(),
  mulchMm: z.number().min(0).max(200),
  /** What an earlier season told of it, as the gardener took it over into the next plan. */
  carried: carriedSchema.optional(),
  exposure: z.enum(exposures),
  /** Height of its floor above the ground; below zero where it is sunk. */
  baseHeightMm: z.number().min(-1000).max(3000),
}).superRefine((container, context) => {
  for (const { code, path, given, limit } of slipsOf(container))
    context.addIssue(customIssue(code, [...path], { given, limit }))
})
export type Container = z.infer<typeof containerSchema>
export type ContainerType = Container['type']
export type Material = Container['material']
export type Exposure = Container['exposure']
export type WallColour = (typeof wallColours)[number]
export type Standing = z.infer<typeof standingSchema>
