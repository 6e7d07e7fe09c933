/** Reasons of fitting plants to pots and arranging them. */
export const fitReasons = {
  fit: {
    crop: 'Una planta sin límite a pleno sol da unos {fullG} en una temporada, con un margen de la mitad; aquí {yieldShare} de eso.',
    expected:
      'Solo por el sitio para raíces, cada una daría {rootShare}; contando el lugar, {yieldShare}.',
    sun: {
      good: '{sunHours} h de sol directo al día de primavera a otoño; se quieren {goodHours} h.',
      tight:
        '{sunHours} h de sol directo al día; se quieren {goodHours} h, y {leastHours} h son lo mínimo para dar fruto.',
      poor: '{sunHours} h de sol directo al día; {leastHours} h son lo mínimo para dar fruto.',
      unknown: 'El sol de aquí no se conoce: coloca la maceta en un espacio dibujado.',
    },
    light: {
      less: '{dliMol} mol de luz al día; hasta {fullMol} mol la planta los aprovecha uno a uno. Eso deja {leftShare}.',
      enough: '{dliMol} mol de luz al día; desde {fullMol} mol más no da más.',
      unknown: 'La luz de aquí no se conoce: coloca la maceta en un espacio dibujado.',
    },
    height: {
      good: 'Crece hasta {grownMm}; hasta la losa hay {roomMm}.',
      open: 'Crece hasta {grownMm}; no hay nada encima.',
      tight: 'Crecería hasta {grownMm} y tiene {roomMm} hasta la losa: párala ahí.',
      poor: 'Crecería hasta {grownMm} y tiene {roomMm} hasta la losa.',
    },
    support: {
      none: 'No necesita ninguno.',
      stake:
        'Una caña o cuerda de {stakeMm}, un cuarto de metro de la caña dentro del sustrato, puesta al plantar.',
      twoCages: 'Dos jaulas, una boca abajo sobre la otra, y una caña de {stakeMm}.',
      string:
        'Una cuerda desde arriba, {stakeMm}: en tan poca profundidad no se sostiene una caña.',
      net: 'Una red por la que crecer.',
      shortStake: 'Una caña de {stakeMm}: los pimientos se parten con el viento.',
      cage: 'Una jaula, o una caña de {stakeMm}, puesta al plantar.',
    },
    heatCost:
      'En un día caluroso su pared pasa {overK} K del límite, y lo pasa {daysShare} de los días de la temporada. {shellShare} del sustrato está en los 25 mm exteriores, la mitad al lado del sol: en la temporada el calor cuesta cerca de {lostShare} de las raíces.',
    rot: {
      least: 'El fruto pequeño es el que menos la sufre.',
      little: '{hasL} de sitio para raíces por planta: desde {limitL} es rara.',
      prone:
        '{hasL} de sitio para raíces por planta, menos de {limitL}: el fruto grande la sufre con facilidad. Riega muy por igual.',
      most: '{hasL} de sitio para raíces por planta, menos de {limitL}: este fruto es el que más fácilmente la sufre. Riega muy por igual.',
    },
    weight: {
      light: '{grownG} regada, con la planta crecida.',
      lifting16: '{grownG} regada, con la planta crecida: más de 16 kg, levántala entre dos.',
      lifting25: '{grownG} regada, con la planta crecida: más de 25 kg, no la levantes.',
    },
    yield: {
      good: 'Solo por su sitio, se espera que cada planta dé {yieldShare} de una con todo el sitio que necesita; desde {goodShare} Rimbo lo llama bueno.',
      tight:
        'Solo por su sitio, se espera que cada planta dé {yieldShare} de una con todo el sitio que necesita; por debajo de {goodShare} Rimbo lo llama justo.',
      poor: 'Solo por su sitio, se espera que cada planta dé apenas {yieldShare} de una con todo el sitio que necesita; por debajo de {leastShare} Rimbo lo desaconseja.',
    },
    rotProne:
      'El fruto más grande con {hasL} por planta sufre podredumbre apical con facilidad (menos de {limitL}): riega muy por igual.',
    rimVolumePerPlantL: {
      good: '{hasL} hasta el borde por planta; {goodL} bastan.',
      tight: '{hasL} hasta el borde por planta; {goodL} sería bueno, {leastL} es lo mínimo.',
      poor: '{hasL} hasta el borde por planta; se piden al menos {leastL}.',
    },
    acrossMm: {
      good: '{hasMm} de ancho; {goodMm} bastan.',
      tight: '{hasMm} de ancho; {goodMm} sería bueno, {leastMm} es lo mínimo.',
      poor: '{hasMm} de ancho; se piden al menos {leastMm}.',
    },
    depthMm: {
      good: '{hasMm} de hondo; {goodMm} bastan.',
      tight: '{hasMm} de hondo; {goodMm} sería bueno.',
      poor: '{hasMm} de hondo; se piden al menos {leastMm}.',
    },
    count: {
      good: 'Plantas en la maceta: {hasCount}; hasta {goodCount}.',
      tight: 'Plantas en la maceta: {hasCount}; {goodCount} sería bueno.',
      poor: 'Plantas en la maceta: {hasCount}; no más de {goodCount}.',
    },
    condition: {
      waterDaily: 'Solo si se riega todos los días.',
      stopAtFive: 'Solo si se para a los cuatro o cinco racimos.',
      ringPots: 'Con anillos sin fondo encima, para dar profundidad y separar el agua del abono.',
      noDryDay: 'No la dejes nunca un día sin agua.',
    },
    notForVines: 'Esta escuela no pone plantas de enrame en cubos ni bolsas planas.',
    notForBasket: 'Las cestas son solo para tomates colgantes y pequeñas matas de cereza.',
    silent: 'Esta escuela no dice nada de una pareja así.',
  },
  own: 'En {season} esta maceta dio {ownShare} de lo que se esperaba de ella, como lo tomaste del Diario.',
  arrange: {
    gives:
      '{plantCount} de esta aquí: unos {totalG} de fruto, cada una {yieldShare} de una planta con todo el sitio y el sol que necesita.',
    school: {
      good: 'La escuela «{school}» lo llama bueno.',
      tight: 'La escuela «{school}» lo llama justo.',
      poor: 'La escuela «{school}» lo desaconseja; tú lo has fijado.',
      silent: 'La escuela «{school}» no dice nada de ello; la de Rimbo lo acepta.',
    },
    next: 'Lo siguiente mejor aquí sería {variety} × {plantCount}, unos {totalG}; decide el conjunto.',
    onlyOne: 'Nada más de la lista cabe aquí.',
    leftOut: {
      school: 'La escuela «{school}» no la acepta en ninguna de las macetas.',
      sun: 'Ningún sitio con una maceta para ella tiene seis horas de sol.',
      height: 'Crecería mucho más allá de lo que hay encima.',
      room: 'Ningún sitio tiene espacio para una maceta que le valga.',
      pinned: 'Las macetas que le valen están fijadas para otras plantas.',
      noneFree: 'Con lo imprescindible y lo fijado, no le queda maceta.',
      noTime: 'Otras dan más; cuánto más no se calculó a tiempo.',
      costs: 'Tenerla de todos modos costaría {lostG} de fruto.',
      instead:
        'En su mejor caso, {plantCount} de esta en {code}, daría {totalG}; ahí {variety} × {otherCount} da {otherG}.',
      best: 'En su mejor caso, {plantCount} de esta en {code}, daría {totalG}.',
    },
  },
}
