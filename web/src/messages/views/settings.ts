/** Words of the Settings, and of what goes wrong with what is stored. */
export const settingsWords = {
  settings: {
    title: 'Settings',
    unitSystem: 'Units',
    unitHint: 'A field takes any unit all the same.',
    units: { metric: 'Metric', us: 'US', imperial: 'Imperial' },
    look: 'Theme',
    theme: { light: 'Paper', dark: 'Dark', sun: 'Strong sun' },
    gardenName: 'Name of the garden',
    nameFault: 'A garden needs a name.',
    can: 'Your watering can holds',
    handful: 'Your handful holds',
    handfulMlFault: 'Between 10 and 120 mL.',
    handfulHint: 'Usually 30 to 45 mL. Pour one into a measure once.',
    save: 'Save',
    money: 'Money',
    currency: 'Currency, three letters',
    currencyFault: 'Three letters, such as EUR, USD or GBP.',
    bagged: 'A bag of mix holds',
    baggedPrice: 'and costs',
    saveMoney: 'Save these prices',
    spaces: 'Spaces',
    covered: 'covered from rain',
    newSpace: 'Another space',
    addSpace: 'Add',
    removeSpace: 'Remove {name}',
    gardens: 'Gardens',
    openGarden: 'Open',
    startOwn: 'Start a new garden',
    openDemo: 'Bring back the demo',
    files: 'Files',
    filesText:
      'Your garden lives in this browser. Keep a copy as a file; it holds everything, records too.',
    export: 'Export the garden',
    import: 'Import a garden',
    reading: 'Reading the file',
    moreFaults: 'And {count} more.',
  },
  storage: {
    title: 'The garden cannot be opened',
    missing:
      'This browser lets Rimbo store nothing, perhaps because this is a private window. Nothing can be saved here. Open Rimbo in an ordinary window or in another browser.',
    blocked:
      'The browser would not open Rimbo’s data ({detail}). What you saved is still there. Close other windows of Rimbo, allow this page to store data, and try again.',
    later:
      'The data in this browser was last used by a later version of Rimbo, and is left as it is. Reload to get that version.',
    full: 'This was not saved: the browser has no room left. Export the garden, then make room on this device.',
    failed:
      'This was not saved: the browser could not write it ({detail}). What you see is what is saved.',
    gone: 'This was not saved: the garden is no longer in this browser. Export it now if you want to keep what you see.',
    laterTitle: 'This garden belongs to a later version of Rimbo',
    laterGarden:
      '“{name}” was last saved by a later version of Rimbo (file {given}; this one reads up to {known}). It is safe, and nothing is written to it from here. Reload to get the later version, or export the garden as a file.',
    openOther: 'Open {name}',
  },
}
