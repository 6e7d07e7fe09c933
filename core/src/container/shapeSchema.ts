import { z } from 'zod'
import { customIssue, open } from '../units'

/** Sizes a container of this trade can have, mm. A 20 m pot is a slip of the unit. */
export const sizeLimitsMm = { least: 20, most: 3000 } as const

const sizeSchema = z.number().min(sizeLimitsMm.least).max(sizeLimitsMm.most)

/** A bottom this much wider than the top is a slip, not a pot. */
const WIDEST_BOTTOM = 1.5

const tapers = (top: number, bottom: number) => bottom <= top * WIDEST_BOTTOM

/** A round inside, wider or narrower above; of a barrel the top is the belly, where it was sawn through. */
const taperedSchema = <K extends string>(kind: K) =>
  open({
    kind: z.literal(kind),
    topDiameterMm: sizeSchema,
    bottomDiameterMm: sizeSchema,
    heightMm: sizeSchema,
  }).superRefine((shape, context) => {
    if (!tapers(shape.topDiameterMm, shape.bottomDiameterMm))
      context.addIssue(customIssue('bottomTooWide', ['bottomDiameterMm']))
  })

const rectangularSchema = open({
  kind: z.literal('rectangular'),
  topLengthMm: sizeSchema,
  topWidthMm: sizeSchema,
  bottomLengthMm: sizeSchema,
  bottomWidthMm: sizeSchema,
  heightMm: sizeSchema,
}).superRefine((shape, context) => {
  if (!tapers(shape.topLengthMm, shape.bottomLengthMm))
    context.addIssue(customIssue('bottomTooWide', ['bottomLengthMm']))
  if (!tapers(shape.topWidthMm, shape.bottomWidthMm))
    context.addIssue(customIssue('bottomTooWide', ['bottomWidthMm']))
})

const bowlSchema = open({
  kind: z.literal('bowl'),
  diameterMm: sizeSchema,
  depthMm: sizeSchema,
}).superRefine((shape, context) => {
  if (shape.depthMm > shape.diameterMm) context.addIssue(customIssue('bowlTooDeep', ['depthMm']))
})

/**
 * Inside measures of a container. A bowl is a spherical cap: a basket. A barrel
 * is one sawn in half at its belly, its staves bent as an ellipse.
 */
export const shapeSchema = z.discriminatedUnion('kind', [
  taperedSchema('round'),
  rectangularSchema,
  bowlSchema,
  taperedSchema('barrel'),
])
export type Shape = z.infer<typeof shapeSchema>
