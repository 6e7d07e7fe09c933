import { z } from 'zod'
import { containerSchema } from '../container'
import { feedPlanSchema, productSchema, waterFiguresSchema, waterSourceSchema } from '../feed'
import { ingredientSchema, mixTestSchema, recipeSchema } from '../mix'
import { placeSchema, spaceSchema } from '../place'
import { varietySchema } from '../plant'
import { dateSchema, dateTimeSchema, idSchema, measuresSchema, nameSchema, open } from '../units'
import { dailyWeatherSchema, MOST_WEATHER_DAYS, normalsSchema } from '../weather'
import { arrangementSchema } from './arrangementSchema'
import { GARDEN_FORMAT, GARDEN_VERSION } from './format'
import { jobChangeSchema, ownJobSchema } from './jobChanges'
import { recordSchema } from './kinds'
import { shopSchema } from './shops'
import { trialSchema } from './trial'
import { waysSchema } from './waysSchema'

export const unitSystems = ['metric', 'us', 'imperial'] as const

/** Plants of one variety in one container. */
export const plantingSchema = open({
  id: idSchema,
  containerId: idSchema,
  varietyId: idSchema,
  count: z.number().int().min(1).max(60),
  /** Day they were planted out. */
  plantedOn: dateSchema,
})
export type Planting = z.infer<typeof plantingSchema>

export const settingsSchema = open({
  unitSystem: z.enum(unitSystems),
  measures: measuresSchema,
  /** Code of the money that prices are in, as in ISO 4217. */
  currency: z.string().regex(/^[A-Z]{3}$/),
  /** First day of a week, 1 Monday to 7 Sunday; Monday where left out. */
  weekStartsOn: z.number().int().min(1).max(7).optional(),
  /** What a kilo of the same costs in a shop, to compare with. */
  fruitPrices: open({
    tomato: z.number().min(0).max(10_000).optional(),
    pepper: z.number().min(0).max(10_000).optional(),
  }).optional(),
  /** Bagged mix as it is sold where the gardener buys, to compare with. */
  baggedMix: open({
    looseL: z.number().positive().max(5000),
    price: z.number().min(0).max(10_000),
  }),
  /** What comes out of the can before anything is in it. */
  water: waterSourceSchema,
  /** What is in water that a record says came from elsewhere; usual figures where left out. */
  waters: open({
    tap: waterFiguresSchema.optional(),
    stood: waterFiguresSchema.optional(),
    rain: waterFiguresSchema.optional(),
  }).optional(),
})
export type Settings = z.infer<typeof settingsSchema>

/** A record that was deleted, and when. */
const binnedSchema = open({ record: recordSchema, deletedAt: dateTimeSchema })
export type Binned = z.infer<typeof binnedSchema>

/** A moment with its milliseconds, and the device. */
const stampSchema = z.string().min(1).max(200)

/** What a garden is made of, each thing by itself. */
export const gardenFields = open({
  format: z.literal(GARDEN_FORMAT),
  version: z.literal(GARDEN_VERSION),
  id: idSchema,
  name: nameSchema,
  /** A garden whose clock stands still at this moment: the demo. */
  clock: dateTimeSchema.optional(),
  settings: settingsSchema,
  place: placeSchema,
  spaces: z.array(spaceSchema).min(1).max(50),
  /** In walking order. */
  containers: z.array(containerSchema).max(500),
  /** The gardener's own, beside the catalogue. */
  varieties: z.array(varietySchema).max(500),
  plantings: z.array(plantingSchema).max(2000),
  /** The gardener's own, beside the usual ones. */
  recipes: z.array(recipeSchema).max(200),
  /** The gardener's own; one with the id of a typical ingredient stands in its place. */
  ingredients: z.array(ingredientSchema).max(200),
  mixTests: z.array(mixTestSchema).max(5000),
  /** The gardener's own feeds; one with the id of a generic one stands in its place. */
  products: z.array(productSchema).max(200),
  /** What each container is fed by, by its id. */
  feedPlans: z.record(idSchema, feedPlanSchema),
  /** Left out until something was wished for. */
  arrangement: arrangementSchema.optional(),
  /** How this gardener goes about it; Rimbo's own ways where nothing is answered. */
  ways: waysSchema.optional(),
  jobChanges: z.array(jobChangeSchema).max(20_000).optional(),
  ownJobs: z.array(ownJobSchema).max(200).optional(),
  shops: z.array(shopSchema).max(50).optional(),
  trials: z.array(trialSchema).max(200).optional(),
  weather: z.array(dailyWeatherSchema).max(MOST_WEATHER_DAYS),
  /** Of the place, from a climate table; usual ones for its latitude where left out. */
  normals: normalsSchema.optional(),
  /** They were guessed from places nearby and taken as they are. */
  normalsAreGuessed: z.boolean().optional(),
  records: z.array(recordSchema).max(200_000),
  /** What was taken out of a list, and when: another device may still have it. */
  removed: z
    .array(
      open({
        list: z.string().min(1).max(40),
        id: z.string().min(1).max(800),
        at: stampSchema,
        /** How it was then, where other things may name it. */
        was: z.record(z.string(), z.unknown()).optional(),
      }),
    )
    .max(200_000)
    .optional(),
  /** When each field that is no list was changed last, by its name: a moment, and the device. */
  changed: z.record(z.string().max(40), stampSchema).optional(),
  /** The last change of each device that is in this garden, by the device's id. */
  devices: z.record(z.string().max(60), stampSchema).optional(),
  /** The order of the containers as somebody last set it, and when. */
  walkingOrder: open({ ids: z.array(idSchema).max(2000), at: stampSchema }).optional(),
  /** Records that were deleted; they can be brought back for a while. */
  bin: z.array(binnedSchema).max(200_000).optional(),
})

/** One garden: everything a gardener has entered, and nothing that can be derived from it. */
export type Garden = z.infer<typeof gardenFields>
