import {
  containerMass,
  containerVolumes,
  mixBody,
  timesBody,
  wallAreaM2,
  type Container,
  type ContainerMass,
  type ContainerVolumes,
  type MixBody,
} from '../../container'
import {
  mixOfState,
  potStates,
  recipeOf,
  statesOf,
  staysByContainer,
  varietyOf,
  type Garden,
  type GardenRecord,
  type mixesOf,
  type Planting,
  type PotState,
  type Stay,
} from '../../garden'
import {
  drainedBody,
  drainedReasons,
  easilyAvailableL,
  type DrainedState,
  type Mix,
  type Recipe,
} from '../../mix'
import {
  openShelter,
  screened,
  spotShelter,
  type Place,
  type Shelter,
  type Space,
} from '../../place'
import {
  grownPlantKg,
  sharedYield,
  type RelativeYield,
  type RootRoom,
  type Variety,
} from '../../plant'
import { dayOf, remembered, rememberedBy, type Reason } from '../../units'
import {
  FREE_BESIDE_TOMATO,
  suctionTable,
  waterStore,
  wetted,
  type SuctionTable,
  type WateredPot,
} from '../../water'
import { sorted } from './recorded'

/** What the mix of a container does with water. */
export interface MixToday extends Mix {
  readonly recipe: Recipe
  readonly drained: DrainedState
  /** As the container holds it. */
  readonly body: MixBody
  readonly easilyAvailableL: number
  /** Of the water and the air. */
  readonly reasons: readonly Reason[]
}

/** Plants of one planting, as long as nobody asks when. */
export interface PlantingBase {
  readonly planting: Planting
  readonly variety: Variety
  /** Beside unrestricted plants. */
  readonly yield: RelativeYield
}

/** A container between two changes of it: what does not change from day to day. */
export interface PotBase {
  readonly container: Container
  /** How it stands, and since when. */
  readonly state: PotState
  readonly volumes: ContainerVolumes
  readonly mix: MixToday | undefined
  /** The same, or a usual one where nobody said what is in it. */
  readonly mixOrUsual: MixToday
  readonly mass: ContainerMass
  readonly plantings: readonly PlantingBase[]
  readonly shelter: Shelter
  /** For the roots of all its plants. */
  readonly room: RootRoom
  /** Wall against the mix. */
  readonly wallM2: number
  /** What it keeps of water: by its mix, or by the usual one where none is known. */
  readonly water: WateredPot
}

/** What is taken to be in a container of which nothing is known. */
export const USUAL_MIX = 'thirds'

/** Leaves are looked at so far above the mix. */
export const LEAVES_OVER_MIX_MM = 300

/** Plants in a container, all kinds together. */
export const plantCount = (garden: Garden, containerId: string): number =>
  garden.plantings
    .filter((planting) => planting.containerId === containerId)
    .reduce((sum, planting) => sum + planting.count, 0)

/** A mix as one container holds it. */
export function mixIn(
  container: Container,
  { fillVolumeL, reservoirL }: ContainerVolumes,
  mix: Mix,
): MixToday {
  const body = mixBody(container)
  const drained = drainedBody(body, mix.curve)
  return {
    ...mix,
    recipe: mix.blend.recipe,
    body,
    drained,
    easilyAvailableL: easilyAvailableL(body, mix.curve) * timesBody(body, fillVolumeL) + reservoirL,
    reasons: drainedReasons(body, mix),
  }
}

/** Walls, roofs and hills around a container; open sky where its place is not known. */
function shelterOf(
  { container, isIndoors, shadeShare, cover }: PotState,
  space: Space | undefined,
  place: Place,
): Shelter {
  const { standing } = container
  const zMm = container.baseHeightMm + container.fillMm + LEAVES_OVER_MIX_MM
  const shelter =
    space?.plan && standing && !isIndoors
      ? spotShelter(space.plan, place, { ...standing, zMm })
      : openShelter
  const roofed = space?.covered ? { ...shelter, rainShare: 0 } : shelter
  return screened(roofed, { isIndoors, shadeShare, cover })
}

/** All that a container's base is made of. */
interface BaseAsked {
  readonly state: PotState
  readonly space: Space | undefined
  readonly place: Place
  readonly known: Mix | undefined
  readonly usual: Mix
  readonly planted: readonly Planting[]
  /** Of each planting. */
  readonly varieties: readonly (Variety | undefined)[]
  readonly isWetted: boolean
}

const baseOf = rememberedBy(
  'state',
  ({ state, space, place, known, usual, planted, varieties, isWetted }: BaseAsked): PotBase => {
    const { container } = state
    const volumes = containerVolumes(container)
    const room = {
      ...volumes,
      plantCount: planted.reduce((sum, planting) => sum + planting.count, 0),
    }
    const plantings = planted.flatMap((planting, index): PlantingBase[] => {
      const variety = varieties[index]
      return variety
        ? [{ planting, variety, yield: sharedYield(variety, room, room.plantCount) }]
        : []
    })
    const mix = known && mixIn(container, volumes, known)
    const store = waterStore(container, known ?? usual)
    const mixOrUsual = mix ?? mixIn(container, volumes, usual)
    const plantKg = plantings.reduce(
      (sum, { planting, variety, yield: expected }) =>
        sum + planting.count * grownPlantKg(variety, expected.perPlant),
      0,
    )
    return {
      container,
      state,
      volumes,
      mix,
      mixOrUsual,
      mass: containerMass(
        container,
        { dryDensityGL: mixOrUsual.blend.bulkDensityGL, ...mixOrUsual.drained, isUsual: !mix },
        plantKg,
      ),
      plantings,
      room,
      shelter: shelterOf(state, space, place),
      wallM2: wallAreaM2(container.shape, container.fillMm),
      water: {
        ...(isWetted ? wetted(store) : store),
        sensitivity: Math.min(
          1,
          ...plantings.map(({ variety }) => FREE_BESIDE_TOMATO[variety.crop]),
        ),
      },
    }
  },
)

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
  })
}

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

const WETTING_AGENT = 'wettingAgent'

/** Whether its recipe or a record brings something that lets dry mix take its water again. */
const hasWettingAgent = (garden: Garden, { id, recipeId }: Container): boolean =>
  !!recipeOf(garden, recipeId)?.amendments?.some(({ productId }) => productId === WETTING_AGENT) ||
  !!sorted(garden.records)
    .byContainer.get(id)
    ?.some((record) => record.kind === 'feed' && record.productId === WETTING_AGENT)

/** How hard a pot's mix holds its water as it dries; undefined where its mix is not known. */
export const suctionOf = remembered((base: PotBase): SuctionTable | undefined =>
  base.mix ? suctionTable(base.container, base.mix, base.water) : undefined,
)
