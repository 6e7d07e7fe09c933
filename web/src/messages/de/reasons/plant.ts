/** Reasons of what a plant yields, of its course, its crop and its dates. */
export const plantReasons = {
  yield: {
    volume:
      'Wurzeln haben {rootVolumeL}; ab {fullVolumeL} gibt mehr Erde keine Frucht mehr. Den Topf zu verdoppeln bringt im Mittel 43 %, also käme eine Pflanze allein auf {yieldShare}.',
    sharing:
      '{plantCount} Pflanzen teilen sich den Topf: jede kommt auf {yieldShare} dessen, was sie allein gäbe.',
    twoAtEighty: 'So gesetzt, dass zwei Paprika in einem Topf je 80 % geben.',
  },
  crop: {
    full: 'Fehlt ihr nichts, gibt eine solche Pflanze in einer üblichen Saison {fullG}, in Früchten von {fruitG}.',
    light: 'Das Licht, das sie hat, lässt {leftShare} übrig.',
    set: 'Von ihren Blüten setzen {setShare} an, nach den Nächten und Tagen, in denen sie sich öffnen; {ripeCount} Rispen oder Schübe reifen, wo eine übliche Saison {trussCount} bringt.',
    water: 'Sie hat {waterShare} des Wassers, das sie braucht; das kostet {lostShare} der Ernte.',
    band: 'Auf {bandShare} genau, nach beiden Seiten.',
  },
  window: {
    frostOwn: 'Letzter Frost, wie du ihn angegeben hast: {frostDate}.',
    frostYears:
      'Letzter Frost in neun von zehn Jahren bis {frostDate}, gezählt über {yearCount} Jahre.',
    noFrost: 'Die meisten von {yearCount} Jahren haben hier gar keinen Frost.',
    outByFrost:
      'Pflanzen können ab {goesOutDate} hinaus, eine Woche nach dem letzten Frost: Erde und Nächte sind dann in den meisten Jahren warm.',
    outByWarmth:
      'Pflanzen können ab {goesOutDate} hinaus: erst dann sind Erde und Nächte in der Hälfte der Jahre warm genug.',
    yearRound:
      'Kein Tag des Jahres ist hier zu kalt. Um {goesOutDate} gepflanzt, öffnen sich die meisten Blüten, wenn Nächte und Tage ihnen am besten passen.',
    sow: 'Gesät 7–9 Wochen, bevor sie hinausgehen, also 6–8 Wochen vor einem letzten Frost.',
    sowSlow: 'Eine langsame Art: gesät 10–12 Wochen, bevor sie hinausgeht.',
    harden:
      'Abgehärtet über 7–10 Tage: erst ein, zwei Stunden draußen im Schatten, jeden Tag länger, ab dem vierten Tag in die Sonne, die letzten Nächte draußen, solange sie über {nightC} bleiben. Gepflanzt am Abend oder bei Wolken.',
    nights:
      'Nächte sollten im Mittel über {nightC} bleiben, eine Woche lang und die vier Wochen danach.',
  },
  growth: {
    warmth:
      'Ihre Tage bis zur Reife, {maturityDays}, setzen Sommertage mit {highC} am Tag und {lowC} in der Nacht voraus. Wärmere Tage zählen mehr, kühle und große Hitze weniger. Ihre erste reife Frucht braucht {neededDays} solche Tage.',
    told: 'Nach der Saison {season} dieses Topfs, die du aus dem Buch übernommen hast, brauchen seine Pflanzen {ripeShare} dieser Wärme.',
    warmthNow: 'Seit dem Pflanzen hatte sie so viel Wärme wie {hadDays} solche Tage.',
    roots: 'Ihr Topf lässt sie auf {massShare} einer Pflanze ohne Grenzen wachsen.',
    light: 'Das Licht an ihrem Platz lässt {leftShare} ihres Wachstums bis jetzt.',
    water: 'Das Wasser, das sie hatte, lässt {leftShare} ihres Wachstums bis jetzt.',
    measured:
      '{measuredCount}-mal gemessen: {tallerShare} dessen, was ihre Sorte hier hätte. Eine von drei Pflanzen weicht mehr als {sdShare} ab.',
    notMeasured: 'Nie gemessen: eine von drei Pflanzen weicht mehr als {sdShare} ab.',
    flowerSeen: 'Ihre erste Blüte wurde gesehen, und ihr Verlauf auf diesen Tag gerückt.',
    ripeSeen: 'Ihre erste reife Frucht wurde gesehen, und ihr Verlauf auf diesen Tag gerückt.',
  },
}
