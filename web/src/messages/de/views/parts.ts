/** Words that several views share. */
export const partWords = {
  potTable: { unfold: 'Ein anderer Topf', fold: 'Nur dieser Topf' },
  school: {
    house: 'Rimbos eigene',
    roomy: 'Geräumig',
    middle: 'Mitte',
    bucket: 'Eimer',
    bushOnly: 'Nur Busch',
    smallest: 'Kleinste',
    dense: 'Dicht',
    bags: 'Säcke',
  },
  viewFailure: {
    title: 'Diese Ansicht konnte nicht gezeichnet werden',
    text: 'Dein Garten ist sicher, und die anderen Ansichten arbeiten weiter. Versuche es noch einmal, mach die letzte Änderung rückgängig, oder exportiere den Garten und suche, was daran seltsam ist.',
    again: 'Noch einmal versuchen',
    undo: 'Letzte Änderung rückgängig machen',
    export: 'Garten exportieren',
  },
}
