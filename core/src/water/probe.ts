import { randomLcg, randomNormal } from 'd3-random'
import { z } from 'zod'
import { checked, dateTimeSchema, open, shareSchema } from '../units'

/** What a soil probe tells at one moment. */
export interface ProbeReading {
  /** On the gardener's clock, `YYYY-MM-DDTHH:mm`. */
  readonly at: string
  /** Water, share of the volume, 0–1. */
  readonly moistureShare: number
  readonly tempC: number
  /** Conductivity of the wet mix, dS/m. */
  readonly ecDsM: number
}

const MOST_HOURS = 24 * 31

/** What the stand-in of a probe is asked for. */
export const probeRequestSchema = open({
  from: dateTimeSchema,
  hours: z.coerce.number().int().min(1).max(MOST_HOURS),
  /** Of the mix about it: drained, and at wilting. */
  fullShare: z.coerce.number().pipe(shareSchema),
  wiltingShare: z.coerce.number().pipe(shareSchema),
  /** What its plants use in a day by the model, share of the volume. */
  useShareADay: z.coerce.number().min(0).max(1),
  /** Hours after the first at which it was watered to the drip. */
  wateredAfterH: z
    .string()
    .default('')
    .transform((list) => list.split(',').filter(Boolean).map(Number))
    .pipe(z.array(z.number().int().min(0).max(MOST_HOURS)).max(200)),
  seed: z.coerce.number().int().min(0).max(1_000_000),
})
export type ProbeRequest = z.infer<typeof probeRequestSchema>

/** How a cheap probe errs (memory): blur, drift a day, silent spells, and plain nonsense. */
const ERRORS = { blurShare: 0.012, driftShareADay: 0.002, gapChance: 0.02, jumpChance: 0.01 }
const GAP_H = { least: 2, most: 9 }
const JUMP_SHARE = 0.3
/** Plants about a probe differ from the model by so much (memory). */
const THIRST_SD = 0.25
/** Salt of the water in the mix, dS/m, and how warm the mix is beside a mild day (memory). */
const SALT = { ecDsM: 1.6, meanC: 21, swingK: 4 }

const HOUR_MS = 3_600_000

/**
 * The readings of a simulated soil probe, hour by hour: a pot that is drawn down
 * by day and filled when it was watered, seen with noise, drift, gaps and now and
 * then a jump. A stand-in for a device: the same for the same seed.
 *
 * @throws InputError by field
 */
export function simulateProbe(given: unknown): readonly ProbeReading[] {
  const request = checked(probeRequestSchema, given)
  const { from, hours, fullShare, wiltingShare, useShareADay, wateredAfterH, seed } = request
  const uniform = randomLcg((seed + 0.5) / 1_000_001)
  const normal = randomNormal.source(uniform)(0, 1)
  const thirst = Math.exp(THIRST_SD * normal())
  const start = Date.parse(`${from}:00Z`)
  const readings: ProbeReading[] = []
  let water = fullShare
  let silentUntil = 0
  for (let hour = 0; hour < hours; hour++) {
    const moment = new Date(start + hour * HOUR_MS)
    const ofDay = moment.getUTCHours()
    const sun = Math.max(0, Math.sin(((ofDay - 6) * Math.PI) / 14))
    // The hours of a day's sun, from six to eight, add up to about nine.
    water = Math.max(wiltingShare, water - (useShareADay * thirst * sun) / 8.9)
    if (wateredAfterH.includes(hour)) water = fullShare
    if (uniform() < ERRORS.gapChance)
      silentUntil = hour + GAP_H.least + Math.floor(uniform() * (GAP_H.most - GAP_H.least))
    const jump = uniform() < ERRORS.jumpChance ? JUMP_SHARE * (uniform() < 0.5 ? -1 : 1) : 0
    const seen = water + ERRORS.blurShare * normal() + (ERRORS.driftShareADay * hour) / 24 + jump
    const moistureShare = Math.round(Math.max(0, Math.min(1, seen)) * 1000) / 1000
    const warm = Math.cos(((ofDay - 16) * Math.PI) / 12)
    if (hour >= silentUntil)
      readings.push({
        at: moment.toISOString().slice(0, 16),
        moistureShare,
        tempC: Math.round((SALT.meanC + SALT.swingK * warm + 0.3 * normal()) * 10) / 10,
        ecDsM: Math.round(SALT.ecDsM * (fullShare / Math.max(0.05, water)) * 100) / 100,
      })
  }
  return readings
}

export interface ProbeCheck {
  /** Fit to be learned from. */
  readonly good: readonly ProbeReading[]
  /** Spells without a word. */
  readonly gaps: readonly { readonly from: string; readonly to: string }[]
  /** Readings that fall out of the row of their neighbours. */
  readonly jumps: readonly ProbeReading[]
}

/** Longer than this without a reading is a gap, hours. */
const GAP_FROM_H = 3
/** A reading so far from both its neighbours is none, share of the volume. */
const JUMP_FROM_SHARE = 0.12

/** Parts what a probe told into what can be used, and what is wrong with it. */
export function checkProbe(readings: readonly ProbeReading[]): ProbeCheck {
  const hoursTo = (one: ProbeReading, other: ProbeReading) =>
    (Date.parse(`${other.at}Z`) - Date.parse(`${one.at}Z`)) / HOUR_MS
  const isJump = (index: number) => {
    const own = readings[index]!.moistureShare
    const beside = [readings[index - 1], readings[index + 1]].filter((one) => one !== undefined)
    return (
      beside.length > 0 &&
      beside.every(({ moistureShare }) => Math.abs(moistureShare - own) > JUMP_FROM_SHARE)
    )
  }
  const jumps = readings.filter((_reading, index) => isJump(index))
  return {
    good: readings.filter((reading) => !jumps.includes(reading)),
    jumps,
    gaps: readings.flatMap((reading, index) => {
      const next = readings[index + 1]
      return next && hoursTo(reading, next) > GAP_FROM_H ? [{ from: reading.at, to: next.at }] : []
    }),
  }
}
