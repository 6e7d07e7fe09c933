import {
  bodyVolumeL,
  containerMass,
  containerVolumes,
  mixBody,
  wallAreaM2,
  type Container,
  type ContainerMass,
  type ContainerVolumes,
  type MixBody,
} from '../container'
import { sharedYield, type RelativeYield } from '../fit'
import { mixesOf, varietyOf, type Garden, type GardenRecord, type Planting } from '../garden'
import {
  drainedBody,
  drainedReasons,
  easilyAvailableL,
  type DrainedState,
  type Mix,
  type Recipe,
} from '../mix'
import { grownPlantKg, plantGrowth, type PlantGrowth, type Variety } from '../plant'
import { addDays, dayOf, dayOfYear, type Reason } from '../units'
import { visitsFor, waterNeedL, type Visits, type WaterNeed } from '../water'
import {
  referenceEvapotranspiration,
  referenceReasons,
  type DailyWeather,
  type ReferenceEvapotranspiration,
} from '../weather'

/** Plants of one planting as they stand today. */
export interface PlantingToday {
  readonly planting: Planting
  readonly variety: Variety
  /** Beside unrestricted plants. */
  readonly yield: RelativeYield
  readonly growth: PlantGrowth
}

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

/** Everything known of one container on one day. */
export interface PotToday {
  readonly container: Container
  readonly volumes: ContainerVolumes
  readonly mix: MixToday | undefined
  readonly mass: ContainerMass
  readonly plants: readonly PlantingToday[]
  /** Left out where there is no weather for the day. */
  readonly need: WaterNeed | undefined
  readonly visits: Visits | undefined
  /** Given already today by the records, L. */
  readonly givenL: number
  readonly isSkipped: boolean
  /** Still to give today, L: nothing when the day's water was given or skipped. */
  readonly remainingL: number
}

/** The garden on one day: what the drawings and the round are made from. */
export interface GardenToday {
  readonly date: string
  readonly weather: DailyWeather | undefined
  readonly reference: ReferenceEvapotranspiration | undefined
  readonly referenceReasons: readonly Reason[]
  readonly pots: readonly PotToday[]
}

/** Less than this is a splash and not worth a walk, L. */
const SPLASH_L = 0.05
/** Watering within this share of the day's need counts as done. */
const DONE_FROM = 0.9

/** Plants in a container, all kinds together. */
export const plantCount = (garden: Garden, containerId: string): number =>
  garden.plantings
    .filter((planting) => planting.containerId === containerId)
    .reduce((sum, planting) => sum + planting.count, 0)

function plantsOf(
  garden: Garden,
  container: Container,
  volumes: ContainerVolumes,
  date: string,
): PlantingToday[] {
  const count = plantCount(garden, container.id)
  return garden.plantings
    .filter((planting) => planting.containerId === container.id)
    .flatMap((planting) => {
      const variety = varietyOf(garden, planting.varietyId)
      if (!variety) return []
      const expected = sharedYield(variety, volumes, count)
      const growth = plantGrowth(variety, planting.plantedOn, date, expected.perPlant)
      return [{ planting, variety, yield: expected, growth }]
    })
}

/** A mix as one container holds it. */
export function mixIn(
  container: Container,
  { fillVolumeL, reservoirL }: ContainerVolumes,
  mix: Mix,
): MixToday {
  const body = mixBody(container)
  // A tower has a body a tier; a pot that was poured may hold more than its measures say.
  const ofBody = fillVolumeL / bodyVolumeL(body)
  return {
    ...mix,
    recipe: mix.blend.recipe,
    body,
    drained: drainedBody(body, mix.curve),
    easilyAvailableL: easilyAvailableL(body, mix.curve) * ofBody + reservoirL,
    reasons: drainedReasons(body, mix),
  }
}

function doneTo(containerId: string, records: readonly GardenRecord[]) {
  let givenL = 0
  let isSkipped = false
  for (const record of records) {
    if (record.containerId !== containerId) continue
    if (record.kind === 'water') givenL += record.volumeL
    if (record.kind === 'skipWater') isSkipped = true
  }
  return { givenL, isSkipped }
}

function remainingOf(waterL: number, givenL: number, isSkipped: boolean): number {
  if (isSkipped || waterL < SPLASH_L || givenL >= waterL * DONE_FROM) return 0
  return waterL - givenL
}

function potToday(
  garden: Garden,
  container: Container,
  { date, weather, reference, records, mixes }: GardenDay,
): PotToday {
  const volumes = containerVolumes(container)
  const plants = plantsOf(garden, container, volumes, date)
  const standing = plants.filter(({ growth }) => growth.stage !== 'notPlanted')
  const known = mixes(container.recipeId)
  const mix = known && mixIn(container, volumes, known)
  const plantKg = plants.reduce(
    (sum, { planting, variety, yield: expected }) =>
      sum + planting.count * grownPlantKg(variety, expected.perPlant),
    0,
  )
  const space = garden.spaces.find((one) => one.id === container.spaceId)
  const need =
    reference && standing.length
      ? waterNeedL({
          referenceMm: reference.mm,
          rainMm: weather?.rainMm ?? 0,
          rainReaches: !space?.covered,
          plants: standing.map(({ growth, planting }) => ({ ...growth, count: planting.count })),
          exposure: container.exposure,
          surfaceM2: volumes.surfaceM2,
          mulchMm: container.mulchMm,
          material: container.material,
          wallM2: wallAreaM2(container.shape, container.fillMm),
        })
      : undefined
  const { givenL, isSkipped } = doneTo(container.id, records)
  return {
    container,
    volumes,
    mix,
    mass: containerMass(
      container,
      mix && { dryDensityGL: mix.blend.bulkDensityGL, ...mix.drained },
      plantKg,
    ),
    plants,
    need,
    visits: need && mix && visitsFor(need.waterL, mix.easilyAvailableL),
    givenL,
    isSkipped,
    remainingL: need ? remainingOf(need.waterL, givenL, isSkipped) : 0,
  }
}

/** Weather of a day in the garden's own list. */
export const weatherOn = (garden: Garden, date: string): DailyWeather | undefined =>
  garden.weather.find((day) => day.date === date)

/** What all containers share on one day: the sky over them, and what was recorded. */
interface GardenDay {
  readonly date: string
  readonly weather: DailyWeather | undefined
  readonly reference: ReferenceEvapotranspiration | undefined
  readonly records: readonly GardenRecord[]
  readonly mixes: ReturnType<typeof mixesOf>
}

const inEquation = (weather: DailyWeather) => ({ ...weather, dayOfYear: dayOfYear(weather.date) })

function dayIn(garden: Garden, date: string): GardenDay {
  const weather = weatherOn(garden, date)
  return {
    date,
    weather,
    reference: weather && referenceEvapotranspiration(inEquation(weather), garden.place),
    records: garden.records.filter((record) => dayOf(record.at) === date),
    mixes: mixesOf(garden),
  }
}

/**
 * One container on one day, as the rest of the garden would have it: also one
 * that is only being considered.
 *
 * @param at a day or moment, `YYYY-MM-DD…`
 */
export const potOn = (garden: Garden, container: Container, at: string): PotToday =>
  potToday(garden, container, dayIn(garden, dayOf(at)))

/** From planting on, a plant is grown by then. */
const GROWN_AFTER_DAYS = 75

/** One container with some plants more, planted on a day, as it will stand when they are grown. */
export function grownPot(
  garden: Garden,
  container: Container,
  plants: Pick<Planting, 'varietyId' | 'count'>,
  plantedOn: string,
): PotToday {
  const proposed = { ...plants, id: 'proposed', containerId: container.id, plantedOn }
  const planted = { ...garden, plantings: [...garden.plantings, proposed] }
  return potOn(planted, container, addDays(plantedOn, GROWN_AFTER_DAYS))
}

/**
 * The garden on one day, recomputed whole from what the gardener entered:
 * volumes, mixes, plants, water and what is still to do.
 *
 * @param at a day or moment, `YYYY-MM-DD…`
 */
export function gardenToday(garden: Garden, at: string): GardenToday {
  const day = dayIn(garden, dayOf(at))
  const { date, weather, reference } = day
  return {
    date,
    weather,
    reference,
    referenceReasons: weather ? referenceReasons(inEquation(weather), garden.place) : [],
    pots: garden.containers.map((container) => potToday(garden, container, day)),
  }
}
