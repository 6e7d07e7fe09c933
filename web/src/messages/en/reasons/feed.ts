/** Reasons of needs, ledgers, doses, programmes and holds. */
export const feedReasons = {
  feed: {
    rate: '{volumeL} of mix at {rateGL} is {massG}.',
    range: 'Usual rates run from {leastGL} to {mostGL}.',
    labelFirst: 'The label on your own pack comes first.',
    noLabel:
      'No label: {labelG} for this pot by common practice, thinned until it looks like weak tea.',
    homeMade:
      'Home-made, so its strength is anyone’s guess: from a fifth to three times this. Start weak, watch the leaves, and let the ledger’s doubt be a warning.',
    cupScales: 'The school’s {cupL} are for a pot of {forVolumeL}; this one holds {fillVolumeL}.',
    stopsAtLabel: 'The school would give more: it stops at the most the label allows.',
    doubt: 'Home-made feeds of unknown strength were given: {doubtG} more or less may have come.',
    need: 'A crop of {cropG} takes {nPerKgG} of nitrogen and {kPerKgG} of potassium for each kilo.',
    needSeason: 'Over the season: {nG} N, {kG} K, {caG} Ca.',
    state: {
      short:
        'Plants have gone without {owedG} so far; they need {needSoonG} in the coming week, and {leftG} is at hand.',
      runsLow:
        'At hand: {leftG}; needed in the coming week: {needSoonG}. It runs out within that week.',
      enough: 'At hand: {leftG}; needed in the coming week: {needSoonG}.',
      plenty: 'At hand: {leftG}, more than six weeks need; the coming one needs {needSoonG}.',
    },
    lasts: 'By what is known to come, it lasts {dayCount} days.',
    salt: 'In a saturated extract of its mix {ec} dS/m by the ledger; up to {limit} costs nothing. It leaves {yieldShare} of the crop.',
    saltError:
      'Worked out from what went in, was taken up and washed out: to within a third. A reading of your own is better.',
    saltCosts: 'So much salt costs {lostShare} of the crop. Wash it out before you feed again.',
    leafy:
      '{nitrogenMgL} mg of nitrogen in a litre of its water, before fruit has set: leaves and no fruit.',
    label: 'Its label: {labelG} for this pot, {mostG} at most.',
    solution:
      '{gPerCan} for a whole can; {solutionWaterL} of it wets this pot until it starts to drain: a tenth of its mix.',
    analysis:
      'As printed, brought from oxides to elements by atomic weights: P is 0.4364 of P₂O₅, K 0.8301 of K₂O, Ca 0.7147 of CaO, Mg 0.6030 of MgO.',
    comes: {
      decays:
        'Its nitrogen comes as it decays: {monthShare} in four weeks at 22 °C, {seasonShare} in a season; half as fast ten degrees cooler.',
      coated:
        'Coated: four fifths in {dayCount} days at 21 °C, sooner in the heat; never again after mid season.',
      lime: 'Slowly: nine tenths of its calcium in about four months.',
      additive:
        'It feeds nothing: a wetting agent lets dry mix take its water again; of a root fungus no gain is counted.',
      dissolves: 'There at once; in emulsions of fish within two weeks.',
    },
    ec: 'Strength in ppm is grams in a litre × per cent × 10. EC is a tenth of the cations in meq/L, beside your water.',
    spoon: 'A spoon by what a loose millilitre of it weighs.',
    flush:
      '{flushWaterL} through it take its salt from {ec} to {targetEc} dS/m: each filling of its water takes it to a third of what it is above the water’s own.',
    leaching:
      'With your water {leachingShare} of each watering has to run out so that salt does not build up.',
    waterTooSalty: 'Water of {ec} dS/m cannot wash it out.',
    judgeShort:
      'Of what they need, its plants get {nShare} of the nitrogen, {kShare} of the potassium, {caShare} of the calcium; {hadShare} of the shortest.',
    judgeSalt:
      'Roots meet {ec} dS/m over the season, {mostEc} on the worst day; a season’s mean up to {limit} costs nothing. Plants burnt in their first four weeks do not make it up.',
    judgeWork: '{feedCount} feeds, {minuteCount} minutes.',
    school: 'As growers of this school do it.',
    hold: {
      notFeed:
        'This is no feed. Against pests and disease only what is registered for the crop where you live, as its label says.',
      heatWave: 'Up to {tempC} ahead: roots take water, and no feed.',
      dryMix: '{missingWaterL} missing: water first, feed tomorrow.',
      freshTransplant: 'Planted {dayCount} days ago: let its roots settle in for a week.',
      controlledLate: 'Past the middle of the season: it would not be used up, and burns.',
      tooClose: 'Last given {dayCount} days ago: leave at least {leastCount} days between feeds.',
      overLabel: '{times} times the most its label allows.',
      salty: 'Its mix is salty: {ec} dS/m, {limit} at most. Wash it out first.',
      epsomCalcium: 'Short of calcium already: magnesium would keep more of it out.',
      limeNoPh: 'Nobody has measured the pH of this mix: measure before liming.',
      ashAmmonium:
        'Ash and ammonium feeds within two weeks of each other: the nitrogen goes off as ammonia.',
      dogs: 'It lures dogs, and can harm them: work it in, and shut them out.',
      manure:
        'Only well rotted; {leastCount} days before harvest where it is raw ({dayCount} to go). Wash hands and fruit.',
      foliar: 'On leaves only in the evening, and only what its label allows.',
      dust: 'Do not breathe its dust: damp it, or wear a mask.',
      homeMade:
        'Wear gloves and wash your hands. Keep it off leaves and fruit, and wash fruit well: it teems with germs. Never close a fermenting vessel tightly.',
      ringNoReservoir:
        'A dry ring needs a reservoir below: in this pot water would wash it in at once, and burn the roots.',
    },
  },
}
