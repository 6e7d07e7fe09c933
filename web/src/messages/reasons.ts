/** Words for the reasons that the core gives, by code. */
export const reasons = {
  volume: {
    round:
      'Exact for inside measures: a round pot {bottomLengthMm} across at the bottom, {topLengthMm} across at {heightMm}. π × height / 3 × (R² + R r + r²) = {volumeL}.',
    rectangular:
      'Exact for inside measures: a box {bottomLengthMm} by {bottomWidthMm} at the bottom, {topLengthMm} by {topWidthMm} at {heightMm}. Height / 6 × (bottom + 4 × middle + top area) = {volumeL}.',
    bowl: 'Exact for a part of a sphere, {topLengthMm} across at {heightMm}: π × h × (3 a² + h²) / 6 = {volumeL}.',
    limits: 'Ribs, rounded corners and the bulge of a soft wall are not counted.',
  },
  mix: {
    shrinks:
      '{looseL} loose makes {volumeL}: mixing loses {shrinkShare}, as fine parts fall between coarse ones (usually 5 to 20 %).',
    shrinksMeasured: '{looseL} loose makes {volumeL}: mixing loses {shrinkShare}, as you measured.',
    measureYourself:
      'How much is an estimate from how unlike the grains are. Measure once: litres in, litres out.',
    drained:
      'The pores are {poreShare} of the mix, full of water at the floor. At the top, {fillMm} up, {topShare} stays wet. Summed over the pot’s own shape.',
    ingredientsTypical:
      'From typical ingredients; yours may differ by a fifth. Dry, a litre of the mix weighs {dryDensityGL}.',
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
  fit: {
    yield: {
      good: 'Each plant is expected to give {yieldShare} of a plant with all the room it wants; from {goodShare} Rimbo calls it good.',
      tight:
        'Each plant is expected to give {yieldShare} of a plant with all the room it wants; below {goodShare} Rimbo calls it tight.',
      poor: 'Each plant is expected to give only {yieldShare} of a plant with all the room it wants; below {leastShare} Rimbo advises against it.',
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
      wind: 'Wind not known: 2 m/s taken.',
      radiation: 'Sun not known: taken from the span between lowest and highest temperature.',
    },
    hargreaves: 'Cross-check from temperature alone (Hargreaves): {otherWaterMm}.',
  },
  lime: {
    perLitre: '{ingredient}: {looseL} at {rateGL} takes {massG}.',
    measure: 'An estimate to about pH 6. Measure the pH after a week before adding more.',
    none: 'Nothing in this mix is acid enough to want lime.',
  },
  feed: {
    rate: '{volumeL} of mix at {rateGL} is {massG}.',
    range: 'Usual rates run from {leastGL} to {mostGL}.',
    labelFirst: 'The label on your own pack comes first.',
  },
}
