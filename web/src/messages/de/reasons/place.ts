/** Reasons of sun, load, and the weather at a spot. */
export const placeReasons = {
  sun: {
    rays: 'Die Sonne wird am 15. jedes Monats alle zehn Minuten verfolgt, und ein Strahl gegen Haus, Mauern, Brüstung, Decke und alles gegenüber geworfen.',
    rail: 'Ein Geländer lässt {letsShare} davon durch.',
    light: 'Ein Megajoule Sonne enthält etwa 2,06 mol Licht für Pflanzen.',
    diffuse:
      'Der Teil des Tageslichts, der vom ganzen Himmel kommt, zählt danach, wie viel Himmel der Fleck sieht.',
    measured: 'Die Strahlung des Tages ist das Mittel der bekannten Tage dieses Monats.',
    usual:
      'Wo das Wetter eines Monats nicht bekannt ist, werden {clearShare} der Sonne über der Lufthülle genommen.',
    notPlaced:
      'Er steht noch auf keinem gezeichneten Platz: Sonne und Höhe dort sind nicht bekannt.',
    assumed: 'Für die Hitze im Wurzelraum werden {sunHours} Std. Sonne genommen.',
  },
  load: {
    ground: 'Der Erdboden trägt es: zusammen {totalG}.',
    ask: 'Die Töpfe wiegen gegossen und ausgewachsen {totalG}, {meanKnPerM2} über die Fläche und {worstKnPerM2} auf dem schwersten Quadratmeter. Ohne Papiere kein Urteil: Frage Eigentümer, Hausverwaltung oder eine Statikerin, was der Boden tragen darf.',
    over: 'Mehr, als die Papiere erlauben: {meanKnPerM2} über die Fläche, {edgeKnPerM} an der Kante, erlaubt sind {allowedKnPerM2}. Nimm zuerst Töpfe weg und frage eine Statikerin.',
    patch:
      'Der schwerste Quadratmeter trägt {worstKnPerM2}, mehr als die {allowedKnPerM2} der Papiere: verteile die Töpfe, und frage nach.',
    shared:
      'Die Töpfe nehmen {usedShare} der {allowedKnPerM2}, die die Papiere erlauben. Der Rest ist für Menschen, Möbel und Schnee.',
    sums: 'Jeder Topf gegossen bis zum Tropfen, sein Vorrat voll, mit ausgewachsenen Pflanzen: {totalG} auf {areaM2} sind {meanKnPerM2}. Schwerster Quadratmeter {worstKnPerM2}; an der schwersten Kante {edgeKnPerM}.',
    pressure:
      '{grownG} auf {footM2} Standfläche, bei 9,81 N je Kilogramm: Füße oder ein Untersetzer können stärker drücken.',
    usual:
      'Balkone sind meist für 2,5 bis 4 kN/m² ausgelegt: eine Spanne zum Wissen, keine Erlaubnis.',
    usualUs: 'US-Vorschriften nehmen je nach Ausgabe 40 bis 60 psf; die örtliche Vorschrift gilt.',
  },
  spot: {
    sun: 'Von der Sonne des Tages im Freien kommen {reachesShare} hier an, nach Strahlen durch alles, was umhersteht.',
    diffuse:
      'Die Sonne wird geteilt in das, was gerade kommt, und das, was vom ganzen Himmel kommt.',
    wind: 'Vom Wind bleiben hier {reachesShare}: so viel, wie vom Horizont frei ist.',
    wall: 'Eine besonnte Wand in der Nähe macht den Tag im Höchsten {warmerK} K wärmer.',
    rain: 'Vom Regen erreichen {reachesShare} den Topf unter dem, was darüber ist.',
    cover: 'Unter seiner Abdeckung ist die Nacht etwa {warmerK} K wärmer.',
    indoors:
      'Er steht drinnen: nicht kälter als etwa {leastC} °C, ohne Regen und Wind, mit einem Drittel des Lichts.',
  },
}
