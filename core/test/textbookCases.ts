import type { CauseId, CheckInput } from '../src/diagnosis'

/**
 * Textbook cases: what the handbook says is seen, and the cause that it gives.
 * Told from memory of the works named; where several causes are at work together
 * the handbook's first is given.
 */
export interface TextbookCase {
  readonly cause: CauseId
  readonly input: CheckInput
  readonly from: keyof typeof caseSources
}

export const caseSources = {
  tomato: 'Jones et al. (eds.) 2014, Compendium of Tomato Diseases and Pests, APS Press',
  pepper: 'Pernezny et al. (eds.) 2003, Compendium of Pepper Diseases, APS Press',
  nutrients: 'Bergmann 1992, Nutritional Disorders of Plants',
  ipm: 'UC IPM Pest Management Guidelines: Tomato; Peppers',
  fao29: 'Ayers & Westcot 1985, FAO Irrigation and Drainage Paper 29',
  disorders: 'University extension guides to physiological disorders of tomato',
}

const tomato = (
  from: keyof typeof caseSources,
  cause: CauseId,
  signs: CheckInput['signs'],
  rest: Partial<CheckInput> = {},
): TextbookCase => ({ cause, from, input: { crop: 'tomato', signs, ...rest } })
const pepper = (
  from: keyof typeof caseSources,
  cause: CauseId,
  signs: CheckInput['signs'],
  rest: Partial<CheckInput> = {},
): TextbookCase => ({ cause, from, input: { crop: 'pepper', signs, ...rest } })

export const textbookCases: readonly TextbookCase[] = [
  // Water.
  tomato('disorders', 'unevenWater', ['fruitEndBlack'], { stage: 'fruiting' }),
  tomato('disorders', 'unevenWater', ['fruitEndBlack', 'fruitCrackDown']),
  tomato('disorders', 'unevenWater', ['fruitCrackDown', 'fruitCrackRound'], { month: 8 }),
  pepper('pepper', 'unevenWater', ['fruitEndBlack'], {
    facts: { swings14d: 5, shortHours14d: 10 },
  }),
  tomato('disorders', 'drought', ['wiltDryMix', 'mixDryKnuckle', 'leafRollUp']),
  pepper('disorders', 'drought', ['wiltDryMix', 'mixDryKnuckle', 'flowersDrop']),
  tomato('disorders', 'tooWet', ['wiltWetMix', 'mixWetKnuckle', 'leafYellow', 'growthStalled']),
  pepper('disorders', 'tooWet', ['mixWetKnuckle', 'leafYellow', 'onLowestUp', 'mixFlies']),
  tomato('disorders', 'tooWet', ['leafCupDown', 'mixWetKnuckle', 'wiltWetMix', 'mixSour']),
  tomato('disorders', 'oedema', ['leafPucker', 'stemBumps', 'mixWetKnuckle'], {
    covered: true,
    month: 3,
  }),
  // Feeding.
  tomato('nutrients', 'nitrogenShort', ['leafPale', 'leafYellow', 'onOldLeaves', 'growthStalled']),
  pepper('nutrients', 'nitrogenShort', ['leafYellow', 'onLowestUp', 'leafPale', 'fruitSmall']),
  tomato('nutrients', 'nitrogenExcess', ['leafDarkLush', 'leavesNoFruit', 'flowersNone']),
  tomato('nutrients', 'phosphorusShort', ['leafPurple', 'onOldLeaves', 'growthStalled'], {
    stage: 'young',
    facts: { coldNights7d: 0 },
  }),
  tomato('nutrients', 'potassiumShort', [
    'leafBrownEdges',
    'leafYellowEdges',
    'onOldLeaves',
    'fruitBlotchy',
  ]),
  tomato('disorders', 'potassiumShort', ['fruitBlotchy', 'fruitYellowShoulder', 'leafYellowEdges']),
  tomato('nutrients', 'magnesiumShort', ['leafYellowBetweenVeins', 'onOldLeaves']),
  pepper('nutrients', 'magnesiumShort', ['leafYellowBetweenVeins', 'onLowestUp', 'leafDrop']),
  tomato('nutrients', 'calciumShort', [
    'fruitEndBlack',
    'leafBrownTips',
    'leafCupDown',
    'onNewLeaves',
  ]),
  tomato('nutrients', 'ironShort', ['leafYellowBetweenVeins', 'onNewLeaves', 'leafBleached']),
  pepper('nutrients', 'ironShort', ['leafYellowBetweenVeins', 'leafPale', 'onNewLeaves'], {
    facts: { ph: 6.2 },
  }),
  tomato('nutrients', 'phTooHigh', ['leafYellowBetweenVeins', 'onNewLeaves'], {
    facts: { ph: 7.8 },
  }),
  tomato(
    'nutrients',
    'phTooLow',
    ['growthStalled', 'leafPurple', 'leafYellowBetweenVeins', 'onOldLeaves'],
    { facts: { ph: 4.6 } },
  ),
  tomato('nutrients', 'manganeseShort', ['leafYellowBetweenVeins', 'onAllLeaves']),
  tomato('nutrients', 'boronShort', [
    'leafBrownTips',
    'onNewLeaves',
    'growthStalled',
    'fruitCorkLines',
    'stemCankerOpen',
  ]),
  tomato('fao29', 'saltBurn', ['leafBrownEdges', 'leafBrownTips', 'onOldLeaves', 'mixWhiteCrust']),
  pepper('fao29', 'saltBurn', ['leafBrownEdges', 'growthStalled', 'wiltMiddayOnly'], {
    facts: { ecDsM: 5.5 },
  }),
  tomato('fao29', 'saltBurn', ['fruitEndBlack', 'leafBrownTips', 'mixWhiteCrust'], {
    facts: { feedTimesLabel: 2.2 },
  }),
  tomato('disorders', 'oldLeaves', ['leafYellow', 'onOldLeaves'], {
    stage: 'fruiting',
    absent: ['leafPale', 'growthStalled'],
  }),
  // Weather and place.
  tomato('disorders', 'heat', ['flowersDrop', 'leafRollUp', 'wiltMiddayOnly'], { month: 7 }),
  pepper('disorders', 'heat', ['flowersDrop', 'manyPlantsAtOnce'], {
    month: 7,
    facts: { hotDays7d: 5 },
  }),
  tomato('disorders', 'heat', ['fruitPale', 'fruitYellowShoulder'], {
    month: 8,
    facts: { hotDays7d: 4 },
  }),
  tomato('disorders', 'coldNights', ['fruitScarred', 'fruitZip'], { month: 6 }),
  pepper('disorders', 'coldNights', ['flowersDrop', 'fruitFlatSeedless'], {
    month: 5,
    facts: { coldNights7d: 5 },
  }),
  tomato('disorders', 'coldNights', ['leafPurple', 'growthStalled', 'onAllLeaves'], {
    stage: 'young',
    month: 4,
    facts: { coldNights7d: 6 },
  }),
  tomato('disorders', 'frost', ['leafBlackLimp', 'manyPlantsAtOnce'], { month: 5 }),
  pepper('disorders', 'sunscald', ['fruitPalePatch', 'onSunnySide']),
  tomato('disorders', 'sunscald', ['leafBleached', 'onSunnySide'], { stage: 'young', month: 5 }),
  tomato('disorders', 'windBurn', ['leafTatters', 'leafBrownEdges', 'onOneSide'], {
    facts: { windy: true },
  }),
  tomato('disorders', 'hail', ['fruitDents', 'leafTatters', 'stemDents', 'manyPlantsAtOnce']),
  tomato('disorders', 'tooLittleLight', ['tallThin', 'leafPale', 'flowersNone']),
  tomato('disorders', 'poorPollination', ['flowersManyNoFruit', 'flowersStuck'], { covered: true }),
  tomato('disorders', 'poorPollination', ['fruitFlatSeedless', 'fruitHollow', 'fruitSmall']),
  // Pot and handling.
  tomato('disorders', 'rootBound', ['rootsCircling', 'wiltMiddayOnly', 'growthStalled']),
  pepper('disorders', 'rootBound', ['rootsCircling', 'leafYellow', 'wiltDryMix']),
  tomato('disorders', 'rootsCooked', ['potHotWall', 'wiltMiddayOnly', 'rootsBrownSoft'], {
    month: 7,
  }),
  tomato('disorders', 'mixCollapsed', ['mixSunk', 'drainSlow', 'growthStalled']),
  tomato('disorders', 'drainBlocked', ['drainNone', 'mixWetKnuckle', 'mixSour']),
  tomato('disorders', 'transplantShock', ['wiltMiddayOnly', 'growthStalled'], {
    stage: 'young',
    facts: { daysSincePlanting: 4 },
  }),
  tomato('disorders', 'sprayBurn', ['leafBrownTips', 'leafBleached'], {
    facts: { daysSinceSpray: 2 },
  }),
  tomato('disorders', 'herbicide', ['leafStrap', 'leafCupDown', 'onNewLeaves', 'manyPlantsAtOnce']),
  tomato('disorders', 'broken', ['stemSnapped', 'wiltSudden']),
  tomato('disorders', 'pulledTooSoon', ['fruitPale'], {
    month: 9,
    facts: { hotDays7d: 0, dliMol: 30, coldNights7d: 0 },
  }),
  // Fungi and their like.
  tomato('tomato', 'earlyBlight', ['leafTarget', 'leafYellow', 'onLowestUp']),
  tomato('tomato', 'earlyBlight', ['leafTarget', 'fruitSunkenRings', 'stemBrownLesion']),
  tomato('tomato', 'lateBlight', ['leafSpotsWaterDark', 'fruitBrownFirm', 'stemBrownLesion'], {
    month: 8,
  }),
  tomato('tomato', 'septoria', ['leafSpotsGreyCentre', 'onLowestUp', 'leafYellow']),
  tomato('tomato', 'leafMould', ['leafMouldBelow', 'leafYellow'], { covered: true }),
  tomato('tomato', 'powderyMildew', ['leafWhitePowder']),
  pepper('pepper', 'powderyMildew', ['leafWhitePowder', 'leafYellow', 'leafDrop']),
  tomato('tomato', 'greyMould', ['flowersGreyFuzz', 'stemGreyFuzz', 'fruitSpeckleHalo']),
  tomato('tomato', 'fusariumWilt', ['wiltOneSide', 'leafYellow', 'stemBrownInside', 'onOneSide']),
  tomato('tomato', 'verticilliumWilt', ['leafWedgeYellow', 'onLowestUp', 'wiltMiddayOnly']),
  pepper('pepper', 'phytophthora', ['stemCollarRot', 'wiltSudden', 'stemBrownLesion']),
  tomato('tomato', 'pythium', ['rootsBrownSoft', 'growthStalled', 'wiltWetMix']),
  tomato('tomato', 'southernBlight', ['stemWhiteFan', 'wiltSudden', 'stemCollarRot'], { month: 7 }),
  tomato('tomato', 'whiteMould', ['stemWhiteMould', 'wiltSudden']),
  tomato('tomato', 'stemRot', ['stemBrownLesion', 'stemCollarRot', 'stemCankerOpen', 'wiltDaily'], {
    stage: 'fruiting',
  }),
  pepper('pepper', 'anthracnose', ['fruitSunkenRings']),
  tomato('tomato', 'dampingOff', ['seedlingToppled', 'stemCollarRot'], { stage: 'seedling' }),
  tomato('tomato', 'rustFungus', ['leafRustPustules']),
  pepper('pepper', 'cercospora', ['leafSpotsGreyCentre', 'leafDrop']),
  // Bacteria and viruses.
  pepper('pepper', 'bacterialSpot', ['leafSpotsTinyBlackHalo', 'leafDrop', 'fruitScabs']),
  tomato('tomato', 'bacterialSpot', ['leafSpotsTinyBlackHalo', 'fruitScabs'], { month: 8 }),
  tomato('tomato', 'bacterialSpeck', ['leafSpotsTinyBlackHalo'], { month: 5 }),
  tomato('tomato', 'bacterialCanker', [
    'fruitSpeckleHalo',
    'leafBrownEdges',
    'stemCankerOpen',
    'wiltOneSide',
  ]),
  tomato('tomato', 'bacterialWilt', ['wiltSudden', 'stemSlimeInWater', 'stemBrownInside']),
  tomato('tomato', 'softRot', ['fruitSoftWet']),
  tomato('tomato', 'pithNecrosis', [
    'stemBrownInside',
    'stemBumps',
    'stemBrownLesion',
    'leafDarkLush',
  ]),
  tomato('tomato', 'mosaicVirus', ['leafMosaic', 'leafStrap', 'growthStalled']),
  pepper('pepper', 'mosaicVirus', ['leafMosaic', 'leafPucker']),
  tomato('tomato', 'spottedWiltVirus', [
    'fruitRingPatterns',
    'leafBronze',
    'onNewLeaves',
    'seenThrips',
  ]),
  pepper('pepper', 'spottedWiltVirus', ['fruitRingPatterns', 'growthStalled', 'leafTarget']),
  tomato('tomato', 'leafCurlVirus', [
    'leafSmallYellowCup',
    'growthStalled',
    'seenWhitefly',
    'flowersDrop',
  ]),
  // Animals.
  tomato('ipm', 'aphids', ['seenAphids', 'leafSticky', 'leafCurlUpNew']),
  pepper('ipm', 'aphids', ['leafSticky', 'leafCurlUpNew', 'seenAnts']),
  tomato('ipm', 'whitefly', ['seenWhitefly', 'leafSooty']),
  tomato('ipm', 'thrips', ['leafSilver', 'seenThrips']),
  tomato('ipm', 'spiderMites', ['leafStipple', 'leafWebs', 'leafBronze']),
  tomato('ipm', 'russetMites', ['leafBronze', 'stemBronze', 'onLowestUp']),
  pepper('ipm', 'broadMites', ['leafStrap', 'leafBronze', 'onNewLeaves', 'fruitCorkLines']),
  tomato('ipm', 'hornworm', ['leafHolesLarge', 'seenDroppingsDark']),
  tomato('ipm', 'fruitBorer', ['fruitHoleRound', 'seenSmallCaterpillar']),
  tomato('ipm', 'cutworm', ['stemCutAtSoil'], { stage: 'young' }),
  tomato('ipm', 'grubs', ['wiltDaily', 'plantLoose', 'rootsEaten']),
  tomato('ipm', 'leafMiner', ['leafMines']),
  tomato('ipm', 'fleaBeetle', ['leafHolesTiny'], { stage: 'young' }),
  tomato('ipm', 'shieldBugs', ['fruitStingSpots']),
  tomato('ipm', 'slugs', ['leafHolesLarge', 'seenSlime', 'onLowestUp']),
  tomato('ipm', 'nematodes', ['rootsKnots', 'growthStalled', 'wiltMiddayOnly']),
  tomato('ipm', 'fungusGnats', ['mixFlies'], { stage: 'seedling' }),
  tomato('ipm', 'birds', ['fruitPecked']),
  tomato('ipm', 'rodents', ['fruitGnawed']),
  tomato('ipm', 'leafhoppers', ['seenLeafhopper', 'leafBrownTips']),
  tomato('ipm', 'leafBeetles', ['leafHolesLarge', 'seenStripedBeetle']),
  pepper('ipm', 'scaleInsects', ['seenScaleOrWool', 'leafSticky']),
  pepper('ipm', 'pepperWeevil', ['fruitDropped', 'fruitHoleRound', 'flowersDrop']),
  // Not a trouble.
  tomato('disorders', 'normalLeafRoll', ['leafRollUp', 'onOldLeaves']),
  pepper('disorders', 'normalCorking', ['fruitCorkLines']),
  tomato('disorders', 'normalRootBumps', ['stemBumps']),
  tomato('disorders', 'varietyTrait', ['leafPurple', 'onAllLeaves'], {
    facts: { coldNights7d: 0 },
    absent: ['growthStalled'],
  }),
]
