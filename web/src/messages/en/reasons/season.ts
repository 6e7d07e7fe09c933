/** Reasons of many years tried. */
export const seasonReasons = {
  spread: {
    years:
      'Over {yearCount} years of weather such as this place has, after what is known of this one.',
    climate: {
      fitted: 'Their weather is learned from the days in the garden’s own list.',
      normals: 'Their weather is made from the normals of the place.',
      guessed:
        'Their weather is made from a climate estimated from similar places nearby: months are usually right to 1.5 K, but can be 5 K off or more in mountains and on desert coasts. Type the normals of the place under Settings to be sure.',
      usual:
        'Their weather is made from what is usual at this latitude, which may be off by 7 K in deserts and on mild coasts: type the normals of the place under Settings.',
    },
    wilting:
      'A year counts if the plants wilt for {hours} hours on some day. How thirsty the plants are is drawn anew each year, as far as it is known.',
    generator: 'Dry and wet spells, warm and cool ones and sun go together as they do in nature.',
  },
  start: {
    now: {
      beforeFrost: 'Still in time: {days} days until the first frost, about {frostDate}.',
      noFrost: 'Still in time: frost is rare here, and the weeks ahead are warm enough.',
    },
    later:
      'Plant out from {onDate}: before that, nights, mix or the weeks ahead are too cold in most years.',
  },
  next: {
    gave: 'It gave {ownShare} of what was expected, by {n} records.',
    small: 'It holds {fillVolumeL} of mix; the variety fills up to {fullVolumeL}.',
    drank: 'Its plants drank {timesFactor} times what was reckoned, by {n} records.',
    late: 'Its first fruit was ripe after {days} days; usual are {usualDays}.',
    frost: 'Planted {plantedDate}, lost to frost {goneDate}.',
    disease: 'Taken out sick {goneDate}: spores and roots stay in the mix.',
    rot: 'Blossom-end rot was seen {times} times: mostly from drying out between waterings.',
  },
}
