// How the words of a language come together, the same for each: one that lacks a word is refused
// by the types.

/** What the first screen says. */
export const firstOf = (words: typeof import('./en/firstParts')) => ({
  ...words.appWords,
  ...words.lineUpWords,
  ...words.names,
  ...words.thingWords,
  fault: words.firstFaults,
})

/** What the other views say, and every answer to “why?”: loaded with the first of them. */
export const laterOf = (words: typeof import('./en/parts')) => ({
  ...words.productNames,
  ...words.roundWords,
  ...words.jobWords,
  ...words.wayWords,
  ...words.waterWords,
  ...words.weatherWords,
  ...words.placeWords,
  ...words.fitWords,
  ...words.containerWords,
  ...words.mixWords,
  ...words.kitchenWords,
  ...words.feedWords,
  ...words.potPageWords,
  ...words.bookWords,
  ...words.storesWords,
  ...words.settingsWords,
  ...words.startWords,
  ...words.partWords,
  ...words.happenedWords,
  ...words.sharingWords,
  cause: words.causeNames,
  change: words.changeWords,
  fault: words.faults,
  field: words.fieldNames,
  reason: {
    ...words.containerReasons,
    ...words.mixReasons,
    ...words.plantReasons,
    ...words.placeReasons,
    ...words.fitReasons,
    ...words.waterReasons,
    ...words.weatherReasons,
    ...words.feedReasons,
    ...words.seasonReasons,
    ...words.jobReasons,
  },
})

const oneOf = (words: Readonly<Record<string, readonly [string, string]>>, at: 0 | 1) =>
  Object.fromEntries(Object.entries(words).map(([id, both]) => [id, both[at]]))

/** The words of Check: they come with the view, and with nothing else. */
export const checkOf = (words: typeof import('./en/check/parts')) => ({
  check: {
    ...words.checkViewWords,
    sign: words.signWords,
    place: words.placeWords,
    part: words.partWords,
    test: words.testWords,
    what: words.causeWords,
    action: oneOf(words.actionWords, 0),
    how: oneOf(words.actionWords, 1),
    by: words.betterWords,
  },
  reason: {
    check: { caution: words.cautionWords, yourLabel: words.yourLabel },
  },
})
