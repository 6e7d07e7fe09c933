import { practice } from '../units'
import type { FeedProduct } from './productSchema'

/** As strong as its maker happens to make it: between so many times the middle (memory). */
const strengthTimes = { least: 0.2, most: 3 }

const brewed = (
  id: string,
  analysis: FeedProduct['analysis'],
  waterParts: number,
  more: Partial<FeedProduct> = {},
): FeedProduct => ({
  id,
  form: 'liquid',
  analysis,
  ammoniumShare: 1,
  strengthTimes,
  densityGMl: 1,
  // Diluted by eye until it looks like weak tea (practice); there is no label to go by.
  rates: [{ kind: 'dilution', waterParts }],
  leastDays: 7,
  mostDays: 14,
  placement: 'drench',
  cautions: ['homeMade'],
  packs: [],
  provenance: practice,
  ...more,
})

/**
 * What gardeners brew and burn themselves. Nobody knows its strength: the analysis
 * is the middle of what is told (memory), its doubt stands beside it and goes
 * through the ledger.
 */
export const homeMade: readonly FeedProduct[] = [
  brewed('weedTea', { n: 0.06, p2o5: 0.02, k2o: 0.12, cao: 0.03 }, 10),
  brewed('manureTea', { n: 0.08, p2o5: 0.03, k2o: 0.1 }, 10, { cautions: ['homeMade', 'manure'] }),
  brewed('fruitFerment', { n: 0.02, p2o5: 0.01, k2o: 0.1 }, 50),
  brewed('compostTea', { n: 0.02, p2o5: 0.01, k2o: 0.04 }, 1),
  {
    id: 'boneAsh',
    form: 'granularOrganic',
    // Burnt, it has no nitrogen left; its phosphate is bound as firmly as in rock (memory).
    analysis: { p2o5: 15, cao: 45 },
    strengthTimes: { least: 0.3, most: 2 },
    densityGMl: 0.8,
    rates: [{ kind: 'perLitreMix', leastG: 0.3, massG: 0.6, mostG: 1.2 }],
    leastDays: 60,
    placement: 'throughUpperTwoThirds',
    cautions: ['dust', 'homeMade'],
    packs: [],
    provenance: practice,
  },
]
