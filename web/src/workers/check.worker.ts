import {
  checkOf,
  contradictions,
  diagnose,
  mixVerdictAfter,
  nextQuestion,
  type CauseId,
  type Diagnosis,
  type Garden,
  type PotCheck,
  type Question,
  type QuestionInput,
} from '@rimbo/core'
import { expose } from './door'

/** All that is reckoned from what is seen. */
export interface Reckoned {
  readonly diagnosis: Diagnosis
  readonly question: Question | undefined
  readonly contradictions: ReturnType<typeof contradictions>
}

const work = {
  potCheck: (
    garden: Garden,
    containerId: string,
    now: string,
    plantingId?: string,
  ): PotCheck | undefined => checkOf(garden, containerId, now, plantingId),
  reckon: (input: QuestionInput): Reckoned => ({
    diagnosis: diagnose(input),
    question: nextQuestion(input),
    contradictions: contradictions(input),
  }),
  mixAfter: (garden: Garden, containerId: string, cause: CauseId, now: string) =>
    mixVerdictAfter(garden, containerId, cause, now),
}
export type CheckWork = typeof work
expose(work)
