/** Reasons of what the air draws. */
export const weatherReasons = {
  reference: {
    penmanMonteith:
      'Nach Penman–Monteith aus Temperaturen, Luftfeuchte, Wind und Sonne des Tages berechnet.',
    assumed: {
      vapourPressure:
        'Luftfeuchte nicht bekannt: Bei der tiefsten Temperatur gilt die Luft als gesättigt.',
      dryAir:
        'Luftfeuchte nicht bekannt: In einem so trockenen Monat gilt der Taupunkt als {belowK} unter der tiefsten Temperatur.',
      wind: 'Wind nicht bekannt: 2 m/s angenommen.',
      radiation:
        'Sonne nicht bekannt: aus dem Abstand von tiefster und höchster Temperatur genommen.',
    },
    hargreaves: 'Gegenprobe nur aus der Temperatur (Hargreaves): {otherWaterMm}.',
  },
}
