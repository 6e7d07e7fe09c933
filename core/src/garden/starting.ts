import { usualWater } from '../feed'
import type { Place } from '../place'
import { defaultMeasures } from '../units'
import type { MonthNormal } from '../weather'
import { GARDEN_FORMAT, GARDEN_VERSION } from './format'
import type { Garden, Settings } from './garden'

/** Bagged mix at a usual price (memory). */
export const usualBaggedMix = { looseL: 40, price: 12 } as const

/** Where people buy by the gallon and read °F (memory). */
const US_UNITS: readonly string[] = ['US', 'LR']

/** The units of a region, by its two letters of ISO 3166; a British gardener buys mix by the litre. */
export const unitsOfRegion = (region: string | undefined): Settings['unitSystem'] =>
  region !== undefined && US_UNITS.includes(region) ? 'us' : 'metric'

/** Where a new garden lies, its climate as it was guessed, and how its gardener measures and pays. */
export interface StartsWith {
  readonly place: Place
  readonly guessed: readonly MonthNormal[]
  readonly settings: Partial<Pick<Settings, 'unitSystem' | 'currency' | 'weekStartsOn'>>
}

/** Whether the climate was typed from a table: then it stays when the garden moves. */
export const hasTypedNormals = ({
  normals,
  normalsAreGuessed,
}: Pick<Garden, 'normals' | 'normalsAreGuessed'>): boolean => !!normals && !normalsAreGuessed

/** A new garden with one space and nothing in it. Without a place, that is a guess to be corrected. */
export const emptyGarden = (
  id: string,
  name: string,
  spaceName: string,
  start?: StartsWith,
): Garden => ({
  format: GARDEN_FORMAT,
  version: GARDEN_VERSION,
  id,
  name,
  settings: {
    unitSystem: 'metric',
    measures: defaultMeasures,
    currency: 'EUR',
    baggedMix: usualBaggedMix,
    water: usualWater.tap,
    ...start?.settings,
  },
  place: start?.place ?? {
    name,
    latitudeDeg: 45,
    longitudeDeg: 0,
    elevationM: 100,
    coastal: false,
  },
  spaces: [{ id: 'space-1', name: spaceName, covered: false }],
  containers: [],
  varieties: [],
  plantings: [],
  recipes: [],
  ingredients: [],
  mixTests: [],
  products: [],
  feedPlans: {},
  weather: [],
  ...(start && { normals: [...start.guessed], normalsAreGuessed: true }),
  records: [],
})
