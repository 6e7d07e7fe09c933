/** Reasons of volumes, weights, holes, heat and what is fit for food. */
export const containerReasons = {
  volume: {
    round:
      'Exacto para medidas interiores: una maceta redonda de {bottomLengthMm} de diámetro abajo y {topLengthMm} a {heightMm}. π × altura / 3 × (R² + R r + r²) = {volumeL}.',
    rectangular:
      'Exacto para medidas interiores: una caja de {bottomLengthMm} por {bottomWidthMm} abajo y {topLengthMm} por {topWidthMm} a {heightMm}. Altura / 6 × (área de abajo + 4 × media + de arriba) = {volumeL}.',
    bowl: 'Exacto para una parte de esfera de {topLengthMm} de diámetro a {heightMm}: π × h × (3 a² + h²) / 6 = {volumeL}.',
    barrel:
      'Un barril serrado por la panza, {topLengthMm} de diámetro allí y {bottomLengthMm} en el fondo; {heightMm} de alto: π × altura / 12 × (2 D² + d²) para la mitad entera = {volumeL} hasta aquí.',
    poured: 'Vertiste {pouredL} hasta el borde: una medición, que vale más que la cinta.',
    pouredOn:
      'El {onDate} vertiste {pouredL} hasta el borde: una medición, que vale más que la cinta.',
    limits: 'No se cuentan nervaduras, esquinas redondeadas ni la panza de una pared blanda.',
  },
  root: {
    mix: 'Lleva {fillVolumeL} de sustrato; las raíces pueden aprovechar {rootVolumeL}.',
    layers:
      'Del relleno, {fillerMm} en el fondo, no cuenta nada; de los {poorL} de tierra pobre, la mitad.',
    reservoir:
      'Bajo el falso fondo hay {waterL} de agua; {footL} del sustrato de los pies está siempre empapado y no se cuenta.',
    earth:
      'Por el corte ({cutShare} del fondo, {acrossMm} de diámetro) las raíces siguen en la tierra: se toma como {depthMm} de tierra mullida, {earthL}.',
    rings: '{ringCount} anillos añaden {ringsL} sobre la bolsa.',
    pockets: '{pocketCount} huecos de {pocketL}: ninguna raíz pasa de uno a otro.',
    rolled: 'La pared está enrollada {rolledMm}; desenrollada y rellenada contendrá {unrolledL}.',
  },
  mass: {
    wall: 'El recipiente solo, {material} de {wallMm} de grosor: unos {emptyG}.',
    mix: '{fillVolumeL} de sustrato a {dryDensityGL} en seco son {dryG}; drenado, guarda además {waterL} de agua.',
    usualMix:
      'Sin sustrato elegido: pesado como si llevara uno de tercios. La tierra pesaría la mitad más.',
    noMix: 'Aún sin sustrato elegido: solo se pesa el recipiente.',
    reservoir: 'Un depósito lleno añade {reservoirL} de agua, un kilo por litro.',
    plant: 'Plantas crecidas con su fruto: unos {plantG}, con un margen de un tercio.',
  },
  holes: {
    need: '{fillVolumeL} drenan por unos {holeCount} agujeros de {diameterMm} (un cubo de 19 L tiene de 12 a 18 de 6 a 10 mm).',
    enough: '{holeCount} de {diameterMm} bastan.',
    few: '{holeCount} de {diameterMm} son pocos: tras la lluvia se queda empapada.',
    many: '{holeCount} de {diameterMm} son más de los necesarios: puede salirse el sustrato.',
    unknown: 'Aún no se sabe cuántos hay: anótalos con la pared.',
    slits:
      'Una bolsa plana drena por cortes bajos en sus lados largos, tres por lado: hazlos donde vaya a quedar.',
    tiers:
      'Cada maceta de la torre drena en la de abajo; la más baja necesita sus propios agujeros despejados.',
    breathes: 'La tela y el forro drenan por todas partes.',
    overflow: 'Un depósito tiene su rebosadero; un agujero en su fondo lo vaciaría.',
    cutFloor: 'El fondo está cortado: drena en la tierra.',
  },
  food: {
    accepted: 'El plástico {resinCode} se acepta en general para alimentos.',
    avoid: 'El plástico {resinCode} es mejor no usarlo para alimentos.',
    otherCode:
      'El plástico {resinCode} puede estar hecho o no para alimentos: busca una copa y un tenedor.',
    noCode:
      'Busca el número del triángulo: 2, 4 y 5 se aceptan en general para alimentos. Y entérate de lo que contuvo.',
    wood: 'Solo madera sin tratar; la madera tratada, las traviesas y las tablas pintadas pueden soltar lo que les pusieron.',
    metal:
      'El acero y el hierro sin más no dañan; los bidones de contenido desconocido y la pintura vieja, quizá.',
    glazed: 'Un esmalte moderno cocido es inerte; uno viejo o blando puede tener plomo.',
    plain: 'Nada en la propia pared habla en contra.',
  },
  heat: {
    cooks:
      'Las raíces exteriores llegan a unos {wallC}; desde {limitC} se dañan. En blanco serían {whiteC}: da sombra o envuelve la pared, o métela en otra maceta. En un día fresco de primavera dentro hay {springC}, en blanco {whiteSpringC}.',
    hot: 'Las raíces exteriores llegan a unos {wallC}, cerca de los {limitC} que las dañan. En blanco serían {whiteC}.',
    helps:
      'Aquí nunca demasiado calor, y en un día fresco de primavera {springC} dentro, donde en blanco habría {whiteSpringC}: una pared oscura ayuda en una temporada corta.',
    cold: 'Nunca demasiado calor; en un día fresco de primavera solo {springC} dentro. Ayudaría una pared oscura o un muro cálido detrás.',
    fine: 'Las raíces exteriores llegan a unos {wallC}; desde {limitC} se dañan.',
    day: 'Para un día de {lowC} a {highC} con {sunHours} h de sol en la maceta.',
    wall: 'La pared ({colour}) toma {takesShare} del sol que le da, descontada la evaporación.',
    lag: '{fillVolumeL} siguen al día con un retraso de {lagHours} h; los 25 mm exteriores, deprisa.',
    insulated: 'El aislamiento deja fuera la mayor parte.',
    sunk: '{aboveShare} está por encima de la tierra.',
    error: 'Puede fallar en {errorK} K arriba o abajo: no cuenta el viento ni el riego.',
  },
  label: {
    agrees: 'La etiqueta dice {label}; hasta el borde caben {trueL}.',
    holdsLess: 'La etiqueta dice {label}, pero hasta el borde caben {trueL}: {overShare} menos.',
    holdsMore: 'La etiqueta dice {label}, pero hasta el borde caben {trueL}: {overShare} más.',
    classNominal:
      'La etiqueta dice {label}. En galones sin más serían {claimL}; hasta el borde caben {trueL}.',
    classExplains:
      'Los viveros venden esto como {tradeClass}: una clase de {leastL} a {mostL}, no {gallons} galones. La maceta es lo que dice su clase.',
    outsideClass:
      'La clase de vivero {tradeClass} va de {leastL} a {mostL}. Esta maceta queda fuera.',
  },
}
