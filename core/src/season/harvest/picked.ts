import { standingOn, varietyOf, type Garden, type Planting, type RecordOf } from '../../garden'
import type { Variety } from '../../plant'
import { dayOf, remembered } from '../../units'
import { learnedFruitMass, type FruitMass } from './learned'

/** A part of a picking, or of what is expected; of whose fruit it was, as far as that is known. */
export interface Part {
  readonly containerId: string
  readonly variety: Variety | undefined
  readonly date: string
  readonly share: number
}

/** The plantings whose fruit a picking may be: the one it names, those that stood there, or the last that did. */
function plantingsOf(garden: Garden, pick: RecordOf<'pick'>, date: string): readonly Planting[] {
  const named = garden.plantings.find(({ id }) => id === pick.plantingId)
  if (named) return [named]
  const isHere = ({ containerId }: Planting) => containerId === pick.containerId
  const standing = standingOn(garden, date).filter(isHere)
  if (standing.length > 0) return standing
  const last = garden.plantings
    .filter((one) => isHere(one) && one.plantedOn <= date)
    .sort((one, other) => (one.plantedOn < other.plantedOn ? 1 : -1))
  return last.slice(0, 1)
}

/** A picking, parted by the plants that it may be of. */
function partsOf(garden: Garden, pick: RecordOf<'pick'>): readonly Part[] {
  const date = dayOf(pick.at)
  const plantings = plantingsOf(garden, pick, date)
  const plants = plantings.reduce((sum, { count }) => sum + count, 0)
  const containerId = pick.containerId ?? ''
  if (plants === 0) return [{ containerId, variety: undefined, date, share: 1 }]
  return plantings.map((planting) => ({
    containerId: planting.containerId,
    variety: varietyOf(garden, planting.varietyId),
    date,
    share: planting.count / plants,
  }))
}

/** Fruit of which not even the crop is known weighs what is written of it. */
const UNKNOWN_FRUIT: FruitMass = { meanG: 0, sdG: 0 }

/** A picking, or the part of it that is of one planting, as it was weighed or as its fruits weigh here. */
export interface PickedPart extends Omit<Part, 'share'> {
  readonly pick: RecordOf<'pick'>
  readonly massKg: number
  /** How far off that may be where fruit was counted and not weighed; else 0. */
  readonly countedSdKg: number
  readonly count: number
  readonly wasteKg: number
}

/** Everything that was ever picked, parted by the plants it is of. */
export const pickedParts = remembered((garden: Garden): readonly PickedPart[] => {
  const picks = garden.records.filter((one) => one.kind === 'pick')
  const parted = picks.map((pick) => ({ pick, parts: partsOf(garden, pick) }))
  const masses = new Map<string, FruitMass>()
  const fruitMass = (variety: Variety): FruitMass => {
    const known = masses.get(variety.id)
    if (known) return known
    const own = parted.filter(({ parts }) => parts.length === 1 && parts[0]!.variety === variety)
    const learned = learnedFruitMass(
      variety,
      own.map(({ pick }) => pick),
    )
    masses.set(variety.id, learned)
    return learned
  }
  return parted.flatMap(({ pick, parts }) =>
    parts.map(({ share, ...part }): PickedPart => {
      const { massG, count = 0, wasteG = 0 } = pick
      const { meanG, sdG } = part.variety ? fruitMass(part.variety) : UNKNOWN_FRUIT
      return {
        ...part,
        pick,
        massKg: ((massG ?? count * meanG) * share) / 1000,
        countedSdKg: massG === undefined ? (count * sdG * share) / 1000 : 0,
        count: count * share,
        wasteKg: (wasteG * share) / 1000,
      }
    }),
  )
})
