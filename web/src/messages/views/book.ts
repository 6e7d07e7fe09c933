/** Words of the Book. */
export const bookWords = {
  book: {
    nursery: 'Record sowing and potting on',
    wrong:
      '{n} record contradicts the others. It stays in the Book but is left out of the calculations. | {n} records contradict the others. They stay in the Book but are left out of the calculations.',
    season: 'Season',
    allSeasons: 'All seasons',
    title: 'Book',
    readCheck: 'Read this check',
    pot: 'Pot',
    kind: 'What',
    when: 'When',
    what: 'Details',
    delete: 'Delete',
    deleteThis: 'Delete: {kind}, {code}',
    allPots: 'All pots',
    allKinds: 'Everything',
    exportCsv: 'Records as CSV',
    lastChange: 'Changed last: {change}',
    takeBack: 'Undo',
    doAgain: 'Redo',
    potGone: 'a pot since removed',
    empty: 'Nothing recorded yet. What you tap in Round is written here.',
  },
}
