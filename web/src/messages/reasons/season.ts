/** Reasons of many years tried. */
export const seasonReasons = {
  spread: {
    years:
      'Over {yearCount} years of weather such as this place has, after what is known of this one.',
    climate: {
      fitted: 'Their weather is learned from the days in the garden’s own list.',
      normals: 'Their weather is made from the normals of the place.',
      guessed:
        'Their weather is made from a guess by places nearby that are alike in height and distance from the sea: usually right to 1.5 K, in mountains and on desert coasts off by up to 5 K.',
      usual:
        'Their weather is made from what is usual at this latitude, which may be off by 7 K in deserts and on mild coasts: type the normals of the place under Settings.',
    },
    wilting:
      'A year counts if the plants wilt for {hours} hours on some day. How thirsty the plants are is drawn anew each year, as far as it is known.',
    generator: 'Dry and wet spells, warm and cool ones and sun go together as they do in nature.',
  },
  start: {
    now: {
      beforeFrost: 'In time today: {days} days are left until the first frost, about {frostDate}.',
      noFrost: 'In time today: frost is rare here.',
    },
    later:
      'In from {onDate} on: before that, nights, mix or weeks to come are too cold for it in most years.',
  },
}
