/** Words of one garden on two devices. */
export const sharingWords = {
  handover: {
    title: 'A otro aparato',
    text: 'Un mismo jardín puede seguir en dos aparatos: lo que se hizo en ambos se reúne. Los dos tienen que abrir Rimbo desde la misma dirección; en la misma wifi, «npm start -- --lan» la da. El jardín queda en el servidor {minutes} minutos como mucho y se recoge una sola vez.',
    give: 'Pasar con un código',
    share: 'Compartir el archivo',
    how: 'En el otro aparato: Ajustes, «Recibir con un código», y escribe esto. Vale una vez, durante {minutes} minutos.',
    noPhotos: 'Las fotos son demasiado grandes y no van incluidas: exporta con fotos en su lugar.',
    secure:
      'El jardín se cifra en este navegador; la clave está en el código y no va a ningún otro sitio.',
    insecure:
      'El jardín lo cifra esta página y la clave está en el código. Pero la propia página llegó por una conexión abierta: úsalo en una red de confianza.',
    take: 'Recibir con un código',
    code: 'Código',
    codeHint: 'Como lo muestra el otro aparato: 13 letras y cifras.',
    fetch: 'Recoger el jardín',
  },
  merge: {
    title: 'Reunido con lo que había aquí',
    same: 'No trae nada nuevo: todo está ya aquí, o se quitó aquí desde entonces.',
    list: '{list}: {added} nuevos, {changed} cambiados, {removed} quitados',
    conflicts:
      'Una cosa se cambió en ambos lados: queda la más reciente. | {n} cosas se cambiaron en ambos lados: queda la más reciente de cada una.',
    taken: { one: '– queda lo que había aquí.', other: '– queda lo que llegó.' },
    forms: '{field}: aquí {here}, allí {there}',
    nothing: 'nada',
    notShown: 'en otra forma',
    undo: 'Deshacerlo todo',
    takeTheirs: 'Tomar solo lo que llegó',
    good: 'Bien',
    field: {
      shops: 'Tiendas',
      settings: 'Ajustes',
      place: 'Lugar',
      name: 'Nombre del jardín',
      clock: 'Reloj',
      arrangement: 'Disposición',
      ways: 'Maneras',
      normals: 'Clima',
      normalsAreGuessed: 'Clima',
      feedPlans: 'Programas de abono',
      format: 'Archivo',
      version: 'Archivo',
    },
  },
}
