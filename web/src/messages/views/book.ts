/** Words of the Book. */
export const bookWords = {
  book: {
    nursery: 'Record sowing and potting on',
    wrong:
      '{n} record cannot have been so. It is kept, and passed over where the pot is worked out. | {n} records cannot have been so. They are kept, and passed over where the pots are worked out.',
    season: 'Season',
    allSeasons: 'All seasons',
    title: 'Book',
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
