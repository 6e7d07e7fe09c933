import { memory, practice, reason, type Provenance, type Reason } from '../units'
import { labelToElements, type ElementAnalysis, type LabelAnalysis } from './label'

export type FeedCaution = 'dogs' | 'dust' | 'manure'
export type Placement = 'throughUpperTwoThirds' | 'wholeMix'

/** A feed that goes into the mix at planting. */
export interface StarterProduct {
  readonly id: string
  readonly analysis: LabelAnalysis
  /** Product for each litre of mix, g: least, usual, most. */
  readonly ratesGL: readonly [least: number, usual: number, most: number]
  /** What a loose millilitre weighs, g. */
  readonly densityGMl: number
  readonly placement: Placement
  readonly cautions: readonly FeedCaution[]
  readonly provenance: Provenance
}

/** Generic products with common analyses; the label on the user's own pack comes first. */
export const starterProducts: readonly StarterProduct[] = [
  {
    id: 'granularOrganic',
    analysis: { n: 4, p2o5: 6, k2o: 6 },
    // "Half a cup in a bucket" is near the most, "a handful or two in a large pot" near the least.
    ratesGL: [1, 2.5, 4.5],
    densityGMl: 0.75,
    placement: 'throughUpperTwoThirds',
    cautions: ['dust', 'dogs'],
    provenance: practice,
  },
  {
    id: 'controlledRelease',
    analysis: { n: 15, p2o5: 9, k2o: 12 },
    ratesGL: [2, 3, 5],
    densityGMl: 1.0,
    placement: 'wholeMix',
    cautions: [],
    provenance: memory,
  },
  {
    id: 'balancedGranular',
    analysis: { n: 10, p2o5: 10, k2o: 10 },
    ratesGL: [0.5, 1, 1.5],
    densityGMl: 1.0,
    placement: 'throughUpperTwoThirds',
    cautions: ['dust'],
    provenance: memory,
  },
  {
    id: 'boneMeal',
    analysis: { n: 3, p2o5: 15, cao: 33.6 },
    ratesGL: [0.7, 1.5, 2.5],
    densityGMl: 0.85,
    placement: 'throughUpperTwoThirds',
    cautions: ['dust', 'dogs'],
    provenance: practice,
  },
  {
    id: 'poultryPellets',
    analysis: { n: 4, p2o5: 2, k2o: 3 },
    ratesGL: [1, 2, 4],
    densityGMl: 0.7,
    placement: 'throughUpperTwoThirds',
    cautions: ['manure', 'dust', 'dogs'],
    provenance: memory,
  },
  {
    id: 'neemCake',
    analysis: { n: 4, p2o5: 1, k2o: 1.5 },
    ratesGL: [1, 2, 4],
    densityGMl: 0.55,
    placement: 'wholeMix',
    cautions: ['dust'],
    provenance: memory,
  },
  {
    id: 'kelpMeal',
    analysis: { n: 1, k2o: 2 },
    ratesGL: [0.5, 1.5, 3],
    densityGMl: 0.65,
    placement: 'wholeMix',
    cautions: ['dust'],
    provenance: memory,
  },
  {
    // Calcium without a change of pH: CaSO₄·2H₂O is 23.3 % Ca by formula mass.
    id: 'gypsum',
    analysis: { cao: 32.6 },
    ratesGL: [0.5, 1, 2],
    densityGMl: 0.9,
    placement: 'wholeMix',
    cautions: ['dust'],
    provenance: memory,
  },
  {
    // MgSO₄·7H₂O is 9.86 % Mg by formula mass; a tablespoon for 19 L (practice).
    id: 'epsomSalt',
    analysis: { mgo: 16.35 },
    ratesGL: [0.3, 0.6, 0.8],
    densityGMl: 1.0,
    placement: 'throughUpperTwoThirds',
    cautions: [],
    provenance: practice,
  },
]

export interface StarterDose {
  readonly massG: number
  readonly leastG: number
  readonly mostG: number
  /** Grams of each nutrient in the dose, as elements. */
  readonly nutrientsG: ElementAnalysis
  readonly reasons: readonly Reason[]
}

/** Starter feed for a volume of mix, and what it brings. The product's own label comes first. */
export function starterDose(product: StarterProduct, mixVolumeL: number): StarterDose {
  const [least, usual, most] = product.ratesGL.map((rateGL) => rateGL * mixVolumeL) as [
    number,
    number,
    number,
  ]
  const percent = labelToElements(product.analysis)
  const grams = (share: number) => (usual * share) / 100
  return {
    massG: usual,
    leastG: least,
    mostG: most,
    nutrientsG: {
      n: grams(percent.n),
      p: grams(percent.p),
      k: grams(percent.k),
      ca: grams(percent.ca),
      mg: grams(percent.mg),
    },
    reasons: [
      reason(
        'feed.rate',
        { rateGL: product.ratesGL[1], volumeL: mixVolumeL, massG: usual },
        product.provenance,
      ),
      reason(
        'feed.range',
        { leastGL: product.ratesGL[0], mostGL: product.ratesGL[2] },
        product.provenance,
      ),
      reason('feed.labelFirst'),
    ],
  }
}
