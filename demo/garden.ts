import { emptyGarden, type Garden, type Planting } from '@rimbo/core'
import { arrangement } from './arrangement'
import { containers } from './containers'
import { feedShelf } from './feeding'
import { mixing } from './mixing'
import { counts } from './stock'
import { normals } from './normals'
import { spaces } from './spaces'
import { demoWeather } from './weather'

/** The demo's clock stands still here. */
export const DEMO_NOW = '2026-06-18T07:30'
export const DEMO_FROM = '2026-03-01'

const planted: readonly [containerId: string, varietyId: string, count: number, on: string][] = [
  ['b1', 'blackCherry', 1, '2026-04-08'],
  ['f1', 'marmande', 1, '2026-04-14'],
  ['f2', 'rioGrande', 1, '2026-04-14'],
  ['f3', 'cornoDiToroRosso', 1, '2026-04-28'],
  ['k1', 'padron', 1, '2026-04-26'],
  ['k2', 'jimmyNardello', 1, '2026-04-26'],
  ['k3', 'hungarianHotWax', 2, '2026-05-03'],
  ['r1', 'stupice', 2, '2026-04-10'],
  ['r2', 'californiaWonder', 2, '2026-05-03'],
  ['n1', 'lemonDrop', 1, '2025-05-05'],
  ['l1', 'redAlert', 3, '2026-04-08'],
  ['t1', 'tinyTim', 20, '2026-04-17'],
  ['h1', 'trailingCherry', 1, '2026-04-20'],
  ['h2', 'trailingCherry', 1, '2026-04-20'],
  ['s1', 'bulgarianCarrot', 2, '2026-05-01'],
  ['s2', 'cornoDiToroRosso', 2, '2026-05-01'],
]
/** Cut back in autumn and kept behind a window over winter. */
export const KEPT_OVER_WINTER = 'plant-n1'
const plantings: Planting[] = planted.map(([containerId, varietyId, count, plantedOn]) => ({
  id: `plant-${containerId}`,
  containerId,
  varietyId,
  count,
  plantedOn,
}))

/** The demo garden before anything was recorded in it. All of it is invented. */
export function demoGarden(): Garden {
  const place = {
    name: 'Port Maren',
    latitudeDeg: 44.1,
    longitudeDeg: 9.5,
    elevationM: 35,
    coastal: true,
    lastFrost: '03-12',
    firstFrost: '11-28',
  }
  const empty = emptyGarden('demo', 'Third floor, Port Maren', 'Balcony')
  const { water, ...feeding } = feedShelf
  return {
    ...empty,
    settings: { ...empty.settings, fruitPrices: { tomato: 5.5, pepper: 6.5 }, water },
    ...feeding,
    clock: DEMO_NOW,
    place,
    spaces,
    containers,
    plantings,
    arrangement,
    ...mixing,
    normals,
    records: [...counts],
    weather: demoWeather(DEMO_FROM, 117, place.latitudeDeg),
  }
}
