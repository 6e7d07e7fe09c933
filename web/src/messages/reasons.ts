/** Words for the reasons that the core gives, by code. */
export const reasons = {
  volume: {
    round:
      'Exact for inside measures: a round pot {bottomLengthMm} across at the bottom, {topLengthMm} across at {heightMm}. π × height / 3 × (R² + R r + r²) = {volumeL}.',
    rectangular:
      'Exact for inside measures: a box {bottomLengthMm} by {bottomWidthMm} at the bottom, {topLengthMm} by {topWidthMm} at {heightMm}. Height / 6 × (bottom + 4 × middle + top area) = {volumeL}.',
    bowl: 'Exact for a part of a sphere, {topLengthMm} across at {heightMm}: π × h × (3 a² + h²) / 6 = {volumeL}.',
    barrel:
      'A barrel sawn through at its belly, {topLengthMm} across there and {bottomLengthMm} at its head; {heightMm} high: π × height / 12 × (2 D² + d²) for the whole half = {volumeL} up to here.',
    poured: 'You poured {pouredL} to the rim: a measurement, which goes before the tape.',
    pouredOn:
      'On {onDate} you poured {pouredL} to the rim: a measurement, which goes before the tape.',
    limits: 'Ribs, rounded corners and the bulge of a soft wall are not counted.',
  },
  root: {
    mix: '{fillVolumeL} of mix is filled in; roots can make use of {rootVolumeL}.',
    layers:
      'Of the filler, {fillerMm} at the bottom, nothing counts; of the {poorL} of poor soil, half.',
    reservoir:
      'Below the false floor stand {waterL} of water; {footL} of the mix in the feet is always soaked and not counted.',
    earth:
      'Through the cut ({cutShare} of the floor, {acrossMm} across) roots go on into the earth: taken as {depthMm} of loosened earth, {earthL}.',
    rings: '{ringCount} rings add {ringsL} above the bag.',
    pockets: '{pocketCount} pockets of {pocketL}: no root crosses from one to the next.',
    rolled:
      'The wall is rolled down by {rolledMm}; unrolled and filled up it will hold {unrolledL}.',
  },
  mass: {
    wall: 'The container alone, {material} {wallMm} thick: about {emptyG}.',
    mix: '{fillVolumeL} of mix at {dryDensityGL} dry is {dryG}; drained, it holds {waterL} of water beside that.',
    usualMix:
      'No mix is chosen: weighed as if one of thirds were in it. Earth would weigh half as much again.',
    noMix: 'No mix is chosen yet: only the container is weighed.',
    reservoir: 'A full reservoir adds {reservoirL} of water, a kilo a litre.',
    plant: 'Grown plants with their fruit: about {plantG}, to within a third.',
  },
  holes: {
    need: '{fillVolumeL} drains through about {holeCount} holes of {diameterMm} (a 19 L bucket has 12 to 18 of 6 to 10 mm).',
    enough: '{holeCount} of {diameterMm} is enough.',
    few: '{holeCount} of {diameterMm} is too few: after rain it stays soaked.',
    many: '{holeCount} of {diameterMm} is more than needed: mix may wash out.',
    unknown: 'How many there are is not known yet: enter them with the wall.',
    slits:
      'A flat bag drains through slits low in its long sides, three a side: cut them where it lies.',
    tiers:
      'Each pot of the tower drains into the one below; the lowest needs its own holes kept open.',
    breathes: 'Fabric and liner drain all over.',
    overflow: 'A reservoir has its overflow; a hole in its floor would empty it.',
    cutFloor: 'The floor is cut out: it drains into the earth.',
  },
  food: {
    accepted: 'Plastic {resinCode} is commonly accepted for food.',
    avoid: 'Plastic {resinCode} is better not used for food.',
    otherCode: 'Plastic {resinCode} may or may not be made for food: look for a glass and fork.',
    noCode:
      'Look for the number in the triangle: 2, 4 and 5 are commonly accepted for food. And know what was in it.',
    wood: 'Untreated wood only; treated timber, sleepers and painted boards may give off what was put in them.',
    metal: 'Plain steel and iron do no harm; drums of unknown content and old paint may.',
    glazed: 'A modern fired glaze is inert; an old or soft one may hold lead.',
    plain: 'Nothing in the wall itself speaks against it.',
  },
  heat: {
    cooks:
      'The outer roots reach about {wallC}; from {limitC} they are injured. In white it would be {whiteC}: shade or wrap the wall, or set it in another pot. On a cool spring day it is {springC} inside, white {whiteSpringC}.',
    hot: 'The outer roots reach about {wallC}, near the {limitC} that injures them. In white it would be {whiteC}.',
    helps:
      'Never too hot here, and on a cool spring day {springC} inside where white would have {whiteSpringC}: a dark wall helps in a short season.',
    cold: 'Never too hot; on a cool spring day only {springC} inside. A dark wall or a warm wall behind would help.',
    fine: 'The outer roots reach about {wallC}; from {limitC} they are injured.',
    day: 'For a day from {lowC} to {highC} with {sunHours} h of sun on the pot.',
    wall: 'The wall ({colour}) takes in {takesShare} of the sun that meets it, evaporation allowed for.',
    lag: '{fillVolumeL} follows the day with a lag of {lagHours} h; the outer 25 mm follow fast.',
    insulated: 'The insulation keeps most of it out.',
    sunk: '{aboveShare} of it stands above the earth.',
    error: 'May be off by {errorK} K either way: wind and watering are not in it.',
  },
  sun: {
    rays: 'The sun is followed every ten minutes on the 15th of each month, and a ray cast against house, walls, parapet, slab and what stands opposite.',
    rail: 'A rail lets {letsShare} of it through.',
    light: 'A megajoule of sun holds about 2.06 mol of light for plants.',
    diffuse:
      'The part of the day’s light that comes from the whole sky is counted by how much of the sky the spot sees.',
    measured: 'The day’s radiation is the mean of the days known for that month.',
    usual: 'Where a month’s weather is not known, {clearShare} of the sun above the air is taken.',
    notPlaced: 'It has no place on a drawn space yet: sun and height there are not known.',
    assumed: '{sunHours} h of sun are taken for the root-zone heat.',
  },
  load: {
    ground: 'The earth carries it: {totalG} in all.',
    ask: 'The pots weigh {totalG} watered and grown, {meanKnPerM2} over the floor and {worstKnPerM2} on the heaviest square metre. No papers, no verdict: ask the owner, the building’s manager or a structural engineer what the floor may carry.',
    over: 'More than the papers allow: {meanKnPerM2} over the floor, {edgeKnPerM} along the edge, against {allowedKnPerM2}. Take pots away before anything else, and ask a structural engineer.',
    patch:
      'The heaviest square metre carries {worstKnPerM2}, more than the {allowedKnPerM2} of the papers: spread the pots, and ask.',
    shared:
      'The pots take {usedShare} of the {allowedKnPerM2} that the papers allow. The rest is for people, furniture and snow.',
    sums: 'Each pot watered to the drip, its reservoir full, with grown plants: {totalG} over {areaM2} is {meanKnPerM2}. Heaviest square metre {worstKnPerM2}; along the heaviest edge {edgeKnPerM}.',
    pressure:
      '{grownG} over {footM2} of footprint, at 9.81 N a kilogram: feet or a saucer may press more.',
    usual: 'Balconies are usually designed for 2.5 to 4 kN/m²: a range to know, not a permission.',
    usualUs: 'US codes use 40 to 60 psf by edition; the local code rules.',
  },
  label: {
    agrees: 'The label says {label}; to the rim it holds {trueL}.',
    holdsLess: 'The label says {label}, but to the rim it holds {trueL}: {overShare} less.',
    holdsMore: 'The label says {label}, but to the rim it holds {trueL}: {overShare} more.',
    classNominal:
      'The label says {label}. As plain gallons that would be {claimL}; to the rim it holds {trueL}.',
    classExplains:
      'Nurseries sell this as {tradeClass}: a class of {leastL} to {mostL}, not {gallons} gallons. The pot is what its class says.',
    outsideClass:
      'The nursery class {tradeClass} runs from {leastL} to {mostL}. This pot is outside it.',
  },
  yield: {
    volume:
      'Roots have {rootVolumeL}; from {fullVolumeL} on more mix gives no more fruit. Doubling the pot adds 43 % on average, so one plant alone would reach {yieldShare}.',
    sharing: '{plantCount} plants share the pot: each reaches {yieldShare} of what it would alone.',
    twoAtEighty: 'Set so that two peppers in one pot give 80 % each.',
  },
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
  fit: {
    crop: 'An unrestricted plant in full sun crops about {fullG} in a season, to within a half; here {yieldShare} of it.',
    expected:
      'Root room alone would let each give {rootShare}; with the place counted in, {yieldShare}.',
    sun: {
      good: '{sunHours} h of direct sun a day from spring to autumn; {goodHours} h are wanted.',
      tight:
        '{sunHours} h of direct sun a day; {goodHours} h are wanted, {leastHours} h are the least for fruit.',
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
      poor: '{hasL} to the rim for each plant; at least {leastL} is asked.',
    },
    acrossMm: {
      good: '{hasMm} across; {goodMm} is enough.',
      tight: '{hasMm} across; {goodMm} would be good, {leastMm} is the very least.',
      poor: '{hasMm} across; at least {leastMm} is asked.',
    },
    depthMm: {
      good: '{hasMm} deep; {goodMm} is enough.',
      tight: '{hasMm} deep; {goodMm} would be good.',
      poor: '{hasMm} deep; at least {leastMm} is asked.',
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
  water: {
    reference:
      'The day draws {referenceWaterMm} of water from a short lawn (reference evapotranspiration).',
    transpiration: 'Leaves over {canopyM2}, in this wind × {windFactor}: {waterL}.',
    surface: 'Open mix over {surfaceM2}, mulch {mulchMm}: {waterL}.',
    wall: 'Through the wall ({material}): {waterL}.',
    learned: 'By {testCount} tests of this pot its plants drink {thirst} ± {spread} of that.',
    rain: '{rainWaterMm} of rain brings {waterL} to the mix.',
    rainKeptOff: '{rainWaterMm} of rain, but none under this cover.',
    runsOut: 'Enough is when it starts to run out below.',
  },
  reference: {
    penmanMonteith:
      'Worked out by Penman–Monteith from the day’s temperatures, humidity, wind and sun.',
    assumed: {
      vapourPressure:
        'Humidity not known: the air is taken as saturated at the lowest temperature.',
      dryAir:
        'Humidity not known: in so dry a month the dew point is taken as {belowK} below the lowest temperature.',
      wind: 'Wind not known: 2 m/s taken.',
      radiation: 'Sun not known: taken from the span between lowest and highest temperature.',
    },
    hargreaves: 'Cross-check from temperature alone (Hargreaves): {otherWaterMm}.',
  },
}
