/** What can go wrong before anything else is there. */
export const firstFaults = {
  invalid: 'Esto no se puede usar.',
  drawing: 'Una parte de la página no se pudo dibujar: {detail}.',
  unexpected: 'No ha funcionado: {detail}.',
  notLoaded:
    'Una parte de Rimbo no se pudo cargar: no hay conexión, o una versión más nueva ha ocupado su lugar.',
}
