/** Reasons of sun, load, and the weather at a spot. */
export const placeReasons = {
  sun: {
    rays: 'Se sigue el sol cada diez minutos el día 15 de cada mes, con un rayo hacia casa, muros, parapeto, losa y lo que hay enfrente.',
    rail: 'Una barandilla deja pasar {letsShare}.',
    light: 'Un megajulio de sol contiene unos 2,06 mol de luz para las plantas.',
    diffuse:
      'La parte de la luz del día que viene de todo el cielo se cuenta según cuánto cielo ve el sitio.',
    measured: 'La radiación del día es la media de los días conocidos de ese mes.',
    usual:
      'Donde no se conoce el tiempo de un mes, se toma {clearShare} del sol por encima del aire.',
    notPlaced:
      'Todavía no tiene sitio en un espacio dibujado: su sol y su altura allí no se conocen.',
    assumed: 'Para el calor de la zona de raíces se toman {sunHours} h de sol.',
  },
  load: {
    ground: 'La lleva la tierra: {totalG} en total.',
    ask: 'Las macetas pesan {totalG} regadas y crecidas, {meanKnPerM2} sobre el suelo y {worstKnPerM2} en el metro cuadrado más cargado. Sin papeles no hay veredicto: pregunta al dueño, a la administración del edificio o a un ingeniero de estructuras qué puede llevar el suelo.',
    over: 'Más de lo que permiten los papeles: {meanKnPerM2} sobre el suelo, {edgeKnPerM} a lo largo del borde, frente a {allowedKnPerM2}. Retira macetas antes que nada, y pregunta a un ingeniero de estructuras.',
    patch:
      'El metro cuadrado más cargado lleva {worstKnPerM2}, más de los {allowedKnPerM2} de los papeles: reparte las macetas, y pregunta.',
    shared:
      'Las macetas ocupan {usedShare} de los {allowedKnPerM2} que permiten los papeles. El resto es para personas, muebles y nieve.',
    sums: 'Cada maceta regada hasta gotear, con el depósito lleno y plantas crecidas: {totalG} sobre {areaM2} son {meanKnPerM2}. Metro cuadrado más cargado {worstKnPerM2}; a lo largo del borde más cargado {edgeKnPerM}.',
    pressure:
      '{grownG} sobre {footM2} de huella, a 9,81 N por kilo: unos pies o un plato pueden apretar más.',
    usual:
      'Los balcones suelen calcularse para 2,5 a 4 kN/m²: un margen para saber, no un permiso.',
    usualUs: 'Las normas de EE. UU. usan 40 a 60 psf según la edición; manda la norma local.',
  },
  spot: {
    sun: 'Del sol del día al descubierto llega {reachesShare} a este sitio, por rayos entre lo que hay alrededor.',
    diffuse: 'El sol se divide en el que llega directo y el que viene de todo el cielo.',
    wind: 'Del viento queda aquí {reachesShare}: tanto como horizonte hay libre.',
    wall: 'Un muro soleado cercano hace el día {warmerK} K más cálido en su máxima.',
    rain: 'De la lluvia llega {reachesShare} a la maceta bajo lo que tiene encima.',
    cover: 'Bajo su cubierta la noche es unos {warmerK} K más cálida.',
    indoors:
      'Está dentro de casa: no baja de unos {leastC} °C, sin lluvia ni viento, con un tercio de la luz.',
  },
}
