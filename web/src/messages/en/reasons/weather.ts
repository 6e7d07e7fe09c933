/** Reasons of what the air draws. */
export const weatherReasons = {
  reference: {
    penmanMonteith:
      'Worked out by Penman–Monteith from the day’s temperatures, humidity, wind and sun.',
    assumed: {
      vapourPressure:
        'Humidity not known: the air is taken as saturated at the lowest temperature.',
      dryAir:
        'Humidity not known: in so dry a month the dew point is taken as {belowK} below the lowest temperature.',
      wind: 'Wind not known: 2 m/s taken.',
      radiation: 'Sun not known: taken from the span between lowest and highest temperature.',
    },
    hargreaves: 'Cross-check from temperature alone (Hargreaves): {otherWaterMm}.',
  },
}
