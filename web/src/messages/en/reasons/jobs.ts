/** Why a job is to be done, how, and what it asks care for. */
export const jobReasons = {
  job: {
    sow: {
      back: 'Sow between {sowDate} and {lastSowDate}: 6–8 weeks before the last frost, slow chillies earlier, to plant out about {outDate}.',
      seeds: 'About {upShare} of the seeds come up: a few more than the {count} plants you want.',
    },
    potOn: { size: 'Into small pots once the seedlings have their first true leaves.' },
    hardenOff: {
      days: 'Harden off over {dayCount} days, each longer out than the one before, to plant out on {outDate}.',
      hours: 'In shade first, out of the wind, and in again for the night.',
    },
    plant: {
      evening: 'Plant in the evening or under cloud, and give a day of shade.',
      tooEarly: 'Planned for {plannedDate}, which is before it is safe: {outDate} is.',
      waits: 'Planned for {plannedDate}: the forecast puts it off to {outDate}.',
      soil: 'The mix should be at {leastC} or warmer, by your ways.',
    },
    support: { beforeRoots: 'Put it in before the roots fill the pot.' },
    tie: { grown: 'Tie softly, once for every {grownMm} of growth. It is about {heightMm} tall.' },
    sideShoots: {
      oneStem: 'One stem: side shoots come out every week, while they are small.',
      firstThree: 'A cherry tomato loses only its first two or three side shoots.',
      none: 'Side shoots stay.',
    },
    strip: {
      fingers: 'Snap them off by hand while small, on a dry day.',
      cut: 'Cut clean, and wipe the blade between plants.',
    },
    lowerLeaves: {
      tall: 'At about {heightMm} the leaves below the first truss come off: nothing should touch the mix.',
    },
    tip: { height: 'Pinch out the top at {heightMm}: the plant branches.' },
    stopTop: {
      ripens: 'What opens after this truss would not ripen. Its fruit is ripe about {ripeDate}.',
      trusses: 'Your way: the top comes out after {count} trusses.',
    },
    shake: { still: 'Neither wind nor bees reach it: shake open flowers about noon.' },
    rootShoots: {
      time: 'There are {dayCount} days left: a side shoot that is rooted now needs about {leastCount} to crop.',
    },
    topUp: {
      stem: 'There is {freeMm} of room above the mix: once the stem stands {stemMm} clear, fill around it, leaves off first.',
    },
    unroll: {
      stem: '{rolledMm} of the bag is rolled down: once the stem stands {stemMm} clear, unroll some and fill up.',
    },
    mulch: {
      warm: 'Once the mix is at about {tempC}, or before heat: {depthMm}.',
      room: 'There is only {freeMm} of room below the rim.',
      stem: 'Keep it off the stem.',
      grass: 'Green grass only in thin layers, and not against the stem.',
    },
    water: {
      forecast: 'By the forecast. It is worked out anew every day.',
      usual: 'As is usual for the time of the year. It is worked out anew every day.',
    },
    feed: {
      plan: 'By its feeding programme.',
      habit: 'By your ways.',
    },
    shadeOn: { heat: '{tempC} on {hotDate} at the pot: hang cloth over it before.' },
    shadeOff: { cooler: 'The next days stay below {tempC}: it can have its full light again.' },
    coverOn: { frost: '{tempC} in the early morning of {frostDate}: cover it the evening before.' },
    coverOff: { milder: 'The next nights stay above {tempC}.' },
    moveIn: {
      cold: '{tempC} in the early morning of {coldDate}: peppers come in below {leastC}.',
      usual: 'From about {coldDate} nights are usually below {leastC}: peppers come in.',
    },
    moveOut: { warm: 'The next nights stay at {leastC} or above.' },
    move: { weighs: 'It weighs about {massG}.' },
    turn: { window: 'Light comes from one side: a quarter turn once a week.' },
    measurePh: { lime: 'A week after lime, measure before you add more.' },
    test: {
      tells: 'How wet it is, is uncertain: a test here tells much ({bits} of at most 1.6 bits).',
    },
    lookOver: { twice: 'Look over leaves, stems and fruit twice a week.' },
    weed: { bare: 'Nothing covers the mix: weeds come up.' },
    spray: { asked: 'You asked for it under Ways, and it is on your shelf.' },
    secure: {
      tips: 'Gusts of about {gustMS} on {gustDate}. It tips at about {nowMS} as it stands, at {dryMS} dry and {wateredMS} just watered: tie it to the rail, put it in a corner, or set two together.',
    },
    pick: {
      ripe: 'Pick ripe fruit every {dayCount} days.',
      green: 'Frost about {frostDate}: pick all that is left, green too.',
    },
    lastFeed: {
      end: 'Its season ends about {overDate}: feed given in its last {dayCount} days is wasted.',
    },
    pullOut: {
      frost: 'Frost ends it about {frostDate}.',
      over: 'Its crop is over.',
    },
    cutBack: { winter: 'Cut back hard, and water little until spring.' },
    recharge: {
      kept: 'Old mix is not thrown away: take out the roots, work in compost, top up.',
    },
    wash: {
      ill: 'Its plants were ill: empty it, scrub it, and do not use the mix for these again.',
    },
    own: { yours: 'Your own job.' },
    hold: {
      storm: 'Gusts of about {gustMS}: stay off the balcony, and bring baskets down.',
      heat: 'A heat wave, up to {tempC}: let the plants be.',
      wet: 'It rains ({rainWaterMm}): wounds stay wet.',
      coldNight: 'The night comes to {tempC}: it needs {leastC}.',
      coldDay: 'Only {tempC} today: seedlings go out from {leastC} on.',
      sprayHeat: 'Never spray in heat: {tempC}.',
      sprayWind: 'Never spray in wind: gusts of {gustMS}.',
      bees: 'Its flowers are open: bees are about.',
      sprayed: 'Sprayed: no picking until {fromDate}, {dayCount} days by the label.',
      coldMix: 'The mix is at {tempC}: you plant from {leastC} on.',
    },
    caution: {
      below: 'Think of people below: what falls from a balcony can kill.',
      dustWet: 'Wet dry mix before you handle it, or wear a mask.',
      eyes: 'Put a cap on each stake: eyes meet them when you bend down.',
      hotFruit: 'Hot fruit burns eyes and skin: wear gloves.',
      hotSeed: 'Wash your hands after hot pepper seed.',
      label: 'The label on your own pack comes first.',
      rootsOffFeed: 'Roots must not sit on feed: mix it in, or cover it.',
      spray: 'Never in sun, heat or wind, nor while bees are about. Wear gloves.',
      lift: 'It weighs about {massG}: lift with your legs, or ask for help.',
      twoLift: 'It weighs about {massG}: two lift it.',
    },
  },
  support: {
    none: 'At {grownMm} it stands by itself.',
    stake: 'A stake of {stakeMm}: {grownMm} of plant, and {inMixMm} in the mix.',
    cage: 'A cage of {stakeMm}: the plant will be about {grownMm} tall.',
    twoCages:
      'About {grownMm} tall: two cages, one upside down on the other, and a stake of {stakeMm} through both.',
    string: 'A string from overhead, {stakeMm}: a stake would not hold in this depth of mix.',
    net: 'A net to grow through.',
    byWay: 'Your way.',
    breaks: 'Peppers break in wind.',
  },
  tip: {
    round:
      'Wind on {seenM2} of leaf, {armMm} above the floor, against {massG} on a foot of {baseMm}. Leaves fold as it blows harder.',
    short:
      'Wind on {seenM2} of leaf, {armMm} above the floor, against {massG} on a foot of {baseMm}, the short way. Leaves fold as it blows harder.',
    error: 'To within 30 %: a gust may be stronger than any forecast.',
  },
}
