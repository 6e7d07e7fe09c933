/** What can go wrong before anything else is there. */
export const firstFaults = {
  invalid: 'This cannot be used.',
  drawing: 'A part of the page could not be drawn: {detail}.',
  unexpected: 'That did not work: {detail}.',
  notLoaded:
    'A part of Rimbo could not be loaded: there is no connection, or a newer version has taken its place.',
}
