import type { CauseId } from '../causes'
import { animalPlans } from './animalPlans'
import { carePlans } from './carePlans'
import { diseasePlans } from './diseasePlans'
import type { CausePlan } from './plan'

/** What is to be done about each cause: one that is forgotten does not compile. */
export const causePlans: Readonly<Record<CauseId, CausePlan>> = {
  ...carePlans,
  ...diseasePlans,
  ...animalPlans,
}
