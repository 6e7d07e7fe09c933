import { usualNormals, type MonthNormal } from '../generator'
import type { Site } from '../referenceEvapotranspiration'
import { referencePlaces, type ReferencePlace } from './places'

/** Where a place lies; without its longitude it may lie anywhere on its latitude. */
export interface Whereabouts extends Site {
  readonly longitudeDeg?: number | undefined
}

const DEG = Math.PI / 180
const KM_DEG = 111.2
/** What makes two places as unlike as so many km between them (fitted by leaving each place out). */
const COAST_KM = 300
const HEIGHT_KM_M = 0.5
/** A degree further from or nearer to the equator matters more than one along it. */
const LATITUDE_WEIGHT = 1.5
/** Nearer than this, two places are one; it keeps a neighbour from being all. */
const SAME_KM = 60
const NEIGHBOURS = 6
const POWER = 2

/** How unlike two places are, as km. */
function unlikenessKm(one: Whereabouts, other: ReferencePlace): number {
  const northKm = (one.latitudeDeg - other.latitudeDeg) * KM_DEG * LATITUDE_WEIGHT
  const meanDeg = (one.latitudeDeg + other.latitudeDeg) / 2
  const apartDeg =
    one.longitudeDeg === undefined
      ? 0
      : Math.abs(((one.longitudeDeg - other.longitudeDeg + 540) % 360) - 180)
  const eastKm = apartDeg * KM_DEG * Math.cos(meanDeg * DEG)
  const coastKm = one.coastal === other.coastal ? 0 : COAST_KM
  const heightKm = Math.abs(one.elevationM - other.elevationM) * HEIGHT_KM_M
  return Math.hypot(northKm, eastKm, coastKm, heightKm, SAME_KM)
}

/** A reference place and how much it counts, 0–1. */
export interface Neighbour {
  readonly place: ReferencePlace
  readonly weight: number
}

/** The reference places that are most like a place, the most alike first; their weights sum to 1. */
export function climateNeighbours(
  place: Whereabouts,
  among: readonly ReferencePlace[] = referencePlaces,
): Neighbour[] {
  const nearest = among
    .map((other) => ({ place: other, km: unlikenessKm(place, other) }))
    .sort((one, other) => one.km - other.km)
    .slice(0, NEIGHBOURS)
  const weights = nearest.map(({ km }) => km ** -POWER)
  const sum = weights.reduce((total, one) => total + one, 0)
  return nearest.map(({ place: near }, index) => ({ place: near, weight: weights[index]! / sum }))
}

/** One place that counts for so much decides alone. */
const DECIDES = 0.8

/** The names of the places that a guess leans on most: the nearest, and the next where that does not decide alone. */
export const leansOn = (place: Whereabouts): string[] => {
  const [first, second] = climateNeighbours(place)
  return [first!, ...(first!.weight < DECIDES ? [second!] : [])].map(({ place: { name } }) => name)
}

/**
 * Normals of a place that is in no table: those of the reference places most like it
 * in distance, height and coast, each with what a place of that latitude and height
 * usually differs by (6.5 K/km and the course of the year), weighted by 1/d².
 *
 * Leaving out each of the reference places in turn, its months are off by 1.5 K on
 * average (`docs/methods.md`). Rain is that of the neighbours, and a rough guess.
 *
 * @returns twelve months, January first
 */
export function guessNormals(
  place: Whereabouts,
  among: readonly ReferencePlace[] = referencePlaces,
): MonthNormal[] {
  const neighbours = climateNeighbours(place, among).map(({ place: other, weight }) => ({
    known: other.normals,
    there: usualNormals(other),
    weight,
  }))
  return usualNormals(place).map((here, month) => {
    const mean = (valueOf: (of: (typeof neighbours)[number]) => number) =>
      neighbours.reduce((sum, one) => sum + one.weight * valueOf(one), 0)
    return {
      tempMaxC:
        here.tempMaxC + mean(({ known, there }) => known[month]!.tempMaxC - there[month]!.tempMaxC),
      tempMinC:
        here.tempMinC + mean(({ known, there }) => known[month]!.tempMinC - there[month]!.tempMinC),
      rainMm: mean(({ known }) => known[month]!.rainMm),
      wetDays: mean(({ known }) => known[month]!.wetDays),
    }
  })
}
