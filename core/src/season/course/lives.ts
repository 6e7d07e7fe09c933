import type { Container } from '../../container'
import { plantedDepthMm, pruningsOf, varietyOf, type Garden, type Planting } from '../../garden'
import {
  sharedYield,
  type PlantPruning,
  type PlantStart,
  type RelativeYield,
  type RoomFrom,
  type Variety,
} from '../../plant'
import { dayOf, remembered } from '../../units'
import { HOURS_A_DAY } from '../../weather'
import { staysIn } from './changes'
import type { PotBase } from './pot'
import { stretchOn, type HourStretch } from './stretches'

/** The life of one planting in one container. */
export interface PlantLife {
  readonly planting: Planting
  readonly variety: Variety
  /** Day or moment from which it stands here, and the one from which it no longer does. */
  readonly from: string
  readonly until?: string
  readonly plantedDepthMm: number
  readonly prunings: readonly PlantPruning[]
}

const lifeOf = remembered(
  (
    planting: Planting,
    variety: Variety,
    from: string,
    until: string | undefined,
    depthMm: number,
    pruned: ReturnType<typeof pruningsOf>,
  ): PlantLife => ({
    planting,
    variety,
    from,
    ...(until !== undefined && { until }),
    plantedDepthMm: depthMm,
    prunings: pruned.map(({ at, what }) => ({ date: dayOf(at), what })),
  }),
)

/**
 * What stood, stands and is to stand in a container; what had left before the span is not
 * counted.
 *
 * @param span first and last day
 */
export const livesIn = (
  garden: Garden,
  { id }: Container,
  span: { readonly from: string },
): readonly PlantLife[] =>
  staysIn(garden, id).flatMap(({ planting, from, left }) => {
    const variety = varietyOf(garden, planting.varietyId)
    if (!variety || (left && left.at < span.from)) return []
    return [
      lifeOf(
        planting,
        variety,
        from,
        left?.at,
        plantedDepthMm(garden, planting),
        pruningsOf(garden, planting, id),
      ),
    ]
  })

const hasBegun = ({ from }: PlantLife, day: string) => dayOf(from) <= day
const isOver = ({ until }: PlantLife, day: string) => until !== undefined && dayOf(until) <= day

/**
 * The room for roots from each change on: a pot topped up has more of it, and whoever
 * comes or goes takes or leaves a share.
 *
 * @param dates of the course
 */
export function roomsOf(
  stretches: readonly HourStretch[],
  lives: readonly PlantLife[],
  dates: readonly string[],
): readonly RoomFrom[] {
  const first = dates[0]!
  const ofStretches = stretches.map(({ fromHour }) => dates[Math.floor(fromHour / HOURS_A_DAY)])
  const ofLives = lives.flatMap(({ from, until }) => [
    dayOf(from),
    ...(until === undefined ? [] : [dayOf(until)]),
  ])
  const last = dates.at(-1)!
  const days = [...new Set([first, ...ofStretches, ...ofLives])].filter(
    (date) => date !== undefined && date >= first && date <= last,
  ) as string[]
  const indexOf = new Map(dates.map((date, index) => [date, index]))
  return days.sort().map((from) => {
    const { volumes } = stretchOn(stretches, (indexOf.get(from)! + 1) * HOURS_A_DAY - 1).base
    const { rootVolumeL, cells } = volumes
    const standing = lives.filter((life) => hasBegun(life, from) && !isOver(life, from))
    const plantCount = standing.reduce((sum, { planting }) => sum + planting.count, 0)
    return { from, rootVolumeL, cells, plantCount: Math.max(1, plantCount) }
  })
}

/** What was done to the stems of a planting. */
export function treatedOf(
  { planting, from, until, plantedDepthMm: depthMm, prunings }: PlantLife,
  stretches: readonly HourStretch[],
  dates: readonly string[],
): Pick<PlantStart, 'endedOn' | 'movedInOn' | 'burials' | 'prunings'> {
  const { plantedOn } = planting
  const burials = stretches.flatMap(({ fromHour, base }, index) => {
    const before = stretches[index - 1]?.base.container
    const date = dates[Math.floor(fromHour / HOURS_A_DAY)]
    const buriedMm = base.container.fillMm - (before?.fillMm ?? base.container.fillMm)
    const isOfThis = date !== undefined && date > plantedOn && date >= dayOf(from)
    return buriedMm > 0 && isOfThis ? [{ date, buriedMm }] : []
  })
  return {
    endedOn: until && dayOf(until),
    movedInOn: from === plantedOn ? undefined : dayOf(from),
    burials: depthMm > 0 ? [{ date: plantedOn, buriedMm: depthMm }, ...burials] : burials,
    prunings,
  }
}

/** What plants of a life are expected to yield in a container as it stands. */
export const yieldIn = (
  { plantings, volumes, room }: PotBase,
  { planting, variety }: PlantLife,
): RelativeYield =>
  plantings.find((one) => one.planting === planting)?.yield ??
  sharedYield(variety, volumes, Math.max(1, room.plantCount))
