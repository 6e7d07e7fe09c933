/** Reasons of many years tried. */
export const seasonReasons = {
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
