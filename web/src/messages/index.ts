import { checkWords } from './en/check'
import { firstWords } from './en/first'
import { laterWords } from './en/later'

/** All words of the interface, by language. */
export const messages = {
  en: {
    ...firstWords,
    ...laterWords,
    check: checkWords.check,
    reason: { ...laterWords.reason, ...checkWords.reason },
    change: { ...firstWords.change, ...laterWords.change },
    fault: { ...firstWords.fault, ...laterWords.fault },
  },
}
