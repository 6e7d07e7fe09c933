/** Reasons of mixes, lime, layers, reservoirs and tests. */
export const mixReasons = {
  mix: {
    shrinks:
      '{looseL} locker ergeben {volumeL}: beim Mischen gehen {shrinkShare} verloren, weil feine Teile zwischen grobe fallen (meist 5 bis 20 %).',
    shrinksMeasured:
      '{looseL} locker ergeben {volumeL}: beim Mischen gehen {shrinkShare} verloren, wie du gemessen hast.',
    measureYourself:
      'Wie viel, ist danach geschätzt, wie verschieden die Körner sind. Miss einmal: Liter hinein, Liter heraus.',
    drained:
      'Die Poren sind {poreShare} der Erde, am Boden voll Wasser. Oben, {fillMm} höher, bleiben {topShare} nass. Summiert über die eigene Form des Topfs.',
    curve:
      'Das Wasser in jeder Höhe kommt aus einer Kurve durch die gemischten Punkte: α {alpha} je cm, n {n}, {residualShare}, die kein Sog herausholt.',
    ingredientsTypical:
      'Aus typischen Zutaten; deine können um ein Fünftel abweichen. Trocken wiegt ein Liter der Erde {dryDensityGL}.',
    drainMeasured: 'An deine Gießprobe angepasst. Trocken wiegt ein Liter der Erde {dryDensityGL}.',
    settles:
      'In einer Saison setzt sie sich um {settleShare}: das Feste rückt zusammen, und verloren geht Luft.',
  },
  range: {
    airSpace: '{valueShare} neben {leastShare} bis {mostShare}, die Wurzeln in Töpfen brauchen.',
    containerCapacity: '{valueShare} neben {leastShare} bis {mostShare} für Erden in Töpfen.',
    totalPorosity: '{valueShare} neben {leastShare} bis {mostShare} für Erden in Töpfen.',
    bulkDensityGL: '{valueGL} neben {leastGL} bis {mostGL} für Erden in Töpfen.',
    easilyAvailable:
      '{valueShare} des Volumens zwischen 10 und 50 cm Saugspannung, neben {leastShare} bis {mostShare}.',
    waterBuffer:
      '{valueShare} des Volumens zwischen 50 und 100 cm Saugspannung, neben {leastShare} bis {mostShare}.',
  },
  ph: {
    estimated:
      'Etwa pH {ph}, auf eine halbe Einheit: jede Zutat zieht nach ihrer Pufferung, zusammen {rateGL} Kalk je pH.',
    pulls: '{ingredient}, {share} des Volumens: pH {ph}, Pufferung {rateGL}.',
    good: 'pH {ph} ist richtig für Tomaten und Paprika (6,0 bis 6,8).',
    noHabit:
      'Gib keinen Kalk und kein Kalzium aus Gewohnheit. Früchte, die bei diesem pH am Ende faulen, brauchen gleichmäßiges Wasser; fehlt Kalzium, bringt Gips es ohne Änderung des pH.',
    acid: 'pH {ph}, zu {aimPh}: {volumeL} mit {rateGL} je pH brauchen {groundG} gemahlenen Kalk.',
    alkaline:
      'pH {ph} ist zu hoch: kein Kalk, keine Holzasche. {sulphurG} elementarer Schwefel senkt ihn, nach Formelmasse.',
    inSteps:
      'Es ist weiter weg, als eine Gabe beheben sollte: gib diese, miss nach vier Wochen, und mach weiter.',
    slow: 'Schwefel wirkt durch Mikroben, in Wochen und bei Wärme. Dünger mit Ammonium senken den pH auch; hartes Wasser hebt ihn.',
  },
  lime: {
    raise:
      'Jetzt etwa pH {ph}, zu {aimPh}: {volumeL} mit {rateGL} je pH brauchen {groundG} gemahlenen Kalk.',
    makers: 'Hersteller von Torferden geben 3 bis 5 g auf jeden Liter Torf.',
    kind: '{lime} nimmt {value}-mal so viel Säure auf wie reiner Kalkstein, und {workingShare} davon wirken in einer Saison: aus {groundG} werden {massG}.',
    measure: 'Eine Schätzung. Miss den pH nach einer Woche, bevor du mehr gibst.',
    recipeBrings:
      'Das Rezept selbst bringt so viel wie {broughtG} gemahlener Kalk: noch {groundG}.',
    recipeTooMuch:
      'Das Rezept bringt so viel wie {broughtG} gemahlener Kalk: etwa pH {ph}, über den {mostPh}, die Tomaten und Paprika mögen. Nimm weniger Kalk oder Asche ins Rezept.',
    none: 'Etwa pH {ph}: zwischen 6,0 und 6,8, also kein Kalk.',
    alkaline:
      'Etwa pH {ph}: schon über 6,8, also kein Kalk und keine Holzasche. Torf oder Rinde in der Erde senkt ihn.',
  },
  nitrogen: {
    nothingDecays: 'Nichts darin zersetzt sich.',
    ratio:
      'Was sich in einer Saison zersetzt, {carbonGL} Kohlenstoff, hat {ratio} Kohlenstoff auf einen Stickstoff.',
    takes:
      'Über 30 : 1 nehmen Mikroben der Erde Stickstoff, während sie zersetzen: etwa {drawG} aus jedem Liter in einer Saison. Dünge das zusätzlich.',
    gives: 'Unter 30 : 1 gibt sie eher etwas Stickstoff, als ihn zu nehmen.',
  },
  layer: {
    lifts:
      'Wasser verlässt feine Poren für grobe nur, wo es kaum gehalten wird: die Erde über {layerMm} Steinen ist an deren Rand so nass, wie sie es am Boden wäre. Wurzeln verlieren {lostL} Erde, und der Rest hat {airShare} Luft statt {airWithoutShare}.',
  },
  reservoir: {
    climbs:
      'Wasser steht bei {waterTableMm} und steigt von dort {riseMm} schnell genug für eine ausgewachsene Pflanze an einem heißen Tag (3 l durch 0,2 m²).',
    conductivity: 'Durchnässt bewegt sich Wasser mit etwa {rateCmD} cm am Tag durch diese Erde.',
    usual:
      'In üblichen Erden steigt Wasser 15 bis 25 cm. Gieße von oben, bis Wurzeln hinuntergewachsen sind.',
  },
  tub: {
    count: '{looseL} locker in einer Wanne von {tubL}, zu vier Fünfteln gefüllt: {tubCount}.',
    reserve: '{reserveL} mehr zum Auffüllen dessen, was sich in der Saison setzt.',
  },
  moisten: {
    typical:
      'Wie gekauft ist sie nach Volumen zu {boughtShare} Wasser; eingefüllt sollte sie etwa {wantedShare} haben, die Hälfte dessen, was sie hält.',
    dusty: 'Deine Druckprobe fand sie staubig: feuchte sie an.',
    holds: 'Deine Druckprobe fand sie feucht genug.',
    drips: 'Deine Druckprobe fand sie tropfend: breite sie vor dem Füllen zum Trocknen aus.',
  },
  solve: {
    checked:
      'Mit einem linearen Programm in ganzen Packungen gefunden, mit der vollen Kurve in jedem Topf geprüft und nachgebessert, bis beide übereinstimmten ({rounds} Runden).',
  },
  test: {
    drain:
      '{inL} Wasser füllten {potL} Erde: {poreShare} Poren. {outL} liefen ab: {airShare} Luft. Den Rest hält sie.',
    extract:
      '{ec} dS/m nach dieser Methode sind etwa {saturated} als Sättigungsextrakt (× {factor}).',
    poor: 'Kaum Salz, unter {poor}: wenig Dünger darin.',
    good: 'Zwischen {poor} und {limit} dS/m: kein Schaden.',
    salty: 'Über {limit} dS/m als Sättigungsextrakt: spüle sie vor dem Pflanzen durch.',
  },
  oldMix: {
    blight:
      'Braunfäule lebt in alten Blättern, Stängeln und Selbstaussaaten weiter: keine Tomaten oder Paprika mehr darin.',
    wilt: 'Welken leben jahrelang in der Erde: keine Tomaten oder Paprika mehr darin. Auch nicht auf den Kompost.',
    nematodes: 'Wurzelgallenälchen bleiben in der Erde: keine Tomaten oder Paprika mehr darin.',
    tooOld: 'Nach {seasons} Saisons ist die Erde fein und dicht: erneuere das meiste davon.',
    sunken:
      'Eingesenkte Töpfe halten vier bis fünf Jahre, da Wurzeln darunter neue Erde finden (bisher {seasons}).',
    settled: '{settledShare} des Inhalts haben sich gesetzt: {topUpL}.',
    saltAssumed:
      'Salz als {ec} dS/m nach einer Saison Düngen genommen (über {limit} ist Durchspülen nötig). Miss es.',
    saltMeasured:
      'Salz {ec} dS/m als Sättigungsextrakt, nach deiner Probe; über {limit} ist Durchspülen nötig.',
    flush:
      'Jede durchgegossenen {heldL}, so viel sie hält, bringen das Salz über dem des Wassers auf 37 %: {flushL}, um auf {target} dS/m zu kommen.',
    waterTooSalty: 'Wasser mit {ec} dS/m kann sie nicht unter das Gewünschte auswaschen.',
    nitrogen:
      'Etwa {leftG} ihres Stickstoffs sind übrig; {nitrogenG} bringen sie wieder auf den Anfang.',
    roots: 'Dicke Wurzeln heraus, sonst zersetzen sie sich und nehmen Stickstoff.',
  },
}
