import { containerVolumes, standingRimMm, type Container } from '../../container'
import { USUAL_MULCH_MM } from '../../garden'
import { overOn } from '../../plant'
import { memory, practice, reason } from '../../units'
import { mixWarmthOf } from '../plant'
import { dayTall, daysDone, doneOn, type PlantFacts, type PotFacts } from './facts'
import { hottestC, workHold } from './holds'
import { dayInCourse } from './days'
import type { Job } from './job'
import { jobsOf, once, type Times } from './schedule'

/** A pot is part-filled with more room above its mix than mulch needs, mm (practice: 2.5–8 cm). */
const PART_FILLED_MM = 100
const LEFT_FREE_MM = 50
/** Topped up once the stem stands so far above the mix, mm, every few weeks (practice). */
const STEM_MM = 100
const TOP_UP_DAYS = 21
/** Of the stem above the mix, what a top-up buries at most (practice: up to two thirds). */
const BURIED_SHARE = 0.5
const WINDOW_DAYS = 10
/** Mulched once the mix is so warm, °C, or before heat (practice). */
const WARM_MIX_C = 18
const HOT_C = 29
/** Green grass only thin (practice). */
const GRASS_MM = 25
const LEAST_MULCH_MM = 15
/** So long before its end a plant is no longer mulched (memory). */
const MULCH_END_DAYS = 45
/** A week's mean of the air tells how warm a mix is (memory). */
const MEAN_DAYS = 7
const FULL_SUN_MJ_M2 = 25
/** Cut stems of a rolled bag: unrolled by so much each time, mm (memory). */
const UNROLL_MM = 120

/** Of a pot's plants the one that is to be buried first: tomatoes only, peppers stay as they are. */
const climber = (plants: readonly PlantFacts[]) =>
  plants.find(
    ({ variety, day, endsOn }) =>
      variety.crop === 'tomato' && variety.habit !== 'trailing' && day < endsOn,
  )

const filledTo = (container: Container, fillMm: number) =>
  containerVolumes({ ...container, fillMm }).fillVolumeL

/** Topping up, unrolling, mulching. */
export function fillingJobs(
  facts: PotFacts,
  all: readonly PlantFacts[],
  times: Times,
): readonly Job[] {
  const { base, pot, containerId, date } = facts
  const { container, volumes } = base
  const plants = all
  const plantingIds = plants.map(({ plant }) => plant.planting.id)
  const one = { containerId, plantingIds }
  const tall = climber(plants)
  const rimMm = standingRimMm(container)
  const freeMm = rimMm - container.fillMm
  const rolledMm = container.rolledMm ?? 0
  const isPart = freeMm > PART_FILLED_MM && !container.tower && !container.reservoir
  const stemOn = tall ? dayTall(tall, STEM_MM) : pot.weather.length
  const since = tall ? date(tall.from) : undefined
  const filledDays = [...doneOn(facts, 'topUp', since === undefined ? {} : { since })]
  const raiseMm = (on: number) =>
    tall
      ? Math.max(
          20,
          Math.min(
            freeMm - LEFT_FREE_MM,
            (tall.growth.heightMm[Math.min(on, tall.growth.days - 1)] ?? 0) * BURIED_SHARE,
          ),
        )
      : 0
  /** What is known of the one after the next is how the pot stands then. */
  const isAhead = (last: string | undefined) => last !== undefined && last > facts.today
  const isToFill = !!tall && isPart && stemOn < pot.weather.length
  const topUp = jobsOf(
    {
      ...one,
      kind: 'topUp',
      done: daysDone(filledDays),
      // Only the next: how much room is left then is seen then.
      next: (last) => {
        if (!isToFill || isAhead(last)) return undefined
        const at = Math.max(stemOn, last === undefined ? 0 : dayInCourse(facts, last) + TOP_UP_DAYS)
        return at < Math.min(tall.endsOn, pot.weather.length)
          ? { from: date(at), to: date(at + WINDOW_DAYS) }
          : undefined
      },
      details: (on) => {
        const raised = raiseMm(dayInCourse(facts, on))
        const recipeId = container.recipeId
        return {
          amounts: [
            {
              what: 'L',
              value: Math.max(
                0,
                filledTo(container, Math.min(rimMm, container.fillMm + raised)) -
                  volumes.fillVolumeL,
              ),
              ...(recipeId !== undefined && { of: recipeId }),
            },
            { what: 'mm', value: raised },
          ],
          tools: ['mix', 'fingers'],
          reasons: [reason('job.topUp.stem', { freeMm, stemMm: STEM_MM }, practice)],
          cautions: [reason('job.caution.dustWet')],
          held: workHold(facts),
        }
      },
    },
    times,
  )
  const rolledDays = daysDone(doneOn(facts, 'unroll', since === undefined ? {} : { since }))
  const unroll = jobsOf(
    {
      ...one,
      kind: 'unroll',
      done: rolledDays,
      next: (last) => {
        if (!tall || rolledMm <= 0 || isPart || isAhead(last)) return undefined
        const at = Math.max(stemOn, last === undefined ? 0 : dayInCourse(facts, last) + TOP_UP_DAYS)
        return at < Math.min(tall.endsOn, pot.weather.length)
          ? { from: date(at), to: date(at + WINDOW_DAYS) }
          : undefined
      },
      details: () => {
        const leftMm = Math.max(0, rolledMm - UNROLL_MM)
        const unrolled = { ...container, rolledMm: leftMm }
        const moreL =
          filledTo(unrolled, container.fillMm + (rolledMm - leftMm)) - volumes.fillVolumeL
        return {
          amounts: [
            { what: 'mm', value: leftMm, of: 'rolled' },
            {
              what: 'L',
              value: Math.max(0, moreL),
              ...(container.recipeId !== undefined && { of: container.recipeId }),
            },
          ],
          tools: ['mix'],
          reasons: [reason('job.unroll.stem', { rolledMm, stemMm: STEM_MM }, practice)],
          held: workHold(facts),
        }
      },
    },
    times,
  )
  return [
    ...topUp,
    ...unroll,
    ...mulchJobs(facts, plants, times, isToFill || (!!tall && rolledMm > 0)),
  ]
}

function mulchJobs(
  facts: PotFacts,
  all: readonly PlantFacts[],
  times: Times,
  isToBeFilled: boolean,
): readonly Job[] {
  const { base, ways, containerId, date, day, pot, weatherOn } = facts
  const { container, volumes } = base
  const plants = all.filter(({ endsOn }) => day < endsOn)
  const [first] = plants
  const standsFrom = Math.min(...plants.map(({ from }) => from))
  const freeMm = standingRimMm(container) - container.fillMm
  const depthMm = Math.min(ways.mulch === 'grass' ? GRASS_MM : USUAL_MULCH_MM, Math.max(0, freeMm))
  const done = first
    ? doneOn(facts, 'mulch', { since: date(standsFrom - 30), is: (one) => one.depthMm > 0 })
    : []
  const isWanted =
    !!first &&
    (container.mulchMm === 0 || done.length > 0) &&
    depthMm >= LEAST_MULCH_MM &&
    !isToBeFilled &&
    !container.tower
  let warmOn = Math.max(standsFrom + MEAN_DAYS, 0)
  const { sunGainK } = mixWarmthOf(base)
  const meanC = (on: number) => {
    let sum = 0
    for (let back = 0; back < MEAN_DAYS; back++) {
      const here = weatherOn(Math.max(0, on - back))
      // The sun makes the mix warmer than the air.
      if (here)
        sum +=
          (here.tempMaxC + here.tempMinC) / 2 + (sunGainK * here.radiationMjM2) / FULL_SUN_MJ_M2
    }
    return sum / MEAN_DAYS
  }
  const last =
    Math.min(
      ...plants.map((plant) => Math.min(plant.endsOn, overOn(plant.growth))),
      pot.weather.length,
    ) - MULCH_END_DAYS
  while (
    warmOn < last &&
    meanC(warmOn) < WARM_MIX_C &&
    !(warmOn >= day && hottestC(facts, warmOn) >= HOT_C)
  )
    warmOn++
  return jobsOf(
    {
      kind: 'mulch',
      containerId,
      until: date(last),
      plantingIds: plants.map(({ plant }) => plant.planting.id),
      done: done.slice(0, 1),
      next: once(
        isWanted && warmOn < last
          ? { from: date(warmOn), to: date(warmOn + WINDOW_DAYS) }
          : undefined,
      ),
      details: () => ({
        amounts: [
          { what: 'mm', value: depthMm, of: ways.mulch },
          { what: 'L', value: depthMm * volumes.surfaceM2, of: ways.mulch },
        ],
        tools: ['mulch'],
        reasons: [
          reason('job.mulch.warm', { tempC: WARM_MIX_C, depthMm }, practice),
          ...(depthMm < USUAL_MULCH_MM && ways.mulch !== 'grass'
            ? [reason('job.mulch.room', { freeMm }, memory)]
            : []),
          reason(ways.mulch === 'grass' ? 'job.mulch.grass' : 'job.mulch.stem', {}, practice),
        ],
      }),
    },
    times,
  )
}
