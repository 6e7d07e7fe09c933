import { firstWords } from './first'
import { laterWords } from './later'

/** All words of the interface, by language. */
export const messages = {
  en: {
    ...firstWords,
    ...laterWords,
    change: { ...firstWords.change, ...laterWords.change },
    fault: { ...firstWords.fault, ...laterWords.fault },
  },
}
