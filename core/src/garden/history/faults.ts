import { containerVolumes, standingRimMm, type Container } from '../../container'
import { dayOf, type Fault } from '../../units'
import type { Garden } from '../garden'
import type { GardenRecord, RecordOf } from '../kinds'
import { inOrder, isChange, isBy } from './inOrder'
import { stateOn } from './potOn'
import { standingOn } from './standing'
import { heightWith } from './states'

/** A millimetre and a splash are as near as anyone measures. */
const NEAR_MM = 1
const NEAR_L = 0.05

const faultAt = (field: string, code: string, params: Fault['params'] = {}): Fault[] => [
  { path: [field], code, params },
]

/** Mix that still goes into a container, L. */
const roomL = (container: Container): number => {
  const volumeL = (fillMm: number) => containerVolumes({ ...container, fillMm }).fillVolumeL
  return volumeL(heightWith(container, Infinity)) - volumeL(container.fillMm)
}

function topUpFaults(container: Container, { fillMm, volumeL }: RecordOf<'topUp'>): Fault[] {
  const limit = standingRimMm(container)
  if (fillMm === undefined && volumeL === undefined) return faultAt('volumeL', 'needsAmount')
  if (fillMm !== undefined) {
    if (fillMm > limit + NEAR_MM) return faultAt('fillMm', 'fillOverRim', { limit, given: fillMm })
    return fillMm < container.fillMm - NEAR_MM
      ? faultAt('fillMm', 'fillsLower', { limit: container.fillMm, given: fillMm })
      : []
  }
  const most = roomL(container)
  return volumeL! > most + NEAR_L
    ? faultAt('volumeL', 'topUpOverRim', { limitL: most, givenL: volumeL! })
    : []
}

const isKnown = (list: readonly { readonly id: string }[], id: string | undefined) =>
  id === undefined || list.some((one) => one.id === id)

function faultsOfKind(before: Garden, record: GardenRecord, container: Container): Fault[] {
  switch (record.kind) {
    case 'fill': {
      const limit = standingRimMm(container)
      return [
        ...(record.fillMm > limit + NEAR_MM
          ? faultAt('fillMm', 'fillOverRim', { limit, given: record.fillMm })
          : []),
        ...(isKnown(before.containers, record.fromContainerId)
          ? []
          : faultAt('fromContainerId', 'unknownReference', { given: record.fromContainerId! })),
      ]
    }
    case 'topUp':
      return topUpFaults(container, record)
    case 'move':
      return isKnown(before.spaces, record.spaceId)
        ? []
        : faultAt('spaceId', 'unknownReference', { given: record.spaceId })
    case 'remove': {
      const standing = standingOn(before, record.at)
      if (!isKnown(before.containers, record.movedTo))
        return faultAt('movedTo', 'unknownReference', { given: record.movedTo! })
      return isKnown(standing, record.plantingId)
        ? []
        : faultAt('plantingId', 'notStanding', { on: dayOf(record.at) })
    }
    default:
      return []
  }
}

/**
 * What is wrong with a record that is to be added: later than now, mix above the rim,
 * plants taken out that do not stand there, a move to nowhere; each at its field.
 *
 * @param garden without the record
 * @param now    moment, `YYYY-MM-DDTHH:mm`; the future is not looked at where left out
 */
export function recordFaults(garden: Garden, record: GardenRecord, now?: string): readonly Fault[] {
  const later = now !== undefined && record.at > now ? faultAt('at', 'inFuture') : []
  const first = garden.containers.find(({ id }) => id === record.containerId)
  if (!first) return later
  const records = garden.records.filter((one) => isBy(one, record.at))
  const before = { ...garden, records }
  const own = records.filter(({ containerId }) => containerId === first.id)
  const refilled = garden.records.find(
    (one) => one.kind === 'fill' && one.containerId === first.id && one.at > record.at,
  )
  const isPlanted = garden.plantings.some(
    ({ containerId, plantedOn }) => containerId === first.id && plantedOn <= dayOf(record.at),
  )
  const isBare = refilled && !own.length && !isPlanted && NEEDS_MIX.has(record.kind)
  return [
    ...later,
    ...(isBare ? faultAt('at', 'beforeFilled', { on: dayOf(refilled.at) }) : []),
    ...faultsOfKind(before, record, stateOn(before, first, record.at).container),
  ]
}

const NEEDS_MIX: ReadonlySet<GardenRecord['kind']> = new Set(['topUp', 'mulch', 'recharge'])

/** A record of a garden that cannot have been so, and what is wrong with it. */
export interface RecordFault {
  readonly record: GardenRecord
  readonly faults: readonly Fault[]
}

/**
 * Records of changes that cannot have been so beside the others: a file may hold them.
 * They are told of, and passed over where a pot is worked out; nothing is lost.
 */
export function historyFaults(garden: Garden): readonly RecordFault[] {
  const changes = inOrder(garden.records.filter((one) => isChange(one) || one.kind === 'remove'))
  /** Before each record: those of its own pot, and what left any other for it. */
  const ofPot = new Map<string | undefined, GardenRecord[]>()
  const removals: GardenRecord[] = []
  return changes.flatMap((record) => {
    const own = ofPot.get(record.containerId) ?? []
    const moved = removals.filter(({ containerId }) => containerId !== record.containerId)
    const faults = recordFaults({ ...garden, records: [...own, ...moved] }, record)
    ofPot.set(record.containerId, [...own, record])
    if (record.kind === 'remove') removals.push(record)
    return faults.length ? [{ record, faults }] : []
  })
}
