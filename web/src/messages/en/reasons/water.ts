/** Reasons of what is used, of plans, stores, risks, what-ifs and drip. */
export const waterReasons = {
  water: {
    reference:
      'The day draws {referenceWaterMm} of water from a short lawn (reference evapotranspiration).',
    usualWeather:
      'Today’s weather is not known: this is for a usual day at this time of year. On a hot or windy day feel the mix, or type the day’s highest and lowest under Water.',
    transpiration: 'Leaves over {canopyM2}, in this wind × {windFactor}: {waterL}.',
    surface: 'Open mix over {surfaceM2}, mulch {mulchMm}: {waterL}.',
    wall: 'Through the wall ({material}): {waterL}.',
    learned: 'By {testCount} tests of this pot its plants drink {thirst} ± {spread} of that.',
    rain: '{rainWaterMm} of rain brings {waterL} to the mix.',
    rainKeptOff: '{rainWaterMm} of rain, but none under this cover.',
    runsOut: 'Stop when it starts to drain.',
  },
  plan: {
    fills:
      'Missing now: {missingWaterL}. By the next walk more would be missing than the {safeWaterL} its plants can do without; so it is filled, evenly moist to the floor.',
    notYet:
      'Missing now: {missingWaterL}. Up to {safeWaterL} may be missing, and no more will be before the next walk: no water now.',
    evening:
      'One filling does not last until tomorrow morning: {eveningWaterL} more in the evening.',
    twoPasses:
      'Dry mix of this kind sheds water. Give half, wait half an hour, then give the other half.',
    tooSmall: 'Even filled morning and evening it falls short in the heat of the day.',
    runsOut: 'Stop when it starts to drain.',
  },
  store: {
    parts:
      'From drained down to wilting it holds {availableWaterL}: {easyWaterL} easily had, to 50 cm of suction; {bufferWaterL} as a buffer, to 100 cm; the rest hardly.',
    tiers: 'Its {tierCount} tiers are fed from above: what drains from one runs into the next.',
    rings: 'The rings and the bag below them are one body of mix.',
    reservoir:
      'Its reservoir holds {reservoirWaterL} more, and the mix lifts up to {liftWaterL} a day out of it.',
    earth: 'Below the cut floor roots go on into the earth, taken as a loam.',
    repellent: 'Of its mix {shedsShare} sheds water when it has dried out.',
  },
  rot: {
    short:
      'Over the last {dayCount} days its plants went without {shortShare} of the water they needed by day. Calcium reaches fruit with the water.',
    noFruit: 'No fruit swells on it now.',
    kind: 'This kind of fruit is in {factor} times the danger of a salad tomato.',
    salt: 'Its mix is salty for it: {ec} dS/m.',
    even: 'Even water comes first, then pH; lack of calcium is rare.',
  },
  split: {
    swing:
      'Over the last {dayCount} days one filling of the dry pot raised its water by {swingShare}.',
    noFruit: 'No fruit ripens on it now.',
  },
  tooWet: {
    noHoles: 'It has no hole: what runs down stays there. Drill it.',
    reservoir:
      'Of its depth {airlessShare} is short of air above the reservoir. Let the reservoir run dry for a day now and then.',
    longWet:
      'Wet through for {dayCount} days. In cool weeks let it dry to the first knuckle before filling again.',
  },
  whatIf: {
    mulch: 'A mulch of {mulchMm}: the surface gives off less than a third.',
    shade: 'A cloth that takes 40 % of the sun. Growth and ripening take less from it, too.',
    move: 'Half the sun and little wind. Its crop would fall with the light.',
    biggerPot: 'The same form with {fillVolumeL} of mix.',
    otherMix: 'The same pot and plant in that mix.',
    reservoir: 'A fifth of its mix makes room for {waterL} of water below.',
    twoPlants: 'Two come to 80 % each: so much more leaf on the same water.',
    away: 'Filled now, then left for {dayCount} days.',
  },
  drip: {
    minutes:
      'Minutes are litres over emitters and their flow. All pots together need {needWaterL} and get {getsWaterL}.',
    compromise:
      'One timer cannot fit all: {wastedShare} of the water is more than its pot needs. Every whole minute up to an hour, and one to three runs, were tried.',
    runsOut: 'On a barrel-sized pot with usual emitters it is about three minutes.',
  },
}
