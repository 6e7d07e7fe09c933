import type { CauseId } from '../causes'
import { plan, type CausePlan } from './plan'

const normal = (): CausePlan => plan(['leaveIt', 'noSprayForThis', 'noFeedNow'], [0, 0], 'nothing')

/** Water, feeding, place, pot and handling; and what is no trouble. */
export const carePlans = {
  drought: plan(
    ['waterThrough', 'waterEvenly', 'shadeAtNoon', 'mulch', 'noFeedNow', 'noSprayForThis'],
    [1, 3],
    'standsUp',
  ),
  unevenWater: plan(
    [
      'waterEvenly',
      'pickOffFruit',
      'mulch',
      'potOn',
      'noCalciumSpray',
      'noNitrogen',
      'cutAwayFruit',
    ],
    [14, 28],
    'nextTruss',
  ),
  tooWet: plan(
    ['letItDry', 'emptySaucer', 'unblockHoles', 'noWaterNow', 'noFeedNow'],
    [7, 14],
    'newLeaves',
  ),
  oedema: plan(
    ['letItDry', 'keepLeavesDry', 'thinForAir', 'noSprayForThis', 'noFeedNow'],
    [14, 28],
    'newLeaves',
  ),
  nitrogenShort: plan(
    ['testBeforeFeeding', 'feedByLabel', 'noMoreSalts', 'noSprayForThis'],
    [7, 14],
    'newLeaves',
  ),
  nitrogenExcess: plan(
    ['stopFeeding', 'waterEvenly', 'cutBackFeed', 'noNitrogen'],
    [14, 28],
    'nextTruss',
  ),
  phosphorusShort: plan(
    ['moveToWarmth', 'testBeforeFeeding', 'feedByLabel', 'noMoreSalts'],
    [10, 21],
    'newLeaves',
  ),
  potassiumShort: plan(
    ['testBeforeFeeding', 'feedByLabel', 'noMoreSalts', 'noNitrogen'],
    [14, 28],
    'nextTruss',
  ),
  magnesiumShort: plan(
    ['testBeforeFeeding', 'feedMagnesium', 'pickOffLeaves', 'noMoreSalts'],
    [10, 21],
    'newLeaves',
  ),
  calciumShort: plan(
    ['waterEvenly', 'testBeforeFeeding', 'limeByTest', 'noCalciumSpray', 'noNitrogen'],
    [14, 28],
    'nextTruss',
  ),
  ironShort: plan(['testBeforeFeeding', 'letItDry', 'feedIron', 'noLime'], [7, 14], 'newLeaves'),
  manganeseShort: plan(['testBeforeFeeding', 'feedByLabel', 'noLime'], [10, 21], 'newLeaves'),
  boronShort: plan(
    ['waterEvenly', 'testBeforeFeeding', 'feedByLabel', 'noMoreSalts'],
    [14, 28],
    'newLeaves',
  ),
  saltBurn: plan(
    ['stopFeeding', 'waterEvenly', 'flush', 'cutBackFeed', 'noFeedNow', 'noMoreSalts'],
    [7, 14],
    'newLeaves',
  ),
  phTooLow: plan(['testBeforeFeeding', 'limeByTest', 'noFeedNow'], [14, 28], 'newLeaves'),
  phTooHigh: plan(
    ['testBeforeFeeding', 'acidifyByTest', 'feedIron', 'noLime'],
    [14, 28],
    'newLeaves',
  ),
  heat: plan(
    [
      'wait',
      'shadeAtNoon',
      'waterEvenly',
      'shadeCloth',
      'shakeFlowers',
      'noFeedNow',
      'noSprayForThis',
    ],
    [5, 14],
    'nextTruss',
  ),
  coldNights: plan(
    ['wait', 'moveToWarmth', 'coverAtNight', 'shakeFlowers', 'noFeedNow'],
    [7, 21],
    'nextTruss',
  ),
  frost: plan(
    ['wait', 'moveToWarmth', 'coverAtNight', 'cutOutStem', 'noFeedNow', 'noSuddenSun'],
    [7, 14],
    'newLeaves',
    { plant: 'goesIfWorse' },
  ),
  sunscald: plan(
    ['shadeAtNoon', 'pickOffFruit', 'shadeCloth', 'noPruneForSun', 'noSuddenSun', 'cutAwayFruit'],
    [7, 14],
    'newFruit',
  ),
  windBurn: plan(
    ['shelterFromWind', 'waterEvenly', 'tieAndSplint', 'noSprayForThis'],
    [7, 14],
    'newLeaves',
  ),
  hail: plan(
    ['wait', 'pickOffLeaves', 'tieAndSplint', 'pickOffFruit', 'noFeedNow', 'cutAwayFruit'],
    [7, 21],
    'newLeaves',
    { plant: 'goesIfWorse' },
  ),
  tooLittleLight: plan(
    ['moveToSun', 'stopFeeding', 'noNitrogen', 'noSuddenSun'],
    [10, 21],
    'newLeaves',
  ),
  poorPollination: plan(
    ['wait', 'shakeFlowers', 'noNitrogen', 'noBroadSpray'],
    [5, 14],
    'nextTruss',
  ),
  rootBound: plan(
    ['waterEvenly', 'shadeAtNoon', 'potOn', 'loosenRoots', 'mulch', 'noMoreSalts'],
    [7, 14],
    'newLeaves',
  ),
  rootsCooked: plan(
    ['shadeAtNoon', 'letItDry', 'shadePot', 'mulch', 'noFeedNow', 'noWaterNow'],
    [7, 14],
    'newLeaves',
  ),
  mixCollapsed: plan(
    ['letItDry', 'potOn', 'renewMix', 'noWaterNow', 'noFeedNow'],
    [10, 21],
    'newLeaves',
  ),
  drainBlocked: plan(
    ['emptySaucer', 'letItDry', 'unblockHoles', 'noWaterNow', 'noFeedNow'],
    [5, 14],
    'newLeaves',
  ),
  transplantShock: plan(
    ['wait', 'shadeAtNoon', 'waterEvenly', 'shelterFromWind', 'noFeedNow', 'noSuddenSun'],
    [5, 14],
    'standsUp',
  ),
  sprayBurn: plan(
    ['stopSprays', 'wait', 'washOff', 'noHomeMixture', 'noFeedNow'],
    [7, 14],
    'newLeaves',
  ),
  herbicide: plan(
    ['wait', 'waterEvenly', 'noFeedNow', 'noSprayForThis', 'notOnCompost', 'throwAwayFruit'],
    [14, 35],
    'newLeaves',
    { plant: 'goesIfWorse' },
  ),
  broken: plan(['wait', 'tieAndSplint', 'cutOutStem', 'noFeedNow'], [5, 10], 'standsUp', {
    plant: 'goesIfWorse',
  }),
  pulledTooSoon: plan(['ripenOnPlant', 'noFeedNow'], [5, 14], 'newFruit'),
  oldLeaves: plan(['leaveIt', 'pickOffLeaves', 'noFeedNow', 'noSprayForThis'], [0, 0], 'nothing'),
  normalLeafRoll: normal(),
  normalCorking: normal(),
  normalRootBumps: normal(),
  varietyTrait: normal(),
} satisfies { readonly [C in CauseId]?: CausePlan }
