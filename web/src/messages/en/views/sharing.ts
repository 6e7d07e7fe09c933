/** Words of one garden on two devices. */
export const sharingWords = {
  handover: {
    title: 'To another device',
    text: 'One garden can go on on two devices: what was done on both is brought together. Both have to open Rimbo from the same address; on the same wi-fi, “npm start -- --lan” gives it. The garden lies on the server for {minutes} minutes at most, and is fetched once.',
    give: 'Hand over by a code',
    share: 'Share the file',
    how: 'On the other device: Settings, “Take over by a code”, and type this. It holds once, for {minutes} minutes.',
    noPhotos: 'The photos are too large for this and are not in it: export with photos instead.',
    secure:
      'The garden is encrypted in this browser; the key is in the code and goes nowhere else.',
    insecure:
      'The garden is encrypted by this page, and the key is in the code. But the page itself came over an open connection: use this on a network you trust.',
    take: 'Take over by a code',
    code: 'Code',
    codeHint: 'As the other device shows it: 13 letters and digits.',
    fetch: 'Fetch the garden',
  },
  merge: {
    title: 'Brought together with what was here',
    same: 'It holds nothing new: all of it is here already, or was removed here since.',
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
