/** Reasons of mixes, lime, layers, reservoirs and tests. */
export const mixReasons = {
  mix: {
    shrinks:
      '{looseL} sueltos dan {volumeL}: al mezclar se pierde {shrinkShare}, porque las partes finas caen entre las gruesas (normalmente de 5 a 20 %).',
    shrinksMeasured:
      '{looseL} sueltos dan {volumeL}: al mezclar se pierde {shrinkShare}, como mediste.',
    measureYourself:
      'Cuánto, se estima por lo distintos que son los granos. Mide una vez: litros que entran, litros que salen.',
    drained:
      'Los poros son {poreShare} del sustrato, llenos de agua en el fondo. Arriba, a {fillMm}, queda mojado {topShare}. Sumado según la forma de la propia maceta.',
    curve:
      'El agua a cada altura sale de una curva por los puntos mezclados: α {alpha} por cm, n {n}, {residualShare} que ninguna succión saca.',
    ingredientsTypical:
      'Con ingredientes típicos; los tuyos pueden diferir en una quinta parte. En seco, un litro de sustrato pesa {dryDensityGL}.',
    drainMeasured:
      'Ajustado a tu propia prueba de verter y drenar. En seco, un litro de sustrato pesa {dryDensityGL}.',
    settles:
      'En una temporada se asienta {settleShare}: los sólidos se juntan, y lo que se pierde es aire.',
  },
  range: {
    airSpace: '{valueShare}, frente a {leastShare} a {mostShare} que quieren las raíces en maceta.',
    containerCapacity:
      '{valueShare}, frente a {leastShare} a {mostShare} para sustratos en maceta.',
    totalPorosity: '{valueShare}, frente a {leastShare} a {mostShare} para sustratos en maceta.',
    bulkDensityGL: '{valueGL}, frente a {leastGL} a {mostGL} para sustratos en maceta.',
    easilyAvailable:
      '{valueShare} del volumen entre 10 y 50 cm de succión, frente a {leastShare} a {mostShare}.',
    waterBuffer:
      '{valueShare} del volumen entre 50 y 100 cm de succión, frente a {leastShare} a {mostShare}.',
  },
  ph: {
    estimated:
      'pH cerca de {ph}, con media unidad de margen: cada ingrediente tira según su poder tampón, {rateGL} de cal por una unidad de pH en total.',
    pulls: '{ingredient}, {share} del volumen: pH {ph}, poder tampón {rateGL}.',
    good: 'El pH {ph} va bien a tomates y pimientos (6,0 a 6,8).',
    noHabit:
      'No añadas cal ni calcio por costumbre. El fruto que se pudre por la punta con este pH necesita agua constante; si falta calcio, el yeso lo trae sin cambiar el pH.',
    acid: 'pH {ph}, hacia {aimPh}: {volumeL} a {rateGL} por unidad de pH piden {groundG} de caliza molida.',
    alkaline:
      'El pH {ph} es demasiado alto: ni cal ni ceniza de madera. {sulphurG} de azufre elemental lo bajan, por masa de fórmula.',
    inSteps:
      'Está más lejos de lo que debe corregir una dosis: da esta, mide a las cuatro semanas, y sigue.',
    slow: 'El azufre actúa por microbios, en semanas y con calor. Los abonos con amonio también bajan el pH; el agua dura lo sube.',
  },
  lime: {
    raise:
      'pH ahora cerca de {ph}, hacia {aimPh}: {volumeL} a {rateGL} por unidad de pH piden {groundG} de caliza molida.',
    makers: 'Los fabricantes de sustratos de turba ponen de 3 a 5 g por litro de turba.',
    kind: '{lime} neutraliza {value} veces el ácido de la caliza pura, y {workingShare} actúa en una temporada: {groundG} pasan a {massG}.',
    measure: 'Una estimación. Mide el pH a la semana antes de añadir más.',
    recipeBrings: 'La propia receta aporta tanto como {broughtG} de caliza molida: {groundG} más.',
    recipeTooMuch:
      'La receta aporta tanto como {broughtG} de caliza molida: pH cerca de {ph}, por encima de los {mostPh} que quieren tomates y pimientos. Pon menos cal o ceniza en la receta.',
    none: 'pH cerca de {ph}: entre 6,0 y 6,8, así que sin cal.',
    alkaline:
      'pH cerca de {ph}: ya por encima de 6,8, así que ni cal ni ceniza de madera. La turba o la corteza lo bajan.',
  },
  nitrogen: {
    nothingDecays: 'Nada en él se descompone.',
    ratio:
      'Lo que se descompone en una temporada, {carbonGL} de carbono, tiene {ratio} de carbono por uno de nitrógeno.',
    takes:
      'Por encima de 30 : 1 los microbios quitan nitrógeno al sustrato mientras se descompone: unos {drawG} por litro en una temporada. Abona eso de más.',
    gives: 'Por debajo de 30 : 1 da algo de nitrógeno en vez de quitarlo.',
  },
  layer: {
    lifts:
      'El agua solo pasa de poros finos a gruesos donde apenas está retenida: el sustrato sobre {layerMm} de piedras queda tan mojado en su borde como lo estaría en el fondo. Las raíces pierden {lostL} de sustrato, y lo que queda tiene {airShare} de aire en vez de {airWithoutShare}.',
  },
  reservoir: {
    climbs:
      'El agua está a {waterTableMm} y sube de ahí {riseMm} lo bastante deprisa para una planta crecida en un día caluroso (3 L por 0,2 m²).',
    conductivity: 'Empapado, el agua se mueve por este sustrato a unos {rateCmD} cm al día.',
    usual:
      'En sustratos normales el agua sube de 15 a 25 cm. Riega por arriba hasta que las raíces hayan bajado.',
  },
  tub: {
    count: '{looseL} sueltos en una artesa de {tubL} llena a cuatro quintos: {tubCount}.',
    reserve: '{reserveL} más para rellenar lo que se asiente en la temporada.',
  },
  moisten: {
    typical:
      'Tal como se compra es {boughtShare} agua en volumen; al llenar debería ser cerca de {wantedShare}, la mitad de lo que retiene.',
    dusty: 'Tu prueba de apretar lo encontró polvoriento: humedécelo.',
    holds: 'Tu prueba de apretar lo encontró bastante húmedo.',
    drips: 'Tu prueba de apretar lo encontró goteando: extiéndelo a secar antes de llenar.',
  },
  solve: {
    checked:
      'Hallado con un programa lineal en paquetes enteros, comprobado con la curva completa en cada maceta, y corregido hasta que ambos coincidieron ({rounds} vueltas).',
  },
  test: {
    drain:
      '{inL} de agua llenaron {potL} de sustrato: {poreShare} de poros. Salieron {outL}: {airShare} de aire. El resto lo retiene.',
    extract:
      '{ec} dS/m con este método son cerca de {saturated} como extracto saturado (× {factor}).',
    poor: 'Apenas sal, menos de {poor}: poco alimento en él.',
    good: 'Entre {poor} y {limit} dS/m: sin daño.',
    salty: 'Más de {limit} dS/m como extracto saturado: lávalo antes de plantar.',
  },
  oldMix: {
    blight:
      'El mildiu sobrevive en hojas viejas, tallos y plantas nacidas solas: ni tomates ni pimientos en él otra vez.',
    wilt: 'Las marchiteces viven años en el sustrato: ni tomates ni pimientos en él otra vez. Tampoco al compost.',
    nematodes:
      'Los nematodos de las agallas quedan en el sustrato: ni tomates ni pimientos en él otra vez.',
    tooOld: 'Tras {seasons} temporadas el sustrato es fino y denso: renueva la mayor parte.',
    sunken:
      'Las macetas enterradas aguantan cuatro o cinco años, porque las raíces encuentran tierra nueva debajo ({seasons} hasta ahora).',
    settled: '{settledShare} de su volumen se ha asentado: {topUpL}.',
    saltAssumed:
      'Sal tomada como {ec} dS/m tras una temporada de abonos (por encima de {limit} hay que lavarla). Mídela.',
    saltMeasured:
      'Sal {ec} dS/m como extracto saturado, según tu prueba; por encima de {limit} hay que lavarla.',
    flush:
      'Cada {heldL} que pasan, tanto como retiene, bajan al 37 % la sal que supera la del agua: {flushL} para llegar a {target} dS/m.',
    waterTooSalty: 'Agua de {ec} dS/m no puede lavarlo por debajo de lo que se quiere.',
    nitrogen: 'Quedan unos {leftG} de su nitrógeno; {nitrogenG} lo devuelven a un buen comienzo.',
    roots: 'Fuera las raíces gruesas, o se descomponen y quitan nitrógeno.',
  },
}
