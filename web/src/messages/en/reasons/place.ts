/** Reasons of sun, load, and the weather at a spot. */
export const placeReasons = {
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
  spot: {
    sun: 'Of the day’s sun in the open, {reachesShare} reaches this spot, by rays through what stands about.',
    diffuse: 'The sun is parted into what comes straight and what comes from the whole sky.',
    wind: 'Of the wind, {reachesShare} is left here: as much of the horizon as is free.',
    wall: 'A sunlit wall near by makes the day {warmerK} K warmer at its highest.',
    rain: 'Of the rain, {reachesShare} reaches the pot under what is above.',
    cover: 'Under its cover the night is about {warmerK} K warmer.',
    indoors:
      'It stands indoors: no colder than about {leastC} °C, out of rain and wind, with a third of the light.',
  },
}
