import { usualWater } from '../feed'
import { defaultMeasures } from '../units'
import { GARDEN_FORMAT, GARDEN_VERSION, type Garden } from './garden'

/** Bagged mix at a usual price (memory). */
export const usualBaggedMix = { looseL: 40, price: 12 } as const

/** A new garden with one space and nothing in it. The place is a guess to be corrected. */
export const emptyGarden = (id: string, name: string, spaceName: string): Garden => ({
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
  },
  place: { name, latitudeDeg: 45, longitudeDeg: 0, elevationM: 100, coastal: false },
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
  records: [],
})
