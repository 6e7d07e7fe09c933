// Gardens of one pot in towns of the world, for tests. Normals as climate tables round them (memory).
import { typicalContainer, type Container } from '../src/container'
import { emptyGarden, type Garden, type Planting } from '../src/garden'
import type { MonthNormal } from '../src/weather'

interface Town {
  readonly latitudeDeg: number
  readonly elevationM: number
  readonly coastal: boolean
  /** Mean highest and lowest, °C, rain, mm, and days with rain, January first. */
  readonly months: readonly (readonly [number, number, number, number])[]
}

const town = (
  [latitudeDeg, elevationM, coastal]: readonly [number, number, boolean],
  highs: readonly number[],
  lows: readonly number[],
  rains: readonly number[],
  wetDays: readonly number[],
): Town => ({
  latitudeDeg,
  elevationM,
  coastal,
  months: highs.map((high, month) => [high, lows[month]!, rains[month]!, wetDays[month]!]),
})

// prettier-ignore
export const towns = {
  hull: town([53.7, 5, true], [7, 7, 10, 12, 16, 19, 21, 21, 18, 14, 10, 7], [1, 1, 3, 4, 7, 10, 12, 12, 10, 7, 4, 2],
    [50, 40, 40, 42, 46, 58, 53, 60, 54, 58, 62, 57], [11, 9, 9, 9, 9, 9, 9, 9, 9, 11, 12, 11]),
  kent: town([51.3, 50, false], [8, 8, 11, 14, 17, 20, 23, 23, 19, 15, 11, 8], [2, 2, 3, 5, 8, 11, 13, 13, 10, 8, 4, 2],
    [65, 48, 45, 45, 48, 48, 48, 55, 55, 78, 75, 70], [11, 9, 9, 9, 8, 8, 8, 8, 8, 10, 11, 11]),
  vienna: town([48.2, 200, false], [3, 5, 10, 16, 20, 24, 26, 26, 20, 14, 8, 4], [-2, -1, 3, 7, 11, 15, 17, 16, 12, 7, 3, -1],
    [40, 40, 50, 45, 70, 75, 75, 65, 60, 45, 50, 45], [7, 7, 8, 7, 9, 9, 9, 8, 8, 7, 8, 8]),
  edmonton: town([53.5, 670, false], [-6, -3, 2, 11, 17, 21, 23, 22, 17, 10, 0, -5], [-15, -13, -8, -1, 5, 9, 12, 10, 5, -1, -9, -14],
    [22, 14, 18, 28, 45, 78, 90, 60, 42, 22, 20, 18], [9, 7, 7, 7, 10, 13, 14, 11, 9, 7, 8, 8]),
  adelaide: town([-34.9, 50, true], [29, 29, 26, 22, 19, 16, 15, 17, 19, 22, 25, 27], [17, 17, 15, 12, 10, 8, 7, 8, 9, 11, 14, 15],
    [20, 17, 25, 40, 60, 75, 75, 65, 58, 42, 30, 27], [4, 3, 5, 8, 12, 14, 16, 15, 13, 9, 8, 7]),
  singapore: town([1.3, 15, true], [30, 31, 32, 32, 32, 31, 31, 31, 31, 31, 31, 30], [24, 24, 25, 25, 25, 25, 25, 25, 24, 24, 24, 24],
    [235, 115, 170, 155, 170, 135, 155, 155, 165, 190, 260, 315], [14, 9, 13, 15, 14, 13, 14, 14, 14, 16, 19, 19]),
  southOfEquator: town([-1, 50, false], [31, 31, 32, 31, 31, 31, 30, 31, 31, 31, 31, 31], [23, 23, 23, 23, 23, 22, 22, 22, 22, 23, 23, 23],
    [180, 180, 200, 180, 150, 90, 70, 60, 80, 120, 150, 180], [15, 15, 16, 15, 13, 9, 8, 7, 8, 11, 13, 15]),
  phoenix: town([33.4, 340, false], [20, 22, 26, 30, 35, 40, 41, 40, 38, 32, 25, 19], [8, 9, 12, 16, 21, 25, 29, 28, 25, 18, 11, 7],
    [23, 24, 25, 6, 3, 0.5, 24, 25, 17, 15, 17, 22], [4, 4, 3, 1, 0.7, 0.3, 4, 5, 3, 2.5, 2.5, 4]),
  cairo: town([30, 70, false], [19, 21, 24, 28, 32, 34, 35, 35, 33, 30, 25, 20], [9, 10, 12, 15, 18, 21, 22, 22, 20, 18, 14, 10],
    [5, 4, 4, 1, 1, 0, 0, 0, 0, 1, 4, 6], [2, 2, 2, 1, 1, 0, 0, 0, 0, 1, 1, 2]),
  seville: town([37.4, 10, false], [16, 18, 22, 24, 28, 33, 36, 36, 32, 26, 20, 17], [6, 7, 9, 11, 14, 18, 20, 20, 18, 14, 10, 7],
    [66, 50, 36, 54, 31, 10, 2, 5, 27, 68, 91, 99], [6, 6, 5, 7, 4, 1.5, 0.3, 0.5, 2.5, 6, 6, 8]),
  lisbon: town([38.7, 20, true], [15, 16, 19, 20, 22, 26, 28, 28, 27, 23, 18, 15], [8, 9, 11, 12, 13, 16, 17, 18, 17, 15, 11, 9],
    [100, 85, 55, 65, 55, 17, 5, 7, 33, 100, 125, 125], [11, 10, 8, 9, 7, 3, 1, 1, 4, 9, 11, 12]),
  darwin: town([-12.5, 30, true], [32, 31, 32, 33, 32, 31, 31, 31, 33, 33, 33, 33], [25, 25, 25, 24, 22, 20, 19, 20, 23, 25, 25, 25],
    [425, 375, 320, 100, 20, 1, 1, 5, 15, 70, 140, 250], [20, 19, 18, 9, 2, 0.5, 0.5, 0.5, 2, 7, 12, 17]),
} as const satisfies Readonly<Record<string, Town>>
export type TownName = keyof typeof towns

export const normalsOf = (name: TownName): MonthNormal[] =>
  towns[name].months.map(([tempMaxC, tempMinC, rainMm, wetDays]) => ({
    tempMaxC,
    tempMinC,
    rainMm,
    wetDays,
  }))

/** One for all: what is worked out of its mixes is kept. */
const garden = emptyGarden('g', 'Mine', 'Balcony')

/** One container with one kind of plants in such a town. */
export function gardenIn(
  name: TownName,
  planted: Pick<Planting, 'varietyId' | 'plantedOn'> & { readonly count?: number },
  container: Partial<Container> & Pick<Container, 'type'> = { type: 'halfBarrel' },
): Garden {
  const { latitudeDeg, elevationM, coastal } = towns[name]
  return {
    ...garden,
    place: { ...garden.place, latitudeDeg, elevationM, coastal },
    normals: normalsOf(name),
    containers: [
      {
        ...typicalContainer(container.type),
        id: 'k',
        code: 'K',
        name: 'Pot',
        spaceId: garden.spaces[0]!.id,
        recipeId: 'thirds',
        mulchMm: 0,
        exposure: 'open',
        ...container,
      },
    ],
    plantings: [{ id: 'p', containerId: 'k', count: 1, ...planted }],
  }
}
