import { firstWords } from './first'
import { laterWords } from './later'

/** All words of the interface, by language. */
export const messages = {
  en: {
    ...firstWords,
    ...laterWords,
    fault: { ...firstWords.fault, ...laterWords.fault },
  },
}
