/** Reasons of fitting plants to pots and arranging them. */
export const fitReasons = {
  fit: {
    crop: 'Eine Pflanze ohne Grenzen in voller Sonne gibt in einer Saison etwa {fullG}, auf die Hälfte genau; hier {yieldShare} davon.',
    expected:
      'Der Wurzelraum allein ließe jede {rootShare} geben; mit dem Platz eingerechnet {yieldShare}.',
    sun: {
      good: '{sunHours} Std. direkte Sonne am Tag von Frühling bis Herbst; {goodHours} Std. sind erwünscht.',
      tight:
        '{sunHours} Std. direkte Sonne am Tag; {goodHours} Std. sind erwünscht, {leastHours} Std. das Mindeste für Früchte.',
      poor: '{sunHours} Std. direkte Sonne am Tag; {leastHours} Std. sind das Mindeste für Früchte.',
      unknown: 'Die Sonne hier ist nicht bekannt: stelle den Topf auf einen gezeichneten Platz.',
    },
    light: {
      less: '{dliMol} mol Licht am Tag; bis {fullMol} mol nutzt eine Pflanze sie eins zu eins. Das lässt {leftShare}.',
      enough: '{dliMol} mol Licht am Tag; ab {fullMol} mol gibt mehr nicht mehr.',
      unknown: 'Das Licht hier ist nicht bekannt: stelle den Topf auf einen gezeichneten Platz.',
    },
    height: {
      good: 'Sie wird {grownMm} hoch; bis zur Decke sind {roomMm}.',
      open: 'Sie wird {grownMm} hoch; darüber ist nichts.',
      tight: 'Sie würde {grownMm} hoch und hat {roomMm} bis zur Decke: kappe sie dort.',
      poor: 'Sie würde {grownMm} hoch und hat {roomMm} bis zur Decke.',
    },
    support: {
      none: 'Braucht keine.',
      stake:
        'Ein Stab oder eine Schnur von {stakeMm}, vom Stab ein Viertelmeter in der Erde, beim Pflanzen gesetzt.',
      twoCages: 'Zwei Käfige, einer umgekehrt auf dem anderen, und ein Stab von {stakeMm}.',
      string: 'Eine Schnur von oben, {stakeMm}: in dieser Tiefe Erde hält kein Stab.',
      net: 'Ein Netz, durch das sie wächst.',
      shortStake: 'Ein Stab von {stakeMm}: Paprika brechen im Wind.',
      cage: 'Ein Käfig, oder ein Stab von {stakeMm}, beim Pflanzen gesetzt.',
    },
    heatCost:
      'An einem heißen Tag liegt seine Wand {overK} K über der Grenze, und an {daysShare} der Tage der Saison überschreitet sie sie. {shellShare} der Erde liegen in den äußeren 25 mm, die Hälfte davon auf der Sonnenseite: über die Saison kostet Hitze etwa {lostShare} der Wurzeln.',
    rot: {
      least: 'Kleine Früchte bekommen sie am wenigsten.',
      little: '{hasL} Wurzelraum je Pflanze: ab {limitL} ist sie selten.',
      prone:
        '{hasL} Wurzelraum je Pflanze, unter {limitL}: große Früchte bekommen sie leicht. Gieße sehr gleichmäßig.',
      most: '{hasL} Wurzelraum je Pflanze, unter {limitL}: diese Frucht bekommt sie am leichtesten. Gieße sehr gleichmäßig.',
    },
    weight: {
      light: '{grownG} gegossen, mit ausgewachsener Pflanze.',
      lifting16: '{grownG} gegossen, mit ausgewachsener Pflanze: über 16 kg, hebe ihn zu zweit.',
      lifting25: '{grownG} gegossen, mit ausgewachsener Pflanze: über 25 kg, hebe ihn nicht.',
    },
    yield: {
      good: 'Nach dem Raum allein ist von jeder Pflanze {yieldShare} einer Pflanze mit allem nötigen Raum zu erwarten; ab {goodShare} nennt Rimbo es gut.',
      tight:
        'Nach dem Raum allein ist von jeder Pflanze {yieldShare} einer Pflanze mit allem nötigen Raum zu erwarten; unter {goodShare} nennt Rimbo es knapp.',
      poor: 'Nach dem Raum allein ist von jeder Pflanze nur {yieldShare} einer Pflanze mit allem nötigen Raum zu erwarten; unter {leastShare} rät Rimbo ab.',
    },
    rotProne:
      'Größere Früchte mit {hasL} je Pflanze bekommen leicht Blütenendfäule (unter {limitL}): gieße sehr gleichmäßig.',
    rimVolumePerPlantL: {
      good: '{hasL} bis zum Rand für jede Pflanze; {goodL} sind genug.',
      tight:
        '{hasL} bis zum Rand für jede Pflanze; {goodL} wären gut, {leastL} sind das Allermindeste.',
      poor: '{hasL} bis zum Rand für jede Pflanze; mindestens {leastL} werden verlangt.',
    },
    acrossMm: {
      good: '{hasMm} breit; {goodMm} sind genug.',
      tight: '{hasMm} breit; {goodMm} wären gut, {leastMm} sind das Allermindeste.',
      poor: '{hasMm} breit; mindestens {leastMm} werden verlangt.',
    },
    depthMm: {
      good: '{hasMm} tief; {goodMm} sind genug.',
      tight: '{hasMm} tief; {goodMm} wären gut.',
      poor: '{hasMm} tief; mindestens {leastMm} werden verlangt.',
    },
    count: {
      good: 'Pflanzen im Topf: {hasCount}; bis zu {goodCount}.',
      tight: 'Pflanzen im Topf: {hasCount}; {goodCount} wären gut.',
      poor: 'Pflanzen im Topf: {hasCount}; nicht mehr als {goodCount}.',
    },
    condition: {
      waterDaily: 'Nur, wenn täglich gegossen wird.',
      stopAtFive: 'Nur, wenn sie nach vier, fünf Rispen gekappt wird.',
      ringPots:
        'Mit bodenlosen Ringtöpfen obenauf, für mehr Tiefe und um Wasser von Dünger zu trennen.',
      noDryDay: 'Lass ihn nie einen Tag ohne Wasser.',
    },
    notForVines: 'Diese Schule hält Stabtomaten aus Eimern und flachen Säcken heraus.',
    notForBasket: 'Ampeln sind nur für hängende Tomaten und kleine Kirschbüsche.',
    silent: 'Zu einem solchen Paar sagt diese Schule nichts.',
  },
  own: 'In {season} gab dieser Topf {ownShare} dessen, was von ihm erwartet war, wie du es aus dem Buch übernommen hast.',
  arrange: {
    gives:
      '{plantCount} davon hier: etwa {totalG} Früchte, jede {yieldShare} einer Pflanze mit allem nötigen Raum und Licht.',
    school: {
      good: 'Die Schule „{school}“ nennt es gut.',
      tight: 'Die Schule „{school}“ nennt es knapp.',
      poor: 'Die Schule „{school}“ rät ab; du hast es festgesetzt.',
      silent: 'Die Schule „{school}“ sagt nichts dazu; Rimbos eigene nimmt es an.',
    },
    next: 'Das Nächstbeste hier wäre {variety} × {plantCount}, etwa {totalG}; das Ganze entscheidet.',
    onlyOne: 'Nichts anderes auf der Liste passt hier.',
    leftOut: {
      school: 'Die Schule „{school}“ nimmt es in keinem der Töpfe an.',
      sun: 'Kein Platz mit einem Topf dafür hat sechs Stunden Sonne.',
      height: 'Es wüchse weit in das, was darüber ist.',
      room: 'Kein Platz hat Raum für einen passenden Topf.',
      pinned: 'Die passenden Töpfe sind für andere Pflanzen festgesetzt.',
      noneFree: 'Mit dem, was sein muss und festgesetzt ist, bleibt kein Topf dafür.',
      noTime: 'Andere geben mehr; um wie viel, wurde in der Zeit nicht berechnet.',
      costs: 'Es trotzdem zu haben kostete {lostG} Früchte.',
      instead:
        'Am besten, mit {plantCount} davon in {code}, gäbe es {totalG}; dort gibt {variety} × {otherCount} {otherG}.',
      best: 'Am besten, mit {plantCount} davon in {code}, gäbe es {totalG}.',
    },
  },
}
