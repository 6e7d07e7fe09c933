import { defaultMeasures } from '../units'
import { GARDEN_FORMAT, GARDEN_VERSION, type Garden } from './garden'

/** A new garden with one space and nothing in it. The place is a guess to be corrected. */
export const emptyGarden = (id: string, name: string, spaceName: string): Garden => ({
  format: GARDEN_FORMAT,
  version: GARDEN_VERSION,
  id,
  name,
  settings: { unitSystem: 'metric', measures: defaultMeasures, shrinkShares: {} },
  place: { name, latitudeDeg: 45, longitudeDeg: 0, elevationM: 100, coastal: false },
  spaces: [{ id: 'space-1', name: spaceName, covered: false }],
  containers: [],
  varieties: [],
  plantings: [],
  recipes: [],
  weather: [],
  records: [],
})
