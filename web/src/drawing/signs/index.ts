import type { Symptom } from '@rimbo/core'
import { flowerMarks, fruitMarks } from './fruit'
import { leafMarks } from './leaf'
import { mixMarks, stemMarks, wholeMarks } from './plant'
import { seenMarks } from './seen'
import type { Marks } from './marks'

/** A drawing of every sign: one that is forgotten does not compile. */
export const signMarks: Marks<Symptom> = {
  ...fruitMarks,
  ...flowerMarks,
  ...leafMarks,
  ...wholeMarks,
  ...stemMarks,
  ...mixMarks,
  ...seenMarks,
}
export { bases } from './marks'
