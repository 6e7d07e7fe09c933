/** Words of one garden on two devices. */
export const sharingWords = {
  handover: {
    title: 'Auf ein anderes Gerät',
    text: 'Ein Garten kann auf zwei Geräten weitergehen: Was auf beiden getan wurde, wird zusammengeführt. Beide müssen Rimbo unter derselben Adresse öffnen; im selben WLAN nennt sie „npm start -- --lan“. Der Garten liegt höchstens {minutes} Minuten auf dem Server und wird einmal abgeholt.',
    give: 'Mit einem Code übergeben',
    share: 'Datei teilen',
    how: 'Auf dem anderen Gerät: Einstellungen, „Mit einem Code übernehmen“, und das hier eintippen. Der Code gilt einmal, {minutes} Minuten lang.',
    noPhotos: 'Die Fotos sind dafür zu groß und nicht dabei: exportiere stattdessen mit Fotos.',
    secure:
      'Der Garten ist in diesem Browser verschlüsselt; der Schlüssel steht im Code und geht nirgendwo sonst hin.',
    insecure:
      'Der Garten ist von dieser Seite verschlüsselt, und der Schlüssel steht im Code. Aber die Seite selbst kam über eine offene Verbindung: nutze das in einem Netz, dem du vertraust.',
    take: 'Mit einem Code übernehmen',
    code: 'Code',
    codeHint: 'Wie das andere Gerät ihn zeigt: 13 Buchstaben und Ziffern.',
    fetch: 'Garten abholen',
  },
  merge: {
    title: 'Zusammengeführt mit dem, was hier war',
    same: 'Nichts Neues darin: Alles ist schon hier oder wurde hier seither entfernt.',
    list: '{list}: {added} neu, {changed} geändert, {removed} entfernt',
    conflicts:
      'Eine Sache wurde an beiden Orten geändert: die spätere gilt. | {n} Sachen wurden an beiden Orten geändert: jeweils die spätere gilt.',
    taken: { one: '– was hier war, bleibt.', other: '– was hereinkam, gilt.' },
    forms: '{field}: hier {here}, dort {there}',
    nothing: 'nichts',
    notShown: 'in anderer Form',
    undo: 'Alles rückgängig machen',
    takeTheirs: 'Nur nehmen, was hereinkam',
    good: 'Gut',
    field: {
      shops: 'Läden',
      settings: 'Einstellungen',
      place: 'Ort',
      name: 'Name des Gartens',
      clock: 'Uhr',
      arrangement: 'Verteilung',
      ways: 'Arbeitsweise',
      normals: 'Klima',
      normalsAreGuessed: 'Klima',
      feedPlans: 'Düngeprogramme',
      format: 'Datei',
      version: 'Datei',
    },
  },
}
