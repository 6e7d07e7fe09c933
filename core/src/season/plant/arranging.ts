import { containerMass, containerVolumes, mixBody, type Container } from '../../container'
import { type ArrangeTask, type SpotKind, type StandingSpot } from '../../fit'
import { arrangementOf, mixesOf, varietyOf, type Garden } from '../../garden'
import { drainedBody, type Mix } from '../../mix'
import {
  boxOf,
  floorAreaM2,
  footprintOf,
  gapMm,
  outerSizeMm,
  outOfReach,
  standingFaults,
  stepIn,
  type Footprint,
  type Space,
} from '../../place'
import { grownPlantKg, sharedYield } from '../../plant'
import { USUAL_MIX } from '../course'
import { conditionsAt } from './site'

/** A free place is looked for that takes a large pot. */
const FREE_SIZE_MM = 420
const STEP_MM = 210
/** Walking a whole floor takes long: in a large yard fewer places are tried. */
const TRIED_STEPS = 1e6
const WALKED_MM = 50
/** A yard is not looked at more finely than this, and no more places than these are offered. */
const MOST_STEPS = 150
const MOST_FREE = 60
/** Mix stands so high in it. */
const FREE_MIX_MM = 300
/** Leaves may reach into a neighbour by a third. */
const CROWN_OVER_ROOM = 4 / 3
/** What the papers allow is for people, furniture and snow as well: pots are given half (our choice). */
const POTS_SHARE = 0.5
const KG_PER_KN = 1000 / 9.81

const freePrint = (id: string, xMm: number, yMm: number, sizeMm: number): Footprint => ({
  id,
  xMm,
  yMm,
  isRound: true,
  lengthMm: sizeMm,
  widthMm: sizeMm,
  fromMm: 0,
  toMm: 400,
})

/**
 * Places of a space where nothing stands yet and a pot could, row by row from
 * the parapet inwards, the way to the door and to every pot kept free: first one
 * for each large size that is asked for, then as many for a large pot as there is
 * room.
 */
function freePlaces(
  { id, plan }: Space,
  taken: readonly Footprint[],
  sizesMm: readonly number[],
): Footprint[] {
  if (!plan || plan.isEarth) return []
  const box = boxOf(plan.corners)
  const found: Footprint[] = []
  const stepMm = stepIn(box, STEP_MM, MOST_STEPS)
  const walked = Math.min(
    ((box.rightMm - box.leftMm) * (box.highMm - box.lowMm)) / WALKED_MM ** 2,
    MOST_STEPS ** 2,
  )
  let triesLeft = Math.ceil(TRIED_STEPS / Math.max(1, walked))
  const search = (sizeMm: number, most: number): void => {
    const half = sizeMm / 2
    let left = most
    for (let y = box.highMm - half; y >= box.lowMm + half; y -= stepMm)
      for (let x = box.leftMm + half; x <= box.rightMm - half; x += stepMm) {
        if (left === 0 || triesLeft === 0) return
        const print = freePrint(`free-${id}-${Math.round(x)}-${Math.round(y)}`, x, y, sizeMm)
        const there = [...taken, ...found]
        const isClear =
          there.every((other) => other.fromMm > 400 || gapMm(print, other) >= 0) &&
          !standingFaults(plan, [print]).length
        if (!isClear) continue
        triesLeft -= 1
        if (outOfReach(plan, [...there, print]).length) continue
        found.push(print)
        left -= 1
      }
  }
  for (const sizeMm of sizesMm) search(sizeMm, 1)
  search(FREE_SIZE_MM, MOST_FREE)
  return found
}

/** No more than so many places are kept for one kind of large container. */
const MOST_LARGE = 2

/** Sizes over the usual that want a place: of pots without one, and of what the budget buys; largest first. */
function largeSizesMm({ containers, arrangement }: Garden): number[] {
  const across = (container: Container) => {
    const { lengthMm, widthMm } = outerSizeMm(container)
    return Math.max(lengthMm, widthMm)
  }
  const loose = containers.filter((one) => !one.standing && kindOf(one) === 'floor').map(across)
  const bought = (arrangement?.offers ?? []).flatMap(({ container, price, atMost }) => {
    const affordable = price > 0 ? Math.floor((arrangement?.budget ?? 0) / price) : MOST_LARGE
    return Array.from({ length: Math.min(MOST_LARGE, atMost, affordable) }, () => across(container))
  })
  return [...loose, ...bought]
    .filter((sizeMm) => sizeMm > FREE_SIZE_MM)
    .sort((one, other) => other - one)
}

const kindOf = (container: Container | undefined): SpotKind =>
  container?.type === 'basket' ? 'hook' : container?.sunken ? 'earth' : 'floor'

/**
 * The places that pots may be arranged on: where containers stand now, and free
 * places beside them. Each has half of every gap to its neighbours as its own.
 *
 * @param year whose months of sun are looked at
 */
export function standingSpots(garden: Garden, year: number): StandingSpot[] {
  const sizesMm = largeSizesMm(garden)
  return garden.spaces.flatMap((space): StandingSpot[] => {
    const here = garden.containers.filter((one) => one.spaceId === space.id)
    const prints = here.flatMap((one) => footprintOf(one) ?? [])
    const all = [...prints, ...freePlaces(space, prints, sizesMm)]
    const containerOf = (print: Footprint) => here.find((one) => one.id === print.id)
    const conditions = conditionsAt(
      garden,
      space.plan,
      all.map((print) => {
        const container = containerOf(print)
        return {
          ...print,
          mixMm: container ? container.baseHeightMm + container.fillMm : FREE_MIX_MM,
        }
      }),
      year,
    )
    return all.map((print, index) => {
      const kind = kindOf(containerOf(print))
      const others = all.filter((other) => other !== print && kindOf(containerOf(other)) === kind)
      const gap = Math.min(2 * FREE_SIZE_MM, ...others.map((other) => gapMm(print, other)))
      const room = Math.max(0, gap)
      return {
        id: print.id,
        spaceId: space.id,
        kind,
        xMm: print.xMm,
        yMm: print.yMm,
        conditions: conditions[index]!,
        lengthMm: print.lengthMm + room,
        widthMm: print.widthMm + room,
        crownMm: (Math.max(print.lengthMm, print.widthMm) + room) * CROWN_OVER_ROOM,
      }
    })
  })
}

/** A container as it weighs watered, with its own mix and no plant. */
function wateredKg(container: Container, mix: Mix): number {
  const held = {
    dryDensityGL: mix.blend.bulkDensityGL,
    ...drainedBody(mixBody(container), mix.curve),
  }
  return containerMass(container, held, 0).wateredKg
}

/** A container as it weighs if the arrangement leaves it as it is: with its plants grown, or empty if it is. */
function restKg(garden: Garden, container: Container, filledKg: number): number {
  const planted = garden.plantings.filter(({ containerId }) => containerId === container.id)
  if (!planted.length && container.recipeId === undefined)
    return containerMass(container, undefined, 0).emptyKg
  const volumes = containerVolumes(container)
  const count = planted.reduce((sum, planting) => sum + planting.count, 0)
  return planted.reduce((sum, planting) => {
    const variety = varietyOf(garden, planting.varietyId)
    if (!variety) return sum
    return (
      sum + planting.count * grownPlantKg(variety, sharedYield(variety, volumes, count).perPlant)
    )
  }, filledKg)
}

/** Everything the arrangement is worked out from, as the garden has it. */
export function arrangeTaskOf(garden: Garden, spots: readonly StandingSpot[]): ArrangeTask {
  const wanted = arrangementOf(garden)
  const mixes = mixesOf(garden)
  const weighed = (container: Container) =>
    wateredKg(container, mixes(container.recipeId) ?? mixes(USUAL_MIX)!)
  const spotIds = new Set(spots.map(({ id }) => id))
  const pots = garden.containers.filter((container) => containerVolumes(container).fillVolumeL > 0)
  return {
    wishes: wanted.wishes.flatMap(({ varietyId, wish, atMost }) => {
      const variety = varietyOf(garden, varietyId)
      return variety ? [{ variety, wish, atMost }] : []
    }),
    pots: pots.map((container) => ({
      container,
      wateredKg: weighed(container),
      restKg: restKg(garden, container, weighed(container)),
      // Where a container stands, its spot has the container's own id.
      spotId: spotIds.has(container.id) ? container.id : undefined,
    })),
    offers: wanted.offers.map((offer) => ({
      ...offer,
      wateredKg: weighed(offer.container),
    })),
    spots,
    allowedKg: Object.fromEntries(
      garden.spaces.flatMap(({ id, plan }) =>
        plan?.allowedKnM2 && !plan.isEarth
          ? [[id, plan.allowedKnM2 * floorAreaM2(plan) * KG_PER_KN * POTS_SHARE]]
          : [],
      ),
    ),
    school: wanted.school,
    acceptsTight: wanted.acceptsTight,
    mostPerPot: wanted.mostPerPot,
    budget: wanted.budget,
    pins: wanted.pins
      .filter(({ containerId }) => pots.some((one) => one.id === containerId))
      .map(({ containerId, stays, varietyId }) => ({
        containerId,
        spotId: stays && spotIds.has(containerId) ? containerId : undefined,
        varietyId,
      })),
  }
}
