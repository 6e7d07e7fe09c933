import { z } from 'zod'
import { dateTimeSchema, idSchema, open, shareSchema, textSchema } from '../units'

const base = {
  id: idSchema,
  /** When it was done, on the gardener's clock. */
  at: dateTimeSchema,
  /** Left out where it concerns no container, such as sowing in trays. */
  containerId: idSchema.optional(),
  note: textSchema.optional(),
}

/** Which of several plantings in one container; all of them where left out. */
const ofPlanting = { plantingId: idSchema.optional() }

export const skipReasons = ['rain', 'stillWet', 'noTime'] as const
export const knuckles = ['first', 'second'] as const
export const feels = ['dry', 'moist', 'wet'] as const
export const signs = ['blossomEndRot', 'wilting', 'leafSpots', 'pests', 'other'] as const

const volumeSchema = z.number().positive().max(200)
const massSchema = z.number().positive().max(100_000)
const countSchema = z.number().int().positive().max(10_000)

/** One thing that was done or seen. */
export const recordSchema = z.discriminatedUnion('kind', [
  open({ ...base, kind: z.literal('sow'), varietyId: idSchema, count: countSchema }),
  open({ ...base, kind: z.literal('potOn'), varietyId: idSchema, count: countSchema }),
  open({ ...base, kind: z.literal('plant'), varietyId: idSchema, count: countSchema }),
  open({
    ...base,
    kind: z.literal('water'),
    volumeL: volumeSchema,
    /** Until it ran out below: it was full then, and the litres are only about what it took. */
    how: z.literal('untilDrip').optional(),
  }),
  open({ ...base, kind: z.literal('skipWater'), reason: z.enum(skipReasons) }),
  open({
    ...base,
    kind: z.literal('feed'),
    productId: idSchema,
    massG: massSchema.optional(),
    volumeL: volumeSchema.optional(),
  }),
  open({ ...base, kind: z.literal('lime'), massG: massSchema }),
  open({
    ...base,
    kind: z.literal('finger'),
    knuckle: z.enum(knuckles),
    feel: z.enum(feels),
  }),
  open({
    ...base,
    kind: z.literal('pick'),
    count: countSchema.optional(),
    massG: massSchema.optional(),
  }),
  open({
    ...base,
    ...ofPlanting,
    kind: z.literal('height'),
    heightMm: z.number().min(10).max(6000),
  }),
  /** The container with all in it, on a scale. */
  open({ ...base, kind: z.literal('weigh'), massKg: z.number().positive().max(1000) }),
  /** What ran out below after a watering. */
  open({ ...base, kind: z.literal('drained'), volumeL: z.number().min(0).max(200) }),
  /** A soil probe's reading. */
  open({
    ...base,
    kind: z.literal('probe'),
    moistureShare: shareSchema,
    depthMm: z.number().min(0).max(1000).optional(),
    tempC: z.number().min(-30).max(70).optional(),
    ecDsM: z.number().min(0).max(50).optional(),
  }),
  open({ ...base, ...ofPlanting, kind: z.literal('firstFlower') }),
  open({ ...base, ...ofPlanting, kind: z.literal('firstRipe') }),
  open({ ...base, kind: z.literal('sign'), sign: z.enum(signs) }),
  open({ ...base, kind: z.literal('note') }),
])
/** Every kind of record there is. */
export const recordKinds = recordSchema.options.map(({ shape }) => shape.kind.value)
export type GardenRecord = z.infer<typeof recordSchema>
export type RecordKind = GardenRecord['kind']
