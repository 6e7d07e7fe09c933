import { checkOf, diagnose, nextQuestion, readGarden, type CheckInput } from '@rimbo/core'
import { readFileSync } from 'node:fs'
import { medianMs } from './timing'

/** A black end in the demo's dry pot with six more signs, and all that its record knows. */
export function checkTimes(): {
  readonly diagnosisMs: number
  readonly questionMs: number
  readonly factsMs: number
} {
  const text = readFileSync(new URL('../demo/port-maren.rimbo.json', import.meta.url), 'utf8')
  const garden = readGarden(text)
  const now = garden.clock!
  const input: CheckInput = {
    ...checkOf(garden, 'f2', now)!,
    signs: [
      ...(['fruitEndBlack', 'leafRollUp', 'leafBrownEdges', 'flowersDrop'] as const),
      ...(['wiltMiddayOnly', 'growthStalled', 'fruitSmall'] as const),
    ],
    absent: ['mixWetKnuckle', 'seenAphids'],
  }
  return {
    diagnosisMs: medianMs(() => diagnose(input), 11),
    questionMs: medianMs(() => nextQuestion(input), 5),
    factsMs:
      medianMs(() => checkOf(structuredClone(garden), 'f2', now), 5) -
      medianMs(() => structuredClone(garden), 5),
  }
}
