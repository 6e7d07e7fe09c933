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
import { recipeOf, type Garden, type Planting, type PotState } from '../../garden'
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
import { remembered, rememberedBy, type Reason } from '../../units'
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
  /** The gardener lets peppers go a little thirsty, to hurry their fruit. */
  readonly isHeldBack: boolean
}

/** A container as it stands in one state, with all that does not change from day to day. */
export const baseOf = rememberedBy(
  'state',
  ({
    state,
    space,
    place,
    known,
    usual,
    planted,
    varieties,
    isWetted,
    isHeldBack,
  }: BaseAsked): PotBase => {
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
          ...plantings.map(
            ({ variety }) => FREE_BESIDE_TOMATO[variety.crop] * (isHeldBack ? HELD_BACK_TIMES : 1),
          ),
        ),
      },
    }
  },
)

/** Held back, a pepper is let go so many times as dry before it is watered (memory). */
const HELD_BACK_TIMES = 1.25

const WETTING_AGENT = 'wettingAgent'

/** Whether its recipe or a record brings something that lets dry mix take its water again. */
export const hasWettingAgent = (garden: Garden, { id, recipeId }: Container): boolean =>
  !!recipeOf(garden, recipeId)?.amendments?.some(({ productId }) => productId === WETTING_AGENT) ||
  !!sorted(garden.records)
    .byContainer.get(id)
    ?.some((record) => record.kind === 'feed' && record.productId === WETTING_AGENT)

/** How hard a pot's mix holds its water as it dries; undefined where its mix is not known. */
export const suctionOf = remembered((base: PotBase): SuctionTable | undefined =>
  base.mix ? suctionTable(base.container, base.mix, base.water) : undefined,
)
