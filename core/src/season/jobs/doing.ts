import { pouringOf } from '../../container'
import { STAKE_IN_MIX_MM } from '../../fit'
import {
  mulchMaterials,
  recordableL,
  supports,
  USUAL_CLOTH_SHARE,
  USUAL_MULCH_MM,
  varietyOf,
  waysOf,
  type Garden,
  type GardenRecord,
} from '../../garden'
import { own } from '../../units'
import type { Amount, Job, JobKind } from './job'

/** Jobs that end with a number which only the gardener knows: they are done by their form. */
const BY_FORM: ReadonlySet<JobKind> = new Set(['measurePh', 'fingerTest', 'weigh'])
/** Whether a tap is enough to say that a job was done. */
export const isOneTap = ({ kind }: Pick<Job, 'kind'>): boolean => !BY_FORM.has(kind)

const valueOf = (
  amounts: readonly Amount[],
  what: Amount['what'],
  of?: string,
): number | undefined =>
  amounts.find((one) => one.what === what && (of === undefined || one.of === of))?.value

const rounded = (value: number, step: number) => Math.round(value / step) * step
const litres = (value: number) => recordableL(Math.max(0.1, rounded(value, 0.1)))

/** What of a job's record is its own, beside moment, pot and plant. */
type Told = GardenRecord extends infer R
  ? R extends GardenRecord
    ? Omit<R, 'id' | 'at'>
    : never
  : never

function supportTold(
  amounts: readonly Amount[],
): Pick<Extract<Told, { kind: 'support' }>, 'kind' | 'support' | 'heightMm'> {
  const cages = valueOf(amounts, 'count', 'cage') ?? 0
  const isTwo = cages > 0 && valueOf(amounts, 'count', 'stake') !== undefined
  const of = amounts.find(({ what }) => what === 'mm')?.of
  const support = isTwo ? 'twoCages' : (supports.find((one) => one === of) ?? 'stake')
  const lengthMm = Math.max(
    ...amounts.flatMap(({ what, value }) => (what === 'mm' ? [value] : [])),
    0,
  )
  const inMixMm = support === 'stake' || support === 'twoCages' ? STAKE_IN_MIX_MM : 0
  return { kind: 'support', support, heightMm: Math.min(6000, Math.max(50, lengthMm - inMixMm)) }
}

const PRUNED: Partial<
  Record<JobKind, 'sideShoots' | 'lowerLeaves' | 'tip' | 'stopTop' | 'cutBack'>
> = {
  sideShoots: 'sideShoots',
  lowerLeaves: 'lowerLeaves',
  tip: 'tip',
  stopTop: 'stopTop',
  cutBack: 'cutBack',
}

/** The records that say a job was done, before they have an id and a moment. */
function toldBy(garden: Garden, job: Job): readonly Told[] {
  const { kind, amounts, containerId } = job
  const [plantingId] = job.plantingIds
  const planting = garden.plantings.find(({ id }) => id === plantingId)
  const variety = planting && varietyOf(garden, planting.varietyId)
  const plants = planting && { varietyId: planting.varietyId, count: planting.count }
  const container = garden.containers.find(({ id }) => id === containerId)
  const here = { ...(containerId !== undefined && { containerId }) }
  const of = job.plantingIds.length === 1 && plantingId !== undefined ? { plantingId } : {}
  const pruned = own(PRUNED, kind)
  if (pruned) return [{ ...here, ...of, kind: 'prune', what: pruned }]
  switch (kind) {
    case 'sow':
      return plants
        ? [{ kind, ...plants, count: Math.max(1, valueOf(amounts, 'count') ?? plants.count) }]
        : []
    case 'potOn':
      return plants ? [{ kind, ...plants }] : []
    case 'hardenOff':
    case 'lastFeed':
      return [{ ...here, ...of, kind: 'did', what: kind }]
    case 'turn':
      return [{ ...here, kind: 'did', what: kind }]
    case 'plant': {
      const buriedMm = valueOf(amounts, 'mm')
      return plants
        ? [{ ...here, ...of, kind, ...plants, ...(buriedMm !== undefined && { buriedMm }) }]
        : []
    }
    case 'support':
      return [{ ...here, ...of, ...supportTold(amounts) }]
    case 'tie':
    case 'shake':
    case 'weed':
    case 'wash':
    case 'secure':
      return [{ ...here, kind }]
    case 'topUp':
      return [{ ...here, kind, volumeL: litres(valueOf(amounts, 'L') ?? 1) }]
    case 'unroll': {
      const moreL = valueOf(amounts, 'L') ?? 0
      return [
        { ...here, kind, rolledMm: valueOf(amounts, 'mm') ?? 0 },
        ...(moreL > 0 ? [{ ...here, kind: 'topUp' as const, volumeL: litres(moreL) }] : []),
      ]
    }
    case 'mulch': {
      const layer = amounts.find(({ what }) => what === 'mm')
      const material = mulchMaterials.find((one) => one === layer?.of)
      return [
        { ...here, kind, depthMm: layer?.value ?? USUAL_MULCH_MM, material: material ?? 'straw' },
      ]
    }
    case 'water':
      return [
        {
          ...here,
          kind,
          volumeL: recordableL(valueOf(amounts, 'L') ?? 1),
          from: waysOf(garden, containerId).water,
          ...(container && { where: pouringOf(container).water }),
        },
      ]
    case 'feed':
      return amounts.flatMap((one): Told[] => {
        if (one.what !== 'g' || one.of === undefined || one.value <= 0) return []
        const volumeL = valueOf(amounts, 'L', one.of)
        return [
          {
            ...here,
            kind,
            productId: one.of,
            massG: one.value,
            ...(volumeL !== undefined && { volumeL: recordableL(volumeL) }),
          },
        ]
      })
    case 'shadeOn':
    case 'shadeOff':
      return [{ ...here, kind: 'shade', share: kind === 'shadeOn' ? USUAL_CLOTH_SHARE : 0 }]
    case 'coverOn':
    case 'coverOff':
      return [{ ...here, kind: 'cover', cover: kind === 'coverOn' ? 'fleece' : 'none' }]
    case 'moveIn':
    case 'moveOut': {
      if (!container) return []
      const { spaceId, standing } = container
      return [
        {
          ...here,
          kind: 'move',
          spaceId,
          ...(standing && { standing }),
          isIndoors: kind === 'moveIn',
        },
      ]
    }
    case 'lookOver':
      return [{ ...here, kind: 'look', found: 'nothing' }]
    case 'spray':
      return [{ ...here, kind, ...(amounts[0]?.of !== undefined && { productId: amounts[0].of }) }]
    case 'pick': {
      const massG = valueOf(amounts, 'g')
      return [
        {
          ...here,
          kind,
          ...(massG !== undefined && variety && { massG: Math.max(1, rounded(massG, 10)) }),
        },
      ]
    }
    case 'pullOut':
      return plantingId === undefined
        ? []
        : [
            {
              ...here,
              kind: 'remove',
              plantingId,
              why: job.reasons.some(({ code }) => code === 'job.pullOut.frost')
                ? 'frost'
                : 'cropOver',
            },
          ]
    case 'recharge': {
      const compostL = valueOf(amounts, 'L')
      return [{ ...here, kind, ...(compostL !== undefined && { compostL: litres(compostL) }) }]
    }
    case 'rootShoots':
      return plantingId === undefined ? [] : [{ ...here, kind: 'rootShoot', plantingId, count: 1 }]
    case 'own':
      return job.own
        ? [{ ...here, kind: 'did', what: 'own', ownJobId: job.own.id, text: job.own.text }]
        : []
    default:
      return []
  }
}

/**
 * The records with which a job is done as it was told: none for a job whose result only
 * the gardener knows.
 *
 * @param at    moment of it
 * @param newId makes an id for each
 */
export const recordsOfJob = (
  garden: Garden,
  job: Job,
  at: string,
  newId: () => string,
): readonly GardenRecord[] => toldBy(garden, job).map((told) => ({ ...told, id: newId(), at }))
