/** Why a job is to be done, how, and what it asks care for. */
export const jobReasons = {
  job: {
    sow: {
      back: 'Siembra entre el {sowDate} y el {lastSowDate}: 6–8 semanas antes de la última helada, los picantes lentos antes, para plantar fuera hacia el {outDate}.',
      seeds:
        'Nace más o menos {upShare} de las semillas: algunas más que las {count} plantas que quieres.',
    },
    potOn: {
      size: 'A macetas pequeñas cuando las plántulas tengan sus primeras hojas verdaderas.',
    },
    hardenOff: {
      days: 'Endurece durante {dayCount} días, cada uno más tiempo fuera que el anterior, para plantar el {outDate}.',
      hours: 'Primero a la sombra, sin viento, y dentro por la noche.',
    },
    plant: {
      evening: 'Planta al atardecer o con nubes, y da un día de sombra.',
      tooEarly: 'Previsto para el {plannedDate}, antes de que sea seguro: lo es el {outDate}.',
      waits: 'Previsto para el {plannedDate}: la previsión lo aplaza al {outDate}.',
      soil: 'El sustrato debe estar a {leastC} o más, según tus maneras.',
    },
    support: { beforeRoots: 'Ponlo antes de que las raíces llenen la maceta.' },
    tie: { grown: 'Ata suave, una vez por cada {grownMm} de crecimiento. Mide unos {heightMm}.' },
    sideShoots: {
      oneStem: 'Un tallo: los brotes laterales salen cada semana, mientras son pequeños.',
      firstThree: 'Un tomate cereza pierde solo sus primeros dos o tres brotes laterales.',
      none: 'Los brotes laterales se quedan.',
    },
    strip: {
      fingers: 'Quítalos a mano mientras son pequeños, en un día seco.',
      cut: 'Corta limpio, y limpia la hoja entre plantas.',
    },
    lowerLeaves: {
      tall: 'A unos {heightMm} se quitan las hojas bajo el primer racimo: nada debe tocar el sustrato.',
    },
    tip: { height: 'Despunta a {heightMm}: la planta ramifica.' },
    stopTop: {
      ripens:
        'Lo que se abra después de este racimo no maduraría. Su fruto madura hacia el {ripeDate}.',
      trusses: 'Tu manera: se quita la punta tras {count} racimos.',
    },
    shake: {
      still: 'No le llegan ni viento ni abejas: sacude las flores abiertas hacia mediodía.',
    },
    rootShoots: {
      time: 'Quedan {dayCount} días: un brote enraizado ahora necesita unos {leastCount} para dar cosecha.',
    },
    topUp: {
      stem: 'Hay {freeMm} de sitio sobre el sustrato: cuando el tallo sobresalga {stemMm}, rellena alrededor, quitando antes las hojas.',
    },
    unroll: {
      stem: 'Quedan {rolledMm} de la bolsa enrollados: cuando el tallo sobresalga {stemMm}, desenrolla algo y rellena.',
    },
    mulch: {
      warm: 'Cuando el sustrato esté a unos {tempC}, o antes del calor: {depthMm}.',
      room: 'Solo hay {freeMm} de sitio bajo el borde.',
      stem: 'No lo arrimes al tallo.',
      grass: 'Hierba verde solo en capas finas, y no contra el tallo.',
    },
    water: {
      forecast: 'Según la previsión. Se calcula de nuevo cada día.',
      usual: 'Como es habitual en esta época. Se calcula de nuevo cada día.',
    },
    feed: {
      plan: 'Según su programa de abono.',
      habit: 'Según tus maneras.',
    },
    shadeOn: { heat: '{tempC} el {hotDate} en la maceta: cuelga antes una tela encima.' },
    shadeOff: {
      cooler: 'Los próximos días quedan por debajo de {tempC}: puede recibir otra vez toda su luz.',
    },
    coverOn: { frost: '{tempC} en la madrugada del {frostDate}: tápala la tarde anterior.' },
    coverOff: { milder: 'Las próximas noches quedan por encima de {tempC}.' },
    moveIn: {
      cold: '{tempC} en la madrugada del {coldDate}: los pimientos entran por debajo de {leastC}.',
      usual:
        'Desde cerca del {coldDate} las noches suelen bajar de {leastC}: los pimientos entran.',
    },
    moveOut: { warm: 'Las próximas noches quedan en {leastC} o más.' },
    move: { weighs: 'Pesa unos {massG}.' },
    turn: { window: 'La luz llega de un lado: un cuarto de vuelta a la semana.' },
    measurePh: { lime: 'Una semana después de la cal, mide antes de añadir más.' },
    test: {
      tells:
        'No se sabe bien lo mojada que está: una prueba aquí dice mucho ({bits} de 1,6 bits como máximo).',
    },
    lookOver: { twice: 'Mira hojas, tallos y frutos dos veces por semana.' },
    weed: { bare: 'Nada cubre el sustrato: salen hierbas.' },
    spray: { asked: 'Lo pediste en Maneras, y está en tu estante.' },
    secure: {
      tips: 'Rachas de unos {gustMS} el {gustDate}. Vuelca con unos {nowMS} tal como está, con {dryMS} seca y con {wateredMS} recién regada: átala a la barandilla, ponla en una esquina, o junta dos.',
    },
    pick: {
      ripe: 'Recoge el fruto maduro cada {dayCount} días.',
      green: 'Helada hacia el {frostDate}: recoge todo lo que quede, también lo verde.',
    },
    lastFeed: {
      end: 'Su temporada termina hacia el {overDate}: el abono de sus últimos {dayCount} días se desperdicia.',
    },
    pullOut: {
      frost: 'La helada la termina hacia el {frostDate}.',
      over: 'Su cosecha terminó.',
    },
    cutBack: { winter: 'Poda fuerte, y riega poco hasta la primavera.' },
    recharge: {
      kept: 'El sustrato viejo no se tira: saca las raíces, incorpora compost, rellena.',
    },
    wash: {
      ill: 'Sus plantas estuvieron enfermas: vacíala, frótala, y no uses el sustrato otra vez para estas.',
    },
    own: { yours: 'Tu propia tarea.' },
    hold: {
      storm: 'Rachas de unos {gustMS}: no salgas al balcón, y baja las cestas.',
      heat: 'Ola de calor, hasta {tempC}: deja las plantas tranquilas.',
      wet: 'Llueve ({rainWaterMm}): las heridas quedan mojadas.',
      coldNight: 'La noche baja a {tempC}: necesita {leastC}.',
      coldDay: 'Hoy solo {tempC}: las plántulas salen desde {leastC}.',
      sprayHeat: 'Nunca pulverices con calor: {tempC}.',
      sprayWind: 'Nunca pulverices con viento: rachas de {gustMS}.',
      bees: 'Sus flores están abiertas: hay abejas.',
      sprayed: 'Pulverizada: sin recoger hasta el {fromDate}, {dayCount} días según la etiqueta.',
      coldMix: 'El sustrato está a {tempC}: tú plantas desde {leastC}.',
    },
    caution: {
      below: 'Piensa en la gente de abajo: lo que cae de un balcón puede matar.',
      dustWet: 'Moja el sustrato seco antes de tocarlo, o ponte mascarilla.',
      eyes: 'Pon un tapón en cada caña: los ojos dan con ellas al agacharse.',
      hotFruit: 'El fruto picante quema ojos y piel: ponte guantes.',
      hotSeed: 'Lávate las manos después de tocar semilla picante.',
      label: 'La etiqueta de tu propio paquete manda.',
      rootsOffFeed: 'Las raíces no deben apoyarse en el abono: mézclalo, o cúbrelo.',
      spray: 'Nunca con sol, calor o viento, ni mientras haya abejas. Ponte guantes.',
      lift: 'Pesa unos {massG}: levanta con las piernas, o pide ayuda.',
      twoLift: 'Pesa unos {massG}: se levanta entre dos.',
    },
  },
  support: {
    none: 'Con {grownMm} se sostiene sola.',
    stake: 'Una caña de {stakeMm}: {grownMm} de planta, y {inMixMm} en el sustrato.',
    cage: 'Una jaula de {stakeMm}: la planta medirá unos {grownMm}.',
    twoCages:
      'Unos {grownMm} de alto: dos jaulas, una boca abajo sobre la otra, y una caña de {stakeMm} por ambas.',
    string:
      'Una cuerda desde arriba, {stakeMm}: una caña no se sostendría en tan poca profundidad.',
    net: 'Una red por la que crecer.',
    byWay: 'Tu manera.',
    breaks: 'Los pimientos se parten con el viento.',
  },
  tip: {
    round:
      'Viento sobre {seenM2} de hojas, a {armMm} del suelo, contra {massG} sobre una base de {baseMm}. Las hojas se pliegan cuando sopla más fuerte.',
    short:
      'Viento sobre {seenM2} de hojas, a {armMm} del suelo, contra {massG} sobre una base de {baseMm}, por el lado corto. Las hojas se pliegan cuando sopla más fuerte.',
    error: 'Con un margen del 30 %: una racha puede ser más fuerte que cualquier previsión.',
  },
}
