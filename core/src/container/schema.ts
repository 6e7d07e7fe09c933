import { z } from 'zod'
import { customIssue, idSchema, nameSchema, open } from '../units'
import { labelSchema } from './label'
import { rimHeightMm, shapeSchema } from './shape'

export const containerTypes = ['pot', 'bucket', 'fabricBag', 'box', 'basket'] as const
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

/** A container as it stands in the garden. */
export const containerSchema = open({
  id: idSchema,
  /** Short name on the drawings and lists, such as "B1". */
  code: z.string().trim().min(1).max(6),
  name: nameSchema,
  type: z.enum(containerTypes),
  shape: shapeSchema,
  /** Height of the mix above the inner floor. */
  fillMm: z.number().positive(),
  wallMm: z.number().min(0).max(100),
  material: z.enum(materials),
  label: labelSchema.optional(),
  spaceId: idSchema,
  /** Which mix is in it. */
  recipeId: idSchema.optional(),
  mulchMm: z.number().min(0).max(200),
  exposure: z.enum(exposures),
  /** Height of its floor above the ground; below zero where it is sunk. */
  baseHeightMm: z.number().min(-1000).max(3000),
}).superRefine((container, context) => {
  const limit = rimHeightMm(container.shape)
  if (container.fillMm > limit)
    context.addIssue(customIssue('fillOverRim', ['fillMm'], { given: container.fillMm, limit }))
})
export type Container = z.infer<typeof containerSchema>
export type ContainerType = Container['type']
export type Material = Container['material']
export type Exposure = Container['exposure']
