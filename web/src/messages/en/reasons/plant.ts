/** Reasons of what a plant yields, of its course, its crop and its dates. */
export const plantReasons = {
  yield: {
    volume:
      'Roots have {rootVolumeL}; from {fullVolumeL} on more mix gives no more fruit. Doubling the pot adds 43 % on average, so one plant alone would reach {yieldShare}.',
    sharing: '{plantCount} plants share the pot: each reaches {yieldShare} of what it would alone.',
    twoAtEighty: 'Set so that two peppers in one pot give 80 % each.',
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
    told: 'By the season {season} of this pot, which you took over from the Book, its plants need {ripeShare} of that warmth.',
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
}
