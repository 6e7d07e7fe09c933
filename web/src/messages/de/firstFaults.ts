/** What can go wrong before anything else is there. */
export const firstFaults = {
  invalid: 'Das lässt sich nicht verwenden.',
  drawing: 'Ein Teil der Seite konnte nicht gezeichnet werden: {detail}.',
  unexpected: 'Das hat nicht geklappt: {detail}.',
  notLoaded:
    'Ein Teil von Rimbo konnte nicht geladen werden: Es gibt keine Verbindung, oder eine neuere Version hat ihn ersetzt.',
}
