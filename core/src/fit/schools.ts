import { isSmallFruited, isVine, type Variety } from '../plant'

/** Everything a school looks at. Lengths of the filled mix, inside. */
export interface Pairing {
  readonly variety: Variety
  readonly count: number
  readonly volumeL: number
  readonly volumePerPlantL: number
  /** Narrowest way across the surface. */
  readonly acrossMm: number
  readonly depthMm: number
  readonly isFlatBag: boolean
}

export type Measure = 'volumePerPlantL' | 'volumeL' | 'acrossMm' | 'depthMm' | 'count'

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

/** A bucket of 5 US gallons, as the schools speak of it, filled to the brim or to its fill line. */
const BUCKET_L = 19
/** Buckets and pots are filled 2.5–8 cm below the rim: a 19 L bucket then holds about 16 L. */
const FILLED_BUCKET_L = 16
/** The same for a 26 L (7 gal) pot. */
const FILLED_SEVEN_L = 22

/**
 * What each school of growers demands, the first rule that applies to a pairing
 * (practice). The schools name containers by their nominal size; what is asked of
 * the filled mix allows for the headspace.
 */
export const schoolRules: Readonly<Record<Exclude<SchoolId, 'house'>, readonly Rule[]>> = {
  roomy: [
    {
      appliesTo: (pairing) => isTomato(pairing) && isLarge(pairing),
      demands: [
        { measure: 'count', good: 1 },
        { measure: 'acrossMm', good: 440 },
        { measure: 'depthMm', good: 280 },
      ],
    },
  ],
  middle: [
    {
      appliesTo: isVinePairing,
      demands: [
        { measure: 'volumePerPlantL', good: FILLED_SEVEN_L, least: FILLED_BUCKET_L },
        { measure: 'acrossMm', good: 390, least: 270 },
      ],
    },
    {
      appliesTo: isPepper,
      demands: [{ measure: 'volumePerPlantL', good: FILLED_BUCKET_L }],
    },
  ],
  bucket: [
    {
      appliesTo: (pairing) => isTomato(pairing),
      demands: [{ measure: 'volumePerPlantL', good: FILLED_BUCKET_L }],
      condition: 'waterDaily',
    },
  ],
  bushOnly: [
    {
      appliesTo: isBush,
      demands: [{ measure: 'acrossMm', good: 280 }],
    },
    {
      // A vine in a bucket or a flat bag is just what this school warns of; larger pots it leaves open.
      appliesTo: (pairing) =>
        isVinePairing(pairing) && (pairing.volumeL <= BUCKET_L || pairing.isFlatBag),
      demands: [{ measure: 'volumePerPlantL', good: Infinity }],
    },
  ],
  smallest: [
    {
      appliesTo: isVinePairing,
      demands: [{ measure: 'volumePerPlantL', good: 10, least: 9 }],
      condition: 'stopAtFive',
    },
  ],
  dense: [
    {
      appliesTo: isPepper,
      demands: [{ measure: 'volumePerPlantL', good: FILLED_BUCKET_L / 2 }],
    },
    {
      appliesTo: (pairing) => isTomato(pairing) && isLarge(pairing),
      demands: [
        { measure: 'acrossMm', good: 440, least: 330 },
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
  demands: [{ measure: 'acrossMm', good: 280 }],
  condition: 'noDryDay',
}
export const suitsBasket = (variety: Variety): boolean =>
  variety.habit === 'trailing' ||
  ((variety.habit === 'dwarf' || variety.habit === 'determinate') && isSmallFruited(variety))
