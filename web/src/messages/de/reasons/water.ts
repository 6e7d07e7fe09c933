/** Reasons of what is used, of plans, stores, risks, what-ifs and drip. */
export const waterReasons = {
  water: {
    reference: 'Der Tag zieht {referenceWaterMm} Wasser aus kurzem Rasen (Referenzverdunstung).',
    usualWeather:
      'Das Wetter von heute ist nicht bekannt: das gilt für einen üblichen Tag dieser Jahreszeit. Fühle an heißen oder windigen Tagen die Erde, oder trage unter Gießen Höchst- und Tiefstwert ein.',
    transpiration: 'Blätter über {canopyM2}, bei diesem Wind × {windFactor}: {waterL}.',
    surface: 'Offene Erde über {surfaceM2}, Mulch {mulchMm}: {waterL}.',
    wall: 'Durch die Wand ({material}): {waterL}.',
    learned:
      'Nach {testCount} Proben dieses Topfs trinken seine Pflanzen das {thirst} ± {spread}-Fache davon.',
    rain: '{rainWaterMm} Regen bringen {waterL} in die Erde.',
    rainKeptOff: '{rainWaterMm} Regen, aber keiner unter diesem Dach.',
    runsOut: 'Genug ist, wenn es unten abzulaufen beginnt.',
  },
  plan: {
    fills:
      'Jetzt fehlen {missingWaterL}. Bis zum nächsten Gang würden mehr fehlen als die {safeWaterL}, auf die seine Pflanzen verzichten können; also wird gefüllt, bis zum Boden gleichmäßig feucht.',
    notYet:
      'Jetzt fehlen {missingWaterL}. Bis zu {safeWaterL} dürfen fehlen, und mehr wird es bis zum nächsten Gang nicht: nichts zu geben.',
    evening: 'Eine Füllung reicht nicht bis morgen früh: am Abend noch {eveningWaterL}.',
    twoPasses:
      'Trockene Erde dieser Art weist Wasser ab. Gib die Hälfte, warte eine halbe Stunde, dann gib die andere.',
    tooSmall: 'Selbst morgens und abends gefüllt reicht es in der Hitze des Tages nicht.',
    runsOut: 'Genug ist, wenn es unten abzulaufen beginnt.',
  },
  store: {
    parts:
      'Vom Abgetropften bis zum Welken hält er {availableWaterL}: {easyWaterL} leicht zu haben, bis 50 cm Saugspannung; {bufferWaterL} als Reserve, bis 100 cm; der Rest kaum.',
    tiers:
      'Seine {tierCount} Stockwerke werden von oben gegossen: was aus einem abläuft, geht ins nächste.',
    rings: 'Die Ringe und der Sack darunter sind ein Körper aus Erde.',
    reservoir:
      'Sein Vorrat hält weitere {reservoirWaterL}, und die Erde hebt bis zu {liftWaterL} am Tag daraus.',
    earth: 'Unter dem ausgeschnittenen Boden gehen Wurzeln in den Erdboden, der als Lehm gilt.',
    repellent: 'Von seiner Erde weisen {shedsShare} Wasser ab, wenn sie ausgetrocknet ist.',
  },
  rot: {
    short:
      'In den letzten {dayCount} Tagen fehlte seinen Pflanzen am Tag {shortShare} des Wassers, das sie brauchten. Kalzium kommt mit dem Wasser in die Frucht.',
    noFruit: 'Jetzt schwillt keine Frucht daran.',
    kind: 'Diese Art Frucht ist {factor}-mal so gefährdet wie eine Salattomate.',
    salt: 'Ihre Erde ist salzig für sie: {ec} dS/m.',
    even: 'Gleichmäßiges Wasser kommt zuerst, dann der pH; Kalziummangel ist selten.',
  },
  split: {
    swing:
      'In den letzten {dayCount} Tagen hob eine Füllung des trockenen Topfs sein Wasser um {swingShare}.',
    noFruit: 'Jetzt reift keine Frucht daran.',
  },
  tooWet: {
    noHoles: 'Er hat kein Loch: was abläuft, bleibt darin. Bohre eins.',
    reservoir:
      'Von seiner Tiefe ist {airlessShare} über dem Vorrat knapp an Luft. Lass den Vorrat dann und wann einen Tag leer laufen.',
    longWet:
      'Seit {dayCount} Tagen ganz nass. Lass ihn in kühlen Wochen bis zum ersten Fingerglied trocknen, bevor du wieder füllst.',
  },
  whatIf: {
    mulch: 'Ein Mulch von {mulchMm}: die Oberfläche gibt weniger als ein Drittel ab.',
    shade: 'Ein Tuch, das 40 % der Sonne nimmt. Wachstum und Reife nehmen davon ebenfalls ab.',
    move: 'Halbe Sonne und wenig Wind. Ihre Ernte ginge mit dem Licht zurück.',
    biggerPot: 'Dieselbe Form mit {fillVolumeL} Erde.',
    otherMix: 'Derselbe Topf und dieselbe Pflanze in dieser Erde.',
    reservoir: 'Ein Fünftel seiner Erde macht Platz für {waterL} Wasser darunter.',
    twoPlants: 'Zwei kommen auf je 80 %: so viel mehr Blatt am selben Wasser.',
    away: 'Jetzt gefüllt, dann {dayCount} Tage allein gelassen.',
  },
  drip: {
    minutes:
      'Minuten sind Liter geteilt durch Tropfer und ihren Durchfluss. Alle brauchen {needWaterL}, gegeben werden {getsWaterL}.',
    compromise:
      'Eine Uhr passt nicht für alle: {wastedShare} des Wassers ist mehr, als sein Topf braucht. Jede volle Minute bis zu einer Stunde und ein bis drei Läufe wurden probiert.',
    runsOut: 'An einem Topf in Fassgröße mit üblichen Tropfern sind es etwa drei Minuten.',
  },
}
