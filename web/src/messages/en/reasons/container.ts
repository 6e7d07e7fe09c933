/** Reasons of volumes, weights, holes, heat and what is fit for food. */
export const containerReasons = {
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
}
