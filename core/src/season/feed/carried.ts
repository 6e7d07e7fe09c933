import {
  nutrients,
  ofNutrients,
  type NutrientAmounts,
  type NutrientLedger,
  type NutrientRows,
} from '../../feed'
import { mixesOf, seasonOfYear, seasonYearOf, type Fill, type GardenRecord } from '../../garden'
import { dayOf, daysBetween, remembered } from '../../units'
import { HOURS_A_DAY } from '../../weather'
import { gardenCourse, staysIn, stretchOn, type GardenCourse, type PotCourse } from '../course'

interface Fed {
  readonly ledger: NutrientLedger
}

/** What a season has left in a mix that is used again: at hand in the root zone, and its salt. */
export interface Carried {
  readonly leftG: NutrientAmounts
  readonly ecDsM: number
}

/** How far back a ledger is followed: what is older has been taken or washed out (memory). */
const MOST_SEASONS = 3

/** The first fill of a pot as it is planted; none where nobody knows when it was put in. */
const oldestOf = ({ stretches, plants }: PotCourse): Fill | undefined => {
  const plantedOn = Math.min(...plants.map(({ course }) => course.plantedOn))
  return stretchOn(stretches, Math.max(0, plantedOn) * HOURS_A_DAY).base.state.fills[0]
}

/**
 * What the season before has left of each nutrient and of salt, by its own ledger;
 * undefined where the mix was new this season, or nothing grew in it before.
 *
 * @param feedingFor the ledger of a pot in a course
 * @param depth      how many seasons were gone back already
 */
export function carriedInto(
  course: GardenCourse,
  pot: PotCourse,
  feedingFor: (course: GardenCourse, pot: PotCourse, depth: number) => Fed | undefined,
  depth: number,
): Carried | undefined {
  const { garden, from } = course
  const { latitudeDeg } = garden.place
  const filledOn = pot.plants.length ? oldestOf(pot)?.filledOn : undefined
  const year = seasonYearOf(course.today < from ? course.today : from, latitudeDeg)
  if (
    depth >= MOST_SEASONS ||
    filledOn === undefined ||
    seasonYearOf(filledOn, latitudeDeg) >= year
  )
    return undefined
  const before = seasonOfYear(year - 1, latitudeDeg)
  const grew = staysIn(garden, pot.container.id).some(
    (stay) => dayOf(stay.from) <= before.to && !(stay.left && dayOf(stay.left.at) < before.from),
  )
  const container = garden.containers.find(({ id }) => id === pot.container.id)
  if (!grew || !container) return undefined
  const then = gardenCourse(garden, before.to, before, [container])
  const feeding = feedingFor(then, then.pots[0]!, depth + 1)
  if (!feeding) return undefined
  return leftBy(feeding)
}

const leftBy = remembered(({ ledger }: Fed): Carried => {
  const last = ledger.days - 1
  return {
    leftG: ofNutrients((one) => ledger.rows[one].leftG[last]!),
    ecDsM: ledger.ecDsM[last]!,
  }
})

/** What mix that was added on the way brings, g a day: top-ups, and compost that is worked in. */
export function addedRows(
  garden: Parameters<typeof mixesOf>[0],
  pot: PotCourse,
  from: string,
  plantedOn: number,
): NutrientRows | undefined {
  const mixes = mixesOf(garden)
  const days = pot.weather.length
  const rows = Object.fromEntries(
    nutrients.map((one) => [one, new Float64Array(days)]),
  ) as unknown as NutrientRows
  let isAny = false
  const last = pot.stretches.at(-1)!.base.state
  for (const { filledOn, recipeId, volumeL } of last.fills.slice(1)) {
    const blend = mixes(recipeId)?.blend
    const day = filledOn === undefined ? -1 : daysBetween(from, filledOn)
    if (!blend || day < plantedOn || day >= days) continue
    isAny = true
    for (const one of nutrients) rows[one][day]! += (blend.nutrientsMgL[one] * volumeL) / 1000
  }
  return isAny ? rows : undefined
}

/** A measured salt counts before the reckoned: the ledger goes on from it, and forgets it as water drains. */
export function withMeasuredSalt(
  ecDsM: Float64Array,
  records: readonly GardenRecord[],
  from: string,
  { drainedL, heldL }: { readonly drainedL: Float64Array; readonly heldL: number },
): Float64Array {
  const measured = new Map(
    records.flatMap((record) =>
      record.kind === 'measurePh' && record.ecDsM !== undefined
        ? [[daysBetween(from, dayOf(record.at)), record.ecDsM] as const]
        : [],
    ),
  )
  if (!measured.size) return ecDsM
  let off = 0
  return ecDsM.map((reckoned, day) => {
    off *= Math.exp(-drainedL[day]! / heldL)
    const found = measured.get(day)
    if (found !== undefined) off = found - reckoned
    return Math.max(0, reckoned + off)
  })
}
