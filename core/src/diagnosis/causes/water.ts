import type { CauseRow } from './cause'
import { disorders } from './sources'

/** Too little water, too much, and now the one, now the other. */
export const waterCauses = {
  drought: {
    prior: 0.07,
    always: ['wiltDryMix', 'mixDryKnuckle'],
    often: ['leafRollUp', 'growthStalled', 'fruitSmall', 'flowersDrop', 'fruitEndBlack'],
    sometimes: [
      'wiltMiddayOnly',
      'leafBrownEdges',
      'leafYellow',
      'leafDrop',
      'fruitDropped',
      'wiltDaily',
      'leafBrownTips',
    ],
    rarely: ['flowersStuck', 'mixSunk', 'leafStipple', 'fruitNone'],
    never: ['mixWetKnuckle', 'wiltWetMix', 'leafDarkLush', 'mixFlies', 'drainNone', 'mixSour'],
    where: {
      onOldLeaves: 'often',
      onAllLeaves: 'often',
      onLowestUp: 'often',
      onSunnySide: 'rarely',
      onNewLeaves: 'rarely',
    },
    from: disorders,
  },
  unevenWater: {
    prior: 0.1,
    always: ['fruitCrackDown', 'fruitCrackRound'],
    often: ['fruitEndBlack'],
    sometimes: ['flowersDrop', 'leafRollUp'],
    rarely: ['fruitSmall', 'fruitCorkLines', 'leafPucker', 'fruitScarred'],
    from: disorders,
  },
  tooWet: {
    prior: 0.07,
    always: ['mixWetKnuckle', 'wiltWetMix'],
    often: ['leafYellow', 'growthStalled', 'mixSour', 'leafCupDown'],
    sometimes: [
      'rootsBrownSoft',
      'mixFlies',
      'leafDrop',
      'flowersDrop',
      'fruitEndBlack',
      'drainSlow',
      'stemBumps',
      'leafPale',
      'wiltDaily',
    ],
    rarely: ['wiltMiddayOnly', 'leafPurple', 'fruitCrackDown', 'leafBrownTips'],
    never: ['mixDryKnuckle', 'wiltDryMix', 'leafDarkLush'],
    where: {
      onOldLeaves: 'often',
      onAllLeaves: 'often',
      onLowestUp: 'often',
      onNewLeaves: 'rarely',
    },
    from: disorders,
  },
  oedema: {
    prior: 0.02,
    often: ['leafPucker', 'stemBumps'],
    sometimes: ['mixWetKnuckle', 'leafRollUp', 'leafBronze'],
    rarely: ['leafDrop', 'fruitScabs'],
    never: ['mixDryKnuckle', 'wiltDryMix'],
    where: {
      onOldLeaves: 'often',
      onLowestUp: 'often',
      onAllLeaves: 'often',
      onNewLeaves: 'rarely',
    },
    covered: 1.5,
    from: disorders,
  },
} as const satisfies Readonly<Record<string, CauseRow>>
