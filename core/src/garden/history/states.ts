import { containerVolumes, slipsOf, standingRimMm, type Container } from '../../container'
import { dayOf, remembered } from '../../units'
import type { GardenRecord, RecordOf } from '../kinds'
import { inOrder } from './inOrder'

export type Cover = RecordOf<'cover'>['cover']

/** Mix that was put into a container at one time, as much of it as is still in there. */
export interface Fill {
  /** Left out where nobody said what it is. */
  readonly recipeId?: string
  readonly volumeL: number
  /** Left out for what it was filled with first, where nothing says when. */
  readonly filledOn?: string
  /** Mixed with what was there, and no layer of its own. */
  readonly isWorkedIn?: boolean
  /** Of it, used before, 0–1. */
  readonly reusedShare?: number
  /** Which container the used part came out of: its own where left out. */
  readonly fromContainerId?: string
  /** What the used part is made of, by volume: how it lay where it came out. */
  readonly used?: readonly Part[]
}

/** One mix among others in a container. */
export interface Part {
  readonly recipeId?: string
  readonly volumeL: number
  readonly filledOn?: string
  /** Seasons it has seen at least: mix that was used has seen one, where nobody knows how old it is. */
  readonly leastSeasons?: number
}

/** How a container stands from one moment to the next change. */
export interface PotState {
  /** The moment of the change; left out for how it stood first. */
  readonly since?: string
  /** As it stands: its own fill, mix, mulch and place of that time. */
  readonly container: Container
  /** From the oldest. */
  readonly fills: readonly Fill[]
  readonly mulchMaterial: RecordOf<'mulch'>['material']
  readonly isIndoors: boolean
  readonly shadeShare: number
  readonly cover: Cover
  readonly supports: readonly Pick<RecordOf<'support'>, 'support' | 'heightMm' | 'plantingId'>[]
}

/** A mulch of which nobody said what it is made of. */
const USUAL_MULCH = 'chips'
/** Heights are found to within this, mm. */
const FINE_MM = 1e-3

const fillOf = (container: Container) => containerVolumes(container).fillVolumeL

/** With the mix at a height, within the rim as it stands. */
const filledTo = (container: Container, fillMm: number): Container => ({
  ...container,
  fillMm: Math.min(standingRimMm(container), fillMm),
})

/** Whether a container could be so: a change that leaves no mix above a false floor, or no wall, is passed over. */
const isPossible = (container: Container): boolean =>
  container.fillMm > 0 && slipsOf(container).length === 0

/** The height to which so many litres of mix come in a container, from a lower one on; at most the rim's. */
export function heightOf(container: Container, wantedL: number, fromMm = 0): number {
  let [low, high] = [fromMm, standingRimMm(container)]
  if (fillOf(filledTo(container, high)) <= wantedL) return Math.max(low, high)
  while (high - low > FINE_MM) {
    const middle = (low + high) / 2
    if (fillOf(filledTo(container, middle)) < wantedL) low = middle
    else high = middle
  }
  return high
}

/** The height to which litres more bring the mix, at most the rim's. */
export const heightWith = (container: Container, moreL: number): number =>
  heightOf(container, fillOf(container) + moreL, container.fillMm)

/** The same with so many times their volume. */
const times = <P extends Part>(parts: readonly P[], factor: number): P[] =>
  parts.map((part) => ({ ...part, volumeL: part.volumeL * factor }))

/** The same fills with so many times their volume. */
const scaled = (fills: readonly Fill[], factor: number): Fill[] =>
  times(fills, factor).map((fill) =>
    fill.used ? { ...fill, used: times(fill.used, factor) } : fill,
  )

const volumeOf = (parts: readonly Part[]) => parts.reduce((sum, { volumeL }) => sum + volumeL, 0)

/** Less is nothing, L. */
const LEAST_L = 1e-9

/** All that lies in a container, what was used before apart from what was fresh. */
export const partsOf = remembered((fills: readonly Fill[]): readonly Part[] => {
  if (!fills.some(({ used }) => used)) return fills
  return fills.flatMap((fill): readonly Part[] => {
    const { used = [] } = fill
    const freshL = fill.volumeL - volumeOf(used)
    return [...used, ...(freshL > LEAST_L ? [{ ...fill, volumeL: freshL }] : [])]
  })
})

/** Of a fill, what is less than this is not told apart any more. */
const LEAST_PART_SHARE = 0.01

/** So many litres out of what lay in a container, as a fill of a day takes them in. */
function usedOf(from: readonly Fill[], volumeL: number, fill: Part): Part[] {
  const there = partsOf(from)
  const taken = times(there, volumeL / volumeOf(there))
  const told = taken.filter((part) => part.volumeL >= LEAST_PART_SHARE * fill.volumeL)
  // Of mix that nobody named, the fill's own is the likeliest.
  return times(told, volumeL / volumeOf(told)).map((part) => ({
    volumeL: part.volumeL,
    ...ofRecipe(part.recipeId ?? fill.recipeId),
    ...(part.filledOn !== undefined && { filledOn: part.filledOn }),
    leastSeasons:
      part.filledOn === undefined || part.filledOn >= fill.filledOn! ? 1 : (part.leastSeasons ?? 0),
  }))
}

const ofRecipe = (recipeId: string | undefined) => (recipeId === undefined ? {} : { recipeId })

function toppedUp(state: PotState, record: RecordOf<'topUp'>): PotState {
  const { container, fills } = state
  const fillMm = record.fillMm ?? heightWith(container, record.volumeL ?? 0)
  const higher = filledTo(container, Math.max(container.fillMm, fillMm))
  if (!isPossible(higher)) return state
  const moreL = fillOf(higher) - fillOf(container)
  const recipeId = record.recipeId ?? container.recipeId
  const added = {
    volumeL: moreL,
    filledOn: dayOf(record.at),
    ...ofRecipe(recipeId),
  }
  return { ...state, container: higher, fills: moreL > 0 ? [...fills, added] : fills }
}

/** Whether a record brings mix over from another container. */
export const isFromElsewhere = (record: GardenRecord): record is RecordOf<'fill'> =>
  record.kind === 'fill' &&
  !!record.reusedShare &&
  record.fromContainerId !== undefined &&
  record.fromContainerId !== record.containerId

/** @param source what lay in the container that the used part came out of; its own where left out */
function filledAnew(
  state: PotState,
  record: RecordOf<'fill'>,
  source: readonly Fill[] = state.fills,
): PotState {
  const { recipeId, fillMm, reusedShare, fromContainerId } = record
  const container = { ...filledTo(state.container, fillMm), recipeId }
  if (!isPossible(container)) return state
  const fill = { recipeId, volumeL: fillOf(container), filledOn: dayOf(record.at) }
  return {
    ...state,
    container,
    fills: [
      {
        ...fill,
        ...(reusedShare !== undefined && { reusedShare }),
        ...(isFromElsewhere(record) && { fromContainerId: fromContainerId! }),
        ...(reusedShare && { used: usedOf(source, reusedShare * fill.volumeL, fill) }),
      },
    ],
  }
}

/** The recipe that compost counts as. */
const COMPOST = 'allCompost'

/** Compost takes the place of what has settled: the mix comes to the same height as before. */
function recharged(state: PotState, { compostL = 0, at }: RecordOf<'recharge'>): PotState {
  const totalL = volumeOf(state.fills)
  const volumeL = Math.min(compostL, totalL)
  if (volumeL <= 0) return state
  return {
    ...state,
    fills: [
      ...scaled(state.fills, 1 - volumeL / totalL),
      { recipeId: COMPOST, volumeL, filledOn: dayOf(at), isWorkedIn: true },
    ],
  }
}

function rolledTo(state: PotState, rolledMm: number): PotState {
  const { rolledMm: _before, ...rest } = state.container
  const container = filledTo({ ...rest, ...(rolledMm > 0 && { rolledMm }) }, rest.fillMm)
  if (!isPossible(container)) return state
  // What stands over a wall rolled down is taken out of the top.
  const keptL = fillOf(container)
  const before = volumeOf(state.fills)
  const fills = keptL < before ? scaled(state.fills, keptL / before) : state.fills
  return { ...state, container, fills }
}

function movedTo(state: PotState, record: RecordOf<'move'>): PotState {
  const { standing: _before, ...rest } = state.container
  return {
    ...state,
    container: {
      ...rest,
      spaceId: record.spaceId,
      ...(record.standing && { standing: record.standing }),
    },
    isIndoors: record.isIndoors ?? false,
  }
}

/** A state after what a record says; the very same where that changes nothing of it. */
function changedBy(
  state: PotState,
  record: GardenRecord,
  source: readonly Fill[] | undefined,
): PotState {
  switch (record.kind) {
    case 'fill':
      return filledAnew(state, record, source)
    case 'topUp':
      return toppedUp(state, record)
    case 'recharge':
      return recharged(state, record)
    case 'unroll':
      return rolledTo(state, record.rolledMm)
    case 'mulch':
      return {
        ...state,
        container: { ...state.container, mulchMm: record.depthMm },
        mulchMaterial: record.material,
      }
    case 'move':
      return movedTo(state, record)
    case 'shade':
      return { ...state, shadeShare: record.share }
    case 'cover':
      return { ...state, cover: record.cover }
    case 'support': {
      const { support, heightMm, plantingId } = record
      const one = { support, heightMm, ...(plantingId !== undefined && { plantingId }) }
      return { ...state, supports: [...state.supports, one] }
    }
    default:
      return state
  }
}

function firstState(container: Container, filledOn: string | undefined): PotState {
  const { recipeId } = container
  return {
    container,
    fills: [
      {
        volumeL: fillOf(container),
        ...ofRecipe(recipeId),
        ...(filledOn !== undefined && { filledOn }),
      },
    ],
    mulchMaterial: USUAL_MULCH,
    isIndoors: false,
    shadeShare: 0,
    cover: 'none',
    supports: [],
  }
}

/**
 * All that a container was, from how it stood first (as its form has it) through
 * each change that its records tell.
 *
 * @param records  of this container, in any order
 * @param filledOn day on which it was filled first, where that is known
 * @param sources  what lay in other containers whose mix it was filled with, by the order of those fills
 */
export const statesOf = remembered(
  (
    container: Container,
    records: readonly GardenRecord[],
    filledOn: string | undefined,
    sources: readonly (readonly Fill[] | undefined)[] = [],
  ): readonly PotState[] => {
    const states = [firstState(container, filledOn)]
    let sourcesBefore = 0
    for (const record of inOrder(records)) {
      const before = states.at(-1)!
      const after = changedBy(
        before,
        record,
        isFromElsewhere(record) ? sources[sourcesBefore++] : undefined,
      )
      if (after !== before) states.push({ ...after, since: record.at })
    }
    return states
  },
)
