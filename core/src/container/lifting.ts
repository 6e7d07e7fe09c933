import { published, type Provenance } from '../units'

export const liftingProvenance: Provenance = published(
  'UK HSE INDG143, guideline weights for lifting close to the waist',
)

/** Guideline weights of the HSE for lifting close to the waist, kg. */
const WITH_CARE_KG = 16
const NOT_ALONE_KG = 25

export type LiftingCaution = 'lifting16' | 'lifting25'

/**
 * What to be warned of before a mass is lifted: nothing up to 16 kg.
 *
 * @source UK HSE INDG143
 */
export const liftingCaution = (massKg: number): LiftingCaution | undefined =>
  massKg > NOT_ALONE_KG ? 'lifting25' : massKg > WITH_CARE_KG ? 'lifting16' : undefined
