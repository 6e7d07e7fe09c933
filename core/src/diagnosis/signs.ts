import { own } from '../units'

/** Where on the plant or its pot a sign is looked for. */
export const signParts = ['fruit', 'flower', 'leaf', 'whole', 'stem', 'mix', 'seen'] as const
export type SignPart = (typeof signParts)[number]

/** Every sign by where it is looked for. */
export const signsByPart = {
  fruit: [
    'fruitEndBlack',
    'fruitCrackRound',
    'fruitCrackDown',
    'fruitCorkLines',
    'fruitPalePatch',
    'fruitBlotchy',
    'fruitYellowShoulder',
    'fruitScarred',
    'fruitZip',
    'fruitHollow',
    'fruitSmall',
    'fruitHoleChewed',
    'fruitHoleRound',
    'fruitPecked',
    'fruitGnawed',
    'fruitSunkenRings',
    'fruitBrownFirm',
    'fruitScabs',
    'fruitSpeckleHalo',
    'fruitRingPatterns',
    'fruitSoftWet',
    'fruitStingSpots',
    'fruitFlatSeedless',
    'fruitDropped',
    'fruitNone',
    'fruitDents',
    'fruitPale',
  ],
  flower: ['flowersDrop', 'flowersNone', 'flowersManyNoFruit', 'flowersStuck', 'flowersGreyFuzz'],
  leaf: [
    'leafYellow',
    'leafYellowBetweenVeins',
    'leafYellowEdges',
    'leafBrownEdges',
    'leafBrownTips',
    'leafPurple',
    'leafPale',
    'leafDarkLush',
    'leafBleached',
    'leafRollUp',
    'leafCupDown',
    'leafSmallYellowCup',
    'leafMosaic',
    'leafStrap',
    'leafTarget',
    'leafSpotsGreyCentre',
    'leafSpotsWaterDark',
    'leafSpotsTinyBlackHalo',
    'leafMouldBelow',
    'leafWhitePowder',
    'leafRustPustules',
    'leafBronze',
    'leafStipple',
    'leafWebs',
    'leafSilver',
    'leafSticky',
    'leafHolesLarge',
    'leafHolesTiny',
    'leafMines',
    'leafTatters',
    'leafDrop',
    'leafBlackLimp',
    'leafWedgeYellow',
    'leafPucker',
    'leafSooty',
    'leafCurlUpNew',
  ],
  whole: [
    'wiltMiddayOnly',
    'wiltDryMix',
    'wiltWetMix',
    'wiltOneSide',
    'wiltSudden',
    'growthStalled',
    'tallThin',
    'leavesNoFruit',
    'plantLoose',
    'seedlingToppled',
    'wiltDaily',
    'manyPlantsAtOnce',
  ],
  stem: [
    'stemBrownLesion',
    'stemCankerOpen',
    'stemBrownInside',
    'stemSlimeInWater',
    'stemCollarRot',
    'stemWhiteFan',
    'stemGreyFuzz',
    'stemSnapped',
    'stemCutAtSoil',
    'stemBumps',
    'stemBronze',
    'stemDents',
    'stemWhiteMould',
  ],
  mix: [
    'rootsBrownSoft',
    'rootsCircling',
    'rootsKnots',
    'rootsEaten',
    'mixDryKnuckle',
    'mixWetKnuckle',
    'mixSour',
    'mixWhiteCrust',
    'mixSunk',
    'mixFlies',
    'drainSlow',
    'drainNone',
    'potHotWall',
  ],
  seen: [
    'seenAphids',
    'seenWhitefly',
    'seenThrips',
    'seenMites',
    'seenBigCaterpillar',
    'seenSmallCaterpillar',
    'seenDroppingsDark',
    'seenSlime',
    'seenSlug',
    'seenGrub',
    'seenJumpingBeetle',
    'seenShieldBug',
    'seenAnts',
    'seenBird',
    'seenRodent',
    'seenLeafhopper',
    'seenStripedBeetle',
    'seenScaleOrWool',
  ],
} as const satisfies Readonly<Record<SignPart, readonly string[]>>

/** Which leaves: said alone it qualifies every leaf sign, said with one sign only that. */
export const leafPlaces = [
  'onOldLeaves',
  'onNewLeaves',
  'onAllLeaves',
  'onOneSide',
  'onSunnySide',
  'onLowestUp',
] as const
export type LeafPlace = (typeof leafPlaces)[number]

/** A sign proper: what is seen, not where. */
export type Symptom = (typeof signsByPart)[SignPart][number]
export type SignId = Symptom | LeafPlace

/** Every sign, in the order of the vocabulary. */
export const symptoms: readonly Symptom[] = signParts.flatMap((part) => [...signsByPart[part]])
export const signIds: readonly SignId[] = [...symptoms, ...leafPlaces]

const partBySign: Readonly<Record<string, SignPart>> = Object.fromEntries(
  signParts.flatMap((part) => signsByPart[part].map((sign) => [sign, part])),
)

/** Where a sign is looked for. */
export const signPartOf = (sign: Symptom): SignPart => partBySign[sign]!

export const isPlace = (sign: string): sign is LeafPlace =>
  (leafPlaces as readonly string[]).includes(sign)
export const isSymptom = (sign: string): sign is Symptom => own(partBySign, sign) !== undefined

/**
 * How often a plant shows a sign for a reason that stands in no table (memory):
 * signs that a dozen harmless things make speak more quietly than one that only
 * its own trouble makes.
 */
const LEAK = 0.008
const leaks: Readonly<Partial<Record<Symptom, number>>> = {
  leafYellow: 0.03,
  leafPale: 0.02,
  leafRollUp: 0.02,
  leafDrop: 0.03,
  leafBrownEdges: 0.015,
  leafBrownTips: 0.02,
  fruitSmall: 0.04,
  fruitDropped: 0.03,
  fruitNone: 0.02,
  flowersDrop: 0.03,
  flowersNone: 0.02,
  flowersManyNoFruit: 0.02,
  wiltMiddayOnly: 0.04,
  growthStalled: 0.03,
  manyPlantsAtOnce: 0.1,
  stemSnapped: 0.02,
  mixDryKnuckle: 0.12,
  mixWetKnuckle: 0.12,
  mixWhiteCrust: 0.04,
  mixSunk: 0.06,
  drainSlow: 0.02,
  rootsCircling: 0.05,
  seenAnts: 0.1,
  seenBird: 0.1,
  seenSlug: 0.03,
  seenSlime: 0.02,
  seenGrub: 0.02,
  potHotWall: 0.06,
}
export const leakOf = (sign: Symptom): number => leaks[sign] ?? LEAK

/** Minutes it takes to look for a sign (practice). */
const minutesOfPart: Readonly<Record<SignPart, number>> = {
  fruit: 0.3,
  flower: 0.3,
  leaf: 0.3,
  whole: 0.3,
  stem: 0.5,
  mix: 0.5,
  seen: 0.5,
}
const slowSigns: Readonly<Partial<Record<Symptom, number>>> = {
  rootsBrownSoft: 5,
  rootsCircling: 4,
  rootsKnots: 5,
  rootsEaten: 5,
  stemBrownInside: 3,
  stemSlimeInWater: 4,
  seenMites: 1,
  seenRodent: 1,
  seenGrub: 2,
  drainNone: 1,
  drainSlow: 1,
  wiltDaily: 1,
  wiltMiddayOnly: 1,
  fruitHollow: 1,
}
export const minutesToSee = (sign: Symptom): number =>
  slowSigns[sign] ?? minutesOfPart[signPartOf(sign)]
