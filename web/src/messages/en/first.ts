import { names } from './names'
import { thingWords } from './things'
import { appWords } from './views/app'
import { lineUpWords } from './views/lineUp'

/** What the first screen says. */
export const firstWords = {
  ...appWords,
  ...lineUpWords,
  ...names,
  ...thingWords,
  fault: {
    invalid: 'This cannot be used.',
    drawing: 'A part of the page could not be drawn: {detail}.',
    unexpected: 'That did not work: {detail}.',
    notLoaded:
      'A part of Rimbo could not be loaded: there is no connection, or a newer version has taken its place.',
  },
}
