import { feedProductOf } from '../../garden'
import { overOn } from '../../plant'
import { practice, reason, type Reason } from '../../units'
import { daysDone, doneOn, type PlantFacts, type PotFacts } from './facts'
import { stormHold } from './holds'
import { dayInCourse } from './days'
import { gustOn } from './wind'
import type { Job } from './job'
import { every, jobsOf, type Times } from './schedule'

/** Looked over twice a week, weeded once (practice); turned once a week indoors (memory). */
const LOOK_DAYS = 3
const LOOK_WINDOW_DAYS = 1
const WEED_DAYS = 7
const TURN_DAYS = 7
/** What is sprayed is sprayed again after so many days, if its label says nothing else (practice: 5–7). */
const SPRAY_DAYS = 7
/** Never in heat or wind (practice), °C and m/s of gust. */
const SPRAY_MOST_C = 28
const SPRAY_MOST_MS = 6

/** Looking over, weeding, turning, spraying. */
export function tendingJobs(
  facts: PotFacts,
  plants: readonly PlantFacts[],
  times: Times,
): readonly Job[] {
  const { base, pot, containerId, date, ways, garden, atHand, day } = facts
  if (!plants.length) return []
  const plantingIds = plants.map(({ plant }) => plant.planting.id)
  const from = Math.max(0, Math.min(...plants.map((plant) => plant.from)))
  const to =
    Math.min(
      pot.weather.length,
      Math.max(...plants.map((plant) => Math.min(plant.endsOn, overOn(plant.growth)))),
    ) - 1
  if (to < from) return []
  const span = { from: date(from), to: date(to) }
  const later = { ...span, from: date(Math.min(to, from + 2)) }
  const one = { containerId, plantingIds }
  const since = { since: span.from }
  const isBare = base.container.mulchMm === 0
  const isIndoors = base.state.isIndoors
  const sprays =
    ways.copper === 'byLabel'
      ? atHand.filter((id) => feedProductOf(garden, id)?.cautions.includes('spray'))
      : []
  return [
    ...jobsOf(
      {
        ...one,
        kind: 'lookOver',
        until: span.to,
        done: daysDone(doneOn(facts, 'look', since)),
        next: every(LOOK_DAYS, later, LOOK_WINDOW_DAYS),
        details: () => ({ reasons: [reason('job.lookOver.twice', {}, practice)] }),
      },
      times,
    ),
    ...jobsOf(
      {
        ...one,
        kind: 'weed',
        until: span.to,
        done: daysDone(doneOn(facts, 'weed', since)),
        next: isBare && !isIndoors ? every(WEED_DAYS, later, 3) : () => undefined,
        details: () => ({
          tools: ['fingers'],
          reasons: [reason('job.weed.bare', {}, practice)],
          held: stormHold(facts),
        }),
      },
      times,
    ),
    ...jobsOf(
      {
        ...one,
        kind: 'turn',
        done: daysDone(doneOn(facts, 'did', { ...since, is: ({ what }) => what === 'turn' })),
        next: isIndoors
          ? every(TURN_DAYS, { from: date(Math.max(from, day)), to: span.to }, 3)
          : () => undefined,
        details: () => ({ reasons: [reason('job.turn.window', {}, practice)] }),
      },
      times,
    ),
    ...jobsOf(
      {
        ...one,
        kind: 'spray',
        done: daysDone(doneOn(facts, 'spray', since)),
        next: sprays.length
          ? every(SPRAY_DAYS, { from: date(Math.max(from, day)), to: span.to }, 3)
          : () => undefined,
        details: (on) => ({
          hour: 19,
          amounts: sprays.slice(0, 1).map((of) => ({ what: 'count' as const, value: 1, of })),
          tools: ['sprayer', 'gloves'],
          reasons: [reason('job.spray.asked', {}, practice)],
          cautions: [reason('job.caution.spray'), reason('job.caution.label')],
          held: sprayHold(
            facts,
            dayInCourse(facts, on),
            plants.some(({ growth }) => hasFlowers(growth, dayInCourse(facts, on))),
          ),
        }),
      },
      times,
    ),
  ]
}

const hasFlowers = (
  { trusses }: { readonly trusses: readonly { opensOn: number }[] },
  day: number,
) => trusses.some(({ opensOn }) => opensOn <= day && day < opensOn + SPRAY_DAYS)

function sprayHold(facts: PotFacts, day: number, isFlowering: boolean): Reason | undefined {
  const here = facts.isKnown(day) ? facts.weatherOn(day) : undefined
  if (here && here.tempMaxC > SPRAY_MOST_C)
    return reason('job.hold.sprayHeat', { tempC: here.tempMaxC }, practice)
  const gustMS = gustOn(facts, day)
  if (gustMS !== undefined && gustMS > SPRAY_MOST_MS)
    return reason('job.hold.sprayWind', { gustMS }, practice)
  return isFlowering ? reason('job.hold.bees', {}, practice) : stormHold(facts, day)
}
