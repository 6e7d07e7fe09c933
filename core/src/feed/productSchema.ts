import { z } from 'zod'
import { customIssue, idSchema, nameSchema, open, shareSchema, type Provenance } from '../units'
import { analysisSchema } from './analysisSchema'

export const productForms = [
  'granularOrganic',
  'mineralGranules',
  'mineralSalt',
  'solubleCrystals',
  'liquid',
  'controlledRelease',
  'lime',
  'compost',
  /** Goes into the mix and feeds nothing: a wetting agent, a root fungus. */
  'additive',
  'notFeed',
] as const
export type ProductForm = (typeof productForms)[number]

export const placements = [
  'wholeMix',
  'throughUpperTwoThirds',
  'holeBelowRoots',
  'ring',
  'dryRimRing',
  'topDress',
  'drench',
  'foliar',
] as const
export type Placement = (typeof placements)[number]

export const feedCautions = [
  'dogs',
  'dust',
  'manure',
  'lime',
  'woodAsh',
  'spray',
  'homeMade',
] as const
export type FeedCaution = (typeof feedCautions)[number]

const amount = z.number().positive().max(10_000)
const litres = z.number().positive().max(1000)

/** Dry or liquid: labels of liquids speak of millilitres, all others of grams. */
export const amountUnits = ['g', 'ml'] as const

/** One way a label tells how much. */
export const labelRateSchema = z.discriminatedUnion('kind', [
  open({
    kind: z.literal('perLitreMix'),
    leastG: amount.optional(),
    massG: amount,
    mostG: amount.optional(),
  }),
  open({ kind: z.literal('perM2'), massG: amount, mostG: amount.optional() }),
  /** For a pot of so many litres; larger and smaller ones in proportion. */
  open({
    kind: z.literal('perPot'),
    massG: amount,
    mostG: amount.optional(),
    potVolumeL: litres,
    /** Holds for this way of giving it only. */
    placement: z.enum(placements).optional(),
  }),
  open({
    kind: z.literal('perLitreWater'),
    amount,
    mostAmount: amount.optional(),
    unit: z.enum(amountUnits),
  }),
  open({ kind: z.literal('perCan'), amount, unit: z.enum(amountUnits), canL: litres }),
  /** One part of it in so many of water. */
  open({ kind: z.literal('dilution'), waterParts: z.number().min(1).max(10_000) }),
  open({
    kind: z.literal('capful'),
    caps: z.number().positive().max(50),
    capMl: z.number().positive().max(500),
    canL: litres,
  }),
])
export type LabelRate = z.infer<typeof labelRateSchema>
export const labelRateKinds = [
  'perLitreMix',
  'perM2',
  'perPot',
  'perLitreWater',
  'perCan',
  'dilution',
  'capful',
] as const

/** One way to buy it. */
const productPackSchema = open({
  massG: z.number().positive().max(1_000_000),
  price: z.number().min(0).max(10_000),
})

/** A feed, as its label tells of it. */
export const productSchema = open({
  id: idSchema,
  /** The gardener's own name for it; the generic ones are named by the interface. */
  name: nameSchema.optional(),
  form: z.enum(productForms),
  analysis: analysisSchema,
  /** Of its nitrogen, what is not nitrate: ammonium, urea and bound in organic matter. */
  ammoniumShare: shareSchema.optional(),
  /** Of its nitrogen, what is urea, which does not conduct; counted in `ammoniumShare` too. */
  ureaShare: shareSchema.optional(),
  /** Made at home and of unknown strength: between so many times what its analysis says. */
  strengthTimes: open({
    least: z.number().min(0).max(1),
    most: z.number().min(1).max(20),
  }).optional(),
  /** What a loose millilitre weighs, g; a liquid's density. Unknown until weighed, where left out. */
  densityGMl: z.number().min(0.05).max(3).optional(),
  rates: z.array(labelRateSchema).max(8),
  /** Days between two feeds at least, and at most. */
  leastDays: z.number().int().min(1).max(365).optional(),
  mostDays: z.number().int().min(1).max(365).optional(),
  /** Controlled release: days that the label gives for 21 °C. */
  longevityDays: z.number().int().min(14).max(720).optional(),
  /** What dissolves in a litre of cold water, g. */
  solubilityGL: z.number().positive().max(3000).optional(),
  placement: z.enum(placements),
  cautions: z.array(z.enum(feedCautions)),
  packs: z.array(productPackSchema).max(8),
}).superRefine((product, context) => {
  if (product.form === 'controlledRelease' && product.longevityDays === undefined)
    context.addIssue(customIssue('longevityMissing', ['longevityDays']))
})
export type FeedProduct = z.infer<typeof productSchema> & { readonly provenance?: Provenance }
