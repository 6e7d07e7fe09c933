import { z } from 'zod'
import { checked, dateSchema } from '../units'
import { guessNormals } from './climates'
import { generatorFromNormals, normalsSchema } from './generator'
import type { DailyWeather } from './schema'
import { simulatedWeather } from './simulated'

/** What the simulated weather service is asked. */
export const weatherRequestSchema = z.object({
  latitudeDeg: z.number().min(-66).max(66),
  elevationM: z.number().min(-430).max(5000),
  coastal: z.boolean(),
  /** Of the place; usual ones for its latitude where left out. */
  normals: normalsSchema.optional(),
  /** The day it is asked. */
  on: dateSchema,
  /** Days before it. */
  pastDays: z.number().int().min(0).max(400),
  /** Another seed, another sky. */
  seed: z.number().int().min(0).max(1_000_000),
})
export type WeatherRequest = z.infer<typeof weatherRequestSchema>

/**
 * The answer of the simulated weather service: days past and a forecast of seven
 * days. The same wherever it is worked out, in the service or in the browser.
 *
 * @throws InputError naming what is wrong with the request
 */
export function answerWeather(given: unknown): readonly DailyWeather[] {
  const { normals, on, pastDays, seed, ...site } = checked(weatherRequestSchema, given)
  const model = generatorFromNormals(normals ?? guessNormals(site), site)
  return simulatedWeather(model, on, pastDays, seed)
}
