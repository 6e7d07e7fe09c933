import { customIssue } from '../units'
import { gardenFields } from './garden'
import { referenceFaults } from './references'

/** One garden: everything a gardener has entered, and nothing that can be derived from it. */
export const gardenSchema = gardenFields.superRefine((garden, context) => {
  for (const { code, path, params } of referenceFaults(garden))
    context.addIssue(customIssue(code, [...path], params))
})
