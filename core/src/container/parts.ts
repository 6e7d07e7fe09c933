import { z } from 'zod'
import { dateSchema, open } from '../units'

const lengthSchema = z.number().min(0).max(3000)
const sizeSchema = z.number().min(20).max(3000)

/** Water kept below the mix, which climbs from it by a wick or by a foot of mix that stands in it. */
export const reservoirSchema = open({
  /** The false floor that carries the mix, above the inner floor. */
  falseFloorMm: sizeSchema,
  /** The overflow hole, above the inner floor. */
  overflowMm: lengthSchema,
  feeding: z.enum(['wick', 'foot']),
  /** Feet of mix that stand down to the floor. */
  footCount: z.number().int().min(1).max(12),
  footDiameterMm: sizeSchema,
})

/** Bottomless rings that stand on a lying bag, one a plant. */
export const ringsSchema = open({
  count: z.number().int().min(1).max(12),
  topDiameterMm: sizeSchema,
  bottomDiameterMm: sizeSchema,
  heightMm: sizeSchema,
  /** Height of the mix in them. */
  fillMm: sizeSchema,
})

/** Openings cut into the film of a lying bag, one a plant. */
export const cutOutsSchema = open({
  count: z.number().int().min(1).max(12),
  diameterMm: sizeSchema,
})

/** Pockets round a column, tier above tier. */
export const towerSchema = open({
  tiers: z.number().int().min(1).max(12),
  pocketsPerTier: z.number().int().min(1).max(12),
  /** Mix of one pocket in a tower of stacked pots; left out for one open column. */
  pocketVolumeL: z.number().min(0.2).max(30).optional(),
})

/** What lies under the good mix of a deep box, from the floor up. */
export const layersSchema = open({
  fillerMm: lengthSchema,
  poorSoilMm: lengthSchema,
})

/** A pot without its bottom, or with part of it cut out, sunk into the earth by its base height. */
export const sunkenSchema = open({ floorCutShare: z.number().min(0.05).max(1) })

export const holesSchema = open({
  count: z.number().int().min(0).max(200),
  diameterMm: z.number().min(1).max(60),
})

/** Litres poured in up to the rim: a measurement, which goes before any geometry. */
export const pourTestSchema = open({
  rimVolumeL: z.number().min(0.1).max(5000),
  on: dateSchema.optional(),
})

/** Parts that a container of some kinds has beside its shape. */
export const partSchemas = {
  reservoir: reservoirSchema,
  rings: ringsSchema,
  cutOuts: cutOutsSchema,
  tower: towerSchema,
  layers: layersSchema,
  sunken: sunkenSchema,
} as const
export type PartName = keyof typeof partSchemas
