import type { Symptom } from '../signs'
import { own } from '../../units'
import { animalCauses } from './animals'
import { STEPS, type CauseRow, type Step } from './cause'
import { bacteriaAndVirusCauses } from './bacteria'
import { feedingCauses } from './feeding'
import { fungusCauses } from './fungi'
import { placeCauses } from './place'
import { potCauses } from './pot'
import { waterCauses } from './water'

const table = {
  ...waterCauses,
  ...feedingCauses,
  ...placeCauses,
  ...potCauses,
  ...fungusCauses,
  ...bacteriaAndVirusCauses,
  ...animalCauses,
}

export type CauseId = keyof typeof table
/** Every cause with its rows. */
export const causeRows: Readonly<Record<CauseId, CauseRow>> = table
/** Every cause, in the order of the tables. */
export const causeIds = Object.keys(table) as readonly CauseId[]

const steps = Object.keys(STEPS) as readonly Step[]
const stepBySign = Object.fromEntries(
  causeIds.map((cause) => [
    cause,
    Object.fromEntries(
      steps.flatMap((step) => (causeRows[cause][step] ?? []).map((sign) => [sign, step])),
    ),
  ]),
) as unknown as Readonly<Record<CauseId, Readonly<Partial<Record<Symptom, Step>>>>>

/** How often a cause makes a sign; undefined where the two have nothing to do with each other. */
export const stepOf = (cause: CauseId, sign: Symptom): Step | undefined =>
  own(stepBySign[cause], sign)

/** Whether a text is one of the causes: a later version's check may name another. */
export const isCause = (cause: string | undefined): cause is CauseId =>
  own(table, cause) !== undefined

/** Nothing is wrong with such a plant. */
export const harmless: readonly CauseId[] = [
  'oldLeaves',
  'normalLeafRoll',
  'normalCorking',
  'normalRootBumps',
  'varietyTrait',
]

export { stages as checkStages, STEPS, type CauseRow, type CheckStage, type Step } from './cause'
