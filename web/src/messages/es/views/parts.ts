/** Words that several views share. */
export const partWords = {
  potTable: { unfold: 'Otra maceta', fold: 'Solo esta maceta' },
  school: {
    house: 'Propia de Rimbo',
    roomy: 'Amplia',
    middle: 'Media',
    bucket: 'Cubo',
    bushOnly: 'Solo matas',
    smallest: 'La más pequeña',
    dense: 'Densa',
    bags: 'Bolsas',
  },
  viewFailure: {
    title: 'Esta vista no se pudo dibujar',
    text: 'Tu jardín está a salvo y las demás vistas siguen funcionando. Prueba otra vez, deshaz lo último que cambiaste, o exporta el jardín y busca qué tiene de raro.',
    again: 'Probar otra vez',
    undo: 'Deshacer el último cambio',
    export: 'Exportar el jardín',
  },
}
