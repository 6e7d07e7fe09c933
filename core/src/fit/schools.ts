import { isSmallFruited, isVine, type Variety } from '../plant'

/**
 * Everything a school looks at. Schools speak of containers by their size to the
 * rim, as they are sold; the mix in them is what roots have.
 */
export interface Pairing {
  readonly variety: Variety
  /** Plants that share one root room. */
  readonly count: number
  readonly rootVolumeL: number
  readonly rootVolumePerPlantL: number
  /** Pockets that no root crosses; 1 where all share one room. */
  readonly cells: number
  /** To the rim: of one pocket, where there are several. */
  readonly rimVolumeL: number
  readonly rimVolumePerPlantL: number
  /** Narrowest way across the rim, inside. */
  readonly acrossMm: number
  readonly depthMm: number
  readonly isFlatBag: boolean
}

export type Measure = 'rimVolumePerPlantL' | 'acrossMm' | 'depthMm' | 'count'

/** One demand of a school on a pairing. */
export interface Demand {
  readonly measure: Measure
  /** Enough for the school; for `count`, the most it allows. */
  readonly good: number
  /** The very least it tolerates, where that is lower. */
  readonly least?: number
}

export interface Rule {
  readonly appliesTo: (pairing: Pairing) => boolean
  readonly demands: readonly Demand[]
  /** What the gardener takes on with it; a code for the words. */
  readonly condition?: string
}

const isTomato = ({ variety }: Pairing) => variety.crop === 'tomato'
const isPepper = ({ variety }: Pairing) => variety.crop === 'pepper'
const isVinePairing = ({ variety }: Pairing) => isVine(variety)
const isBush = ({ variety }: Pairing) => variety.crop === 'tomato' && !isVine(variety)
const isLarge = ({ variety }: Pairing) => variety.habit !== 'dwarf' && variety.habit !== 'trailing'

export const schoolIds = [
  'house',
  'roomy',
  'middle',
  'bucket',
  'bushOnly',
  'smallest',
  'dense',
  'bags',
] as const
export type SchoolId = (typeof schoolIds)[number]

/** A bucket of 5 US gallons, and a pot of 7. */
const BUCKET_L = 19
const SEVEN_GALLONS_L = 26

/** Sizes are nominal, as the trade names them: this share below is accepted. */
export const NOMINAL_TOLERANCE = 0.05

/**
 * What each school of growers demands, the first rule that applies to a pairing
 * (practice). The schools name containers by their nominal size.
 */
export const schoolRules: Readonly<Record<Exclude<SchoolId, 'house'>, readonly Rule[]>> = {
  roomy: [
    {
      appliesTo: (pairing) => isTomato(pairing) && isLarge(pairing),
      demands: [
        { measure: 'count', good: 1 },
        { measure: 'acrossMm', good: 450 },
        { measure: 'depthMm', good: 300 },
      ],
    },
  ],
  middle: [
    {
      appliesTo: isVinePairing,
      demands: [
        { measure: 'rimVolumePerPlantL', good: SEVEN_GALLONS_L, least: BUCKET_L },
        { measure: 'acrossMm', good: 400, least: 280 },
      ],
    },
    {
      appliesTo: isPepper,
      demands: [{ measure: 'rimVolumePerPlantL', good: BUCKET_L }],
    },
  ],
  bucket: [
    {
      appliesTo: (pairing) => isTomato(pairing),
      demands: [{ measure: 'rimVolumePerPlantL', good: BUCKET_L }],
      condition: 'waterDaily',
    },
  ],
  bushOnly: [
    {
      appliesTo: isBush,
      demands: [{ measure: 'acrossMm', good: 300, least: 280 }],
    },
    {
      // A vine in a bucket or a flat bag is just what this school warns of; larger pots it leaves open.
      appliesTo: (pairing) =>
        isVinePairing(pairing) &&
        (pairing.rimVolumeL <= BUCKET_L * (1 + NOMINAL_TOLERANCE) || pairing.isFlatBag),
      demands: [{ measure: 'rimVolumePerPlantL', good: Infinity }],
    },
  ],
  smallest: [
    {
      appliesTo: isVinePairing,
      demands: [{ measure: 'rimVolumePerPlantL', good: 10 }],
      condition: 'stopAtFive',
    },
  ],
  dense: [
    {
      appliesTo: isPepper,
      demands: [{ measure: 'rimVolumePerPlantL', good: BUCKET_L / 2 }],
    },
    {
      appliesTo: (pairing) => isTomato(pairing) && isLarge(pairing) && pairing.count > 1,
      demands: [
        { measure: 'acrossMm', good: 450 },
        { measure: 'count', good: 2 },
      ],
    },
  ],
  bags: [
    {
      appliesTo: (pairing) => isTomato(pairing) && pairing.isFlatBag,
      demands: [{ measure: 'count', good: 3 }],
      condition: 'ringPots',
    },
  ],
}

/** Baskets, in every school: trailing or small bush cherries only, 30 cm or wider (practice). */
export const basketRule: Rule = {
  appliesTo: () => true,
  demands: [{ measure: 'acrossMm', good: 300 }],
  condition: 'noDryDay',
}
/** Whether a variety may grow in a hanging basket (practice: what trails, and small bushes with small fruit). */
export const suitsBasket = (variety: Variety): boolean =>
  variety.habit === 'trailing' ||
  ((variety.habit === 'dwarf' || variety.habit === 'determinate') && isSmallFruited(variety))
