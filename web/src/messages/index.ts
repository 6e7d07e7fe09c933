import { checkWords } from './en/check'
import { firstWords } from './en/first'
import { laterWords } from './en/later'
import { checkWords as checkDe } from './de/check'
import { firstWords as firstDe } from './de/first'
import { laterWords as laterDe } from './de/later'
import { checkWords as checkEs } from './es/check'
import { firstWords as firstEs } from './es/first'
import { laterWords as laterEs } from './es/later'

/** Everything that a language says, as it comes together on the page. */
const whole = (first: typeof firstWords, later: typeof laterWords, check: typeof checkWords) => ({
  ...first,
  ...later,
  check: check.check,
  reason: { ...later.reason, ...check.reason },
  change: { ...first.change, ...later.change },
  fault: { ...first.fault, ...later.fault },
})

/** All words of the interface, by language. */
export const messages = {
  en: whole(firstWords, laterWords, checkWords),
  de: whole(firstDe, laterDe, checkDe),
  es: whole(firstEs, laterEs, checkEs),
}
