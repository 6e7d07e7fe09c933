import { containerVolumes } from '../../container'
import { varietyOf, type Garden, type Planting, type RecordOf } from '../../garden'
import { dayOf, memory, reason, type Reason } from '../../units'
import { seasonOfId } from './asked'
import { seasonFactors } from './factors'

/** One thing to do differently next year, and what of the season speaks for it. */
export interface Suggestion {
  readonly code: SuggestionCode
  readonly containerId: string
  /** How much it promises: of the pot's crop, or of its trouble, 0–1. They are ranked by it. */
  readonly weight: number
  readonly evidence: readonly Reason[]
}
export const suggestionCodes = [
  'biggerPot',
  'again',
  'mulchOrReservoir',
  'plantLater',
  'plantEarlier',
  'freshMix',
  'waterEvenly',
] as const
export type SuggestionCode = (typeof suggestionCodes)[number]

// From where a difference is worth a word (our choice).
const GAVE_LITTLE = 0.6
const GAVE_MUCH = 1.3
const THIRSTY = 1.25
const LATE_SHARE = 1.25
const ROT_SIGNS = 2

const about = (
  code: SuggestionCode,
  containerId: string,
  weight: number,
  ...evidence: Reason[]
) => ({
  code,
  containerId,
  weight: Math.min(1, weight),
  evidence,
})

/** What the pot's own factors speak for. */
function ofFactors(garden: Garden, id: string, today: string | undefined): Suggestion[] {
  const { from, to } = seasonOfId(garden, id)
  return seasonFactors(garden, id, today).flatMap((factor): Suggestion[] => {
    const { containerId, thirst, yieldShare, daysToRipe, spread, n } = factor
    const pot = garden.containers.find((one) => one.id === containerId)
    const variety = varietyOf(
      garden,
      garden.plantings.find(
        (one) => one.containerId === containerId && one.plantedOn >= from && one.plantedOn <= to,
      )?.varietyId ?? '',
    )
    if (!pot) return []
    const found: Suggestion[] = []
    if (yieldShare !== undefined && yieldShare < GAVE_LITTLE) {
      const { fillVolumeL } = containerVolumes(pot)
      const isSmall = variety && variety.fullVolumeL > fillVolumeL
      const gave = reason('next.gave', { ownShare: yieldShare, n }, { mark: 'measured' })
      if (isSmall)
        found.push(
          about(
            'biggerPot',
            containerId,
            1 - yieldShare,
            gave,
            reason('next.small', { fillVolumeL, fullVolumeL: variety.fullVolumeL }, memory),
          ),
        )
    }
    if (yieldShare !== undefined && yieldShare > GAVE_MUCH)
      found.push(
        about(
          'again',
          containerId,
          (yieldShare - 1) / 2,
          reason('next.gave', { ownShare: yieldShare, n }, { mark: 'measured' }),
        ),
      )
    // Twice its spread above the usual: not told by chance alone.
    if (thirst !== undefined && thirst > THIRSTY && thirst - spread > 1)
      found.push(
        about(
          'mulchOrReservoir',
          containerId,
          thirst - 1,
          reason('next.drank', { timesFactor: thirst, n }, { mark: 'measured' }),
        ),
      )
    if (daysToRipe !== undefined && variety && daysToRipe > LATE_SHARE * variety.daysToMaturity)
      found.push(
        about(
          'plantEarlier',
          containerId,
          (daysToRipe / variety.daysToMaturity - 1) / 2,
          reason('next.late', { days: daysToRipe, usualDays: variety.daysToMaturity }, memory),
        ),
      )
    return found
  })
}

/** What the records of trouble speak for. */
function ofTrouble(garden: Garden, from: string, to: string): Suggestion[] {
  const isIn = ({ at }: { at: string }) => dayOf(at) >= from && dayOf(at) <= to
  const records = garden.records.filter(isIn)
  const removed = (why: RecordOf<'remove'>['why']) =>
    records.filter((one): one is RecordOf<'remove'> => one.kind === 'remove' && one.why === why)
  const plantingOf = ({ plantingId }: RecordOf<'remove'>): Planting | undefined =>
    garden.plantings.find(({ id }) => id === plantingId)
  const found: Suggestion[] = []
  for (const one of removed('frost')) {
    const planting = plantingOf(one)
    if (planting && one.containerId !== undefined)
      found.push(
        about(
          'plantLater',
          one.containerId,
          0.9,
          reason('next.frost', { plantedDate: planting.plantedOn, goneDate: dayOf(one.at) }),
        ),
      )
  }
  for (const one of removed('disease'))
    if (one.containerId !== undefined)
      found.push(
        about(
          'freshMix',
          one.containerId,
          0.7,
          reason('next.disease', { goneDate: dayOf(one.at) }),
        ),
      )
  const rot = new Map<string, number>()
  for (const record of records)
    if (record.kind === 'sign' && record.sign === 'blossomEndRot' && record.containerId)
      rot.set(record.containerId, (rot.get(record.containerId) ?? 0) + 1)
  for (const [containerId, times] of rot)
    if (times >= ROT_SIGNS)
      found.push(
        about('waterEvenly', containerId, 0.2 * times, reason('next.rot', { times }, memory)),
      )
  return found
}

/**
 * What to do differently next year, by what this season's own records tell: the most
 * promising first, each with its evidence. Nothing is said of pots of which little is known.
 *
 * @param id    of the season
 * @param today the last day of which anything is known; that of the records where left out
 * @throws InputError `unknownSeason`
 */
export function doDifferently(garden: Garden, id: string, today?: string): readonly Suggestion[] {
  const { from, to } = seasonOfId(garden, id)
  return [...ofFactors(garden, id, today), ...ofTrouble(garden, from, to)]
    .filter(({ containerId }) => garden.containers.some((one) => one.id === containerId))
    .sort((one, other) => other.weight - one.weight)
}
