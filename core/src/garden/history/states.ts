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
  /** Of it, used before, 0–1. */
  readonly reusedShare?: number
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

/** The height to which litres more bring the mix, at most the rim's. */
export function heightWith(container: Container, moreL: number): number {
  const wantedL = fillOf(container) + moreL
  let [low, high] = [container.fillMm, standingRimMm(container)]
  if (fillOf(filledTo(container, high)) <= wantedL) return Math.max(low, high)
  while (high - low > FINE_MM) {
    const middle = (low + high) / 2
    if (fillOf(filledTo(container, middle)) < wantedL) low = middle
    else high = middle
  }
  return high
}

/** The same fills with so many times their volume. */
const scaled = (fills: readonly Fill[], times: number): Fill[] =>
  fills.map((fill) => ({ ...fill, volumeL: fill.volumeL * times }))

const volumeOf = (fills: readonly Fill[]) => fills.reduce((sum, { volumeL }) => sum + volumeL, 0)

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
    ...(recipeId !== undefined && { recipeId }),
  }
  return { ...state, container: higher, fills: moreL > 0 ? [...fills, added] : fills }
}

function filledAnew(state: PotState, record: RecordOf<'fill'>): PotState {
  const { recipeId, fillMm, reusedShare } = record
  const container = { ...filledTo(state.container, fillMm), recipeId }
  if (!isPossible(container)) return state
  const fill = { recipeId, volumeL: fillOf(container), filledOn: dayOf(record.at) }
  return {
    ...state,
    container,
    fills: [{ ...fill, ...(reusedShare !== undefined && { reusedShare }) }],
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
      { recipeId: COMPOST, volumeL, filledOn: dayOf(at) },
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
function changedBy(state: PotState, record: GardenRecord): PotState {
  switch (record.kind) {
    case 'fill':
      return filledAnew(state, record)
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
        ...(recipeId !== undefined && { recipeId }),
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
 */
export const statesOf = remembered(
  (
    container: Container,
    records: readonly GardenRecord[],
    filledOn: string | undefined,
  ): readonly PotState[] => {
    const states = [firstState(container, filledOn)]
    for (const record of inOrder(records)) {
      const before = states.at(-1)!
      const after = changedBy(before, record)
      if (after !== before) states.push({ ...after, since: record.at })
    }
    return states
  },
)
