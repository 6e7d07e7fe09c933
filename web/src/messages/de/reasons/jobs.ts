/** Why a job is to be done, how, and what it asks care for. */
export const jobReasons = {
  job: {
    sow: {
      back: 'Säe zwischen {sowDate} und {lastSowDate}: 6–8 Wochen vor dem letzten Frost, langsame Chilis früher, um etwa {outDate} auszupflanzen.',
      seeds:
        'Etwa {upShare} der Samen gehen auf: ein paar mehr als die {count} Pflanzen, die du willst.',
    },
    potOn: { size: 'In kleine Töpfe, sobald die Sämlinge ihre ersten echten Blätter haben.' },
    hardenOff: {
      days: 'Härte über {dayCount} Tage ab, jeden länger draußen als den vorigen, um am {outDate} auszupflanzen.',
      hours: 'Erst im Schatten, aus dem Wind, und nachts wieder herein.',
    },
    plant: {
      evening: 'Pflanze am Abend oder bei Wolken, und gib einen Tag Schatten.',
      tooEarly: 'Geplant für {plannedDate}, das ist, bevor es sicher ist: {outDate} ist es.',
      waits: 'Geplant für {plannedDate}: die Vorhersage verschiebt es auf {outDate}.',
      soil: 'Die Erde sollte {leastC} haben oder mehr, nach deiner Arbeitsweise.',
    },
    support: { beforeRoots: 'Setze sie, bevor Wurzeln den Topf füllen.' },
    tie: { grown: 'Binde weich an, einmal je {grownMm} Wachstum. Sie ist etwa {heightMm} hoch.' },
    sideShoots: {
      oneStem: 'Ein Trieb: Geiztriebe kommen jede Woche heraus, solange sie klein sind.',
      firstThree: 'Eine Kirschtomate verliert nur ihre ersten zwei, drei Geiztriebe.',
      none: 'Geiztriebe bleiben.',
    },
    strip: {
      fingers: 'Brich sie klein von Hand ab, an einem trockenen Tag.',
      cut: 'Schneide sauber, und wische die Klinge zwischen Pflanzen ab.',
    },
    lowerLeaves: {
      tall: 'Bei etwa {heightMm} kommen die Blätter unter der ersten Rispe ab: nichts soll die Erde berühren.',
    },
    tip: { height: 'Kneife die Spitze bei {heightMm} aus: die Pflanze verzweigt sich.' },
    stopTop: {
      ripens:
        'Was nach dieser Rispe aufblüht, würde nicht reifen. Ihre Früchte sind etwa {ripeDate} reif.',
      trusses: 'Deine Weise: die Spitze kommt nach {count} Rispen heraus.',
    },
    shake: { still: 'Weder Wind noch Bienen erreichen sie: rüttle offene Blüten gegen Mittag.' },
    rootShoots: {
      time: 'Es bleiben {dayCount} Tage: ein jetzt bewurzelter Geiztrieb braucht etwa {leastCount}, um zu tragen.',
    },
    topUp: {
      stem: 'Über der Erde sind {freeMm} frei: wenn der Stängel {stemMm} herausragt, fülle ringsum auf, Blätter vorher ab.',
    },
    unroll: {
      stem: '{rolledMm} des Sacks sind heruntergerollt: wenn der Stängel {stemMm} herausragt, rolle etwas auf und fülle nach.',
    },
    mulch: {
      warm: 'Sobald die Erde etwa {tempC} hat, oder vor Hitze: {depthMm}.',
      room: 'Unter dem Rand sind nur {freeMm} frei.',
      stem: 'Halte ihn vom Stängel fern.',
      grass: 'Grüner Schnitt nur in dünnen Schichten, und nicht am Stängel.',
    },
    water: {
      forecast: 'Nach der Vorhersage. Es wird jeden Tag neu berechnet.',
      usual: 'Wie für die Jahreszeit üblich. Es wird jeden Tag neu berechnet.',
    },
    feed: {
      plan: 'Nach ihrem Düngeprogramm.',
      habit: 'Nach deiner Arbeitsweise.',
    },
    shadeOn: { heat: '{tempC} am {hotDate} am Topf: hänge vorher ein Tuch darüber.' },
    shadeOff: {
      cooler: 'Die nächsten Tage bleiben unter {tempC}: sie kann wieder volles Licht haben.',
    },
    coverOn: { frost: '{tempC} am frühen Morgen des {frostDate}: decke sie am Abend davor ab.' },
    coverOff: { milder: 'Die nächsten Nächte bleiben über {tempC}.' },
    moveIn: {
      cold: '{tempC} am frühen Morgen des {coldDate}: Paprika kommen unter {leastC} herein.',
      usual: 'Ab etwa {coldDate} sind Nächte meist unter {leastC}: Paprika kommen herein.',
    },
    moveOut: { warm: 'Die nächsten Nächte bleiben bei {leastC} oder darüber.' },
    move: { weighs: 'Er wiegt etwa {massG}.' },
    turn: { window: 'Licht kommt von einer Seite: einmal in der Woche eine Vierteldrehung.' },
    measurePh: { lime: 'Miss eine Woche nach dem Kalken, bevor du mehr gibst.' },
    test: {
      tells:
        'Wie nass er ist, ist unsicher: eine Probe hier sagt viel ({bits} von höchstens 1,6 Bit).',
    },
    lookOver: { twice: 'Sieh Blätter, Stängel und Früchte zweimal in der Woche an.' },
    weed: { bare: 'Nichts bedeckt die Erde: Unkraut kommt auf.' },
    spray: { asked: 'Du hast es unter Arbeitsweise verlangt, und es steht auf deinem Regal.' },
    secure: {
      tips: 'Böen von etwa {gustMS} am {gustDate}. Er kippt bei etwa {nowMS}, wie er steht, bei {dryMS} trocken und {wateredMS} frisch gegossen: binde ihn ans Geländer, stelle ihn in eine Ecke, oder stelle zwei zusammen.',
    },
    pick: {
      ripe: 'Pflücke reife Früchte alle {dayCount} Tage.',
      green: 'Frost etwa {frostDate}: pflücke alles, was übrig ist, auch Grünes.',
    },
    lastFeed: {
      end: 'Ihre Saison endet etwa {overDate}: Dünger in den letzten {dayCount} Tagen ist verschwendet.',
    },
    pullOut: {
      frost: 'Frost beendet sie etwa {frostDate}.',
      over: 'Ihre Ernte ist vorbei.',
    },
    cutBack: { winter: 'Schneide stark zurück, und gieße bis zum Frühling wenig.' },
    recharge: {
      kept: 'Alte Erde wird nicht weggeworfen: nimm die Wurzeln heraus, arbeite Kompost ein, fülle auf.',
    },
    wash: {
      ill: 'Seine Pflanzen waren krank: leere ihn, schrubbe ihn, und nimm die Erde nicht wieder für diese.',
    },
    own: { yours: 'Deine eigene Arbeit.' },
    hold: {
      storm: 'Böen von etwa {gustMS}: bleib vom Balkon weg, und nimm Ampeln herunter.',
      heat: 'Eine Hitzewelle, bis {tempC}: lass die Pflanzen in Ruhe.',
      wet: 'Es regnet ({rainWaterMm}): Wunden bleiben nass.',
      coldNight: 'Die Nacht kommt auf {tempC}: sie braucht {leastC}.',
      coldDay: 'Heute nur {tempC}: Sämlinge gehen ab {leastC} hinaus.',
      sprayHeat: 'Spritze nie bei Hitze: {tempC}.',
      sprayWind: 'Spritze nie bei Wind: Böen von {gustMS}.',
      bees: 'Ihre Blüten sind offen: Bienen fliegen.',
      sprayed: 'Gespritzt: nicht pflücken bis {fromDate}, {dayCount} Tage nach dem Etikett.',
      coldMix: 'Die Erde hat {tempC}: du pflanzt ab {leastC}.',
    },
    caution: {
      below: 'Denk an Menschen unten: was von einem Balkon fällt, kann töten.',
      dustWet: 'Nässe trockene Erde, bevor du sie anfasst, oder trage eine Maske.',
      eyes: 'Setze auf jeden Stab eine Kappe: Augen treffen sie beim Bücken.',
      hotFruit: 'Scharfe Früchte brennen in Augen und auf der Haut: trage Handschuhe.',
      hotSeed: 'Wasche die Hände nach Samen scharfer Paprika.',
      label: 'Das Etikett auf deiner Packung geht vor.',
      rootsOffFeed: 'Wurzeln dürfen nicht auf Dünger sitzen: mische ihn ein, oder decke ihn zu.',
      spray: 'Nie bei Sonne, Hitze oder Wind, und nicht, solange Bienen fliegen. Trage Handschuhe.',
      lift: 'Er wiegt etwa {massG}: hebe aus den Beinen, oder bitte um Hilfe.',
      twoLift: 'Er wiegt etwa {massG}: zu zweit heben.',
    },
  },
  support: {
    none: 'Mit {grownMm} steht sie von selbst.',
    stake: 'Ein Stab von {stakeMm}: {grownMm} Pflanze, und {inMixMm} in der Erde.',
    cage: 'Ein Käfig von {stakeMm}: die Pflanze wird etwa {grownMm} hoch.',
    twoCages:
      'Etwa {grownMm} hoch: zwei Käfige, einer umgekehrt auf dem anderen, und ein Stab von {stakeMm} durch beide.',
    string: 'Eine Schnur von oben, {stakeMm}: ein Stab hielte in dieser Tiefe Erde nicht.',
    net: 'Ein Netz, durch das sie wächst.',
    byWay: 'Deine Weise.',
    breaks: 'Paprika brechen im Wind.',
  },
  tip: {
    round:
      'Wind auf {seenM2} Blatt, {armMm} über dem Boden, gegen {massG} auf einem Fuß von {baseMm}. Blätter falten sich, wenn er stärker weht.',
    short:
      'Wind auf {seenM2} Blatt, {armMm} über dem Boden, gegen {massG} auf einem Fuß von {baseMm}, auf dem kurzen Weg. Blätter falten sich, wenn er stärker weht.',
    error: 'Auf 30 % genau: eine Böe kann stärker sein als jede Vorhersage.',
  },
}
