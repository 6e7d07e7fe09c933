import { containerVolumes } from '../../container'
import { RECHARGE_COMPOST_SHARE } from '../../mix'
import { own } from '../../units'
import type { Garden, Planting } from '../garden'
import type { GardenRecord, RecordOf } from '../kinds'
import { recordableL } from '../kinds/choices'
import { foundRecords } from '../newest'
import { containerOn, potStates } from './potOn'
import { seasonYearOf, type SeasonOf } from './seasons'
import { standingOn } from './standing'

/** What a gardener does with the mix of a pot when its crop is over. */
export const mixFates = ['recharge', 'leave'] as const
export type MixFate = (typeof mixFates)[number]

/** And with its plants. */
export const plantFates = ['remove', 'overwinter', 'leave'] as const
export type PlantFate = (typeof plantFates)[number]

/** What is decided for one pot at the end of its season. */
export interface PotClosing {
  readonly containerId: string
  /** What becomes of each of its plantings: out, or cut back and kept over winter. */
  readonly plants: Readonly<Record<string, PlantFate>>
  readonly why: RecordOf<'remove'>['why']
  readonly mix: MixFate
  /** Worked in where the mix is kept and recharged, L. */
  readonly compostL?: number
  readonly isWashed: boolean
}

/** One pot as its season ends: what stands in it, what it gave, and how old its mix is. */
export interface PotAtClose {
  readonly containerId: string
  readonly standing: readonly Planting[]
  readonly pickedG: number
  readonly pickedCount: number
  /** Seasons that its oldest mix has seen, this one counted. */
  readonly mixSeasons: number
}

/** The pots of a garden as a season ends, in walking order. */
export function potsAtClose(garden: Garden, season: SeasonOf, at: string): readonly PotAtClose[] {
  const standing = standingOn(garden, at)
  const { latitudeDeg } = garden.place
  return garden.containers.map((container) => {
    const asked = { containerId: container.id, kind: 'pick', span: season } as const
    const picks = foundRecords(garden, asked) as readonly RecordOf<'pick'>[]
    const filledOn = potStates(garden, container).at(-1)!.fills[0]?.filledOn
    const year = seasonYearOf(season.from, latitudeDeg)
    return {
      containerId: container.id,
      standing: standing.filter(({ containerId }) => containerId === container.id),
      pickedG: picks.reduce((sum, { massG = 0 }) => sum + massG, 0),
      pickedCount: picks.reduce((sum, { count = 0 }) => sum + count, 0),
      mixSeasons: filledOn ? year - seasonYearOf(filledOn, latitudeDeg) + 1 : 1,
    }
  })
}

/** What is decided for all plants of a pot at once, with the usual compost. */
export function closingOf(
  garden: Garden,
  { containerId, standing }: PotAtClose,
  chosen: {
    readonly plants: PlantFate | undefined
    readonly mix: MixFate | undefined
    readonly isWashed: boolean
    readonly why: PotClosing['why']
  },
  at: string,
): PotClosing {
  const container = garden.containers.find(({ id }) => id === containerId)
  const fillVolumeL = container
    ? containerVolumes(containerOn(garden, container, at)).fillVolumeL
    : 0
  return {
    containerId,
    plants: Object.fromEntries(standing.map(({ id }) => [id, chosen.plants ?? 'leave'])),
    why: chosen.why,
    mix: chosen.mix ?? 'leave',
    compostL: recordableL(Math.round(fillVolumeL * RECHARGE_COMPOST_SHARE * 10) / 10),
    isWashed: chosen.isWashed,
  }
}

/**
 * The records that close a season in some pots: plants out or cut back, mix recharged,
 * pots washed. All of them ordinary, so that each can be taken back.
 *
 * @param at    moment of the closing
 * @param newId makes an id for each record
 */
export function closeSeason(
  garden: Garden,
  pots: readonly PotClosing[],
  at: string,
  newId: () => string,
): readonly GardenRecord[] {
  const standing = standingOn(garden, at)
  return pots.flatMap(({ containerId, plants, why, mix, compostL, isWashed }): GardenRecord[] => {
    const every = { at, containerId }
    const here = standing.filter((one) => one.containerId === containerId)
    return [
      ...here.flatMap(({ id: plantingId }): GardenRecord[] => {
        const what = own(plants, plantingId) ?? 'leave'
        if (what === 'leave') return []
        return what === 'remove'
          ? [{ id: newId(), ...every, kind: 'remove', plantingId, why }]
          : [{ id: newId(), ...every, plantingId, kind: 'prune', what: 'cutBack' }]
      }),
      ...(mix === 'recharge'
        ? [
            {
              id: newId(),
              ...every,
              kind: 'recharge' as const,
              ...(compostL !== undefined && compostL > 0 && { compostL }),
            },
          ]
        : []),
      ...(isWashed ? [{ id: newId(), ...every, kind: 'wash' as const }] : []),
    ]
  })
}
