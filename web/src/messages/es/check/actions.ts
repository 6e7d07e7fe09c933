import type { Action, BetterSign } from '@rimbo/core'

/** What to do, short enough for a job, and why or how. */
export const actionWords: { readonly [A in Action['id']]: readonly [what: string, how: string] } = {
  wait: ['Espera y mira otra vez', 'La prisa hace aquí más daño que unos días.'],
  leaveIt: ['Déjalo como está', 'No hay nada que tratar.'],
  waterThrough: [
    'Riega hasta que drene, despacio, dos veces',
    'Un sustrato seco deja pasar de largo la primera agua: espera media hora entre las dos.',
  ],
  waterEvenly: [
    'Riega por igual, la cantidad de la ronda',
    'Que falte algo menos cada vez, antes de que escasee; nada a raudales.',
  ],
  letItDry: [
    'Sin agua hasta que esté seco arriba hasta el segundo nudillo',
    'Las raíces necesitan aire antes que nada.',
  ],
  emptySaucer: ['Vacía el plato', 'Ninguna maceta debe estar en agua más de media hora.'],
  stopFeeding: [
    'Deja de abonar',
    'Solo agua clara, hasta que las hojas nuevas tengan buen aspecto.',
  ],
  stopSprays: ['Deja de pulverizar', 'Fuera lo que fuera: nada más sobre estas hojas.'],
  shadeAtNoon: ['Dale sombra a mediodía', 'De momento basta una tela o una silla al lado del sol.'],
  moveToSun: ['Pásala a más sol, en una semana', 'Una o dos horas más cada día.'],
  moveToWarmth: [
    'Pásala a un sitio más cálido por la noche',
    'Junto a un muro, dentro, o lejos del suelo frío.',
  ],
  shelterFromWind: ['Sácala del viento', 'Tras un muro o una red; átala floja.'],
  keepLeavesDry: ['Mantén secas las hojas', 'Riega el sustrato, por la mañana, y no por arriba.'],
  standApart: ['Sepárala de las demás', 'Tócala la última, y lávate las manos.'],
  ripenOnPlant: [
    'Deja el fruto en la planta hasta que ceda un poco',
    'O deja madurar dentro el fruto de tamaño completo, en caliente y sin sol.',
  ],
  testBeforeFeeding: [
    'Mide pH y sal antes de abonar nada',
    'Lo que parece hambre es a menudo que no puede comer.',
  ],
  pickOffFruit: ['Quita el fruto estropeado', 'No se recuperará, y quita fuerza al resto.'],
  pickOffLeaves: ['Quita las peores hojas', 'Un tercio de las hojas como mucho, en un día seco.'],
  cutOutStem: ['Corta lo muerto o retorcido', 'Hasta lo sano, con una hoja limpia.'],
  thinForAir: [
    'Aclárala para que corra el aire',
    'Brotes laterales y las hojas que tocan el sustrato.',
  ],
  mulch: [
    'Acolcha el sustrato',
    'Dos dedos, sin tocar el tallo: iguala el agua y evita salpicaduras.',
  ],
  flush: [
    'Lava la sal',
    'Agua clara, despacio, el doble de lo que contiene la maceta, y que salga toda.',
  ],
  unblockHoles: [
    'Despeja los agujeros de drenaje',
    'Desde abajo, con un palo; pon la maceta sobre pies.',
  ],
  potOn: [
    'Pásala a una maceta mayor',
    'Al atardecer, regada antes, con el cepellón aflojado por los lados.',
  ],
  loosenRoots: [
    'Afloja las raíces que dan vueltas',
    'Solo donde se pueda levantar: suelta o corta el anillo exterior.',
  ],
  renewMix: ['Renueva el sustrato', 'Sacude el viejo hasta donde caiga solo.'],
  shadeCloth: ['Cuelga una tela de sombra', 'Basta un tercio de sombra.'],
  shadePot: [
    'Da sombra a la pared de la maceta',
    'Una tabla, otra maceta o tela clara al lado del sol.',
  ],
  coverAtNight: ['Cúbrela con velo por la noche', 'Quítalo por la mañana.'],
  shakeFlowers: [
    'Sacude las flores a mediodía',
    'Un toque al racimo, con tiempo seco y cálido, cada dos días.',
  ],
  tieAndSplint: [
    'Entablilla o átala',
    'Dos palitos y cinta suave; un tallo doblado suele curarse.',
  ],
  handPick: [
    'Quítalos a mano',
    'Al anochecer con una lámpara, también bajo las hojas, a agua jabonosa.',
  ],
  washOff: [
    'Lávalos con agua',
    'Un chorro firme bajo las hojas, por la mañana, tres días seguidos.',
  ],
  stickyCards: [
    'Cuelga tarjetas amarillas adhesivas',
    'Justo sobre la planta; muestran cuántos vuelan.',
  ],
  collar: ['Pon un collar al tallo', 'Un anillo de cartón, dos dedos dentro del sustrato.'],
  net: [
    'Ponle una red encima',
    'Malla fina, cerrada por abajo; ábrela para las abejas cuando florezca.',
  ],
  bagFruit: ['Embolsa los racimos que maduran', 'Bolsas finas de red, atadas arriba.'],
  slugTrap: [
    'Pon trampas y levanta aquello donde se esconden',
    'Una tabla húmeda a la que dar la vuelta cada mañana.',
  ],
  letTopDry: ['Deja secar la superficie entre riegos', 'Agua desde abajo una temporada.'],
  sowAgain: ['Siembra o compra otra vez', 'Maceta limpia, sustrato nuevo, aire y menos agua.'],
  removePlant: ['Saca lo que está perdido', 'Entero, a una bolsa, antes de que toque a otra.'],
  cutBackFeed: [
    'Abona desde entonces a la mitad de la etiqueta',
    'Hasta que el balance diga que falta.',
  ],
  feedByLabel: [
    'Abona según la etiqueta, una vez',
    'En su dosis más floja; más no actúa más deprisa.',
  ],
  feedMagnesium: [
    'Da magnesio según su etiqueta',
    'Solo cuando el balance o una prueba digan que falta.',
  ],
  feedIron: ['Da hierro quelatado según su etiqueta', 'De un tipo hecho para sustrato calizo.'],
  limeByTest: [
    'Encala según la prueba',
    'La tabla de cal de Sustrato dice cuánto para esta maceta.',
  ],
  acidifyByTest: [
    'Baja el pH según la prueba',
    'Primero agua de lluvia; un abono acidificante según su etiqueta.',
  ],
  registeredFungicide: [
    'Un fungicida registrado para este cultivo donde vives',
    'Solo según su etiqueta. Protege hojas nuevas, y no cura ninguna.',
  ],
  registeredInsecticide: [
    'Un insecticida o jabón registrado para este cultivo donde vives',
    'Solo según su etiqueta, por la tarde, donde están los animales.',
  ],
  registeredMiticide: [
    'Un producto contra ácaros registrado para este cultivo donde vives',
    'Solo según su etiqueta; los insecticidas no llegan a los ácaros.',
  ],
  slugBait: [
    'Cebo para babosas según su etiqueta',
    'Pocos granos, fuera del alcance de niños y animales.',
  ],
  predators: [
    'Depredadores del comercio',
    'Mariquitas, ácaros depredadores o nematodos, según sus instrucciones.',
  ],
  noCalciumSpray: [
    'Nada de pulverizar calcio',
    'Las hojas no pueden pasarlo al fruto; tiene que llevarlo el agua.',
  ],
  noFeedNow: ['Ahora nada de abono', 'Las raíces dañadas se queman.'],
  noWaterNow: ['Nada de agua aunque se marchite', 'Se marchita por falta de aire.'],
  noSprayForThis: [
    'Nada de pulverizar',
    'Aquí nada es una enfermedad o plaga a la que eso llegue.',
  ],
  noNitrogen: ['Nada más de nitrógeno', 'Ni abono de césped ni estiércol fresco.'],
  noWorkWhenWet: [
    'No la toques mientras esté mojada',
    'Manos y hojas de corte lo llevan más allá.',
  ],
  noLeafWetting: ['Nada de agua sobre las hojas', 'Las salpicaduras lo suben.'],
  noMoreSalts: ['No varios abonos a la vez', 'La sal se suma más deprisa que el hambre.'],
  noCure: ['Ningún tratamiento lo cura', 'Se ofrezca lo que se ofrezca.'],
  noLime: ['Ni cal ni ceniza de madera', 'Bloquea aún más.'],
  noPruneForSun: ['No quites hojas sobre el fruto', 'Son su sombra.'],
  noBroadSpray: ['Nada de insecticida general', 'Mata lo que se come las plagas, y a las abejas.'],
  noSuddenSun: ['No a pleno sol de golpe', 'Endurécela en una semana.'],
  noHomeMixture: [
    'Nada de mezclas caseras',
    'Ajo, cúrcuma, bicarbonato, leche, aspirina, lavavajillas: sin probar, y pueden quemar hojas. Neem, cobre y azufre solo como productos registrados donde vives.',
  ],
  noSavedSeed: ['No guardes semilla de ella', 'Viaja en la semilla.'],
  disinfect: [
    'Desinfecta hojas de corte, cañas y maceta',
    'Un desinfectante doméstico según su etiqueta, tras lavar la tierra.',
  ],
  notOnCompost: ['No al compost', 'A la basura, o como diga tu ayuntamiento.'],
  throwAwayFruit: [
    'Tira el fruto estropeado',
    'El fruto mohoso, podrido o roído no es comida, ni siquiera la mitad sana.',
  ],
  cutAwayFruit: [
    'Las partes sanas del fruto se pueden comer',
    'Corta la mancha con margen de sobra; tira lo mohoso.',
  ],
  washHands: ['Lávate las manos', 'Después de sustrato, animales y excrementos.'],
  rotatePot: [
    'Cultiva otra cosa en este sustrato',
    'Ensaladas, hierbas o flores; ni tomate, ni pimiento, ni berenjena, ni patata.',
  ],
  chooseResistant: [
    'Elige el año que viene una variedad resistente',
    'Los sobres de semillas dicen contra qué.',
  ],
  plantGoes: ['La planta tiene que irse', 'Entera, en una bolsa, también las raíces.'],
  plantMayGo: ['Si empeora, la planta se va', 'Antes de que llegue a las demás.'],
  mixRecharge: [
    'El sustrato se puede usar otra vez',
    'Renovado, según la regla de Sustrato para el viejo.',
  ],
  mixFlushFirst: [
    'El sustrato se puede usar otra vez, lavado antes',
    'Según la regla de Sustrato para el viejo.',
  ],
  mixRenew: ['Al sustrato le toca renovarse', 'Según la regla de Sustrato para el viejo.'],
  mixNotForThese: [
    'El sustrato es solo para flores y ensaladas',
    'Según la regla de Sustrato para el viejo: no para tomates y pimientos otra vez.',
  ],
}

/** Cautions at a step. */
export const cautionWords: Readonly<Record<string, string>> = {
  label: 'Mandan su etiqueta y las normas de tu país: cultivo, dosis, días hasta recoger.',
  bees: 'Nunca sobre flores abiertas ni mientras vuelan abejas: solo al atardecer.',
  gloves: 'Guantes, manga larga, sin viento.',
  interval: 'Respeta entre pulverizar y recoger los días que nombra su etiqueta.',
  pets: 'Mantén lejos a niños y animales.',
  disinfectant: 'Según su etiqueta, nunca mezclado con otro limpiador, con guantes y aire fresco.',
  pepperHands: 'Los pimientos picantes queman ojos y piel: guantes.',
  notFood: 'Las hojas y partes verdes de estas plantas no son comida.',
  cleanBlade: 'El filo lejos de ti, y limpio entre plantas.',
  lifting: 'Una maceta mojada pesa: dos personas, espalda recta, o déjala donde está.',
  mixDust:
    'Humedece antes el sustrato seco: su polvo no es para los pulmones. Guantes; lávate las manos.',
  balconyLoad: 'Nada que pueda caer de un balcón.',
  windOnCloth: 'Fíjalo bien: el viento tira mucho de telas y redes.',
  washHands: 'Lávate las manos después.',
  waterBelow: 'Cuidado con quien vive abajo.',
}

export const betterWords: { readonly [B in BetterSign]: string } = {
  newLeaves: 'las hojas nuevas tienen buen aspecto; las viejas siguen como están',
  nextTruss: 'el próximo racimo cuaja y engorda limpio',
  standsUp: 'vuelve a levantarse',
  noNewSpots: 'no salen manchas nuevas en hojas nuevas',
  noNewDamage: 'no hay nada nuevo comido ni podrido',
  newFruit: 'el próximo fruto está limpio',
  fewer: 'hay menos cada día',
  plantGone: 'ninguna vecina lo muestra',
  nothing: 'no hay nada que mejorar',
}

/** How a label that the gardener wrote down is quoted. */
export const yourLabel: string = 'Tu etiqueta de {name}: «{text}»'
