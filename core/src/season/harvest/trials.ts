import { max, mean, sum } from 'd3-array'
import { containerVolumes } from '../../container'
import {
  containerOn,
  potOn,
  staysByContainer,
  varietyOf,
  type Garden,
  type Planting,
  type Trial,
  type TrialThing,
} from '../../garden'
import { compareTrial, planTrial, type TrialComparison } from '../../harvest'
import { sharedYield, fullCropKg } from '../../plant'
import { dayOf, own } from '../../units'
import { pickedParts } from './picked'

/** What one pot of a trial gave. */
export interface TrialPot {
  readonly containerId: string
  readonly plants: number
  /** For each of its plants, kg and fruits. */
  readonly eachKg: number
  readonly eachCount: number
}

/** A ratio with its interval. */
interface Told {
  readonly ratio: number
  readonly interval: readonly [number, number]
}

/** What a trial has told so far. */
export interface TrialResult {
  readonly a: readonly TrialPot[]
  readonly b: readonly TrialPot[]
  readonly mass: TrialComparison
  readonly count: TrialComparison
  /** The smallest difference that its pots can tell from chance, 0.6 for 60 % more; none where a side has one pot. */
  readonly tellsShare: number
  /** What was known of the pots beforehand put together with what they gave; only where both are known. */
  readonly withKnown?: Told
  /** What else differs between the sides beside what was meant to. */
  readonly alsoDiffers: readonly TrialThing[]
}

/** The plantings that stood in a pot while the trial ran. */
function plantingsIn(
  garden: Garden,
  { from, to }: Trial,
  containerId: string,
): readonly Planting[] {
  const until = to ?? '9999-12-31'
  const stays = staysByContainer(garden.records, garden.plantings).get(containerId) ?? []
  return stays.flatMap((stay) =>
    dayOf(stay.from) <= until && (!stay.left || dayOf(stay.left.at) >= from) ? [stay.planting] : [],
  )
}

function potOf(garden: Garden, trial: Trial, containerId: string): TrialPot {
  const plants = Math.max(
    1,
    sum(plantingsIn(garden, trial, containerId), ({ count }) => count),
  )
  const until = trial.to ?? '9999-12-31'
  const own = pickedParts(garden).filter(
    ({ pick, containerId: id }) =>
      id === containerId && dayOf(pick.at) >= trial.from && dayOf(pick.at) <= until,
  )
  return {
    containerId,
    plants,
    eachKg: sum(own, ({ massKg }) => massKg) / plants,
    eachCount: sum(own, ({ count }) => count) / plants,
  }
}

/** Two figures of pots are alike within so much (our choice). */
const ALIKE_SHARE = 0.1
const areAlike = (one: readonly number[], other: readonly number[]) => {
  const [a, b] = [mean(one) ?? 0, mean(other) ?? 0]
  return Math.abs(a - b) <= ALIKE_SHARE * Math.max(Math.abs(a), Math.abs(b), 1e-9)
}
const areSame = (one: readonly string[], other: readonly string[]) =>
  JSON.stringify([...new Set(one)].sort()) === JSON.stringify([...new Set(other)].sort())

/**
 * In what the two sides of a trial differ, by the pots as they stand and what was
 * recorded of them: more than one thing at once, and nobody can say which it was.
 */
export function trialDiffers(garden: Garden, trial: Trial): readonly TrialThing[] {
  const until = trial.to ?? garden.clock?.slice(0, 10) ?? trial.from
  const on = until < trial.from ? trial.from : until
  const known = (ids: readonly string[]) =>
    ids.flatMap((id) => garden.containers.filter((one) => one.id === id))
  const sides = [known(trial.a), known(trial.b)] as const
  const each = <T>(ask: (containerId: string) => T): [T[], T[]] => [
    sides[0].map(({ id }) => ask(id)),
    sides[1].map(({ id }) => ask(id)),
  ]
  const numbers = (ask: (containerId: string) => number) => {
    const [a, b] = each(ask)
    return !areAlike(a, b)
  }
  const words = (ask: (containerId: string) => string) => {
    const [a, b] = each(ask)
    return !areSame(a, b)
  }
  const state = (id: string) => potOn(garden, id, on)
  const container = (id: string) => {
    const pot = garden.containers.find((one) => one.id === id)!
    return containerOn(garden, pot, on)
  }
  const pruned = (id: string) =>
    garden.records.filter(
      (one) => one.kind === 'prune' && one.containerId === id && dayOf(one.at) >= trial.from,
    ).length
  const fed = (id: string) =>
    [
      ...new Set(
        garden.records.flatMap((one) =>
          one.kind === 'feed' &&
          one.containerId === id &&
          dayOf(one.at) >= trial.from &&
          dayOf(one.at) <= on
            ? [one.productId]
            : [],
        ),
      ),
    ]
      .sort()
      .join()
  const pouredL = (id: string) =>
    sum(garden.records, (one) =>
      one.kind === 'water' && one.containerId === id && dayOf(one.at) >= trial.from
        ? one.volumeL
        : 0,
    )
  const asks: Readonly<Record<TrialThing, () => boolean>> = {
    pot: () =>
      numbers((id) => containerVolumes(container(id)).fillVolumeL) ||
      words((id) => container(id).type),
    mix: () => words((id) => JSON.stringify(state(id).fills.map(({ recipeId }) => recipeId))),
    // Of a trial that is over the plans of today say nothing: what was given does.
    feed: () =>
      words((id) =>
        trial.to === undefined ? JSON.stringify(own(garden.feedPlans, id) ?? {}) : fed(id),
      ),
    // Watering follows the plants: it is only asked where it is what differs by intent.
    water: () => trial.differsIn === 'water' && numbers(pouredL),
    mulch: () => words((id) => String((state(id).mulch?.depthMm ?? 0) > 0)),
    shade: () => numbers((id) => state(id).shadeShare) || words((id) => state(id).spaceId),
    pruning: () => words((id) => String(Math.min(1, pruned(id)))),
    plant: () =>
      words((id) =>
        plantingsIn(garden, trial, id)
          .map(({ varietyId }) => varietyId)
          .sort()
          .join(),
      ) || numbers((id) => sum(plantingsIn(garden, trial, id), ({ count }) => count)),
  }
  const both = sides[0].length > 0 && sides[1].length > 0
  return both ? (Object.keys(asks) as TrialThing[]).filter((thing) => asks[thing]()) : []
}

/** What the model expects is off by so much from one side to the other, on the logarithm (memory). */
const KNOWN_SD_LOG = 0.35

/** What was expected of the two sides by their roots' room alone, as a ratio. */
function knownRatio(garden: Garden, trial: Trial): number | undefined {
  const expected = (ids: readonly string[]) =>
    mean(
      ids.flatMap((id) => {
        const pot = garden.containers.find((one) => one.id === id)
        if (!pot) return []
        return plantingsIn(garden, trial, id).flatMap(({ varietyId, count }) => {
          const variety = varietyOf(garden, varietyId)
          if (!variety) return []
          const volumes = containerVolumes(containerOn(garden, pot, trial.from))
          return [sharedYield(variety, volumes, count).perPlant * fullCropKg(variety)]
        })
      }),
    )
  const [a, b] = [expected(trial.a), expected(trial.b)]
  return a && b ? a / b : undefined
}

/** Half a 95 % interval of a normal distribution in its standard deviations. */
const NORMAL_95 = 1.96

/**
 * What was known before and what the trial told, weighed by how sure each is: two
 * normal distributions of the logarithm of the ratio.
 *
 * @source Gelman et al. 2013, Bayesian Data Analysis, 3rd ed., §2.5, Eq. 2.11–2.12
 */
function together(ratio: number, { interval, ratio: told }: TrialComparison): Told | undefined {
  const [low, high] = interval
  if (!(low > 0) || !Number.isFinite(high) || !(told > 0) || !Number.isFinite(told))
    return undefined
  const sdLog = Math.log(high / low) / 2 / NORMAL_95
  const [known, seen] = [1 / KNOWN_SD_LOG ** 2, 1 / Math.max(1e-6, sdLog ** 2)]
  const middle = (known * Math.log(ratio) + seen * Math.log(told)) / (known + seen)
  const half = NORMAL_95 / Math.sqrt(known + seen)
  return { ratio: Math.exp(middle), interval: [Math.exp(middle - half), Math.exp(middle + half)] }
}

/** What a trial tells by what was picked of its pots so far. */
export function trialResult(garden: Garden, trial: Trial): TrialResult {
  const [a, b] = [trial.a, trial.b].map((ids) => ids.map((id) => potOf(garden, trial, id))) as [
    TrialPot[],
    TrialPot[],
  ]
  const paired = trial.isPaired === true && a.length === b.length
  const mass = compareTrial({
    a: a.map(({ eachKg }) => eachKg),
    b: b.map(({ eachKg }) => eachKg),
    kind: 'mass',
    paired,
  })
  const count = compareTrial({
    a: a.map(({ eachCount }) => eachCount),
    b: b.map(({ eachCount }) => eachCount),
    kind: 'count',
    paired,
  })
  const known = knownRatio(garden, trial)
  const withKnown = known === undefined ? undefined : together(known, mass)
  return {
    a,
    b,
    mass,
    count,
    tellsShare: planTrial({ plantsEach: Math.min(a.length, b.length) }).tellsShare,
    ...(withKnown && { withKnown }),
    alsoDiffers: trialDiffers(garden, trial).filter((thing) => thing !== trial.differsIn),
  }
}

/** The most of any pot of a trial, for a common scale, kg. */
export const mostOf = ({ a, b }: TrialResult): number =>
  max([...a, ...b], ({ eachKg }) => eachKg) ?? 0
