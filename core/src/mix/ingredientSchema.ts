import { z } from 'zod'
import { customIssue, idSchema, nameSchema, open, shareSchema } from '../units'
import { TABLED_SUCTIONS_CM } from './suctions'

export const packKinds = ['bag', 'bale', 'brick', 'block', 'sack'] as const
export const mixCautions = ['dust', 'compostDust', 'manure'] as const
export type Caution = (typeof mixCautions)[number]

/** One way to buy an ingredient. */
const packSchema = open({
  kind: z.enum(packKinds),
  /** What the label says: litres as packed, or kilos. */
  labelL: z.number().positive().max(5000).optional(),
  labelKg: z.number().positive().max(2000).optional(),
  /** What comes out of it, loosened or soaked. */
  looseL: z.number().positive().max(5000),
  /** In the gardener's own money. */
  price: z.number().min(0).max(10_000),
})
export type Pack = z.infer<typeof packSchema>

/** Nutrients that a plant can take up at once, mg in a loose litre. */
const nutrientsSchema = open({
  n: z.number().min(0).max(10_000),
  p: z.number().min(0).max(10_000),
  k: z.number().min(0).max(20_000),
  ca: z.number().min(0).max(20_000),
  mg: z.number().min(0).max(10_000),
})
export type NutrientsMgL = z.infer<typeof nutrientsSchema>

/** Something a mix can be made of, as a loose litre of it is. */
export const ingredientSchema = open({
  id: idSchema,
  /** The gardener's own name for it; the typical ones are named by the interface. */
  name: nameSchema.optional(),
  /** Dry mass of a loose litre, g. */
  bulkDensityGL: z.number().min(10).max(2500),
  /** The same as it comes out of its pack, with the water in it, g. */
  moistDensityGL: z.number().min(10).max(3000),
  /** Water held at 0, 10, 50, 100 and 15 000 cm of suction, share of volume. */
  waterShares: z.tuple([shareSchema, shareSchema, shareSchema, shareSchema, shareSchema]),
  ph: z.number().min(2).max(12),
  /** Buffering: ground limestone that raises the pH of a litre by one, g. */
  bufferGL: z.number().min(0).max(20),
  /** Share of its volume in particles above about 2 mm. */
  coarseShare: shareSchema,
  /** Carbon in its dry mass. */
  carbonShare: z.number().min(0).max(1),
  carbonToNitrogen: z.number().min(3).max(1000),
  /** Share of its carbon that decays in a season. */
  decayShare: shareSchema,
  /** Share of its volume that settles away in a season. */
  settleShare: z.number().min(0).max(0.6),
  /** Conductivity for water when soaked, cm a day. */
  conductivityCmD: z.number().positive().max(100_000),
  nutrientsMgL: nutrientsSchema,
  /** Salt, as the conductivity of a saturated extract, dS/m. */
  ecDsM: z.number().min(0).max(30),
  packs: z.array(packSchema).max(8),
  cautions: z.array(z.enum(mixCautions)),
  /** Measured by the gardener, rather than typical. */
  isMeasured: z.boolean().optional(),
}).superRefine((one, context) => {
  one.waterShares.forEach((share, index) => {
    if (index > 0 && share > one.waterShares[index - 1]!)
      context.addIssue(
        customIssue('waterRises', ['waterShares', index], {
          suctionCm: TABLED_SUCTIONS_CM[index]!,
          given: String(share),
        }),
      )
  })
  if (one.moistDensityGL < one.bulkDensityGL)
    context.addIssue(
      customIssue('moistUnderDry', ['moistDensityGL'], {
        given: String(one.moistDensityGL),
        dryDensityGL: one.bulkDensityGL,
      }),
    )
})
export type Ingredient = z.infer<typeof ingredientSchema>
