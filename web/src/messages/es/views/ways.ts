/** Words of Ways: each question on which growers disagree, its answers, and what speaks for each. */
export const wayWords = {
  ways: {
    title: 'Maneras',
    about: 'Quienes cultivan no se ponen de acuerdo. Di cómo lo haces tú, y las tareas lo siguen.',
    usual: 'Elección de Rimbo',
    whose: 'Para',
    garden: 'todo el jardín',
    pot: 'maceta {code}',
    plant: '{plant} en {code}',
    asGarden: 'Como el jardín',
    group: {
      planting: 'Plantar',
      training: 'Guiar',
      holding: 'Soporte',
      feeding: 'Abono y calcio',
      watering: 'Agua y sustrato',
    },
    own: 'va por su cuenta en {count} respuesta | va por su cuenta en {count} respuestas',
    trusses: 'Tras {count} racimos',
  },
  way: {
    soilC: {
      title: 'Plantar fuera cuando el sustrato esté a',
      choice: { 7: '7 °C', 10: '10 °C', 16: '16 °C' },
      why: {
        7: 'La cosecha más temprana; en una semana fría el crecimiento se para.',
        10: 'Desde aquí crecen las raíces.',
        16: 'Nunca la frena el frío; dos o tres semanas más tarde.',
      },
    },
    depth: {
      title: 'Los tomates se plantan',
      choice: { deep: 'Hondos', sideways: 'Tumbados', asItWas: 'Como estaban' },
      why: {
        deep: 'El tallo enterrado echa raíces. Los pimientos quedan como estaban.',
        sideways:
          'Las raíces quedan en el sustrato cálido de arriba; bueno para plantas espigadas.',
        asItWas: 'Sin heridas, nada que se pudra.',
      },
    },
    strip: {
      title: 'Hojas y brotes laterales se quitan',
      choice: { fingers: 'A mano', cut: 'Con una hoja' },
      why: {
        fingers: 'De pequeños se parten limpios, y ninguna hoja lleva enfermedad más allá.',
        cut: 'Un corte limpio en brotes mayores; limpia la hoja entre plantas.',
      },
    },
    sideShoots: {
      title: 'Brotes laterales de plantas de enrame',
      choice: {
        oneStem: 'Todos fuera: un tallo',
        firstThree: 'Los dos o tres primeros',
        none: 'Se quedan',
      },
      why: {
        oneStem: 'Cabe en una caña; fruto más grande y temprano.',
        firstThree: 'Aireada abajo, frondosa arriba: lo normal en los cereza.',
        none: 'Más fruto, el más tardío, y una selva.',
      },
    },
    stopAt: {
      title: 'La punta de las de enrame se quita',
      choice: { ripens: 'Tras el último racimo que puede madurar' },
      why: {
        ripens: 'Calculado con el calor y tu helada.',
        number: 'Madura seguro en una temporada corta; menos fruto.',
      },
    },
    tipping: {
      title: 'Las guindillas se despuntan',
      choice: { both: 'A 20 y 40 cm', once: 'A 20 cm', never: 'Nunca' },
      why: {
        both: 'Muchas ramas, mata baja, fruto más tarde.',
        once: 'Ramas, y un poco más tarde.',
        never: 'El fruto más temprano; más alta.',
      },
    },
    staking: {
      title: 'Los soportes se ponen',
      choice: { atPlanting: 'Al plantar', at15to20cm: 'A los 15–20 cm' },
      why: {
        atPlanting: 'No se daña ninguna raíz.',
        at15to20cm: 'Solo cuando hacen falta, antes de que las raíces llenen la maceta.',
      },
    },
    support: {
      title: 'Los soportes son',
      choice: {
        byHeight: 'Lo que encaje',
        stake: 'Cañas',
        cage: 'Jaulas',
        twoCages: 'Dos jaulas y una caña',
        string: 'Cuerdas',
      },
      why: {
        byHeight: 'Según la altura que tendrá y la profundidad de la maceta.',
        stake: 'Baratas, una atadura por cada palmo de crecimiento.',
        cage: 'Sin atar; para matas.',
        twoCages: 'Para un cereza alto en una maceta ancha.',
        string: 'Necesita algo arriba; para bolsas y cajones bajos.',
      },
    },
    school: {
      title: 'Tamaño de maceta según',
      why: {
        house: 'Según la cosecha que se espera.',
        roomy: 'Una planta por maceta, 45 cm de ancho.',
        middle: '26 L o más para las de enrame.',
        bucket: 'Cualquier planta en 19 L, si se riega a diario.',
        bushOnly: 'Macetas pequeñas solo para matas.',
        smallest: '10 L para una de enrame parada pronto.',
        dense: 'Dos al 80 % cada una ganan a una.',
        bags: 'Tres por bolsa plana.',
      },
    },
    plantsEach: {
      title: 'Plantas por maceta',
      choice: { 1: 'Una', 2: 'Dos' },
      why: {
        1: 'Fruto más grande, agua más constante.',
        2: 'Más fruto en total, plantas menores.',
      },
    },
    calcium: {
      title: 'Calcio por costumbre',
      choice: { never: 'Nunca', atPlanting: 'Al plantar', at024: 'A las 0, 2 y 4 semanas' },
      why: {
        never: 'La podredumbre de la punta es casi siempre agua desigual: mide antes el pH.',
        atPlanting: 'Harina de huesos en el hoyo; actúa durante meses.',
        at024: 'Las macetas se lavan: harina de huesos otra vez a las dos y cuatro semanas.',
      },
    },
    epsom: {
      title: 'Sal de Epsom',
      choice: { never: 'Nunca', inPots: 'Solo en macetas', threeWeeks: 'Cada tres semanas' },
      why: {
        never: 'Rara vez falta magnesio, y ocupa el lugar del calcio.',
        inPots: 'Las macetas lo pierden al lavarse.',
        threeWeeks: 'Una cucharada por galón.',
      },
    },
    copper: {
      title: 'Cobre',
      choice: { no: 'No', byLabel: 'Según su etiqueta' },
      why: {
        no: 'Se acumula, y daña lo que vive en el sustrato.',
        byLabel: 'Solo lo que está en tu estante, y solo como permiten su etiqueta y la ley local.',
      },
    },
    chipsBelow: {
      title: 'Astillas en el fondo',
      choice: { no: 'No', counted: 'Sí, contadas como relleno' },
      why: {
        no: 'No drena mejor, y quita sitio a las raíces.',
        counted: 'Ahorra sustrato en un cajón hondo: ponlas como relleno de la maceta.',
      },
    },
    water: {
      title: 'Agua de',
      choice: { rain: 'Lluvia', tap: 'Grifo', stood: 'Grifo, reposada' },
      why: {
        rain: 'Sin sal, sin cal.',
        tap: 'Siempre a mano. Su sal se pone en Ajustes.',
        stood: 'Más templada, y sin su cloro.',
      },
    },
    times: {
      title: 'Se riega',
      choice: { morning: 'Por la mañana', both: 'Mañana y tarde' },
      why: {
        morning: 'Las hojas están secas al llegar la noche.',
        both: 'Las macetas pequeñas la necesitan dos veces en días calurosos.',
      },
    },
    holdBack: {
      title: 'Retener agua para apurar el fruto',
      choice: { no: 'No', peppers: 'En pimientos' },
      why: {
        no: 'La humedad constante es lo que más importa.',
        peppers: 'Un poco de sed trae flores; menos fruto en total.',
      },
    },
    firstFeed: {
      title: 'Primer abono',
      choice: { atPlanting: 'Al plantarla', afterAWeek: 'A la semana' },
      why: {
        atPlanting: 'En el agua con que se riega al plantar.',
        afterAWeek: 'Primero raíces nuevas.',
      },
    },
    mulch: {
      title: 'Acolchado de',
      why: {
        chips: 'Dura toda la temporada.',
        straw: 'Ligera, clara y fresca.',
        grass: 'Gratis; solo capas finas.',
        leaves: 'Gratis; se las lleva el viento.',
        compost: 'Alimenta un poco; al secarse hace costra.',
      },
    },
  },
}
