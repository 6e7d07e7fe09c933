import { findTowns, nearestTown, readTowns, type Town, type TownList } from '@rimbo/core'
import townsUrl from '../data/towns.txt?url'
import { expose } from './door'

/** The list is fetched and read once, when the first letter is typed. */
let reading: Promise<TownList> | undefined
async function fetched(): Promise<TownList> {
  const response = await fetch(townsUrl)
  if (!response.ok) throw new TypeError(response.statusText)
  return readTowns(await response.text())
}
function list(): Promise<TownList> {
  reading ??= fetched().catch((error: unknown) => {
    reading = undefined
    throw error
  })
  return reading
}

const work = {
  find: async (typed: string, most: number, region?: string): Promise<Town[]> =>
    findTowns(await list(), typed, most, region),
  nearest: async (latitudeDeg: number, longitudeDeg: number): Promise<Town | undefined> =>
    nearestTown(await list(), latitudeDeg, longitudeDeg),
}
export type TownsWork = typeof work
expose(work)
