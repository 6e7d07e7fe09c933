import type { Action, BetterSign } from '@rimbo/core'

/** What to do, short enough for a job, and why or how. */
export const actionWords: { readonly [A in Action['id']]: readonly [what: string, how: string] } = {
  wait: ['Warte und sieh noch einmal hin', 'Eile schadet hier mehr als ein paar Tage.'],
  leaveIt: ['Lass sie, wie sie ist', 'Es gibt nichts zu behandeln.'],
  waterThrough: [
    'Gieße langsam, bis es abläuft, zweimal',
    'Trockene Erde lässt das erste Wasser vorbeilaufen: warte eine halbe Stunde dazwischen.',
  ],
  waterEvenly: [
    'Gieße gleichmäßig, die Menge des Rundgangs',
    'Jedes Mal etwas weniger fehlend, bevor es knapp wird; nichts in Fluten.',
  ],
  letItDry: [
    'Kein Wasser, bis es oben bis zum zweiten Fingerglied trocken ist',
    'Wurzeln brauchen vor allem anderen Luft.',
  ],
  emptySaucer: [
    'Leere den Untersetzer',
    'Kein Topf sollte länger als eine halbe Stunde im Wasser stehen.',
  ],
  stopFeeding: ['Hör auf zu düngen', 'Nur klares Wasser, bis neue Blätter richtig aussehen.'],
  stopSprays: ['Hör auf zu spritzen', 'Was immer es war: nichts mehr auf diese Blätter.'],
  shadeAtNoon: [
    'Beschatte sie mittags',
    'Ein Tuch oder ein Stuhl auf der Sonnenseite genügt fürs Erste.',
  ],
  moveToSun: ['Stelle sie über eine Woche in mehr Sonne', 'Jeden Tag ein, zwei Stunden mehr.'],
  moveToWarmth: [
    'Stelle sie für die Nacht wärmer',
    'An eine Wand, drinnen, oder weg vom kalten Boden.',
  ],
  shelterFromWind: [
    'Stelle sie aus dem Wind',
    'Hinter eine Wand oder ein Netz; binde sie locker an.',
  ],
  keepLeavesDry: ['Halte die Blätter trocken', 'Gieße die Erde, am Morgen, und nicht von oben.'],
  standApart: ['Stelle sie abseits der anderen', 'Fasse sie zuletzt an, und wasche die Hände.'],
  ripenOnPlant: [
    'Lass Früchte hängen, bis sie etwas nachgeben',
    'Oder lass ausgewachsene Früchte drinnen reifen, warm und nicht in der Sonne.',
  ],
  testBeforeFeeding: [
    'Prüfe pH und Salz, bevor du irgendetwas düngst',
    'Was hungrig aussieht, kann oft nur nicht essen.',
  ],
  pickOffFruit: [
    'Pflücke die verdorbenen Früchte ab',
    'Sie erholen sich nicht und nehmen den anderen Kraft.',
  ],
  pickOffLeaves: [
    'Pflücke die schlimmsten Blätter ab',
    'Höchstens ein Drittel der Blätter, an einem trockenen Tag.',
  ],
  cutOutStem: [
    'Schneide heraus, was tot oder verdreht ist',
    'Bis ins gesunde Holz, mit sauberer Klinge.',
  ],
  thinForAir: ['Lichte sie aus', 'Geiztriebe und die Blätter, die die Erde berühren.'],
  mulch: [
    'Mulche die Erde',
    'Zwei Finger tief, frei vom Stängel: das gleicht Wasser aus und verhindert Spritzer.',
  ],
  flush: [
    'Spüle das Salz aus',
    'Klares Wasser, langsam, doppelt so viel, wie der Topf fasst, und lass alles ablaufen.',
  ],
  unblockHoles: [
    'Mach die Abzugslöcher frei',
    'Von unten, mit einem Stäbchen; stelle den Topf auf Füße.',
  ],
  potOn: [
    'Topfe sie in einen größeren Topf um',
    'Am Abend, vorher gegossen, den Wurzelballen an den Seiten gelöst.',
  ],
  loosenRoots: [
    'Löse die kreisenden Wurzeln',
    'Nur wo er sich heben lässt: zupfe oder schneide den äußersten Ring.',
  ],
  renewMix: ['Erneuere die Erde', 'Klopfe die alte ab, so weit sie von selbst abgeht.'],
  shadeCloth: ['Hänge ein Schattentuch auf', 'Ein Drittel Schatten genügt.'],
  shadePot: [
    'Beschatte die Topfwand',
    'Ein Brett, ein zweiter Topf oder helles Tuch auf der Sonnenseite.',
  ],
  coverAtNight: ['Decke sie nachts mit Vlies ab', 'Am Morgen wieder ab.'],
  shakeFlowers: [
    'Rüttle die Blüten mittags',
    'Ein Klopfen an die Rispe, trocken und warm, jeden zweiten Tag.',
  ],
  tieAndSplint: [
    'Schiene oder binde sie',
    'Zwei Stöckchen und weiches Band; ein geknickter Stängel heilt oft.',
  ],
  handPick: [
    'Sammle sie von Hand ab',
    'In der Dämmerung mit einer Lampe, auch unter den Blättern, in Seifenwasser.',
  ],
  washOff: [
    'Spüle sie mit Wasser ab',
    'Ein kräftiger Strahl unter die Blätter, am Morgen, drei Tage hintereinander.',
  ],
  stickyCards: ['Hänge Gelbtafeln auf', 'Knapp über der Pflanze; sie zeigen, wie viele fliegen.'],
  collar: ['Lege einen Kragen um den Stängel', 'Ein Ring aus Karton, zwei Finger in die Erde.'],
  net: [
    'Lege ein Netz darüber',
    'Feine Maschen, unten zu; öffne es für die Bienen, wenn sie blüht.',
  ],
  bagFruit: ['Tüte die reifenden Rispen ein', 'Dünne Netzbeutel, oben zugebunden.'],
  slugTrap: [
    'Stelle Fallen auf und hebe an, worunter sie sich verstecken',
    'Ein feuchtes Brett, jeden Morgen umzudrehen.',
  ],
  letTopDry: ['Lass es oben zwischen dem Gießen abtrocknen', 'Gieße eine Weile von unten.'],
  sowAgain: ['Säe oder kaufe noch einmal', 'Sauberer Topf, frische Erde, Luft und weniger Wasser.'],
  removePlant: [
    'Nimm heraus, was verloren ist',
    'Ganz, in einen Beutel, bevor es eine andere berührt.',
  ],
  cutBackFeed: ['Dünge von da an mit dem halben Etikett', 'Bis die Bilanz sagt, dass etwas fehlt.'],
  feedByLabel: [
    'Dünge einmal nach dem Etikett',
    'Mit der schwächsten Menge; mehr wirkt nicht schneller.',
  ],
  feedMagnesium: [
    'Gib Magnesium nach dem Etikett',
    'Erst wenn die Bilanz oder eine Probe sagt, dass es fehlt.',
  ],
  feedIron: ['Gib Eisenchelat nach dem Etikett', 'Eine Art, die für kalkreiche Erde gemacht ist.'],
  limeByTest: [
    'Kalke nach der Probe',
    'Die Kalktabelle unter Erde sagt, wie viel für diesen Topf.',
  ],
  acidifyByTest: [
    'Senke den pH nach der Probe',
    'Zuerst Regenwasser; ein säuernder Dünger nach dem Etikett.',
  ],
  registeredFungicide: [
    'Ein Pilzmittel, das für diese Kultur bei dir zugelassen ist',
    'Nur nach dem Etikett. Es schützt neue Blätter und heilt keine.',
  ],
  registeredInsecticide: [
    'Ein Insektenmittel oder eine Seife, für diese Kultur bei dir zugelassen',
    'Nur nach dem Etikett, am Abend, wo die Tiere sitzen.',
  ],
  registeredMiticide: [
    'Ein Milbenmittel, das für diese Kultur bei dir zugelassen ist',
    'Nur nach dem Etikett; Insektenmittel erreichen Milben nicht.',
  ],
  slugBait: [
    'Schneckenkorn nach dem Etikett',
    'Wenige Körner, außer Reichweite von Kindern und Tieren.',
  ],
  predators: [
    'Nützlinge aus dem Handel',
    'Marienkäfer, Raubmilben oder Nematoden, nach ihrer Anleitung.',
  ],
  noCalciumSpray: [
    'Keine Kalziumspritzung',
    'Blätter können es nicht an die Frucht weitergeben; Wasser muss es hinbringen.',
  ],
  noFeedNow: ['Jetzt kein Dünger', 'Verletzte Wurzeln verbrennen.'],
  noWaterNow: ['Kein Wasser, obwohl sie welkt', 'Sie welkt aus Mangel an Luft.'],
  noSprayForThis: [
    'Nicht spritzen',
    'Nichts davon ist eine Krankheit oder ein Schädling, den es träfe.',
  ],
  noNitrogen: ['Keinen Stickstoff mehr', 'Kein Rasendünger, kein frischer Mist.'],
  noWorkWhenWet: ['Fasse sie nass nicht an', 'Hände und Klingen tragen es weiter.'],
  noLeafWetting: ['Kein Wasser über die Blätter', 'Spritzer tragen es hinauf.'],
  noMoreSalts: ['Nicht mehrere Dünger zugleich', 'Salz summiert sich schneller als Hunger.'],
  noCure: ['Keine Behandlung heilt es', 'Was immer dafür angeboten wird.'],
  noLime: ['Kein Kalk, keine Holzasche', 'Sie legen noch mehr fest.'],
  noPruneForSun: ['Entferne keine Blätter über Früchten', 'Sie sind ihr Schatten.'],
  noBroadSpray: [
    'Kein breit wirkendes Insektenmittel',
    'Es tötet, was die Schädlinge frisst, und Bienen.',
  ],
  noSuddenSun: ['Nicht gleich in volle Sonne', 'Härte sie über eine Woche ab.'],
  noHomeMixture: [
    'Keine Hausmischungen',
    'Knoblauch, Kurkuma, Natron, Milch, Aspirin, Spülmittel: unbewiesen, und sie können Blätter verbrennen. Neem, Kupfer und Schwefel nur als bei dir zugelassene Mittel.',
  ],
  noSavedSeed: ['Nimm keine Samen davon', 'Es reist im Samen.'],
  disinfect: [
    'Desinfiziere Klingen, Stäbe und Topf',
    'Ein Haushaltsdesinfektionsmittel nach dem Etikett, nachdem die Erde abgewaschen ist.',
  ],
  notOnCompost: ['Nicht auf den Kompost', 'In die Tonne, oder wie deine Gemeinde sagt.'],
  throwAwayFruit: [
    'Wirf verdorbene Früchte weg',
    'Schimmlige, faule oder angenagte Früchte sind kein Essen, auch die gesunde Hälfte nicht.',
  ],
  cutAwayFruit: [
    'Gesunde Teile der Frucht sind essbar',
    'Schneide die Stelle großzügig heraus; wirf Schimmliges weg.',
  ],
  washHands: ['Wasche die Hände', 'Nach Erde, Tieren und Kot.'],
  rotatePot: [
    'Ziehe etwas anderes in dieser Erde',
    'Salat, Kräuter oder Blumen, keine Tomate, Paprika, Aubergine oder Kartoffel.',
  ],
  chooseResistant: [
    'Wähle nächstes Jahr eine widerstandsfähige Sorte',
    'Samentüten sagen, wogegen.',
  ],
  plantGoes: ['Die Pflanze muss weg', 'Ganz, in einem Beutel, auch die Wurzeln.'],
  plantMayGo: ['Wird es schlimmer, muss die Pflanze weg', 'Bevor es die anderen erreicht.'],
  mixRecharge: [
    'Die Erde kann wieder verwendet werden',
    'Aufgefrischt, nach der Regel für alte Erde.',
  ],
  mixFlushFirst: [
    'Die Erde kann wieder verwendet werden, erst durchgespült',
    'Nach der Regel für alte Erde.',
  ],
  mixRenew: ['Die Erde sollte erneuert werden', 'Nach der Regel für alte Erde.'],
  mixNotForThese: [
    'Die Erde ist nur noch für Blumen und Salat',
    'Nach der Regel für alte Erde: nicht wieder für Tomaten und Paprika.',
  ],
}

/** Cautions at a step. */
export const cautionWords: Readonly<Record<string, string>> = {
  label:
    'Sein Etikett und die Regeln deines Landes gehen vor: Kultur, Menge, Tage bis zum Pflücken.',
  bees: 'Nie auf offene Blüten oder solange Bienen fliegen: nur am Abend.',
  gloves: 'Handschuhe, lange Ärmel, kein Wind.',
  interval: 'Halte die Tage zwischen Spritzen und Pflücken ein, die sein Etikett nennt.',
  pets: 'Halte Kinder und Tiere fern.',
  disinfectant:
    'Nach dem Etikett, nie mit einem anderen Reiniger gemischt, mit Handschuhen und frischer Luft.',
  pepperHands: 'Scharfe Paprika brennen in Augen und auf der Haut: Handschuhe.',
  notFood: 'Blätter und grüne Teile dieser Pflanzen sind kein Essen.',
  cleanBlade: 'Klinge von dir weg, und zwischen Pflanzen reinigen.',
  lifting: 'Ein nasser Topf ist schwer: zwei Leute, gerader Rücken, oder lass ihn stehen.',
  mixDust:
    'Feuchte trockene Erde zuerst an: ihr Staub ist nichts für Lungen. Handschuhe; wasche die Hände.',
  balconyLoad: 'Nichts, was von einem Balkon fallen könnte.',
  windOnCloth: 'Befestige es gut: Wind zieht stark an Tuch und Netz.',
  washHands: 'Wasche danach die Hände.',
  waterBelow: 'Denk daran, wer unter dir wohnt.',
}

export const betterWords: { readonly [B in BetterSign]: string } = {
  newLeaves: 'neue Blätter sehen richtig aus; alte bleiben, wie sie sind',
  nextTruss: 'die nächste Rispe setzt an und schwillt sauber',
  standsUp: 'sie steht wieder',
  noNewSpots: 'auf neue Blätter kommen keine neuen Flecken',
  noNewDamage: 'nichts Neues wird gefressen oder fault',
  newFruit: 'die nächste Frucht ist sauber',
  fewer: 'es werden jeden Tag weniger',
  plantGone: 'kein Nachbar zeigt es',
  nothing: 'es gibt nichts, was besser werden müsste',
}

/** How a label that the gardener wrote down is quoted. */
export const yourLabel: string = 'Dein Etikett von {name}: „{text}“'
