import { z } from 'zod'
import { customIssue, open } from '../units'

const percent = z.number().min(0).max(100)

/** Labels print each of these as the oxide or as the element, never as both. */
const OXIDES = [
  ['p2o5', 'p'],
  ['k2o', 'k'],
  ['cao', 'ca'],
  ['mgo', 'mg'],
  ['so3', 's'],
] as const

/** Percent of each nutrient as the label prints it. What is not printed is none. */
export const analysisSchema = open({
  n: percent.optional(),
  p2o5: percent.optional(),
  p: percent.optional(),
  k2o: percent.optional(),
  k: percent.optional(),
  cao: percent.optional(),
  ca: percent.optional(),
  mgo: percent.optional(),
  mg: percent.optional(),
  so3: percent.optional(),
  s: percent.optional(),
}).superRefine((label, context) => {
  const printed = ['n', ...OXIDES.flat()] as const
  const total = printed.reduce((sum, name) => sum + (label[name] ?? 0), 0)
  if (total > 100)
    context.addIssue(customIssue('analysisOver100', [], { given: total, limit: 100 }))
  for (const [oxide, element] of OXIDES)
    if (label[oxide] !== undefined && label[element] !== undefined)
      context.addIssue(customIssue('twiceNamed', [element], { given: label[element] }))
})
export type LabelAnalysis = z.infer<typeof analysisSchema>
