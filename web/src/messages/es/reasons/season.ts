/** Reasons of many years tried. */
export const seasonReasons = {
  spread: {
    years: 'En {yearCount} años de tiempo como el de este lugar, según lo que se sabe de este.',
    climate: {
      fitted: 'Su tiempo se aprende de los días de la propia lista del jardín.',
      normals: 'Su tiempo se hace a partir de los valores normales del lugar.',
      guessed:
        'Su tiempo se hace a partir de un clima estimado con lugares parecidos cercanos: los meses suelen acertar en 1,5 K, pero pueden fallar en 5 K o más en montañas y costas desérticas. Escribe los valores normales del lugar en Ajustes para estar seguro.',
      usual:
        'Su tiempo se hace con lo habitual en esta latitud, que puede fallar en 7 K en desiertos y costas suaves: escribe los valores normales del lugar en Ajustes.',
    },
    wilting:
      'Un año cuenta si las plantas se marchitan {hours} horas algún día. La sed de las plantas se sortea cada año, hasta donde se conoce.',
    generator:
      'Rachas secas y húmedas, cálidas y frescas, y el sol van juntas como en la naturaleza.',
  },
  start: {
    now: {
      beforeFrost: 'Aún a tiempo: {days} días hasta la primera helada, hacia el {frostDate}.',
      noFrost:
        'Aún a tiempo: aquí la helada es rara, y las semanas que vienen son bastante cálidas.',
    },
    later:
      'Planta fuera desde el {onDate}: antes, las noches, el sustrato o las semanas siguientes son demasiado frías la mayoría de los años.',
  },
  next: {
    gave: 'Dio {ownShare} de lo esperado, según {n} anotaciones.',
    small: 'Contiene {fillVolumeL} de sustrato; la variedad llena hasta {fullVolumeL}.',
    drank: 'Sus plantas bebieron {timesFactor} veces lo calculado, según {n} anotaciones.',
    late: 'Su primer fruto maduró a los {days} días; lo habitual son {usualDays}.',
    frost: 'Plantada el {plantedDate}, perdida por helada el {goneDate}.',
    disease: 'Sacada enferma el {goneDate}: esporas y raíces quedan en el sustrato.',
    rot: 'Se vio podredumbre apical {times} veces: casi siempre por secarse entre riegos.',
  },
}
