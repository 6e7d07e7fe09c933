/** Reasons of the weather at a spot, of a plant's course, its crop and its dates. */
export const seasonReasons = {
  spot: {
    sun: 'Of the day’s sun in the open, {reachesShare} reaches this spot, by rays through what stands about.',
    diffuse: 'The sun is parted into what comes straight and what comes from the whole sky.',
    wind: 'Of the wind, {reachesShare} is left here: as much of the horizon as is free.',
    wall: 'A sunlit wall near by makes the day {warmerK} K warmer at its highest.',
    rain: 'Of the rain, {reachesShare} reaches the pot under what is above.',
  },
  crop: {
    full: 'With all it needs, such a plant crops {fullG} in a usual season, in fruits of {fruitG}.',
    light: 'The light it has leaves {leftShare}.',
    set: 'Of its flowers {setShare} set, by the nights and days they open in; {ripeCount} trusses or flushes ripen, where a usual season brings {trussCount}.',
    water: 'It has {waterShare} of the water it needs; that costs {lostShare} of the crop.',
    band: 'Told to within {bandShare} either way.',
  },
  window: {
    frostOwn: 'Last frost as you gave it: {frostDate}.',
    frostYears: 'Last frost in nine of ten years by {frostDate}, counted over {yearCount} years.',
    noFrost: 'Most of {yearCount} years have no frost at all here.',
    outByFrost:
      'Plants can go out from {goesOutDate} on, a week after the last frost: mix and nights are warm by then in most years.',
    outByWarmth:
      'Plants can go out from {goesOutDate} on: only then are mix and nights warm enough in half of the years.',
    yearRound:
      'No day of the year is too cold here. Planted about {goesOutDate}, most flowers open when nights and days suit them best.',
    sow: 'Sown 7–9 weeks before they go out, that is 6–8 weeks before a last frost.',
    sowSlow: 'A slow kind: sown 10–12 weeks before it goes out.',
    harden:
      'Hardened off over 7–10 days: first an hour or two out in the shade, each day longer, into the sun from the fourth day on, the last nights out while they stay above {nightC}. Planted in the evening or under cloud.',
    nights:
      'Nights should stay above {nightC} on average, over a week and the four weeks after it.',
  },
  growth: {
    warmth:
      'Its days to maturity, {maturityDays}, assume summer days of {highC} by day and {lowC} by night. Warmer days count for more, cool ones and great heat for less. Its first ripe fruit needs {neededDays} such days.',
    warmthNow: 'Since planting it has had as much warmth as {hadDays} such days.',
    roots: 'Its pot lets it grow to {massShare} of an unrestricted plant.',
    light: 'The light where it stands leaves {leftShare} of its growth so far.',
    water: 'The water it had leaves {leftShare} of its growth so far.',
    measured:
      'Measured {measuredCount} times: {tallerShare} of what its variety would have here. One plant in three is more than {sdShare} off.',
    notMeasured: 'Never measured: one plant in three is more than {sdShare} off.',
    flowerSeen: 'Its first flower was seen, and its course moved to that day.',
    ripeSeen: 'Its first ripe fruit was seen, and its course moved to that day.',
  },
  spread: {
    years:
      'Over {yearCount} years of weather such as this place has, after what is known of this one.',
    climate: {
      fitted: 'Their weather is learned from the days in the garden’s own list.',
      normals: 'Their weather is made from the normals of the place.',
      usual:
        'Their weather is made from what is usual at this latitude, which may be off by 7 K in deserts and on mild coasts: type the normals of the place under Water.',
    },
    wilting:
      'A year counts if the plants wilt for {hours} hours on some day. How thirsty the plants are is drawn anew each year, as far as it is known.',
    generator: 'Dry and wet spells, warm and cool ones and sun go together as they do in nature.',
  },
}
