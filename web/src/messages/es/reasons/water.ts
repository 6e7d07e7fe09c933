/** Reasons of what is used, of plans, stores, risks, what-ifs and drip. */
export const waterReasons = {
  water: {
    reference:
      'El día saca {referenceWaterMm} de agua de un césped corto (evapotranspiración de referencia).',
    usualWeather:
      'El tiempo de hoy no se conoce: esto es para un día normal de esta época. En un día caluroso o ventoso toca el sustrato, o escribe la máxima y la mínima del día en Regar.',
    transpiration: 'Hojas sobre {canopyM2}, con este viento × {windFactor}: {waterL}.',
    surface: 'Sustrato abierto de {surfaceM2}, acolchado {mulchMm}: {waterL}.',
    wall: 'A través de la pared ({material}): {waterL}.',
    learned:
      'Según {testCount} pruebas de esta maceta, sus plantas beben {thirst} ± {spread} de eso.',
    rain: '{rainWaterMm} de lluvia llevan {waterL} al sustrato.',
    rainKeptOff: '{rainWaterMm} de lluvia, pero nada bajo esta cubierta.',
    runsOut: 'Basta cuando empieza a salir por abajo.',
  },
  plan: {
    fills:
      'Falta ahora: {missingWaterL}. En la próxima ronda faltaría más de los {safeWaterL} de los que sus plantas pueden prescindir; así que se llena, húmeda por igual hasta el fondo.',
    notYet:
      'Falta ahora: {missingWaterL}. Pueden faltar hasta {safeWaterL}, y no será más antes de la próxima ronda: nada que dar.',
    evening: 'Un llenado no alcanza hasta mañana por la mañana: {eveningWaterL} más por la tarde.',
    twoPasses:
      'Un sustrato así, seco, repele el agua. Da la mitad, espera media hora, y da la otra mitad.',
    tooSmall: 'Aun llena por la mañana y por la tarde, le falta en las horas de calor.',
    runsOut: 'Basta cuando empieza a salir por abajo.',
  },
  store: {
    parts:
      'De drenada a marchita contiene {availableWaterL}: {easyWaterL} fáciles, hasta 50 cm de succión; {bufferWaterL} de reserva, hasta 100 cm; el resto apenas.',
    tiers: 'Sus {tierCount} pisos se riegan por arriba: lo que drena uno pasa al siguiente.',
    rings: 'Los anillos y la bolsa de debajo son un solo cuerpo de sustrato.',
    reservoir:
      'Su depósito guarda {reservoirWaterL} más, y el sustrato sube de él hasta {liftWaterL} al día.',
    earth: 'Bajo el fondo cortado las raíces siguen en la tierra, tomada como franca.',
    repellent: 'De su sustrato, {shedsShare} repele el agua cuando se ha secado.',
  },
  rot: {
    short:
      'En los últimos {dayCount} días a sus plantas les faltó {shortShare} del agua que querían de día. El calcio llega al fruto con el agua.',
    noFruit: 'Ahora no engorda en ella ningún fruto.',
    kind: 'Este tipo de fruto corre {factor} veces el peligro de un tomate de ensalada.',
    salt: 'Su sustrato está salado para él: {ec} dS/m.',
    even: 'Primero el agua constante, después el pH; la falta de calcio es rara.',
  },
  split: {
    swing:
      'En los últimos {dayCount} días un solo llenado de la maceta seca subió su agua en {swingShare}.',
    noFruit: 'Ahora no madura en ella ningún fruto.',
  },
  tooWet: {
    noHoles: 'No tiene agujero: lo que baja se queda. Taládrala.',
    reservoir:
      'De su profundidad, a {airlessShare} le falta aire sobre el depósito. Deja secar el depósito un día de vez en cuando.',
    longWet:
      'Empapada desde hace {dayCount} días. En semanas frescas deja que se seque hasta el primer nudillo antes de llenarla otra vez.',
  },
  whatIf: {
    mulch: 'Un acolchado de {mulchMm}: la superficie pierde menos de un tercio.',
    shade:
      'Una tela que quita el 40 % del sol. También le quita algo al crecimiento y a la maduración.',
    move: 'La mitad del sol y poco viento. Su cosecha bajaría con la luz.',
    biggerPot: 'La misma forma con {fillVolumeL} de sustrato.',
    otherMix: 'La misma maceta y planta en ese sustrato.',
    reservoir: 'Una quinta parte de su sustrato deja sitio a {waterL} de agua debajo.',
    twoPlants: 'Dos llegan al 80 % cada una: tanta más hoja con la misma agua.',
    away: 'Llena ahora, y dejada {dayCount} días.',
  },
  drip: {
    minutes:
      'Los minutos son litros entre goteros y su caudal. Entre todas quieren {needWaterL}; se dan {getsWaterL}.',
    compromise:
      'Un solo programador no les vale a todas: {wastedShare} del agua es más de lo que necesita su maceta. Se probó cada minuto entero hasta una hora, y de una a tres veces.',
    runsOut: 'En una maceta como un barril, con goteros normales, son unos tres minutos.',
  },
}
