/** Reasons of volumes, weights, holes, heat and what is fit for food. */
export const containerReasons = {
  volume: {
    round:
      'Genau für Innenmaße: ein runder Topf, {bottomLengthMm} unten quer, {topLengthMm} quer bei {heightMm}. π × Höhe / 3 × (R² + R r + r²) = {volumeL}.',
    rectangular:
      'Genau für Innenmaße: ein Kasten, {bottomLengthMm} mal {bottomWidthMm} unten, {topLengthMm} mal {topWidthMm} bei {heightMm}. Höhe / 6 × (untere + 4 × mittlere + obere Fläche) = {volumeL}.',
    bowl: 'Genau für einen Teil einer Kugel, {topLengthMm} quer bei {heightMm}: π × h × (3 a² + h²) / 6 = {volumeL}.',
    barrel:
      'Ein am Bauch durchgesägtes Fass, dort {topLengthMm} quer und {bottomLengthMm} am Boden; {heightMm} hoch: π × Höhe / 12 × (2 D² + d²) für die ganze Hälfte = {volumeL} bis hierher.',
    poured:
      'Du hast {pouredL} bis zum Rand eingegossen: eine Messung, die mehr gilt als das Maßband.',
    pouredOn:
      'Am {onDate} hast du {pouredL} bis zum Rand eingegossen: eine Messung, die mehr gilt als das Maßband.',
    limits: 'Rippen, runde Ecken und das Ausbeulen einer weichen Wand sind nicht gezählt.',
  },
  root: {
    mix: '{fillVolumeL} Erde sind eingefüllt; Wurzeln können {rootVolumeL} nutzen.',
    layers:
      'Vom Füllstoff, {fillerMm} am Boden, zählt nichts; von den {poorL} magerer Erde die Hälfte.',
    reservoir:
      'Unter dem Zwischenboden stehen {waterL} Wasser; {footL} der Erde in den Füßen sind immer nass und nicht gezählt.',
    earth:
      'Durch den Ausschnitt ({cutShare} des Bodens, {acrossMm} quer) gehen Wurzeln in den Erdboden: als {depthMm} gelockerte Erde genommen, {earthL}.',
    rings: '{ringCount} Ringe bringen {ringsL} über dem Sack.',
    pockets: '{pocketCount} Taschen zu {pocketL}: keine Wurzel geht von einer zur nächsten.',
    rolled:
      'Die Wand ist um {rolledMm} heruntergerollt; aufgerollt und aufgefüllt wird er {unrolledL} fassen.',
  },
  mass: {
    wall: 'Das Gefäß allein, {material} {wallMm} dick: etwa {emptyG}.',
    mix: '{fillVolumeL} Erde mit {dryDensityGL} trocken sind {dryG}; abgetropft hält sie daneben {waterL} Wasser.',
    usualMix:
      'Keine Erde ist gewählt: gewogen, als wäre eine Drittelmischung darin. Erdboden wöge noch einmal halb so viel.',
    noMix: 'Noch ist keine Erde gewählt: nur das Gefäß ist gewogen.',
    reservoir: 'Ein voller Vorrat bringt {reservoirL} Wasser, ein Kilo je Liter.',
    plant: 'Ausgewachsene Pflanzen mit ihren Früchten: etwa {plantG}, auf ein Drittel genau.',
  },
  holes: {
    need: '{fillVolumeL} laufen durch etwa {holeCount} Löcher von {diameterMm} ab (ein Eimer von 19 l hat 12 bis 18 von 6 bis 10 mm).',
    enough: '{holeCount} von {diameterMm} sind genug.',
    few: '{holeCount} von {diameterMm} sind zu wenige: nach Regen bleibt er nass.',
    many: '{holeCount} von {diameterMm} sind mehr als nötig: Erde kann ausgewaschen werden.',
    unknown: 'Wie viele es sind, ist noch nicht bekannt: trage sie bei der Wand ein.',
    slits:
      'Ein flacher Sack läuft durch Schlitze unten an den langen Seiten ab, drei je Seite: schneide sie, wo er liegt.',
    tiers:
      'Jeder Topf des Turms läuft in den darunter ab; der unterste braucht eigene Löcher, die offen bleiben.',
    breathes: 'Vlies und Einlage lassen überall ablaufen.',
    overflow: 'Ein Vorrat hat seinen Überlauf; ein Loch im Boden würde ihn leeren.',
    cutFloor: 'Der Boden ist ausgeschnitten: er läuft in den Erdboden ab.',
  },
  food: {
    accepted: 'Kunststoff {resinCode} gilt als für Lebensmittel geeignet.',
    avoid: 'Kunststoff {resinCode} lieber nicht für Lebensmittel.',
    otherCode:
      'Kunststoff {resinCode} kann für Lebensmittel gemacht sein oder nicht: suche Glas und Gabel.',
    noCode:
      'Suche die Zahl im Dreieck: 2, 4 und 5 gelten als für Lebensmittel geeignet. Und wisse, was darin war.',
    wood: 'Nur unbehandeltes Holz; behandeltes Holz, Bahnschwellen und gestrichene Bretter können abgeben, was in ihnen steckt.',
    metal:
      'Blanker Stahl und Eisen schaden nicht; Fässer mit unbekanntem Inhalt und alte Farbe vielleicht.',
    glazed: 'Eine moderne gebrannte Glasur ist stabil; eine alte oder weiche kann Blei enthalten.',
    plain: 'Nichts an der Wand selbst spricht dagegen.',
  },
  heat: {
    cooks:
      'Die äußeren Wurzeln kommen auf etwa {wallC}; ab {limitC} nehmen sie Schaden. In Weiß wären es {whiteC}: beschatte oder umwickle die Wand, oder stelle ihn in einen anderen Topf. An einem kühlen Frühlingstag sind es innen {springC}, weiß {whiteSpringC}.',
    hot: 'Die äußeren Wurzeln kommen auf etwa {wallC}, nahe den {limitC}, die ihnen schaden. In Weiß wären es {whiteC}.',
    helps:
      'Hier nie zu heiß, und an einem kühlen Frühlingstag innen {springC}, wo Weiß {whiteSpringC} hätte: eine dunkle Wand hilft in kurzer Saison.',
    cold: 'Nie zu heiß; an einem kühlen Frühlingstag innen nur {springC}. Eine dunkle Wand oder eine warme Wand dahinter würde helfen.',
    fine: 'Die äußeren Wurzeln kommen auf etwa {wallC}; ab {limitC} nehmen sie Schaden.',
    day: 'Für einen Tag von {lowC} bis {highC} mit {sunHours} Std. Sonne auf dem Topf.',
    wall: 'Die Wand ({colour}) nimmt {takesShare} der Sonne auf, die sie trifft, Verdunstung eingerechnet.',
    lag: '{fillVolumeL} folgen dem Tag mit {lagHours} Std. Verzug; die äußeren 25 mm folgen schnell.',
    insulated: 'Die Dämmung hält das meiste davon ab.',
    sunk: '{aboveShare} davon stehen über dem Boden.',
    error: 'Kann um {errorK} K nach beiden Seiten danebenliegen: Wind und Gießen sind nicht darin.',
  },
  label: {
    agrees: 'Das Etikett sagt {label}; bis zum Rand fasst er {trueL}.',
    holdsLess: 'Das Etikett sagt {label}, aber bis zum Rand fasst er {trueL}: {overShare} weniger.',
    holdsMore: 'Das Etikett sagt {label}, aber bis zum Rand fasst er {trueL}: {overShare} mehr.',
    classNominal:
      'Das Etikett sagt {label}. Als gewöhnliche Gallonen wären das {claimL}; bis zum Rand fasst er {trueL}.',
    classExplains:
      'Baumschulen verkaufen das als {tradeClass}: eine Klasse von {leastL} bis {mostL}, nicht {gallons} Gallonen. Der Topf ist, was seine Klasse sagt.',
    outsideClass:
      'Die Baumschulklasse {tradeClass} reicht von {leastL} bis {mostL}. Dieser Topf liegt außerhalb.',
  },
}
