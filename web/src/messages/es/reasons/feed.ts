/** Reasons of needs, ledgers, doses, programmes and holds. */
export const feedReasons = {
  feed: {
    rate: '{volumeL} de sustrato a {rateGL} son {massG}.',
    range: 'Las dosis habituales van de {leastGL} a {mostGL}.',
    labelFirst: 'La etiqueta de tu propio paquete manda.',
    noLabel:
      'Sin etiqueta: {labelG} para esta maceta por práctica común, diluido hasta que parezca té flojo.',
    homeMade:
      'Casero, así que su fuerza es una incógnita: de una quinta parte al triple de esto. Empieza flojo, mira las hojas, y toma la duda del balance como aviso.',
    cupScales:
      'Los {cupL} de la escuela son para una maceta de {forVolumeL}; en esta caben {fillVolumeL}.',
    stopsAtLabel: 'La escuela daría más: se queda en lo máximo que permite la etiqueta.',
    doubt:
      'Se dieron abonos caseros de fuerza desconocida: pueden haber llegado {doubtG} más o menos.',
    need: 'Una cosecha de {cropG} toma {nPerKgG} de nitrógeno y {kPerKgG} de potasio por cada kilo.',
    needSeason: 'En la temporada: {nG} N, {kG} K, {caG} Ca.',
    state: {
      short:
        'A las plantas les han faltado {owedG} hasta ahora; necesitan {needSoonG} la semana que viene, y hay {leftG} a mano.',
      runsLow:
        'A mano: {leftG}; se quieren {needSoonG} la semana que viene. Se acaba dentro de esa semana.',
      enough: 'A mano: {leftG}; se quieren {needSoonG} la semana que viene.',
      plenty: 'A mano: {leftG}, más de lo que quieren seis semanas; {needSoonG} en la que viene.',
    },
    lasts: 'Con lo que se sabe que llegará, dura {dayCount} días.',
    salt: 'En un extracto saturado de su sustrato {ec} dS/m según el balance; hasta {limit} no cuesta nada. Deja {yieldShare} de la cosecha.',
    saltError:
      'Calculado con lo que entró, se tomó y se lavó: con un margen de un tercio. Una lectura propia es mejor.',
    saltCosts: 'Tanta sal cuesta {lostShare} de la cosecha. Lávala antes de abonar otra vez.',
    leafy:
      '{nitrogenMgL} mg de nitrógeno en un litro de su agua, antes de cuajar fruto: hojas y ningún fruto.',
    label: 'Su etiqueta: {labelG} para esta maceta, {mostG} como mucho.',
    solution:
      '{gPerCan} para una regadera entera; {solutionWaterL} de ella mojan esta maceta hasta que empieza a drenar: una décima de su sustrato.',
    analysis:
      'Como está impreso, pasado de óxidos a elementos por pesos atómicos: P es 0,4364 de P₂O₅, K 0,8301 de K₂O, Ca 0,7147 de CaO, Mg 0,6030 de MgO.',
    comes: {
      decays:
        'Su nitrógeno llega al descomponerse: {monthShare} en cuatro semanas a 22 °C, {seasonShare} en una temporada; la mitad de rápido con diez grados menos.',
      coated:
        'Recubierto: cuatro quintos en {dayCount} días a 21 °C, antes con calor; nunca más pasada la mitad de la temporada.',
      lime: 'Despacio: nueve décimas de su calcio en unos cuatro meses.',
      additive:
        'No abona nada: un agente humectante deja que el sustrato seco tome otra vez su agua; de un hongo de raíz no se cuenta ninguna ganancia.',
      dissolves: 'Al momento; en emulsiones de pescado, en dos semanas.',
    },
    ec: 'La fuerza en ppm son gramos por litro × por ciento × 10. La CE es una décima de los cationes en meq/l, además de tu agua.',
    spoon: 'Una cucharada según lo que pesa suelto un mililitro.',
    flush:
      'Pasar {flushWaterL} lleva su sal de {ec} a {targetEc} dS/m: cada llenado de su agua la deja en un tercio de lo que supera la propia del agua.',
    leaching:
      'Con tu agua tiene que salir {leachingShare} de cada riego para que la sal no se acumule.',
    waterTooSalty: 'Agua de {ec} dS/m no puede lavarla.',
    judgeShort:
      'De lo que quieren, sus plantas tienen {nShare} del nitrógeno, {kShare} del potasio, {caShare} del calcio; {hadShare} del más escaso.',
    judgeSalt:
      'Las raíces encuentran {ec} dS/m en la temporada, {mostEc} el peor día; una media de temporada hasta {limit} no cuesta nada. Las plantas quemadas en sus primeras cuatro semanas no lo recuperan.',
    judgeWork: '{feedCount} abonados, {minuteCount} minutos.',
    school: 'Como lo hacen quienes siguen esta escuela.',
    hold: {
      notFeed:
        'Esto no es un abono. Contra plagas y enfermedades, solo lo registrado para el cultivo donde vives, como diga su etiqueta.',
      heatWave: 'Vienen hasta {tempC}: las raíces toman agua, y nada de abono.',
      dryMix: 'Faltan {missingWaterL}: primero agua, abono mañana.',
      freshTransplant: 'Plantada hace {dayCount} días: deja que sus raíces se asienten una semana.',
      controlledLate: 'Pasada la mitad de la temporada: no se gastaría, y quema.',
      tooClose:
        'Dado por última vez hace {dayCount} días: se quieren {leastCount} días entre medias.',
      overLabel: '{times} veces lo máximo que permite su etiqueta.',
      salty: 'Su sustrato está salado: {ec} dS/m, {limit} como mucho. Lávalo antes.',
      epsomCalcium: 'Ya le falta calcio: el magnesio dejaría pasar aún menos.',
      limeNoPh: 'Nadie ha medido el pH de este sustrato: mide antes de encalar.',
      ashAmmonium:
        'Ceniza y abonos de amonio con menos de dos semanas entre ellos: el nitrógeno se va como amoníaco.',
      dogs: 'Atrae a los perros, y puede dañarlos: incorpóralo, y no los dejes entrar.',
      manure:
        'Solo bien descompuesto; crudo, {leastCount} días antes de la cosecha (faltan {dayCount}). Lava manos y fruto.',
      foliar: 'En hojas solo por la tarde, y solo lo que permite su etiqueta.',
      dust: 'No respires su polvo: humedécelo, o ponte mascarilla.',
      homeMade:
        'Ponte guantes y lávate las manos. Lejos de hojas y frutos, y lava bien el fruto: está lleno de gérmenes. Nunca cierres herméticamente un recipiente que fermenta.',
      ringNoReservoir:
        'Un anillo seco necesita un depósito debajo: en esta maceta el agua lo metería de golpe, y quemaría las raíces.',
    },
  },
}
