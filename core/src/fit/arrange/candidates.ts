import { containerVolumes, type Container } from '../../container'
import { outerSizeMm } from '../../place'
import { crownAcrossMm, fullCropKg, grownPlantKg, sharedYield } from '../../plant'
import {
  heatCondition,
  heightCondition,
  lightCondition,
  ownCondition,
  sunCondition,
  type SpotConditions,
} from '../conditions'
import { judgeFit } from '../judge'
import type { ArrangeTask, Pin, PotOnHand, SpotKind, StandingSpot, WishedPlant } from './types'

/** Containers that are all the same to a plant, and may be exchanged for one another. */
export interface PotGroup {
  readonly container: Container
  readonly wateredKg: number
  /** Where its containers are now, and as each weighs if it is left so; nowhere for an offer. */
  readonly homeId: string | undefined
  readonly restKg: number
  /** Ids on hand; empty for an offer. */
  readonly containerIds: readonly string[]
  readonly offer: ArrangeTask['offers'][number] | undefined
  readonly most: number
  readonly pin: Pin | undefined
  /** Room that the largest of them needs. */
  readonly lengthMm: number
  readonly widthMm: number
}

/** Spots that are all the same to a plant; each is taken at the worst of its group. */
export interface SpotGroup {
  readonly spots: readonly StandingSpot[]
  readonly spaceId: string
  readonly kind: SpotKind
  readonly conditions: SpotConditions
  readonly lengthMm: number
  readonly widthMm: number
  readonly crownMm: number
}

/** So many plants of a wish in a container of a group on a spot of a group. */
export interface Candidate {
  readonly wish: WishedPlant
  readonly pot: number
  readonly spot: number
  readonly count: number
  /** Fruit of a season, all together. */
  readonly expectedKg: number
  readonly grownKg: number
}

/** What keeps a wish out of a container at a spot. */
export type Hindrance = 'school' | 'sun' | 'height' | 'room' | 'pinned'

const groupBy = <T>(list: readonly T[], keyOf: (one: T) => string): T[][] => [
  ...list
    .reduce((groups, one) => {
      const key = keyOf(one)
      return groups.set(key, [...(groups.get(key) ?? []), one])
    }, new Map<string, T[]>())
    .values(),
]

/** Up to this many combinations nothing is rounded. */
const ROUND_ABOVE = 6000
const ALIKE_SHARE = 0.04

/** How alike containers and spots must be to be taken as one: in all, in a small garden. */
export const alikeShareFor = ({ wishes, pots, offers, spots }: ArrangeTask): number =>
  wishes.length * (pots.length + offers.length) * spots.length > ROUND_ABOVE ? ALIKE_SHARE : 0

/** What a plant does not notice of a container. */
const sameToPlants = (container: Container) => {
  const { id: _i, code: _c, name: _n, label: _l, standing: _s, spaceId: _p, ...rest } = container
  return JSON.stringify(rest)
}

/** What a plant would hardly notice: the same kind and wall, about as much root room. */
const likeToPlants = (container: Container, alikeShare: number) => {
  const { type, material, colour, isInsulated, baseHeightMm } = container
  const { rootVolumeL, cells } = containerVolumes(container)
  const volumeStep = Math.floor(Math.log(rootVolumeL) / Math.log(1 + alikeShare))
  return JSON.stringify([type, material, colour, isInsulated, baseHeightMm, cells, volumeStep])
}

/** What is sunk or fixed stays where it is, whoever pinned it. */
export const isKeptInPlace = ({ sunken, isFixed, type }: Container): boolean =>
  !!sunken || !!isFixed || type === 'sunkenPot'

/**
 * Containers that are alike to the solver, taken together: it counts them instead of
 * telling them apart.
 *
 * @param alikeShare volumes within so much of each other are alike; exactly equal ones at 0
 */
export function potGroups(
  { pots, offers, pins, allowedKg }: ArrangeTask,
  alikeShare: number,
): PotGroup[] {
  // What leaves a floor that has a limit takes its weight from there.
  const homeOf = ({ container, spotId, restKg }: PotOnHand) =>
    (restKg ?? (spotId === undefined ? 0 : 1)) > 0 && Object.hasOwn(allowedKg, container.spaceId)
      ? container.spaceId
      : undefined
  const keyOf = (pot: PotOnHand) => {
    const { container, restKg, wateredKg } = pot
    const home = homeOf(pot)
    const here = home === undefined ? '' : `${home} ${Math.round(restKg ?? wateredKg)}`
    return `${here} ${alikeShare ? likeToPlants(container, alikeShare) : sameToPlants(container)}`
  }
  const pinned = pots.map((pot) => {
    const pin = pins.find((one) => one.containerId === pot.container.id)
    const isKept = isKeptInPlace(pot.container) && pot.spotId !== undefined
    const kept = isKept ? { containerId: pot.container.id, ...pin, spotId: pot.spotId } : pin
    return { ...pot, pin: kept }
  })
  const onHand = groupBy(pinned, (pot) => (pot.pin ? pot.container.id : keyOf(pot))).map(
    (group): PotGroup => {
      const byRoots = [...group].sort(
        (one, other) =>
          containerVolumes(one.container).rootVolumeL -
          containerVolumes(other.container).rootVolumeL,
      )
      const sizes = group.map(({ container }) => outerSizeMm(container))
      return {
        ...byRoots[0]!,
        wateredKg: Math.max(...group.map((one) => one.wateredKg)),
        homeId: homeOf(group[0]!),
        restKg: Math.max(...group.map((one) => one.restKg ?? one.wateredKg)),
        containerIds: group.map(({ container }) => container.id),
        offer: undefined,
        most: group.length,
        lengthMm: Math.max(...sizes.map((size) => size.lengthMm)),
        widthMm: Math.max(...sizes.map((size) => size.widthMm)),
      }
    },
  )
  const toBuy = offers.map((offer): PotGroup => ({
    ...offer,
    homeId: undefined,
    restKg: 0,
    containerIds: [],
    offer,
    most: offer.atMost,
    pin: undefined,
    ...outerSizeMm(offer.container),
  }))
  return [...onHand, ...toBuy]
}

/** Steps in which spots are taken as alike. */
const SUN_STEP_H = 1
const ROOM_STEP_MM = 50
const stepOf = (value: number, step: number) => Math.floor(value / step + 1e-9)

const least = (values: readonly (number | undefined)[]): number | undefined =>
  values.some((value) => value === undefined) ? undefined : Math.min(...(values as number[]))

/**
 * Spots that are alike to the solver, taken together; one that something is pinned to
 * stays by itself.
 *
 * @param alikeShare above 0, sun and room are compared in steps instead of exactly
 */
export function spotGroups(
  { spots, pins }: ArrangeTask,
  pots: readonly PotGroup[],
  alikeShare: number,
): SpotGroup[] {
  const alone = new Set([...pins, ...pots.flatMap(({ pin }) => pin ?? [])].map((pin) => pin.spotId))
  const keyOf = (spot: StandingSpot) => {
    if (alone.has(spot.id)) return spot.id
    if (!alikeShare) {
      const { id: _, xMm: _x, yMm: _y, ...rest } = spot
      return JSON.stringify(rest)
    }
    const { ceilingMm, hot, spring } = spot.conditions
    return [
      spot.spaceId,
      spot.kind,
      sunCondition(spot.conditions).verdict,
      stepOf(lightCondition(spot.conditions).factor, alikeShare),
      ceilingMm ?? '',
      hot.tempMaxC,
      stepOf(hot.sunHours, SUN_STEP_H),
      spring.tempMaxC,
      stepOf(spot.lengthMm, ROOM_STEP_MM),
      stepOf(spot.widthMm, ROOM_STEP_MM),
      stepOf(spot.crownMm, ROOM_STEP_MM),
    ].join('|')
  }
  return groupBy(spots, keyOf).map((group): SpotGroup => {
    const first = group[0]!
    const sunHours = least(group.map(({ conditions }) => conditions.sunHours))
    const dliMol = least(group.map(({ conditions }) => conditions.dliMol))
    return {
      spots: group,
      spaceId: first.spaceId,
      kind: first.kind,
      conditions: {
        ...first.conditions,
        ...(sunHours === undefined ? {} : { sunHours }),
        ...(dliMol === undefined ? {} : { dliMol }),
        hot: {
          ...first.conditions.hot,
          sunHours: Math.max(...group.map(({ conditions }) => conditions.hot.sunHours)),
        },
      },
      lengthMm: Math.min(...group.map((spot) => spot.lengthMm)),
      widthMm: Math.min(...group.map((spot) => spot.widthMm)),
      crownMm: Math.min(...group.map((spot) => spot.crownMm)),
    }
  })
}

const kindFor = ({ type, sunken }: Container): SpotKind =>
  type === 'basket' ? 'hook' : sunken ? 'earth' : 'floor'

/** Whether a container can stand on a spot, turned if need be; on its own spot it always can. */
function stands({ container, pin, lengthMm, widthMm }: PotGroup, spot: SpotGroup): boolean {
  if (pin?.spotId) return spot.spots.some((one) => one.id === pin.spotId)
  if (kindFor(container) !== spot.kind) return false
  const fits = (length: number, width: number) => length <= spot.lengthMm && width <= spot.widthMm
  return fits(lengthMm, widthMm) || fits(widthMm, lengthMm)
}

interface Counts {
  readonly candidates: Candidate[]
  /** How often each hindrance kept a wish out, by variety id. */
  readonly hindered: Map<string, Map<Hindrance, number>>
}

/** Every way to put a wish into a container on a spot that its school, the sun and the room allow. */
export function candidatesOf(
  task: ArrangeTask,
  pots: readonly PotGroup[],
  spots: readonly SpotGroup[],
): Counts {
  const candidates: Candidate[] = []
  const hindered = new Map<string, Map<Hindrance, number>>()
  const hinder = ({ variety }: WishedPlant, by: Hindrance) => {
    const counts = hindered.get(variety.id) ?? new Map<Hindrance, number>()
    counts.set(by, (counts.get(by) ?? 0) + 1)
    hindered.set(variety.id, counts)
  }
  const accepts = (verdict: string) =>
    verdict === 'good' || (verdict === 'tight' && task.acceptsTight)
  const places = pots.map((pot) =>
    spots.flatMap((spot, index) =>
      stands(pot, spot)
        ? [
            {
              index,
              spot,
              heat:
                heatCondition(pot.container, spot.conditions).factor *
                (ownCondition(pot.container)?.factor ?? 1),
            },
          ]
        : [],
    ),
  )
  const sunny = spots.map(({ conditions }) => sunCondition(conditions).verdict !== 'poor')
  const light = spots.map(({ conditions }) => lightCondition(conditions).factor)

  for (const wish of task.wishes) {
    pots.forEach((pot, potIndex) => {
      const { container, pin } = pot
      if (pin?.varietyId && pin.varietyId !== wish.variety.id) return hinder(wish, 'pinned')
      const volumes = containerVolumes(container)
      const most = Math.min(wish.atMost, Math.max(task.mostPerPot, volumes.cells))
      for (let count = 1; count <= most; count++) {
        const judged = judgeFit({ variety: wish.variety, container, count, school: task.school })
        // Where a school says nothing, Rimbo's own decides.
        const { verdict } =
          judged.verdict === 'silent'
            ? judgeFit({ variety: wish.variety, container, count, school: 'house' })
            : judged
        const isPinned = pin?.varietyId === wish.variety.id
        if (!accepts(verdict) && !isPinned) {
          hinder(wish, 'school')
          continue
        }
        const { perPlant, total } = sharedYield(wish.variety, volumes, count)
        const grownKg = pot.wateredKg + count * grownPlantKg(wish.variety, perPlant)
        const crown = crownAcrossMm(
          wish.variety,
          perPlant,
          Math.min(count, volumes.cells > 1 ? 1 : count),
        )
        const fullKg = total * fullCropKg(wish.variety)
        if (!places[potIndex]!.length) hinder(wish, 'room')
        for (const { index, spot, heat } of places[potIndex]!) {
          const height = heightCondition(wish.variety, container, perPlant, spot.conditions)
          const isOwnSpot = !!pin?.spotId
          if (!sunny[index] && !isOwnSpot) hinder(wish, 'sun')
          else if (height.verdict === 'poor') hinder(wish, 'height')
          else if (crown > spot.crownMm && !isOwnSpot) hinder(wish, 'room')
          else
            candidates.push({
              wish,
              pot: potIndex,
              spot: index,
              count,
              expectedKg: fullKg * light[index]! * heat * height.factor,
              grownKg,
            })
        }
      }
    })
  }
  return { candidates, hindered }
}
