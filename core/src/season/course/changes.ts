import type { Container } from '../../container'
import {
  mixOfState,
  potStates,
  statesOf,
  staysByContainer,
  varietyOf,
  waysOf,
  type Garden,
  type GardenRecord,
  type mixesOf,
  type Planting,
  type PotState,
  type Stay,
} from '../../garden'
import { dayOf, remembered } from '../../units'
import { baseOf, hasWettingAgent, USUAL_MIX, type PotBase } from './pot'

/** Plants that a container has, or is to have, from a moment on: those that have left it are not counted. */
const plantsFrom = (stays: readonly Stay[], since: string | undefined): readonly Planting[] =>
  stays.flatMap(({ planting, left }) =>
    left && since !== undefined && left.at <= since ? [] : [planting],
  )

/** A container as it stands from one change to the next. */
function stretchBase(
  garden: Garden,
  state: PotState,
  since: string | undefined,
  mixes: ReturnType<typeof mixesOf>,
  from: string,
): PotBase {
  const { container } = state
  const planted = plantsFrom(staysIn(garden, container.id), since)
  return baseOf({
    state,
    space: garden.spaces.find((one) => one.id === container.spaceId),
    place: garden.place,
    known: mixOfState(garden, state, since ?? from),
    usual: mixes(USUAL_MIX)!,
    planted,
    varieties: planted.map(({ varietyId }) => varietyOf(garden, varietyId)),
    isWetted: hasWettingAgent(garden, container),
    isHeldBack: isHeldBack(garden, container.id, planted),
  })
}

/** Whether by its ways a pot of peppers is let go a little thirsty. */
const isHeldBack = (garden: Garden, id: string, planted: readonly Planting[]): boolean =>
  waysOf(garden, id).holdBack === 'peppers' &&
  planted.every(({ varietyId }) => varietyOf(garden, varietyId)?.crop === 'pepper')

const NO_STAYS: readonly Stay[] = []

/** Who stood in a container, and who is to. */
export const staysIn = ({ records, plantings }: Garden, containerId: string): readonly Stay[] =>
  staysByContainer(records, plantings).get(containerId) ?? NO_STAYS

/** A container from a moment on, up to the next change. */
export interface Stretch {
  /** Left out for how it stood first. */
  readonly since?: string
  readonly base: PotBase
}

/** A container that is only being considered stands as it is given, whatever was recorded of it. */
const isConsidered = (garden: Garden, container: Container): boolean =>
  !garden.containers.includes(container)

const asGiven = (container: Container): readonly PotState[] =>
  statesOf(container, NO_RECORDS, undefined)
const NO_RECORDS: readonly GardenRecord[] = []

/**
 * A container with all that does not change from day to day, from change to change
 * of a span. What was before the span is told by its first stretch.
 *
 * @param span first and last day
 */
export function stretchesOf(
  garden: Garden,
  container: Container,
  mixes: ReturnType<typeof mixesOf>,
  span: { readonly from: string; readonly to: string },
): readonly Stretch[] {
  const states = isConsidered(garden, container) ? asGiven(container) : potStates(garden, container)
  const stays = staysIn(garden, container.id)
  const changes = [
    ...states.flatMap(({ since }) => since ?? []),
    ...stays.flatMap(({ left, from, planting }) => [
      ...(left ? [left.at] : []),
      ...(from === planting.plantedOn ? [] : [from]),
    ]),
  ]
  const within = [...new Set(changes)].filter((at) => at > span.from && dayOf(at) <= span.to).sort()
  const stateAt = (at: string) =>
    states.findLast(({ since }) => since === undefined || since <= at)!
  const hasPast = changes.some((at) => at <= span.from)
  return [hasPast ? span.from : undefined, ...within].map((since) => {
    return stretchFrom(stretchBase(garden, stateAt(since ?? ''), since, mixes, span.from), since)
  })
}

const stretchFrom = remembered((base: PotBase, since: string | undefined): Stretch =>
  since === undefined ? { base } : { since, base },
)

/** A container that is only being considered on a day, with all that does not change from day to day. */
export const potBase = (
  garden: Garden,
  container: Container,
  mixes: ReturnType<typeof mixesOf>,
  at: string,
): PotBase => stretchBase(garden, asGiven(container)[0]!, at, mixes, at)
