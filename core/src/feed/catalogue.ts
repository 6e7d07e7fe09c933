import { limes } from '../mix'
import { memory, practice } from '../units'
import { ATOMIC } from './elements'
import { inWater, liquid, mixed, organic, pack, salt } from './catalogueRows'
import { homeMade } from './homeMade'
import type { FeedProduct } from './productSchema'

// Typical analyses, densities, rates and prices are from memory, common practice where so marked;
// the label on the gardener's own pack comes first. Salts are by their formula mass.
const { h, n, o, mg, s, k, ca, p } = ATOMIC
const WATER = 2 * h + o
const share = (element: number, whole: number) => (100 * element) / whole
const EPSOM = mg + s + 4 * o + 7 * WATER
const GYPSUM = ca + s + 4 * o + 2 * WATER
const CARBONATE = ATOMIC.c + 3 * o
const DOLOMITE = ca + mg + 2 * CARBONATE
const SULPHATE_OF_POTASH = 2 * k + s + 4 * o
const NITRATE_OF_POTASH = k + n + 3 * o
const MONO_PHOSPHATE = k + 2 * h + p + 4 * o

/** Generic feeds with common analyses. */
export const feedCatalogue: readonly FeedProduct[] = [
  // "Half a cup in a bucket" is near the most, "a handful or two in a large pot" near the least.
  organic('granularOrganic', { n: 4, p2o5: 6, k2o: 6, cao: 8 }, 0.75, [1, 2.5, 4.5], 4.5, {
    leastDays: 14,
    provenance: practice,
  }),
  {
    id: 'tomatoFeed',
    form: 'solubleCrystals',
    analysis: { n: 4, p2o5: 3, k2o: 8, mgo: 1 },
    ammoniumShare: 0.3,
    densityGMl: 1,
    rates: [inWater(2.5, 5)],
    leastDays: 7,
    mostDays: 14,
    solubilityGL: 250,
    placement: 'drench',
    cautions: [],
    packs: [pack(1000, 9)],
    provenance: memory,
  },
  {
    id: 'balancedSoluble',
    form: 'solubleCrystals',
    analysis: { n: 18, p2o5: 18, k2o: 21, mgo: 2 },
    // About half of its nitrogen is urea, a fifth ammonium (memory).
    ammoniumShare: 0.7,
    ureaShare: 0.5,
    densityGMl: 1,
    rates: [inWater(0.8, 1.5)],
    leastDays: 7,
    mostDays: 14,
    solubilityGL: 300,
    placement: 'drench',
    cautions: [],
    packs: [pack(1000, 12)],
    provenance: memory,
  },
  liquid('fishEmulsion', { n: 5, p2o5: 1, k2o: 1 }, [inWater(4, 8, 'ml')], 14),
  // Seaweed extract: 15–20 mL in 5 L, 300–400 mL a plant (practice).
  liquid('seaweedExtract', { k2o: 1 }, [{ kind: 'perCan', amount: 17.5, unit: 'ml', canL: 5 }], 11),
  liquid('seaweedSpray', { k2o: 1 }, [inWater(2, 4, 'ml')], 11, {
    placement: 'foliar',
    cautions: ['spray'],
  }),
  {
    id: 'controlledRelease',
    form: 'controlledRelease',
    analysis: { n: 15, p2o5: 9, k2o: 12, mgo: 2 },
    ammoniumShare: 0.55,
    densityGMl: 1,
    rates: [mixed(2, 3, 5)],
    longevityDays: 165,
    leastDays: 150,
    placement: 'wholeMix',
    cautions: [],
    packs: [pack(1000, 13)],
    provenance: memory,
  },
  {
    id: 'balancedGranular',
    form: 'mineralGranules',
    analysis: { n: 10, p2o5: 10, k2o: 10 },
    ammoniumShare: 0.7,
    densityGMl: 1,
    // In a dry ring above a reservoir 1–1½ US cups do for 19 L (practice): it is drawn from all season.
    rates: [
      mixed(0.5, 1, 1.5),
      { kind: 'perPot', massG: 237, mostG: 355, potVolumeL: 19, placement: 'dryRimRing' },
    ],
    leastDays: 28,
    placement: 'throughUpperTwoThirds',
    cautions: ['dust'],
    packs: [pack(5000, 11)],
    provenance: memory,
  },
  // At planting, two and four weeks later (practice).
  organic('boneMeal', { n: 3, p2o5: 15, cao: 33.6 }, 0.85, [0.7, 1.5, 2.5], 4, {
    leastDays: 14,
    provenance: practice,
  }),
  organic('bloodMeal', { n: 12 }, 0.65, [0.4, 0.8, 1.2], 7),
  organic('featherMeal', { n: 12 }, 0.45, [0.4, 0.8, 1.2], 6, { cautions: ['dust'] }),
  organic('poultryPellets', { n: 4, p2o5: 2, k2o: 3, cao: 8 }, 0.7, [1, 2, 4], 2.5, {
    cautions: ['manure', 'dust', 'dogs'],
  }),
  organic('alfalfaMeal', { n: 2.5, p2o5: 0.5, k2o: 2 }, 0.55, [1, 2, 4], 3, { cautions: ['dust'] }),
  organic('soybeanMeal', { n: 7, p2o5: 2, k2o: 1 }, 0.6, [0.8, 1.5, 2.5], 3, {
    cautions: ['dust'],
  }),
  organic('neemCake', { n: 4, p2o5: 1, k2o: 1.5 }, 0.55, [1, 2, 4], 5, {
    placement: 'wholeMix',
    cautions: ['dust'],
  }),
  organic('kelpMeal', { n: 1, k2o: 2 }, 0.65, [0.5, 1.5, 3], 8, {
    placement: 'wholeMix',
    cautions: ['dust'],
  }),
  organic('crabMeal', { n: 2, p2o5: 3, cao: 32.2 }, 0.7, [1, 2, 3], 5),
  organic('rockPhosphate', { p2o5: 3, cao: 30 }, 1.3, [1, 2, 3], 2.5, { cautions: ['dust'] }),
  organic('castings', { n: 1 }, 0.55, [2, 5, 15], 0.9, {
    form: 'compost',
    placement: 'topDress',
    leastDays: 12,
    cautions: [],
  }),
  organic('compostDressing', { n: 1.2, p2o5: 0.6, k2o: 1 }, 0.5, [2, 5, 15], 0.15, {
    form: 'compost',
    placement: 'topDress',
    leastDays: 12,
    cautions: ['dust'],
  }),
  organic('rottedManure', { n: 1, p2o5: 0.6, k2o: 1 }, 0.55, [2, 5, 15], 0.2, {
    form: 'compost',
    placement: 'topDress',
    leastDays: 14,
    cautions: ['manure'],
  }),
  // A tablespoon in a bucket, or in a US gallon as a drench (practice).
  salt(
    'epsomSalt',
    { mg: share(mg, EPSOM), s: share(s, EPSOM) },
    1,
    [mixed(0.3, 0.6, 0.8), inWater(1, 4)],
    3.5,
    { leastDays: 21, solubilityGL: 700 },
  ),
  salt('gypsum', { ca: share(ca, GYPSUM), s: share(s, GYPSUM) }, 0.9, [mixed(0.5, 1, 2)], 2, {
    form: 'mineralGranules',
    placement: 'wholeMix',
    cautions: ['dust'],
    leastDays: 60,
    solubilityGL: 2.4,
  }),
  salt('calciumNitrate', { n: 15.5, ca: 19 }, 1, [inWater(0.5, 1)], 3, {
    ammoniumShare: 0.07,
    leastDays: 7,
    solubilityGL: 1000,
    provenance: memory,
  }),
  salt(
    'potassiumSulphate',
    { k: share(2 * k, SULPHATE_OF_POTASH), s: share(s, SULPHATE_OF_POTASH) },
    1.2,
    [inWater(0.3, 1)],
    4,
    { solubilityGL: 110 },
  ),
  salt(
    'potassiumNitrate',
    { n: share(n, NITRATE_OF_POTASH), k: share(k, NITRATE_OF_POTASH) },
    1.1,
    [inWater(0.3, 0.8)],
    5,
    { ammoniumShare: 0, solubilityGL: 316 },
  ),
  salt(
    'monopotassiumPhosphate',
    { p: share(p, MONO_PHOSPHATE), k: share(k, MONO_PHOSPHATE) },
    1.1,
    [inWater(0.1, 0.4)],
    8,
    { solubilityGL: 226 },
  ),
  salt('ground', { ca: share(ca, ca + CARBONATE) }, limes.ground.densityGMl, [mixed(1, 3, 5)], 1, {
    form: 'lime',
    placement: 'wholeMix',
    cautions: ['dust', 'lime'],
    leastDays: 180,
  }),
  salt(
    'dolomitic',
    { ca: share(ca, DOLOMITE), mg: share(mg, DOLOMITE) },
    limes.dolomitic.densityGMl,
    [mixed(1, 3, 5)],
    1,
    { form: 'lime', placement: 'wholeMix', cautions: ['dust', 'lime'], leastDays: 180 },
  ),
  salt('eggshell', { ca: 37 }, limes.eggshell.densityGMl, [mixed(1, 2, 4)], 0, {
    form: 'lime',
    placement: 'throughUpperTwoThirds',
    cautions: ['lime'],
    packs: [],
    provenance: memory,
  }),
  salt('woodAsh', { p2o5: 1, k2o: 5, cao: 25 }, limes.woodAsh.densityGMl, [mixed(0.3, 0.6, 1)], 0, {
    form: 'lime',
    placement: 'topDress',
    cautions: ['dust', 'woodAsh'],
    packs: [],
    leastDays: 90,
    provenance: memory,
  }),
  ...homeMade,
  // A wetting agent lets dry mix take its water again; a root fungus is paid for and counts nothing here.
  organic('wettingAgent', {}, 1, [0.1, 0.2, 0.4], 18, {
    form: 'additive',
    placement: 'wholeMix',
    leastDays: 30,
    cautions: [],
  }),
  organic('rootFungus', {}, 0.6, [0.5, 1, 2], 24, {
    form: 'additive',
    placement: 'holeBelowRoots',
    cautions: ['dust'],
  }),
  // Not feeds at all, and asked for as if they were.
  liquid('neemOil', {}, [], 12, { form: 'notFeed', placement: 'foliar', cautions: ['spray'] }),
  liquid('copperDust', {}, [], 9, { form: 'notFeed', placement: 'foliar', cautions: ['spray'] }),
]

/** The feed of that id: the gardener's own before the generic ones. */
export const productIn = (own: readonly FeedProduct[], id: string): FeedProduct | undefined =>
  own.find((product) => product.id === id) ?? feedCatalogue.find((product) => product.id === id)
