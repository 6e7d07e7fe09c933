import { innerSizeMm, standingRimMm, tippingWind } from '../../container'
import { addDays, memory, reason, type Reason } from '../../units'
import { plantKgOn, stateAt, type GardenCourse, type PotCourse } from '../course'
import { HOURS_A_DAY } from '../../weather'
import { doneOn, potFacts, type PotFacts } from './facts'
import { jobsOf, whenever, type Times } from './schedule'
import type { Job } from './job'

/** Gust over the mean wind of its day, where no gust is known (memory). */
const GUST_TIMES = 1.6
/** One side of all leaves over the ground that they draw water for (memory). */
const LEAF_OVER_CANOPY = 2.5
/** Within a quarter of the gust that tips it, it is to be secured. */
const NEAR_SHARE = 0.75
/** So far ahead wind is looked for, days. */
const AHEAD_DAYS = 4
/** What was tied or set together stays so, days (memory). */
const HOLDS_DAYS = 30

/** The gust at a pot on a day, m/s; undefined where the day's weather is not known. */
export const gustOn = ({ course, pot, weatherOn, isKnown }: PotFacts, day: number) => {
  // Where nobody told the wind, none is guessed.
  if (!isKnown(day) || course.sky.days[day]?.windMS === undefined) return undefined
  const here = weatherOn(day)
  return here && here.windMS * GUST_TIMES * (pot.container.exposure === 'windy' ? 1.25 : 1)
}

/** The gusts at which a pot tips, m/s: dry, as it is, and just watered. */
export interface Tipping {
  readonly dryMS: number
  readonly nowMS: number
  readonly wateredMS: number
  readonly reasons: readonly Reason[]
}

/** Hung up or sunk in, it is the holder or the ground that counts. */
const isHeldOtherwise = ({ container }: Pick<PotCourse, 'container'>) =>
  container.type === 'basket' || !!container.sunken

/**
 * The wind that a pot can take with its plants as they stand; undefined where it hangs or
 * is sunk in, or nothing grows in it.
 */
function tippingOf({
  base,
  pot,
  day,
}: Pick<PotFacts, 'base' | 'pot' | 'day'>): Tipping | undefined {
  const { container, mass, water } = base
  if (isHeldOtherwise(base)) return undefined
  let [leafAreaM2, plantHeightMm] = [0, 0]
  for (const { course, planting } of pot.plants) {
    if (day < course.standsFrom || day >= course.endsOn) continue
    leafAreaM2 += (course.canopyM2[day] ?? 0) * LEAF_OVER_CANOPY * planting.count
    plantHeightMm = Math.max(plantHeightMm, course.heightMm[day] ?? 0)
  }
  if (leafAreaM2 <= 0) return undefined
  const foot = innerSizeMm(container.shape, 0)
  const wide = container.shape.kind === 'bowl' ? container.shape.diameterMm * 0.5 : 0
  const seen = {
    shape: container.shape.kind,
    baseMm: Math.max(wide, Math.min(foot.lengthMm, foot.widthMm)) + 2 * container.wallMm,
    rimMm: standingRimMm(container),
    leafAreaM2,
    plantHeightMm,
  }
  const plantKg = plantKgOn(pot.plants, day)
  const { missingL, reservoirL } = stateAt(
    pot,
    Math.min(pot.ofWater.nowHour, pot.weather.length * HOURS_A_DAY),
  )
  const missing = missingL.reduce((sum, litres) => sum + litres, 0) + water.reservoirL - reservoirL
  const tips = (massKg: number) => tippingWind({ ...seen, massKg })
  const now = tips(Math.max(mass.dryKg, mass.wateredKg - missing) + plantKg)
  return {
    dryMS: tips(mass.dryKg + plantKg).gustMS,
    nowMS: now.gustMS,
    wateredMS: tips(mass.wateredKg + plantKg).gustMS,
    reasons: now.reasons,
  }
}

/** The first day ahead whose gust comes near to what a pot can take; undefined where none does. */
function gustAhead(
  facts: PotFacts,
  tipping: Tipping,
): { readonly day: number; readonly gustMS: number } | undefined {
  for (let day = facts.day; day < facts.day + AHEAD_DAYS; day++) {
    const gustMS = gustOn(facts, day)
    if (gustMS !== undefined && gustMS >= NEAR_SHARE * tipping.nowMS) return { day, gustMS }
  }
  return undefined
}

/** To be tied, moved or set together before wind that would tip it. */
export function windJobs(facts: PotFacts, times: Times): readonly Job[] {
  const { containerId, pot, today, date, day } = facts
  const plantingIds = pot.plants.map(({ planting }) => planting.id)
  const moves = doneOn(facts, 'move')
  const done = doneOn(facts, 'secure', { since: addDays(today, -HOLDS_DAYS) })
  const last = done.at(-1)
  const stillHolds = last !== undefined && (moves.at(-1) ?? '') <= last
  const tipping = stillHolds ? undefined : tippingOf(facts)
  const ahead = tipping && gustAhead(facts, tipping)
  return jobsOf(
    {
      kind: 'secure',
      containerId,
      plantingIds,
      done,
      isOccasion: true,
      // The day before, once for all wind that is forecast.
      next: whenever(
        done,
        ahead && { from: date(Math.max(day, ahead.day - 1)), to: date(ahead.day) },
      ),
      details: () => ({
        tools: ['ties'],
        reasons:
          ahead && tipping
            ? [
                reason(
                  'job.secure.tips',
                  {
                    gustMS: ahead.gustMS,
                    gustDate: date(ahead.day),
                    dryMS: tipping.dryMS,
                    nowMS: tipping.nowMS,
                    wateredMS: tipping.wateredMS,
                  },
                  memory,
                ),
                ...tipping.reasons,
              ]
            : [],
        cautions: [reason('job.caution.below')],
      }),
    },
    times,
  )
}

/** What wind a pot can take, and the gust ahead that comes near to it. */
export interface PotWind {
  readonly tipping: Tipping
  readonly ahead: { readonly gustMS: number; readonly date: string } | undefined
}

/** How a pot of a course stands in the wind; undefined where it hangs, is sunk in, or nothing grows in it. */
export function windOf(course: GardenCourse, pot: PotCourse): PotWind | undefined {
  const facts = potFacts(course, pot, [])
  const tipping = tippingOf(facts)
  if (!tipping) return undefined
  const ahead = gustAhead(facts, tipping)
  return { tipping, ahead: ahead && { gustMS: ahead.gustMS, date: facts.date(ahead.day) } }
}
