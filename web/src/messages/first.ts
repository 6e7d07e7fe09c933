import { interfaceWords } from './interface'
import { names } from './names'
import { seasonWords } from './season'
import { thingWords } from './things'
import { viewWords } from './views'

/** What the first screen says. */
export const firstWords = {
  ...interfaceWords,
  ...viewWords,
  ...seasonWords,
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
