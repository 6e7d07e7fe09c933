import type { Garden, GardenRecord, RecordOf } from '../../garden'
import { dayOf, daysBetween } from '../../units'

/** What others showed so few days ago is the same thing going round (memory). */
const GOING_ROUND_DAYS = 7
const GOING_ROUND_POTS = 2

/** What a sign that was only noted in a word can be, by the names of a check. */
const MEANT: Readonly<Record<RecordOf<'sign'>['sign'], RegExp>> = {
  blossomEndRot: /^fruitEndBlack$/,
  wilting: /^wilt/,
  leafSpots: /^leaf(Spots|Target|MouldBelow|RustPustules)/,
  pests: /^seen/,
  other: /./,
}

/** Whether a record tells of one of some signs; of none asked, of any trouble. */
function shows(record: GardenRecord, signs: readonly string[]): boolean {
  if (record.kind !== 'sign' && record.kind !== 'check') return false
  if (!signs.length) return true
  if (record.kind === 'sign') return signs.some((sign) => MEANT[record.sign].test(sign))
  // A leaf sign is kept with the leaves that show it.
  const seen = new Set(record.signs.map((sign) => sign.split('@')[0]))
  return signs.some((sign) => seen.has(sign))
}

/**
 * Whether two other pots at least showed the same in the week before: something is going
 * round, or came over all of them.
 *
 * @param signs what is seen at this pot; where nothing is said, any trouble of others counts
 */
export function isGoingRound(
  garden: Pick<Garden, 'records'>,
  containerId: string,
  now: string,
  signs: readonly string[] = [],
): boolean {
  const today = dayOf(now)
  const pots = new Set(
    garden.records.flatMap((record) => {
      const { containerId: of, at } = record
      if (of === undefined || of === containerId || !shows(record, signs)) return []
      const ago = daysBetween(dayOf(at), today)
      return ago >= 0 && ago <= GOING_ROUND_DAYS ? [of] : []
    }),
  )
  return pots.size >= GOING_ROUND_POTS
}
