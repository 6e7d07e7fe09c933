/** Words of Ways: each question on which growers disagree, its answers, and what speaks for each. */
export const wayWords = {
  ways: {
    title: 'Arbeitsweise',
    about: 'Gärtner sind sich uneins. Sag, wie du es machst, und die Arbeiten richten sich danach.',
    usual: 'Rimbos Wahl',
    whose: 'Für',
    garden: 'den ganzen Garten',
    pot: 'Topf {code}',
    plant: '{plant} in {code}',
    asGarden: 'Wie im Garten',
    group: {
      planting: 'Pflanzen',
      training: 'Erziehen',
      holding: 'Stützen',
      feeding: 'Dünger und Kalzium',
      watering: 'Wasser und Erde',
    },
    own: 'geht in {count} Antwort eigene Wege | geht in {count} Antworten eigene Wege',
    trusses: 'Nach {count} Rispen',
  },
  way: {
    soilC: {
      title: 'Auspflanzen, wenn die Erde hat',
      choice: { 7: '7 °C', 10: '10 °C', 16: '16 °C' },
      why: {
        7: 'Früheste Ernte; in einer kalten Woche steht das Wachstum still.',
        10: 'Ab hier wachsen Wurzeln.',
        16: 'Nie von Kälte gebremst; zwei, drei Wochen später.',
      },
    },
    depth: {
      title: 'Tomaten kommen hinein',
      choice: { deep: 'Tief', sideways: 'Seitlich gelegt', asItWas: 'Wie sie standen' },
      why: {
        deep: 'Der vergrabene Stängel bewurzelt sich. Paprika bleiben, wie sie standen.',
        sideways: 'Wurzeln liegen in der warmen oberen Erde; gut für lange Pflanzen.',
        asItWas: 'Keine Wunden, nichts, was fault.',
      },
    },
    strip: {
      title: 'Blätter und Geiztriebe kommen ab',
      choice: { fingers: 'Von Hand', cut: 'Mit der Klinge' },
      why: {
        fingers: 'Klein brechen sie sauber, und keine Klinge trägt Krankheiten weiter.',
        cut: 'Eine saubere Wunde an größeren Trieben; die Klinge zwischen Pflanzen abwischen.',
      },
    },
    sideShoots: {
      title: 'Geiztriebe von Stabtomaten',
      choice: {
        oneStem: 'Alle heraus: ein Trieb',
        firstThree: 'Die ersten zwei, drei',
        none: 'Sie bleiben',
      },
      why: {
        oneStem: 'Passt an einen Stab; größere, frühere Früchte.',
        firstThree: 'Unten luftig, oben buschig: üblich bei Kirschtomaten.',
        none: 'Die meisten Früchte, am spätesten, und ein Dschungel.',
      },
    },
    stopAt: {
      title: 'Die Spitze von Stabtomaten kommt heraus',
      choice: { ripens: 'Nach der letzten Rispe, die noch reift' },
      why: {
        ripens: 'Aus Wärme und deinem Frost berechnet.',
        number: 'Reift in kurzer Saison sicher; weniger Früchte.',
      },
    },
    tipping: {
      title: 'Chilis werden gestutzt',
      choice: { both: 'Bei 20 und 40 cm', once: 'Bei 20 cm', never: 'Nie' },
      why: {
        both: 'Viele Zweige, ein niedriger Busch, spätere Früchte.',
        once: 'Zweige, und etwas später.',
        never: 'Früheste Früchte; höher.',
      },
    },
    staking: {
      title: 'Stützen kommen hinein',
      choice: { atPlanting: 'Beim Pflanzen', at15to20cm: 'Bei 15–20 cm' },
      why: {
        atPlanting: 'Keine Wurzel wird verletzt.',
        at15to20cm: 'Erst wenn nötig, bevor Wurzeln den Topf füllen.',
      },
    },
    support: {
      title: 'Stützen sind',
      choice: {
        byHeight: 'Was passt',
        stake: 'Stäbe',
        cage: 'Käfige',
        twoCages: 'Zwei Käfige und ein Stab',
        string: 'Schnüre',
      },
      why: {
        byHeight: 'Nach der kommenden Höhe und der Tiefe des Topfs.',
        stake: 'Billig, ein Band je Handbreit Wachstum.',
        cage: 'Kein Anbinden; für Büsche.',
        twoCages: 'Für eine hohe Kirschtomate im breiten Topf.',
        string: 'Braucht etwas darüber; für Säcke und flache Kästen.',
      },
    },
    school: {
      title: 'Topfgröße nach',
      why: {
        house: 'Nach dem zu erwartenden Ertrag.',
        roomy: 'Eine Pflanze je Topf, 45 cm breit.',
        middle: '26 l oder mehr für Stabtomaten.',
        bucket: 'Jede Pflanze in 19 l, wenn täglich gegossen.',
        bushOnly: 'Kleine Töpfe nur für Büsche.',
        smallest: '10 l für eine früh gekappte Stabtomate.',
        dense: 'Zwei mit je 80 % schlagen eine.',
        bags: 'Drei in einen flachen Sack.',
      },
    },
    plantsEach: {
      title: 'Pflanzen je Topf',
      choice: { 1: 'Eine', 2: 'Zwei' },
      why: {
        1: 'Größere Früchte, gleichmäßigeres Wasser.',
        2: 'Zusammen mehr Früchte, kleinere Pflanzen.',
      },
    },
    calcium: {
      title: 'Kalzium aus Gewohnheit',
      choice: { never: 'Nie', atPlanting: 'Beim Pflanzen', at024: 'Bei 0, 2 und 4 Wochen' },
      why: {
        never: 'Fäule am Fruchtende ist meist ungleichmäßiges Wasser: miss zuerst den pH.',
        atPlanting: 'Knochenmehl ins Loch; es wirkt monatelang.',
        at024: 'Töpfe waschen aus: Knochenmehl noch einmal nach zwei und vier Wochen.',
      },
    },
    epsom: {
      title: 'Bittersalz',
      choice: { never: 'Nie', inPots: 'Nur in Töpfen', threeWeeks: 'Alle drei Wochen' },
      why: {
        never: 'Magnesium fehlt selten, und es nimmt den Platz des Kalziums.',
        inPots: 'Töpfe waschen es aus.',
        threeWeeks: 'Ein Esslöffel auf knapp vier Liter.',
      },
    },
    copper: {
      title: 'Kupfer',
      choice: { no: 'Nein', byLabel: 'Nach dem Etikett' },
      why: {
        no: 'Es reichert sich an und schadet dem Leben in der Erde.',
        byLabel:
          'Nur was auf deinem Regal steht, und nur wie Etikett und örtliches Recht es erlauben.',
      },
    },
    chipsBelow: {
      title: 'Holzhäcksel unten',
      choice: { no: 'Nein', counted: 'Ja, als Füllstoff gezählt' },
      why: {
        no: 'Zieht nicht besser ab und nimmt den Wurzeln Raum.',
        counted: 'Spart Erde in einem tiefen Kasten: trage sie als Füllstoff des Topfs ein.',
      },
    },
    water: {
      title: 'Wasser aus',
      choice: { rain: 'Regen', tap: 'Leitung', stood: 'Leitung, abgestanden' },
      why: {
        rain: 'Kein Salz, kein Kalk.',
        tap: 'Immer da. Sein Salz steht unter Einstellungen.',
        stood: 'Wärmer, und ohne Chlor.',
      },
    },
    times: {
      title: 'Gegossen wird',
      choice: { morning: 'Am Morgen', both: 'Morgens und abends' },
      why: {
        morning: 'Blätter sind bis zur Nacht trocken.',
        both: 'Kleine Töpfe brauchen es an heißen Tagen zweimal.',
      },
    },
    holdBack: {
      title: 'Wasser zurückhalten, damit Früchte eilen',
      choice: { no: 'Nein', peppers: 'Bei Paprika' },
      why: {
        no: 'Gleichmäßige Feuchte zählt am meisten.',
        peppers: 'Etwas Durst treibt die Blüte; zusammen weniger Früchte.',
      },
    },
    firstFeed: {
      title: 'Erster Dünger',
      choice: { atPlanting: 'Beim Pflanzen', afterAWeek: 'Nach einer Woche' },
      why: {
        atPlanting: 'Ins Wasser, mit dem sie angegossen wird.',
        afterAWeek: 'Erst neue Wurzeln.',
      },
    },
    mulch: {
      title: 'Mulch aus',
      why: {
        chips: 'Hält die ganze Saison.',
        straw: 'Leicht, hell und kühl.',
        grass: 'Kostenlos; nur dünne Schichten.',
        leaves: 'Kostenlos; weht umher.',
        compost: 'Düngt ein wenig; trocknet zur Kruste.',
      },
    },
  },
}
