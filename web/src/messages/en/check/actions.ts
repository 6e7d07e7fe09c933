import type { Action, BetterSign } from '@rimbo/core'

/** What to do, short enough for a job, and why or how. */
export const actionWords: { readonly [A in Action['id']]: readonly [what: string, how: string] } = {
  wait: ['Wait and look again', 'Haste does more harm here than a few days.'],
  leaveIt: ['Leave it as it is', 'There is nothing to treat.'],
  waterThrough: [
    'Water until it drains, slowly, twice',
    'A dry mix lets the first water run past: wait half an hour between.',
  ],
  waterEvenly: [
    'Water evenly, to the round’s amount',
    'A little less missing each time, before it is short; nothing in floods.',
  ],
  letItDry: [
    'No water until the top is dry to the second knuckle',
    'Roots need air before they need anything else.',
  ],
  emptySaucer: ['Empty the saucer', 'No pot should stand in water for more than half an hour.'],
  stopFeeding: ['Stop feeding', 'Clear water only, until new leaves look right.'],
  stopSprays: ['Stop spraying', 'Whatever it was: nothing more on these leaves.'],
  shadeAtNoon: ['Shade it at noon', 'A cloth or a chair on the sunny side will do for now.'],
  moveToSun: ['Move it into more sun, over a week', 'An hour or two more each day.'],
  moveToWarmth: [
    'Move it somewhere warmer for the night',
    'By a wall, indoors, or off the cold floor.',
  ],
  shelterFromWind: ['Move it out of the wind', 'Behind a wall or a net; tie it loosely.'],
  keepLeavesDry: ['Keep the leaves dry', 'Water the mix, in the morning, and not from above.'],
  standApart: ['Stand it apart from the others', 'Touch it last, and wash your hands.'],
  ripenOnPlant: [
    'Leave fruit on the plant until it gives a little',
    'Or let full-size fruit ripen indoors, warm and not in the sun.',
  ],
  testBeforeFeeding: [
    'Test pH and salt before feeding anything',
    'What looks hungry is often unable to eat.',
  ],
  pickOffFruit: [
    'Pick off the spoiled fruit',
    'It will not recover, and takes strength from the rest.',
  ],
  pickOffLeaves: ['Pick off the worst leaves', 'A third of the leaves at most, on a dry day.'],
  cutOutStem: ['Cut out what is dead or twisted', 'Back to sound wood, with a clean blade.'],
  thinForAir: ['Thin it for air', 'Side shoots and the leaves that touch the mix.'],
  mulch: [
    'Mulch the mix',
    'Two fingers deep, clear of the stem: it evens out water and stops splashing.',
  ],
  flush: [
    'Flush the salt out',
    'Clear water, slowly, twice what the pot holds, and let it all run away.',
  ],
  unblockHoles: ['Clear the drainage holes', 'From below, with a stick; lift the pot onto feet.'],
  potOn: [
    'Pot it on into a larger pot',
    'In the evening, watered before, root ball loosened at the sides.',
  ],
  loosenRoots: [
    'Loosen the circling roots',
    'Only where it can be lifted: tease or cut the outermost ring.',
  ],
  renewMix: ['Renew the mix', 'Knock off the old as far as it comes off by itself.'],
  shadeCloth: ['Hang a shade cloth', 'A third of shade is enough.'],
  shadePot: ['Shade the pot’s wall', 'A board, a second pot or light cloth on the sunny side.'],
  coverAtNight: ['Cover it with fleece at night', 'Off again in the morning.'],
  shakeFlowers: [
    'Shake the flowers at noon',
    'A tap on the truss, dry and warm, every second day.',
  ],
  tieAndSplint: ['Splint or tie it', 'Two sticks and soft tape; a bent stem often heals.'],
  handPick: [
    'Pick them off by hand',
    'At dusk with a lamp, leaf undersides too, into soapy water.',
  ],
  washOff: [
    'Wash them off with water',
    'A firm jet below the leaves, in the morning, three days running.',
  ],
  stickyCards: ['Hang yellow sticky cards', 'Just above the plant; they show how many fly.'],
  collar: ['Put a collar about the stem', 'A ring of card, two fingers into the mix.'],
  net: ['Put a net over it', 'Fine mesh, closed below; open it for the bees when it flowers.'],
  bagFruit: ['Bag the ripening trusses', 'Thin net bags, tied above.'],
  slugTrap: ['Set traps and lift what they hide under', 'A damp board to turn over each morning.'],
  letTopDry: ['Let the top dry out between waterings', 'Water from below for a while.'],
  sowAgain: ['Sow or buy again', 'Clean pot, fresh mix, air and less water.'],
  removePlant: ['Take out what is lost', 'Whole, into a bag, before it touches another.'],
  cutBackFeed: ['Feed at half the label from then on', 'Until the ledger says it is short.'],
  feedByLabel: ['Feed by the label, once', 'At its weakest rate; more does not work faster.'],
  feedMagnesium: [
    'Give magnesium by its label',
    'Only once the ledger or a test says it is short.',
  ],
  feedIron: ['Give chelated iron by its label', 'A kind made for limy mix.'],
  limeByTest: ['Lime by the test', 'Mix’s lime table says how much for this pot.'],
  acidifyByTest: [
    'Bring the pH down by the test',
    'Rain water first; an acidifying feed by its label.',
  ],
  registeredFungicide: [
    'A fungicide registered for this crop where you live',
    'Only by its label. It protects new leaves, and heals none.',
  ],
  registeredInsecticide: [
    'An insecticide or soap registered for this crop where you live',
    'Only by its label, in the evening, where the animals sit.',
  ],
  registeredMiticide: [
    'A mite product registered for this crop where you live',
    'Only by its label; insecticides do not reach mites.',
  ],
  slugBait: ['Slug bait by its label', 'Few grains, out of reach of children and animals.'],
  predators: [
    'Predators from the trade',
    'Lady beetles, predatory mites or nematodes, by their instructions.',
  ],
  noCalciumSpray: [
    'No calcium spray',
    'Leaves cannot pass it on to fruit; water has to carry it there.',
  ],
  noFeedNow: ['No feed now', 'Hurt roots burn.'],
  noWaterNow: ['No water although it wilts', 'It wilts for lack of air.'],
  noSprayForThis: ['No spray', 'Nothing here is a disease or a pest that it would reach.'],
  noNitrogen: ['No more nitrogen', 'No lawn feed, no fresh manure.'],
  noWorkWhenWet: ['Do not touch it while it is wet', 'Hands and blades carry it on.'],
  noLeafWetting: ['No water over the leaves', 'Splashes carry it up.'],
  noMoreSalts: ['Not several feeds at once', 'Salt adds up faster than hunger.'],
  noCure: ['No treatment cures it', 'Whatever is offered for it.'],
  noLime: ['No lime, no wood ash', 'It locks up more.'],
  noPruneForSun: ['Do not strip leaves above fruit', 'They are its shade.'],
  noBroadSpray: ['No broad insecticide', 'It kills what eats the pests, and bees.'],
  noSuddenSun: ['Not into full sun at once', 'Harden it off over a week.'],
  noHomeMixture: [
    'No home mixtures',
    'Garlic, turmeric, baking soda, milk, aspirin, dish soap: unproven, and they can burn leaves. Neem, copper and sulphur only as registered products where you live.',
  ],
  noSavedSeed: ['Keep no seed of it', 'It travels in the seed.'],
  disinfect: [
    'Disinfect blades, canes and pot',
    'A household disinfectant by its label, after washing off the soil.',
  ],
  notOnCompost: ['Not on the compost', 'Into the bin, or as your council says.'],
  throwAwayFruit: [
    'Throw spoiled fruit away',
    'Mouldy, rotten or gnawed fruit is not food, not even the sound half.',
  ],
  cutAwayFruit: [
    'Sound parts of the fruit can be eaten',
    'Cut the spot out with room to spare; throw away what is mouldy.',
  ],
  washHands: ['Wash your hands', 'After mix, animals and droppings.'],
  rotatePot: [
    'Grow something else in this mix',
    'Salad, herbs or flowers, no tomato, pepper, aubergine or potato.',
  ],
  chooseResistant: ['Choose a resistant variety next year', 'Seed packets say against what.'],
  plantGoes: ['The plant has to go', 'Whole, in a bag, roots too.'],
  plantMayGo: ['If it gets worse, the plant goes', 'Before it reaches the others.'],
  mixRecharge: ['The mix can be used again', 'Recharged, by Mix’s rule for old mix.'],
  mixFlushFirst: ['The mix can be used again, flushed first', 'By Mix’s rule for old mix.'],
  mixRenew: ['The mix is due to be renewed', 'By Mix’s rule for old mix.'],
  mixNotForThese: [
    'The mix is for flowers and salad only',
    'By Mix’s rule for old mix: not for tomatoes and peppers again.',
  ],
}

/** Cautions at a step. */
export const cautionWords: Readonly<Record<string, string>> = {
  label: 'Its label and your country’s rules come first: crop, rate, days to picking.',
  bees: 'Never on open flowers or while bees fly: in the evening only.',
  gloves: 'Gloves, long sleeves, no wind.',
  interval: 'Keep the days between spraying and picking that its label names.',
  pets: 'Keep children and animals away.',
  disinfectant: 'By its label, never mixed with another cleaner, with gloves and fresh air.',
  pepperHands: 'Hot peppers burn eyes and skin: gloves.',
  notFood: 'Leaves and green parts of these plants are not food.',
  cleanBlade: 'Blade away from you, and clean between plants.',
  lifting: 'A wet pot is heavy: two people, straight backs, or leave it standing.',
  mixDust: 'Dampen dry mix first: its dust is not for lungs. Gloves; wash your hands.',
  balconyLoad: 'Nothing that could fall from a balcony.',
  windOnCloth: 'Fix it well: wind pulls hard at cloth and net.',
  washHands: 'Wash your hands afterwards.',
  waterBelow: 'Mind who lives below.',
}

export const betterWords: { readonly [B in BetterSign]: string } = {
  newLeaves: 'new leaves look right; old ones stay as they are',
  nextTruss: 'the next truss sets and swells clean',
  standsUp: 'it stands up again',
  noNewSpots: 'no new spots come on new leaves',
  noNewDamage: 'nothing new is eaten or rots',
  newFruit: 'the next fruit is clean',
  fewer: 'there are fewer each day',
  plantGone: 'no neighbour shows it',
  nothing: 'there is nothing to get better',
}

/** How a label that the gardener wrote down is quoted. */
export const yourLabel: string = 'Your label of {name}: “{text}”'
