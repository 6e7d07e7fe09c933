import { canRateOf, labelStrengthGL, type Nutrient } from '../../feed'
import type { Facts } from '../../diagnosis'
import { feedProductOf, type Garden, type GardenRecord, type RecordOf } from '../../garden'
import { estimatedPh } from '../../mix'
import { dayOf, daysBetween, InputError } from '../../units'
import type { GardenCourse, PotBase, PotCourse } from '../course'
import { potFeeding } from '../feed'

/** Of what was taken and needed, so many days back and so many ahead are looked at (memory). */
const BACK_DAYS = 28
const AHEAD_DAYS = 14
/** A measurement speaks for the mix for so long, days (memory). */
const MEASURED_DAYS = 60

const isOf =
  <K extends GardenRecord['kind']>(kind: K) =>
  (record: GardenRecord): record is RecordOf<K> =>
    record.kind === kind

/** How strong the last feed in water was, beside its label. */
function feedTimesLabel(garden: Garden, { productId, massG, volumeL }: RecordOf<'feed'>): Facts {
  const product = feedProductOf(garden, productId)
  const rate = product && canRateOf(product)
  if (!product || !rate || !massG || !volumeL) return {}
  try {
    const { gramsL } = labelStrengthGL(rate, product)
    return gramsL > 0 ? { feedTimesLabel: massG / volumeL / gramsL } : {}
  } catch (error) {
    // A label in spoons of a product that nobody weighed tells nothing.
    if (error instanceof InputError) return {}
    throw error
  }
}

/** What the plants had of a nutrient beside their need; undefined where nothing is needed yet. */
function shareHad(course: GardenCourse, pot: PotCourse, nutrient: Nutrient): number | undefined {
  const feeding = potFeeding(course, pot)
  if (!feeding) return undefined
  const { needG, takenG, leftG } = feeding.ledger.rows[nutrient]
  const today = daysBetween(course.from, course.today)
  const from = Math.max(feeding.fed.plantedOn, today - BACK_DAYS)
  const over = (row: Float64Array, first: number, last: number) =>
    row.subarray(Math.max(0, first), last + 1).reduce((sum, one) => sum + one, 0)
  const needed = over(needG, from, today + AHEAD_DAYS)
  if (needed <= 0 || today < from) return undefined
  return (over(takenG, from, today) + (leftG[today] ?? 0)) / needed
}

/** Feeding, salt and acidity: what was given, what the ledger makes of it, what was measured. */
export function feedFacts(
  course: GardenCourse,
  pot: PotCourse,
  base: PotBase,
  records: readonly GardenRecord[],
): Facts {
  const { garden, today, from } = course
  const past = records.filter(({ at }) => dayOf(at) <= today)
  const age = ({ at }: { readonly at: string }) => daysBetween(dayOf(at), today)
  const measured = past.filter(isOf('measurePh')).filter((one) => age(one) <= MEASURED_DAYS)
  const ph = measured.findLast((one) => one.ph !== undefined)?.ph
  const hasEc = measured.some((one) => one.ecDsM !== undefined)
  const feed = past.findLast(isOf('feed'))
  const spray = past.findLast(isOf('spray'))
  const ecDsM = potFeeding(course, pot)?.ledger.ecDsM[daysBetween(from, today)]
  const shares = {
    nShare: shareHad(course, pot, 'n'),
    kShare: shareHad(course, pot, 'k'),
    caShare: shareHad(course, pot, 'ca'),
    mgShare: shareHad(course, pot, 'mg'),
  }
  const known = Object.entries(shares).flatMap(([fact, value]) =>
    value === undefined ? [] : [[fact, { value, isMeasured: false }] as const],
  )
  return {
    ...(ph !== undefined
      ? { ph }
      : base.mix && { ph: { value: estimatedPh(base.mix.blend), isMeasured: false } }),
    ...(ecDsM !== undefined && { ecDsM: { value: ecDsM, isMeasured: hasEc } }),
    ...(feed && { daysSinceFeed: age(feed), ...feedTimesLabel(garden, feed) }),
    ...(spray && { daysSinceSpray: age(spray) }),
    ...Object.fromEntries(known),
  }
}
