import { z } from 'zod'
import { customIssue, dateSchema, open, shareSchema } from '../units'

const tempSchema = z.number().min(-60).max(60)

/** One day's weather, as measured, forecast or typed. What is not known is left out. */
export const dailyWeatherSchema = open({
  date: dateSchema,
  tempMaxC: tempSchema,
  tempMinC: tempSchema,
  humidityMaxShare: shareSchema.optional(),
  humidityMinShare: shareSchema.optional(),
  /** Mean wind of the day, m/s, at 2 m above ground. */
  windMS: z.number().min(0).max(60).optional(),
  sunshineH: z.number().min(0).max(24).optional(),
  radiationMjM2: z.number().min(0).max(50).optional(),
  rainMm: z.number().min(0).max(1000).optional(),
  /** Left out where it was measured or typed. */
  source: z.enum(['simulated']).optional(),
}).superRefine((day, context) => {
  if (day.tempMinC > day.tempMaxC)
    context.addIssue(
      customIssue('minOverMax', ['tempMinC'], { given: day.tempMinC, limit: day.tempMaxC }),
    )
  const { humidityMinShare: low, humidityMaxShare: high } = day
  if (low !== undefined && high !== undefined && low > high)
    context.addIssue(customIssue('humidityMinOverMax', ['humidityMinShare'], {}))
})
export type DailyWeather = z.infer<typeof dailyWeatherSchema>

/** A day of a place, with what is usual there in the place of humidity that is not known. */
export type DayInPlace = DailyWeather & {
  /** How far the dew point lies below the lowest temperature of the day, K. */
  readonly dewBelowMinK?: number | undefined
}
