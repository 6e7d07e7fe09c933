import { containerVolumes, type Container, type Standing } from '../../container'
import { aged, mixOf, type Mix, type Recipe } from '../../mix'
import { dayOf, InputError, remembered } from '../../units'
import { recipeOf } from '../named'
import type { Garden, Planting } from '../garden'
import type { GardenRecord, RecordOf } from '../kinds'
import { recipeMix } from '../mixing'
import { historyOf, inOrder, isBy } from './inOrder'
import { seasonYearOf } from './seasons'
import { standingOn } from './standing'
import { isFromElsewhere, partsOf, statesOf, type Fill, type Part, type PotState } from './states'

/** A plant's stem: grown as it likes, or what was done to its top. */
export interface StemOn {
  readonly kind: 'asGrown' | 'stopped' | 'cutBack' | 'tipped'
}

/** Plants of one planting as they stand in a container. */
export interface PlantOn {
  readonly plantingId: string
  readonly varietyId: string
  readonly count: number
  readonly plantedOn: string
  readonly stem: StemOn
  /** Of the stem, below the mix: planted so, and topped up since. */
  readonly buriedMm: number
}

/** A container as it stood on the evening of a day. */
export interface PotOn {
  /** From the oldest. */
  readonly fills: readonly Fill[]
  readonly fillMm: number
  readonly fillVolumeL: number
  /** All that was put in, blended by volume and settled with age; undefined where a part of it is not known. */
  readonly mix: Mix | undefined
  readonly rolledMm?: number
  readonly mulch?: { readonly depthMm: number; readonly material: RecordOf<'mulch'>['material'] }
  readonly spaceId: string
  readonly standing?: Standing
  readonly isIndoors: boolean
  readonly shadeShare: number
  readonly cover: PotState['cover']
  readonly supports: PotState['supports']
  readonly plants: readonly PlantOn[]
}

const NO_CHANGES: readonly GardenRecord[] = []

/** Day on which a container was filled first, as far as anything tells: of its first planting or record. */
function filledFirstOn({ plantings, records }: Garden, id: string): string | undefined {
  const days = plantings.flatMap(({ containerId, plantedOn }) =>
    containerId === id ? [plantedOn] : [],
  )
  const ofRecord = historyOf(records).firstOn.get(id)
  return [...days, ...(ofRecord === undefined ? [] : [ofRecord])].sort()[0]
}

/** All that a container was, and is, from how it stood first. A move into a space that is not there is passed over. */
export const potStates = (garden: Garden, container: Container): readonly PotState[] =>
  statesBy(garden, container, () => true, 0)

/** Mix that went from one container to the next more often than this is followed no further. */
const MOST_MOVES = 6

/** The same, by some of its records. */
function statesBy(
  garden: Garden,
  container: Container,
  isCounted: (record: GardenRecord) => boolean,
  moves: number,
): readonly PotState[] {
  const changes = historyOf(garden.records).changes.get(container.id) ?? NO_CHANGES
  const possible = changes.filter(
    (record) =>
      isCounted(record) &&
      (record.kind !== 'move' || garden.spaces.some(({ id }) => id === record.spaceId)),
  )
  const sources = inOrder(possible.filter(isFromElsewhere)).map((fill) =>
    moves < MOST_MOVES ? sourceOf(garden, fill, moves) : undefined,
  )
  return statesOf(container, possible, filledFirstOn(garden, container.id), sources)
}

const sourcesIn = remembered((_garden: Garden) => new Map<string, readonly Fill[] | undefined>())

/**
 * What lay in the container that a pot is filled out of, just before that moment: so no two
 * pots wait for each other.
 */
function sourceOf(
  garden: Garden,
  { fromContainerId, at }: RecordOf<'fill'>,
  moves: number,
): readonly Fill[] | undefined {
  const known = sourcesIn(garden)
  const key = JSON.stringify([fromContainerId, at, moves])
  if (!known.has(key)) {
    const from = garden.containers.find(({ id }) => id === fromContainerId)
    const states = from && statesBy(garden, from, (record) => record.at < at, moves + 1)
    known.set(key, states?.at(-1)!.fills)
  }
  return known.get(key)
}

/** How a container stands on the evening of a day, or at a moment. */
export const stateOn = (garden: Garden, container: Container, at: string): PotState =>
  potStates(garden, container).findLast(
    ({ since }) => since === undefined || isBy({ at: since }, at),
  )!

/** A container as it stands on the evening of a day, or at a moment: filled, mulched and placed as it is then. */
export const containerOn = (garden: Garden, container: Container, at: string): Container =>
  stateOn(garden, container, at).container

/** The most that settling is reckoned on with, seasons (memory). */
const SETTLES_SEASONS = 2

/** Several recipes in one container, by what each has of its volume. */
function blendedRecipe(
  parts: readonly { readonly recipe: Recipe; readonly share: number }[],
): Recipe {
  const byIngredient = new Map<string, number>()
  for (const { recipe, share } of parts) {
    const total = recipe.parts.reduce((sum, one) => sum + one.parts, 0)
    for (const { ingredientId, parts: count } of recipe.parts) {
      const before = byIngredient.get(ingredientId) ?? 0
      byIngredient.set(ingredientId, before + (share * count) / total)
    }
  }
  return {
    id: parts
      .map(({ recipe }) => recipe.id)
      .join('+')
      .slice(0, 64),
    parts: [...byIngredient].map(([ingredientId, count]) => ({ ingredientId, parts: count })),
  }
}

const settled = remembered((mix: Mix, seasons: number): Mix => mixOf(aged(mix.blend, seasons)))

const mixFrom = remembered(
  (
    parts: readonly Part[],
    year: number,
    latitudeDeg: number,
    recipes: readonly (Recipe | undefined)[],
    ingredients: Garden['ingredients'],
    mixTests: Garden['mixTests'],
  ): Mix | undefined => {
    const totalL = parts.reduce((sum, { volumeL }) => sum + volumeL, 0)
    const known = parts.flatMap((part, index) => {
      const recipe = recipes[index]
      return recipe ? [{ recipe, share: part.volumeL / totalL }] : []
    })
    const [first] = known
    if (!first || known.length < parts.length) return undefined
    const isOne = known.every(({ recipe }) => recipe === first.recipe)
    const mix = recipeMix(isOne ? first.recipe : blendedRecipe(known), ingredients, mixTests)
    const seasons = parts.reduce((sum, { filledOn, leastSeasons = 0, volumeL }) => {
      const behind = filledOn === undefined ? 0 : year - seasonYearOf(filledOn, latitudeDeg)
      const old = Math.max(leastSeasons, behind)
      return sum + (volumeL / totalL) * Math.min(SETTLES_SEASONS, old)
    }, 0)
    return seasons > 0 ? settled(mix, seasons) : mix
  },
)

/** The mix of a state on a day: of all that was put in, by volume, settled with its age. */
export const mixOfState = (garden: Garden, { fills }: PotState, date: string): Mix | undefined => {
  const parts = partsOf(fills)
  return mixFrom(
    parts,
    seasonYearOf(date, garden.place.latitudeDeg),
    garden.place.latitudeDeg,
    parts.map(({ recipeId }) => recipeOf(garden, recipeId)),
    garden.ingredients,
    garden.mixTests,
  )
}

const containerWith = ({ containers }: Garden, id: string): Container => {
  const container = containers.find((one) => one.id === id)
  if (!container) throw new InputError('unknownContainer', { given: id })
  return container
}

/**
 * The mix in a container on the evening of a day; undefined where it is not known.
 *
 * @throws InputError `unknownContainer`
 */
export const mixOn = (garden: Garden, containerId: string, date: string): Mix | undefined =>
  mixOfState(garden, stateOn(garden, containerWith(garden, containerId), date), dayOf(date))

const isOf = (record: { readonly plantingId?: string | undefined }, { id }: Planting) =>
  record.plantingId === undefined || record.plantingId === id

/** How deep the stem of a planting went in, mm. */
export const plantedDepthMm = (
  { records }: Pick<Garden, 'records'>,
  planting: Planting,
): number => {
  const found = historyOf(records)
    .planted.get(planting.containerId)
    ?.find(
      (record) =>
        record.plantingId === planting.id ||
        (record.plantingId === undefined &&
          record.varietyId === planting.varietyId &&
          dayOf(record.at) === planting.plantedOn),
    )
  return found?.buriedMm ?? 0
}

/** What was taken off a planting by a day, in order of time. */
export const pruningsOf = (
  { records }: Pick<Garden, 'records'>,
  planting: Planting,
  containerId = planting.containerId,
): readonly RecordOf<'prune'>[] =>
  (historyOf(records).pruned.get(containerId) ?? [])
    .filter((record) => isOf(record, planting) && dayOf(record.at) >= planting.plantedOn)
    .sort((one, other) => (one.at < other.at ? -1 : 1))

const STEMS: Partial<Record<RecordOf<'prune'>['what'], StemOn['kind']>> = {
  cutBack: 'cutBack',
  stopTop: 'stopped',
  tip: 'tipped',
}

/** What the last pruning of its top made of a stem. */
function stemOn(garden: Garden, planting: Planting, date: string): StemOn {
  const kinds = pruningsOf(garden, planting).flatMap((record) =>
    isBy(record, date) ? (STEMS[record.what] ?? []) : [],
  )
  return { kind: kinds.at(-1) ?? 'asGrown' }
}

/** By how much top-ups have buried the stems of a planting since it was planted, mm. */
function buriedSince(states: readonly PotState[], plantedOn: string, at: string): number {
  let buriedMm = 0
  for (const [index, { since, container }] of states.entries()) {
    const before = states[index - 1]
    if (!before || since === undefined || dayOf(since) <= plantedOn || !isBy({ at: since }, at))
      continue
    buriedMm += Math.max(0, container.fillMm - before.container.fillMm)
  }
  return buriedMm
}

/**
 * How a container stood on the evening of a day: a function of what it is and of
 * its records up to that day, whatever their order.
 *
 * @param date `YYYY-MM-DD`, or a moment of it
 * @throws InputError `unknownContainer`
 */
export function potOn(garden: Garden, containerId: string, date: string): PotOn {
  const first = containerWith(garden, containerId)
  const state = stateOn(garden, first, date)
  const { container, fills, isIndoors, shadeShare, cover } = state
  const standing = standingOn(garden, date).filter((one) => one.containerId === containerId)
  const gone = new Set(
    garden.plantings.flatMap(({ id }) => (standing.some((one) => one.id === id) ? [] : [id])),
  )
  return {
    fills,
    fillMm: container.fillMm,
    fillVolumeL: containerVolumes(container).fillVolumeL,
    mix: mixOfState(garden, state, dayOf(date)),
    ...(container.rolledMm !== undefined && { rolledMm: container.rolledMm }),
    ...(container.mulchMm > 0 && {
      mulch: { depthMm: container.mulchMm, material: state.mulchMaterial },
    }),
    spaceId: container.spaceId,
    ...(container.standing && { standing: container.standing }),
    isIndoors,
    shadeShare,
    cover,
    supports: state.supports.filter(
      ({ plantingId }) => plantingId === undefined || !gone.has(plantingId),
    ),
    plants: standing.map((planting) => ({
      plantingId: planting.id,
      varietyId: planting.varietyId,
      count: planting.count,
      plantedOn: planting.plantedOn,
      stem: stemOn(garden, planting, date),
      buriedMm:
        plantedDepthMm(garden, planting) +
        buriedSince(potStates(garden, first), planting.plantedOn, date),
    })),
  }
}
