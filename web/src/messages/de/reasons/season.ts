/** Reasons of many years tried. */
export const seasonReasons = {
  spread: {
    years:
      'Über {yearCount} Jahre mit dem Wetter, das dieser Ort hat, nach dem, was von diesem bekannt ist.',
    climate: {
      fitted: 'Ihr Wetter ist aus den Tagen in der Liste des Gartens gelernt.',
      normals: 'Ihr Wetter ist aus den Klimawerten des Ortes gemacht.',
      guessed:
        'Ihr Wetter ist aus einem Klima gemacht, das nach ähnlichen Orten in der Nähe geschätzt ist: Monate stimmen meist auf 1,5 K, können aber im Gebirge und an Wüstenküsten um 5 K und mehr danebenliegen. Trage unter Einstellungen die Klimawerte ein, um sicher zu sein.',
      usual:
        'Ihr Wetter ist aus dem gemacht, was auf dieser Breite üblich ist; das kann in Wüsten und an milden Küsten um 7 K danebenliegen: trage unter Einstellungen die Klimawerte ein.',
    },
    wilting:
      'Ein Jahr zählt, wenn die Pflanzen an einem Tag {hours} Stunden lang welken. Wie durstig die Pflanzen sind, wird für jedes Jahr neu gezogen, so weit es bekannt ist.',
    generator:
      'Trockene und nasse, warme und kühle Zeiten und die Sonne gehören zusammen wie in der Natur.',
  },
  start: {
    now: {
      beforeFrost: 'Noch rechtzeitig: {days} Tage bis zum ersten Frost, etwa {frostDate}.',
      noFrost: 'Noch rechtzeitig: Frost ist hier selten, und die nächsten Wochen sind warm genug.',
    },
    later:
      'Auspflanzen ab {onDate}: davor sind Nächte, Erde oder die Wochen danach in den meisten Jahren zu kalt.',
  },
  next: {
    gave: 'Er gab {ownShare} dessen, was erwartet war, nach {n} Einträgen.',
    small: 'Er fasst {fillVolumeL} Erde; die Sorte füllt bis {fullVolumeL} aus.',
    drank: 'Seine Pflanzen tranken das {timesFactor}-Fache des Berechneten, nach {n} Einträgen.',
    late: 'Seine erste Frucht war nach {days} Tagen reif; üblich sind {usualDays}.',
    frost: 'Gepflanzt {plantedDate}, an den Frost verloren {goneDate}.',
    disease: 'Krank herausgenommen {goneDate}: Sporen und Wurzeln bleiben in der Erde.',
    rot: 'Blütenendfäule wurde {times}-mal gesehen: meist vom Austrocknen zwischen dem Gießen.',
  },
}
