/** Words of Ways: each question on which growers disagree, its answers, and what speaks for each. */
export const wayWords = {
  ways: {
    title: 'Ways',
    about: 'Growers disagree. Say how you go about it, and the jobs follow.',
    usual: 'Rimbo’s choice',
    whose: 'For',
    garden: 'the whole garden',
    pot: 'pot {code}',
    plant: '{plant} in {code}',
    asGarden: 'As the garden',
    group: {
      planting: 'Planting',
      training: 'Training',
      holding: 'Support',
      feeding: 'Feed and calcium',
      watering: 'Water and mix',
    },
    own: 'goes its own way in {count} answer | goes its own way in {count} answers',
    trusses: 'After {count} trusses',
  },
  way: {
    soilC: {
      title: 'Plant out when the mix is at',
      choice: { 7: '7 °C', 10: '10 °C', 16: '16 °C' },
      why: {
        7: 'Earliest crop; growth stands still in a cold week.',
        10: 'Roots grow from here on.',
        16: 'Never checked by cold; two or three weeks later.',
      },
    },
    depth: {
      title: 'Tomatoes go in',
      choice: { deep: 'Deep', sideways: 'Laid sideways', asItWas: 'As they were' },
      why: {
        deep: 'The buried stem roots. Peppers stay as they were.',
        sideways: 'Roots lie in the warm upper mix; good for leggy plants.',
        asItWas: 'No wounds, nothing to rot.',
      },
    },
    strip: {
      title: 'Leaves and side shoots come off',
      choice: { fingers: 'By hand', cut: 'With a blade' },
      why: {
        fingers: 'While small they snap clean, and no blade carries disease along.',
        cut: 'A clean wound on larger shoots; wipe the blade between plants.',
      },
    },
    sideShoots: {
      title: 'Side shoots of vines',
      choice: {
        oneStem: 'All out: one stem',
        firstThree: 'The first two or three',
        none: 'They stay',
      },
      why: {
        oneStem: 'Fits one stake; larger, earlier fruit.',
        firstThree: 'Airy below, bushy above: usual for cherries.',
        none: 'Most fruit, latest, and a jungle.',
      },
    },
    stopAt: {
      title: 'The top of vines comes out',
      choice: { ripens: 'After the last truss that can ripen' },
      why: {
        ripens: 'Worked out from warmth and your frost.',
        number: 'Sure to ripen in a short season; less fruit.',
      },
    },
    tipping: {
      title: 'Chillies are tipped',
      choice: { both: 'At 20 and 40 cm', once: 'At 20 cm', never: 'Never' },
      why: {
        both: 'Many branches, a low bush, later fruit.',
        once: 'Branches, and a little later.',
        never: 'Earliest fruit; taller.',
      },
    },
    staking: {
      title: 'Supports go in',
      choice: { atPlanting: 'At planting', at15to20cm: 'At 15–20 cm' },
      why: {
        atPlanting: 'No root is hurt.',
        at15to20cm: 'Only when needed, before roots fill the pot.',
      },
    },
    support: {
      title: 'Supports are',
      choice: {
        byHeight: 'What fits',
        stake: 'Stakes',
        cage: 'Cages',
        twoCages: 'Two cages and a stake',
        string: 'Strings',
      },
      why: {
        byHeight: 'By the height to come and the depth of the pot.',
        stake: 'Cheap, one tie for each hand of growth.',
        cage: 'No tying; for bushes.',
        twoCages: 'For a tall cherry in a wide pot.',
        string: 'Needs something overhead; for bags and shallow boxes.',
      },
    },
    school: {
      title: 'Pot size by',
      why: {
        house: 'By the yield to expect.',
        roomy: 'One plant a pot, 45 cm across.',
        middle: '26 L or more for vines.',
        bucket: 'Any plant in 19 L, if watered daily.',
        bushOnly: 'Small pots for bushes only.',
        smallest: '10 L for a vine stopped early.',
        dense: 'Two at 80 % each beat one.',
        bags: 'Three to a flat bag.',
      },
    },
    plantsEach: {
      title: 'Plants to a pot',
      choice: { 1: 'One', 2: 'Two' },
      why: { 1: 'Larger fruit, steadier water.', 2: 'More fruit in all, smaller plants.' },
    },
    calcium: {
      title: 'Calcium by habit',
      choice: { never: 'Never', atPlanting: 'At planting', at024: 'At 0, 2 and 4 weeks' },
      why: {
        never: 'Rot at the end of fruit is mostly uneven water: measure pH first.',
        atPlanting: 'Bone meal into the hole; it works for months.',
        at024: 'Pots leach: bone meal again after two and four weeks.',
      },
    },
    epsom: {
      title: 'Epsom salt',
      choice: { never: 'Never', inPots: 'In pots only', threeWeeks: 'Every three weeks' },
      why: {
        never: 'Magnesium is seldom short, and it takes the place of calcium.',
        inPots: 'Pots leach it.',
        threeWeeks: 'A tablespoon a gallon.',
      },
    },
    copper: {
      title: 'Copper',
      choice: { no: 'No', byLabel: 'By its label' },
      why: {
        no: 'It builds up, and harms what lives in the mix.',
        byLabel: 'Only what is on your shelf, and only as its label and local law allow.',
      },
    },
    chipsBelow: {
      title: 'Wood chips at the bottom',
      choice: { no: 'No', counted: 'Yes, counted as filler' },
      why: {
        no: 'Does not drain better, and takes room from roots.',
        counted: 'Saves mix in a deep box: enter them as filler of the pot.',
      },
    },
    water: {
      title: 'Water from',
      choice: { rain: 'Rain', tap: 'Tap', stood: 'Tap, left to stand' },
      why: {
        rain: 'No salt, no lime.',
        tap: 'Always there. Its salt is set under Settings.',
        stood: 'Warmer, and without its chlorine.',
      },
    },
    times: {
      title: 'Watered',
      choice: { morning: 'In the morning', both: 'Morning and evening' },
      why: {
        morning: 'Leaves are dry by night.',
        both: 'Small pots need it twice on hot days.',
      },
    },
    holdBack: {
      title: 'Hold water back to hurry fruit',
      choice: { no: 'No', peppers: 'For peppers' },
      why: {
        no: 'Even moisture matters most.',
        peppers: 'A little thirst brings flowers on; less fruit in all.',
      },
    },
    firstFeed: {
      title: 'First feed',
      choice: { atPlanting: 'As it is planted', afterAWeek: 'After a week' },
      why: {
        atPlanting: 'In the water it is watered in with.',
        afterAWeek: 'New roots first.',
      },
    },
    mulch: {
      title: 'Mulch of',
      why: {
        chips: 'Lasts all season.',
        straw: 'Light, pale and cool.',
        grass: 'Free; thin layers only.',
        leaves: 'Free; blows about.',
        compost: 'Feeds a little; dries to a crust.',
      },
    },
  },
}
