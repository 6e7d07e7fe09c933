/** Reasons of needs, ledgers, doses, programmes and holds. */
export const feedReasons = {
  feed: {
    rate: '{volumeL} Erde mit {rateGL} sind {massG}.',
    range: 'Übliche Mengen reichen von {leastGL} bis {mostGL}.',
    labelFirst: 'Das Etikett auf deiner Packung geht vor.',
    noLabel:
      'Kein Etikett: {labelG} für diesen Topf nach üblicher Praxis, verdünnt, bis es wie dünner Tee aussieht.',
    homeMade:
      'Selbst gemacht, darum kennt niemand die Stärke: ein Fünftel bis das Dreifache. Fang schwach an, sieh auf die Blätter, und nimm den Zweifel der Bilanz als Warnung.',
    cupScales:
      'Die {cupL} der Schule gelten für einen Topf von {forVolumeL}; dieser fasst {fillVolumeL}.',
    stopsAtLabel: 'Die Schule gäbe mehr: es endet bei dem, was das Etikett höchstens erlaubt.',
    doubt:
      'Es wurde Selbstgemachtes unbekannter Stärke gegeben: {doubtG} mehr oder weniger können gekommen sein.',
    need: 'Eine Ernte von {cropG} nimmt je Kilo {nPerKgG} Stickstoff und {kPerKgG} Kalium.',
    needSeason: 'Über die Saison: {nG} N, {kG} K, {caG} Ca.',
    state: {
      short:
        'Den Pflanzen fehlten bisher {owedG}; in der kommenden Woche brauchen sie {needSoonG}, und {leftG} ist da.',
      runsLow:
        'Vorhanden: {leftG}; nötig in der kommenden Woche: {needSoonG}. Es geht in dieser Woche aus.',
      enough: 'Vorhanden: {leftG}; nötig in der kommenden Woche: {needSoonG}.',
      plenty: 'Vorhanden: {leftG}, mehr als sechs Wochen brauchen; {needSoonG} in der kommenden.',
    },
    lasts: 'Nach dem, was kommt, reicht es {dayCount} Tage.',
    salt: 'Im Sättigungsextrakt ihrer Erde {ec} dS/m nach der Bilanz; bis {limit} kostet nichts. Es lässt {yieldShare} der Ernte.',
    saltError:
      'Aus dem berechnet, was hineinkam, aufgenommen und ausgewaschen wurde: auf ein Drittel genau. Eine eigene Messung ist besser.',
    saltCosts: 'So viel Salz kostet {lostShare} der Ernte. Wasche es aus, bevor du wieder düngst.',
    leafy:
      '{nitrogenMgL} mg Stickstoff in einem Liter ihres Wassers, bevor Früchte angesetzt haben: Blätter und keine Früchte.',
    label: 'Sein Etikett: {labelG} für diesen Topf, höchstens {mostG}.',
    solution:
      '{gPerCan} auf eine ganze Kanne; {solutionWaterL} davon nässen diesen Topf, bis es abzulaufen beginnt: ein Zehntel seiner Erde.',
    analysis:
      'Wie gedruckt, von Oxiden auf Elemente umgerechnet nach Atomgewichten: P ist 0,4364 von P₂O₅, K 0,8301 von K₂O, Ca 0,7147 von CaO, Mg 0,6030 von MgO.',
    comes: {
      decays:
        'Sein Stickstoff kommt, während es sich zersetzt: {monthShare} in vier Wochen bei 22 °C, {seasonShare} in einer Saison; zehn Grad kühler halb so schnell.',
      coated:
        'Umhüllt: vier Fünftel in {dayCount} Tagen bei 21 °C, in der Hitze früher; nach der Mitte der Saison nie mehr.',
      lime: 'Langsam: neun Zehntel seines Kalziums in etwa vier Monaten.',
      additive:
        'Es düngt nichts: ein Netzmittel lässt trockene Erde wieder Wasser nehmen; von einem Wurzelpilz wird kein Gewinn gezählt.',
      dissolves: 'Sofort da; in Fischemulsionen innerhalb von zwei Wochen.',
    },
    ec: 'Stärke in ppm ist Gramm je Liter × Prozent × 10. EC ist ein Zehntel der Kationen in meq/l, neben deinem Wasser.',
    spoon: 'Ein Löffel nach dem, was ein lockerer Milliliter davon wiegt.',
    flush:
      '{flushWaterL} hindurch bringen ihr Salz von {ec} auf {targetEc} dS/m: jede Füllung ihres Wassers bringt es auf ein Drittel dessen, was es über dem des Wassers liegt.',
    leaching:
      'Bei deinem Wasser müssen {leachingShare} jedes Gießens ablaufen, damit sich kein Salz anreichert.',
    waterTooSalty: 'Wasser mit {ec} dS/m kann es nicht auswaschen.',
    judgeShort:
      'Von dem Nötigen haben ihre Pflanzen {nShare} Stickstoff, {kShare} Kalium, {caShare} Kalzium; {hadShare} vom knappsten.',
    judgeSalt:
      'Wurzeln treffen über die Saison auf {ec} dS/m, {mostEc} am schlimmsten Tag; ein Saisonmittel bis {limit} kostet nichts. In den ersten vier Wochen verbrannte Pflanzen holen es nicht auf.',
    judgeWork: '{feedCount} Düngungen, {minuteCount} Minuten.',
    school: 'Wie Gärtner dieser Schule es machen.',
    hold: {
      notFeed:
        'Das ist kein Dünger. Gegen Schädlinge und Krankheiten nur, was für diese Kultur an deinem Ort zugelassen ist, wie sein Etikett es sagt.',
      heatWave: 'Bis zu {tempC} stehen bevor: Wurzeln nehmen Wasser, aber keinen Dünger.',
      dryMix: '{missingWaterL} fehlen: erst Wasser, Dünger morgen.',
      freshTransplant: 'Vor {dayCount} Tagen gepflanzt: lass ihre Wurzeln eine Woche anwachsen.',
      controlledLate: 'Über der Mitte der Saison: es würde nicht aufgebraucht und verbrennt.',
      tooClose: 'Zuletzt vor {dayCount} Tagen gegeben: {leastCount} Tage dazwischen sind nötig.',
      overLabel: 'Das {times}-Fache dessen, was sein Etikett höchstens erlaubt.',
      salty: 'Ihre Erde ist salzig: {ec} dS/m, höchstens {limit}. Wasche es zuerst aus.',
      epsomCalcium: 'Kalzium fehlt schon: Magnesium hielte noch mehr davon fern.',
      limeNoPh: 'Niemand hat den pH dieser Erde gemessen: miss vor dem Kalken.',
      ashAmmonium:
        'Asche und Ammoniumdünger innerhalb von zwei Wochen: der Stickstoff entweicht als Ammoniak.',
      dogs: 'Es lockt Hunde an und kann ihnen schaden: arbeite es ein und sperre sie aus.',
      manure:
        'Nur gut verrottet; {leastCount} Tage vor der Ernte, wenn er roh ist (noch {dayCount}). Wasche Hände und Früchte.',
      foliar: 'Auf Blätter nur am Abend, und nur, was sein Etikett erlaubt.',
      dust: 'Atme seinen Staub nicht ein: feuchte es an, oder trage eine Maske.',
      homeMade:
        'Trage Handschuhe und wasche die Hände. Halte es von Blättern und Früchten fern und wasche Früchte gut: es wimmelt von Keimen. Verschließe ein gärendes Gefäß nie dicht.',
      ringNoReservoir:
        'Ein trockener Ring braucht einen Vorrat darunter: in diesem Topf wüsche Wasser ihn sofort ein und verbrennte die Wurzeln.',
    },
  },
}
