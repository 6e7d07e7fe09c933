/** Reasons of mixes, lime, layers, reservoirs and tests. */
export const mixReasons = {
  mix: {
    shrinks:
      '{looseL} loose makes {volumeL}: mixing loses {shrinkShare}, as fine parts fall between coarse ones (usually 5 to 20 %).',
    shrinksMeasured: '{looseL} loose makes {volumeL}: mixing loses {shrinkShare}, as you measured.',
    measureYourself:
      'How much is an estimate from how unlike the grains are. Measure once: litres in, litres out.',
    drained:
      'The pores are {poreShare} of the mix, full of water at the floor. At the top, {fillMm} up, {topShare} stays wet. Summed over the pot’s own shape.',
    curve:
      'The water at each height comes from a curve through the blended points: α {alpha} per cm, n {n}, {residualShare} that no pull draws out.',
    ingredientsTypical:
      'From typical ingredients; yours may differ by a fifth. Dry, a litre of the mix weighs {dryDensityGL}.',
    drainMeasured:
      'Brought to your own pour-and-drain test. Dry, a litre of the mix weighs {dryDensityGL}.',
    settles:
      'In a season it settles by {settleShare}: the solids come closer, and what is lost is air.',
  },
  range: {
    airSpace: '{valueShare} beside {leastShare} to {mostShare} that roots in pots need.',
    containerCapacity: '{valueShare} beside {leastShare} to {mostShare} for mixes in pots.',
    totalPorosity: '{valueShare} beside {leastShare} to {mostShare} for mixes in pots.',
    bulkDensityGL: '{valueGL} beside {leastGL} to {mostGL} for mixes in pots.',
    easilyAvailable:
      '{valueShare} of the volume between 10 and 50 cm of suction, beside {leastShare} to {mostShare}.',
    waterBuffer:
      '{valueShare} of the volume between 50 and 100 cm of suction, beside {leastShare} to {mostShare}.',
  },
  ph: {
    estimated:
      'About pH {ph}, to half a unit: each ingredient pulls by its buffering, {rateGL} of lime for one pH in all.',
    pulls: '{ingredient}, {share} of the volume: pH {ph}, buffering {rateGL}.',
    good: 'pH {ph} is right for tomatoes and peppers (6.0 to 6.8).',
    noHabit:
      'Add no lime or calcium by habit. Fruit that rots at its end at this pH needs even water; if calcium is short, gypsum brings it without a change of pH.',
    acid: 'pH {ph}, towards {aimPh}: {volumeL} at {rateGL} for one pH takes {groundG} of ground limestone.',
    alkaline:
      'pH {ph} is too high: no lime, no wood ash. {sulphurG} of elemental sulphur brings it down, by formula mass.',
    inSteps:
      'It is further off than one dose should mend: give this, measure after four weeks, and go on.',
    slow: 'Sulphur works through microbes, in weeks and in warmth. Feeds with ammonium lower pH too; hard water raises it.',
  },
  lime: {
    raise:
      'About pH {ph} now, towards {aimPh}: {volumeL} at {rateGL} for one pH takes {groundG} of ground limestone.',
    makers: 'Makers of peat mixes put in 3 to 5 g for each litre of peat.',
    kind: '{lime} takes up {value} times as much acid as pure limestone, and {workingShare} of it works in a season: {groundG} becomes {massG}.',
    measure: 'An estimate. Measure the pH after a week before adding more.',
    recipeBrings:
      'The recipe itself brings as much as {broughtG} of ground limestone: {groundG} more.',
    recipeTooMuch:
      'The recipe brings as much as {broughtG} of ground limestone: about pH {ph}, above the {mostPh} that suits tomatoes and peppers. Take less lime or ash in the recipe.',
    none: 'About pH {ph}: within 6.0 to 6.8, so no lime.',
    alkaline:
      'About pH {ph}: above 6.8 already, so no lime and no wood ash. Peat or bark in the mix brings it down.',
  },
  nitrogen: {
    nothingDecays: 'Nothing in it decays.',
    ratio:
      'What decays in a season, {carbonGL} of carbon, has {ratio} of carbon to one of nitrogen.',
    takes:
      'Above 30 : 1 microbes take nitrogen from the mix while it decays: about {drawG} from each litre in a season. Feed that on top.',
    gives: 'Below 30 : 1 it gives some nitrogen rather than taking it.',
  },
  layer: {
    lifts:
      'Water leaves fine pores for coarse ones only where it is hardly held: the mix over {layerMm} of stones is as wet at their edge as it would be at the floor. Roots lose {lostL} of mix, and what is left has {airShare} air instead of {airWithoutShare}.',
  },
  reservoir: {
    climbs:
      'Water stands at {waterTableMm} and climbs {riseMm} from there fast enough for a grown plant on a hot day (3 L through 0.2 m²).',
    conductivity: 'Soaked, water moves through this mix at about {rateCmD} cm a day.',
    usual:
      'In usual mixes water climbs 15 to 25 cm. Water from the top until roots have grown down.',
  },
  tub: {
    count: '{looseL} loose in a tub of {tubL} that is filled to four fifths: {tubCount}.',
    reserve: '{reserveL} more for topping up what settles in the season.',
  },
  moisten: {
    typical:
      'As bought it is {boughtShare} water by volume; filled in it should be about {wantedShare}, half of what it holds.',
    dusty: 'Your squeeze test found it dusty: moisten it.',
    holds: 'Your squeeze test found it moist enough.',
    drips: 'Your squeeze test found it dripping: spread it out to dry before filling.',
  },
  solve: {
    checked:
      'Found by a linear programme in whole packs, checked with the full curve in each pot, and mended until both agreed ({rounds} rounds).',
  },
  test: {
    drain:
      '{inL} of water filled {potL} of mix: {poreShare} pores. {outL} ran out: {airShare} air. The rest it holds.',
    extract: '{ec} dS/m by this method is about {saturated} as a saturated extract (× {factor}).',
    poor: 'Hardly any salt, under {poor}: little feed in it.',
    good: 'Between {poor} and {limit} dS/m: no harm.',
    salty: 'Over {limit} dS/m as a saturated extract: flush it before planting.',
  },
  oldMix: {
    blight:
      'Blight lives on in old leaves, stems and self-sown plants: no tomatoes or peppers in it again.',
    wilt: 'Wilts live in mix for years: no tomatoes or peppers in it again. Not into the compost either.',
    nematodes: 'Root-knot nematodes stay in mix: no tomatoes or peppers in it again.',
    tooOld: 'After {seasons} seasons the mix is fine and dense: renew most of it.',
    sunken:
      'Sunken pots go on for four to five years, as roots find new earth below ({seasons} so far).',
    settled: '{settledShare} of its volume has settled away: {topUpL}.',
    saltAssumed:
      'Salt taken as {ec} dS/m after a season of feeding (over {limit} it needs flushing). Measure it.',
    saltMeasured:
      'Salt {ec} dS/m as a saturated extract, by your test; over {limit} it needs flushing.',
    flush:
      'Each {heldL} poured through, as much as it holds, takes the salt above that of the water down to 37 %: {flushL} to come to {target} dS/m.',
    waterTooSalty: 'Water of {ec} dS/m cannot wash it low enough.',
    nitrogen: 'About {leftG} of its nitrogen is left; {nitrogenG} bring it back to a start.',
    roots: 'Thick roots out, or they decay and take nitrogen.',
  },
}
