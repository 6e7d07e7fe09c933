import { z } from 'zod'
import { idSchema, nameSchema, open } from '../units'

export const crops = ['tomato', 'pepper'] as const
/** Habits and kinds of fruit, by the crop that has them. */
export const habitsOf = {
  tomato: ['indeterminate', 'semiDeterminate', 'determinate', 'dwarf', 'trailing'],
  pepper: ['bushy'],
} as const
export const fruitClassesOf = {
  tomato: ['currant', 'cherry', 'plum', 'salad', 'beefsteak'],
  pepper: ['block', 'horn', 'mildHot', 'hot', 'veryHot', 'smallChilli'],
} as const
const habits = [...habitsOf.tomato, ...habitsOf.pepper] as const
const fruitClasses = [...fruitClassesOf.tomato, ...fruitClassesOf.pepper] as const

/** What has to be known of a plant to house, water and draw it. */
export const varietySchema = open({
  id: idSchema,
  /** A cultivar's own name; a habit class is named by the interface. */
  name: nameSchema.optional(),
  crop: z.enum(crops),
  /** Species where it is not the crop's usual one. */
  species: z.string().max(60).optional(),
  habit: z.enum(habits),
  fruitClass: z.enum(fruitClasses),
  /** From planting out to the first ripe fruit, in a normal summer. */
  daysToMaturity: z.number().int().min(30).max(200),
  /** Height of a grown plant with an unrestricted root. */
  matureHeightMm: z.number().min(80).max(4000),
  /** Ground that its grown leaves draw water for, sides counted in. */
  matureCanopyM2: z.number().min(0.005).max(2),
  /** Mix beyond which more gives no more fruit. */
  fullVolumeL: z.number().min(0.5).max(300),
})
export type Variety = z.infer<typeof varietySchema>
export type Crop = Variety['crop']
export type Habit = Variety['habit']
export type FruitClass = Variety['fruitClass']
