/** Reasons of what the air draws. */
export const weatherReasons = {
  reference: {
    penmanMonteith:
      'Calculado según Penman–Monteith con las temperaturas, la humedad, el viento y el sol del día.',
    assumed: {
      vapourPressure: 'Humedad desconocida: se supone el aire saturado a la temperatura mínima.',
      dryAir:
        'Humedad desconocida: en un mes tan seco el punto de rocío se supone {belowK} por debajo de la temperatura mínima.',
      wind: 'Viento desconocido: se toman 2 m/s.',
      radiation:
        'Sol desconocido: se deduce de la diferencia entre la temperatura máxima y la mínima.',
    },
    hargreaves: 'Comprobación solo con la temperatura (Hargreaves): {otherWaterMm}.',
  },
}
