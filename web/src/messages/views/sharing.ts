/** Words of one garden on two devices. */
export const sharingWords = {
  merge: {
    title: 'Brought together with what was here',
    same: 'There was nothing new in it.',
    list: '{list}: {added} new, {changed} changed, {removed} removed',
    conflicts:
      'One thing was changed in both places: the later is kept. | {n} things were changed in both places: the later of each is kept.',
    taken: { one: '– what was here is kept.', other: '– what came in is kept.' },
    forms: '{field}: here {here}, there {there}',
    nothing: 'nothing',
    notShown: 'in another form',
    undo: 'Undo all of it',
    takeTheirs: 'Take only what came in',
    good: 'Good',
    field: {
      shops: 'Shops',
      settings: 'Settings',
      place: 'Place',
      name: 'Name of the garden',
      clock: 'Clock',
      arrangement: 'Arrangement',
      ways: 'Ways',
      normals: 'Climate',
      normalsAreGuessed: 'Climate',
      feedPlans: 'Feeding programmes',
      format: 'File',
      version: 'File',
    },
  },
}
