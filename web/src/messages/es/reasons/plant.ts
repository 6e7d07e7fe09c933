/** Reasons of what a plant yields, of its course, its crop and its dates. */
export const plantReasons = {
  yield: {
    volume:
      'Las raíces tienen {rootVolumeL}; desde {fullVolumeL} más sustrato ya no da más fruto. Doblar la maceta añade un 43 % de media, así que una planta sola llegaría a {yieldShare}.',
    sharing:
      '{plantCount} plantas comparten la maceta: cada una llega a {yieldShare} de lo que daría sola.',
    twoAtEighty: 'Puesto así para que dos pimientos en una maceta den un 80 % cada uno.',
  },
  crop: {
    full: 'Con todo lo que necesita, una planta así da {fullG} en una temporada normal, en frutos de {fruitG}.',
    light: 'La luz que tiene deja {leftShare}.',
    set: 'De sus flores cuaja {setShare}, según las noches y los días en que se abren; maduran {ripeCount} racimos o tandas, donde una temporada normal trae {trussCount}.',
    water: 'Tiene {waterShare} del agua que necesita; eso cuesta {lostShare} de la cosecha.',
    band: 'Con un margen de {bandShare} arriba o abajo.',
  },
  window: {
    frostOwn: 'Última helada, como la diste: {frostDate}.',
    frostYears:
      'Última helada en nueve de cada diez años antes del {frostDate}, contado en {yearCount} años.',
    noFrost: 'La mayoría de {yearCount} años no tienen aquí ninguna helada.',
    outByFrost:
      'Las plantas pueden salir desde el {goesOutDate}, una semana después de la última helada: para entonces el sustrato y las noches son cálidos la mayoría de los años.',
    outByWarmth:
      'Las plantas pueden salir desde el {goesOutDate}: solo entonces el sustrato y las noches son bastante cálidos en la mitad de los años.',
    yearRound:
      'Aquí ningún día del año es demasiado frío. Plantadas hacia el {goesOutDate}, la mayoría de las flores se abren cuando mejor les van las noches y los días.',
    sow: 'Sembradas 7–9 semanas antes de salir, es decir, 6–8 semanas antes de la última helada.',
    sowSlow: 'Un tipo lento: se siembra 10–12 semanas antes de salir.',
    harden:
      'Endurecidas durante 7–10 días: primero una o dos horas fuera a la sombra, cada día más, al sol desde el cuarto día, las últimas noches fuera si no bajan de {nightC}. Plantadas al atardecer o con nubes.',
    nights:
      'Las noches deben quedar por encima de {nightC} de media, durante una semana y las cuatro siguientes.',
  },
  growth: {
    warmth:
      'Sus días hasta madurar, {maturityDays}, suponen días de verano de {highC} de día y {lowC} de noche. Los días más cálidos cuentan más; los frescos y el mucho calor, menos. Su primer fruto maduro necesita {neededDays} de esos días.',
    told: 'Según la temporada {season} de esta maceta, que tomaste del Diario, sus plantas necesitan {ripeShare} de ese calor.',
    warmthNow: 'Desde que se plantó ha tenido tanto calor como {hadDays} de esos días.',
    roots: 'Su maceta la deja crecer hasta {massShare} de una planta sin límite.',
    light: 'La luz de su sitio deja {leftShare} de su crecimiento hasta ahora.',
    water: 'El agua que tuvo deja {leftShare} de su crecimiento hasta ahora.',
    measured:
      'Medida {measuredCount} veces: {tallerShare} de lo que tendría su variedad aquí. Una planta de cada tres se aparta más de {sdShare}.',
    notMeasured: 'Nunca medida: una planta de cada tres se aparta más de {sdShare}.',
    flowerSeen: 'Se vio su primera flor, y su curso se ajustó a ese día.',
    ripeSeen: 'Se vio su primer fruto maduro, y su curso se ajustó a ese día.',
  },
}
