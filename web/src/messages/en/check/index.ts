import { actionWords, betterWords, cautionWords } from './actions'
import { causeWords } from './causes'
import { partWords, placeWords, signWords, testWords } from './signs'
import { checkViewWords } from './view'

const firstOf = (words: Readonly<Record<string, readonly [string, string]>>, at: 0 | 1) =>
  Object.fromEntries(Object.entries(words).map(([id, both]) => [id, both[at]]))

/** The words of Check: they come with the view, and with nothing else. */
export const checkWords = {
  check: {
    ...checkViewWords,
    sign: signWords,
    place: placeWords,
    part: partWords,
    test: testWords,
    what: causeWords,
    action: firstOf(actionWords, 0),
    how: firstOf(actionWords, 1),
    by: betterWords,
  },
  reason: {
    check: { caution: cautionWords, yourLabel: 'Your label of {name}: “{text}”' },
  },
}
