/** Words of the Water view: a pot by the hour, what-ifs, a time away, drip. */
export const waterWords = {
  waterView: {
    mode: { pot: 'By the hour', away: 'Going away', drip: 'Drip', weather: 'Weather' },
    nothing: 'Nothing to water today: plant something under',
    pots: 'Pots',
    found: 'What was found',
    now: 'Now',
    nowWord: 'now',
    lasts: 'Is safe for',
    lastsNo: 'short now',
    lastsHours: '{count} h',
    lastsDays: '{count} days',
    lastsLong: 'two weeks',
    evening: '+ {litres} this evening',
    nothingNow: 'nothing now',
    beyond: 'not within two weeks',
    shortNow: 'already',
    hours: '{count} h',
    notYet: 'Its plants are not in it yet.',
    mixUnknown: 'Its mix is not known: taken as thirds.',
    chart: 'Water in {code}, hour by hour',
    line: { full: 'full', safe: 'safe limit', hangs: 'wilts', nothing: 'permanent wilting' },
    table: {
      day: 'Day',
      morning: 'Left in the morning',
      used: 'Used',
      given: 'Given and rained',
    },
    fact: {
      short: 'Short of water',
      hangs: 'Wilts',
      full: 'Filled, it is safe for',
    },
    risk: { rot: 'Blossom-end rot', split: 'Split fruit', wet: 'Too wet' },
    level: { low: 'low', raised: 'look out', high: 'likely' },
    whatIfTitle: 'What if, over two weeks',
    column: {
      uses: 'Uses a day',
      visits: 'Walks a week',
      short: 'Short',
      hangs: 'Wilts',
      lowest: 'Lowest',
    },
    whatIf: {
      asItIs: 'As it is',
      mulch: 'Mulched 5 cm',
      shade: 'Under shade cloth',
      move: 'Moved to half sun, out of the wind',
      biggerPot: 'In a pot of twice the volume',
      otherMix: 'In',
      reservoir: 'With a reservoir put in',
      twoPlants: 'Two plants for one',
      away: 'A week away',
    },
    unwritten: {
      whenWanted:
        'Your tests suggest that on days without a record you water it until it drains, when it needs it. Rimbo reckons with that.',
      everyMorning:
        'Your tests suggest that on days without a record you water it every morning until it drains. Rimbo reckons with that.',
    },
    wetter:
      'On {day} there was {litres} more water in it than your records explain: perhaps somebody else watered it. Rimbo goes by what you measured.',
    drier:
      'On {day} there was {litres} less water in it than your records explain: perhaps a watering was missed. Rimbo goes by what you measured.',
    learnedTitle: 'Learned',
    learned:
      'From {count} test: it drinks {thirst} ± {sd} of the model. | From {count} tests: it drinks {thirst} ± {sd} of the model.',
    notLearned: 'No test yet: it is taken to drink as the model says.',
    early:
      '{count} test lies before planting and is not used. | {count} tests lie before planting and are not used.',
    ask: 'Most useful test: feel at the {knuckle}, {moment}.',
    testsTitle: 'Test this pot',
    test: { finger: 'Finger', weigh: 'Scale', drained: 'Drained', probe: 'Probe' },
    weighs: 'Weighs now, all of it',
    lift: 'Over 16 kg: with two. Over 25 kg: leave it standing.',
    caught: 'Caught below after this watering',
    probe: {
      text: 'A simulated soil probe, 10 cm deep: a stand-in for a device.',
      read: 'Read its last two days',
      none: 'No probe answers. It runs in the server that `npm start` starts; nothing was changed.',
      said: '{readings} readings: {kept} kept, {gaps} gaps, {jumps} that jump left out.',
    },
    chanceTitle: 'Wilts within {days} days',
    chanceAsk: 'How likely does it wilt? {count} years',
    habit: {
      daily: 'watered daily',
      secondDay: 'every second day',
      thirdDay: 'every third day',
      weekAway: 'a week away now',
    },
    away: {
      title: 'Going away',
      days: 'Days away, from now',
      neighbour: 'A neighbour can come once, on day',
      neighbourDay: 'Day on which the neighbour comes',
      helps: 'What you could do',
      help: {
        mulch: 'Mulch 5 cm deep',
        saucer: 'A saucer, filled',
        shade: 'Shade cloth, or move into shade',
        reservoir: '5 L more in the reservoir',
        drip: 'Drip on a timer',
      },
      short: {
        mulch: 'mulch',
        saucer: 'saucer',
        shade: 'shade',
        reservoir: '+5 L reservoir',
        drip: 'drip',
      },
      caution:
        'Cloth and saucers must not fall on anyone below. What is lifted over 16 kg is lifted with two.',
      alone:
        'Filled and left alone, {saved} of {count} pot comes through. | Filled and left alone, {saved} of {count} pots come through.',
      set: '{count} measure saves every pot. | {count} measures save every pot.',
      none: 'All come through as they are: fill them before you go.',
      unsaved:
        '{count} pot is not saved by any of these: take it to somebody. | {count} pots are not saved by any of these: take them to somebody.',
      neighbourOn: 'The neighbour fills all on day {day}.',
      leftAlone: 'Left alone',
      do: 'Do',
      then: 'Then',
      afterDays: 'after {count} d',
      verdict: { well: 'well', thirsty: 'thirsty', wilts: 'wilts', lost: 'lost' },
      how: 'Each pot is filled in the hour before you leave and run by the hour over the forecast, then usual days. Every set of these things is tried for every pot.',
    },
    drip: {
      title: 'Drip on one timer',
      text: 'For the thirstiest of the next seven days. One length of run for all; each pot gets emitters of 2, 4 or 8 L an hour.',
      minutes: '{minutes} min, once a day | {minutes} min, {count} times a day',
      sum: 'It gives {gets}, where {needs} are wanted: {wasted} runs to nobody.',
      wants: 'Needs a day',
      emitters: 'Emitters',
      flow: '{litres} L/h',
      gets: 'Gets',
      over: 'Too much',
      check: 'Run it once and look: stop when it starts to drain.',
    },
  },
}

/** Reasons of plans, stores, risks, what-ifs and drip. */
export const waterReasons = {
  plan: {
    fills:
      'Missing now: {missingWaterL}. By the next walk more would be missing than the {safeWaterL} its plants can do without; so it is filled, evenly moist to the floor.',
    notYet:
      'Missing now: {missingWaterL}. Up to {safeWaterL} may be, and it will not be more before the next walk: nothing to give.',
    evening:
      'One filling does not last until tomorrow morning: {eveningWaterL} more in the evening.',
    twoPasses:
      'Dry mix of this kind sheds water. Give half, wait half an hour, then give the other half.',
    tooSmall: 'Even filled morning and evening it falls short in the heat of the day.',
    runsOut: 'Enough is when it starts to run out below.',
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
      'Over the last {dayCount} days its plants went without {shortShare} of the water they wanted by day. Calcium reaches fruit with the water.',
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
      'Minutes are litres over emitters and their flow. {needWaterL} are wanted by all, {getsWaterL} are given.',
    compromise:
      'One timer cannot fit all: {wastedShare} of the water is more than its pot needs. Every whole minute up to an hour, and one to three runs, were tried.',
    runsOut: 'On a barrel-sized pot with usual emitters it is about three minutes.',
  },
}
