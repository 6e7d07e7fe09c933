/** Reasons of fitting plants to pots and arranging them. */
export const fitReasons = {
  fit: {
    crop: 'An unrestricted plant in full sun crops about {fullG} in a season, to within a half; here {yieldShare} of it.',
    expected:
      'Root room alone would let each give {rootShare}; with the place counted in, {yieldShare}.',
    sun: {
      good: '{sunHours} h of direct sun a day from spring to autumn; {goodHours} h are enough.',
      tight:
        '{sunHours} h of direct sun a day; {goodHours} h would be good, {leastHours} h are the least for fruit.',
      poor: '{sunHours} h of direct sun a day; {leastHours} h are the least for fruit.',
      unknown: 'The sun here is not known: place the pot on a drawn space.',
    },
    light: {
      less: '{dliMol} mol of light a day; up to {fullMol} mol a plant makes use of it, one for one. That leaves {leftShare}.',
      enough: '{dliMol} mol of light a day; from {fullMol} mol on more gives no more.',
      unknown: 'The light here is not known: place the pot on a drawn space.',
    },
    height: {
      good: 'It grows {grownMm} tall; up to the slab there are {roomMm}.',
      open: 'It grows {grownMm} tall; nothing is above.',
      tight: 'It would grow {grownMm} tall and has {roomMm} up to the slab: stop it there.',
      poor: 'It would grow {grownMm} tall and has {roomMm} up to the slab.',
    },
    support: {
      none: 'Needs none.',
      stake:
        'A stake or string of {stakeMm}, a quarter metre of a stake in the mix, set at planting.',
      twoCages: 'Two cages, one upside down on the other, and a stake of {stakeMm}.',
      string: 'A string from overhead, {stakeMm}: no stake holds in this depth of mix.',
      net: 'A net to grow through.',
      shortStake: 'A stake of {stakeMm}: peppers break in wind.',
      cage: 'A cage, or a stake of {stakeMm}, set at planting.',
    },
    heatCost:
      'On a hot day its wall is {overK} K over the limit, and on {daysShare} of the days of the season it passes it. {shellShare} of the mix lies in the outer 25 mm, half of that on the sunny side: over the season heat costs about {lostShare} of the roots.',
    rot: {
      least: 'Small fruit gets it least.',
      little: '{hasL} of root room a plant: from {limitL} on it is seldom.',
      prone:
        '{hasL} of root room a plant, below {limitL}: large fruit gets it easily. Water very evenly.',
      most: '{hasL} of root room a plant, below {limitL}: this fruit gets it most easily of all. Water very evenly.',
    },
    weight: {
      light: '{grownG} watered, with the grown plant.',
      lifting16: '{grownG} watered, with the grown plant: over 16 kg, lift it with two.',
      lifting25: '{grownG} watered, with the grown plant: over 25 kg, do not lift it.',
    },
    yield: {
      good: 'By its room alone, each plant is expected to give {yieldShare} of a plant with all the room it needs; from {goodShare} Rimbo calls it good.',
      tight:
        'By its room alone, each plant is expected to give {yieldShare} of a plant with all the room it needs; below {goodShare} Rimbo calls it tight.',
      poor: 'By its room alone, each plant is expected to give only {yieldShare} of a plant with all the room it needs; below {leastShare} Rimbo advises against it.',
    },
    rotProne:
      'Larger fruit in {hasL} a plant gets blossom-end rot easily (below {limitL}): water very evenly.',
    rimVolumePerPlantL: {
      good: '{hasL} to the rim for each plant; {goodL} is enough.',
      tight: '{hasL} to the rim for each plant; {goodL} would be good, {leastL} is the very least.',
      poor: '{hasL} to the rim for each plant; it needs at least {leastL}.',
    },
    acrossMm: {
      good: '{hasMm} across; {goodMm} is enough.',
      tight: '{hasMm} across; {goodMm} would be good, {leastMm} is the very least.',
      poor: '{hasMm} across; it needs at least {leastMm}.',
    },
    depthMm: {
      good: '{hasMm} deep; {goodMm} is enough.',
      tight: '{hasMm} deep; {goodMm} would be good.',
      poor: '{hasMm} deep; it needs at least {leastMm}.',
    },
    count: {
      good: 'Plants in the pot: {hasCount}; up to {goodCount}.',
      tight: 'Plants in the pot: {hasCount}; {goodCount} would be good.',
      poor: 'Plants in the pot: {hasCount}; no more than {goodCount}.',
    },
    condition: {
      waterDaily: 'Only if it is watered every day.',
      stopAtFive: 'Only if it is stopped at four or five trusses.',
      ringPots: 'With bottomless ring pots on top, to add depth and to part water from feed.',
      noDryDay: 'Never leave it a day without water.',
    },
    notForVines: 'This school keeps vines out of buckets and flat bags.',
    notForBasket: 'Baskets are for trailing tomatoes and small bush cherries only.',
    silent: 'This school says nothing of such a pair.',
  },
  own: 'In {season} this pot gave {ownShare} of what was expected of it, as you took over from the Book.',
  arrange: {
    gives:
      '{plantCount} of it here: about {totalG} of fruit, each {yieldShare} of a plant with all the room and sun it needs.',
    school: {
      good: 'The school “{school}” calls it good.',
      tight: 'The school “{school}” calls it tight.',
      poor: 'The school “{school}” advises against it; you have pinned it.',
      silent: 'The school “{school}” says nothing of it; Rimbo’s own accepts it.',
    },
    next: 'The next best here would be {variety} × {plantCount}, about {totalG}; the whole decides.',
    onlyOne: 'Nothing else on the list fits here.',
    leftOut: {
      school: 'The school “{school}” accepts it in none of the pots.',
      sun: 'No place with a pot for it has six hours of sun.',
      height: 'It would grow far into what is above.',
      room: 'No place has the room for a pot that suits it.',
      pinned: 'The pots that suit it are pinned to other plants.',
      noneFree: 'With what must be there and what is pinned, no pot is left for it.',
      noTime: 'Others give more; by how much was not worked out in time.',
      costs: 'Having it all the same would cost {lostG} of fruit.',
      instead:
        'At its best, {plantCount} of it in {code}, it would give {totalG}; there {variety} × {otherCount} gives {otherG}.',
      best: 'At its best, {plantCount} of it in {code}, it would give {totalG}.',
    },
  },
}
