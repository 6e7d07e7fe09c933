/** Words that several views share. */
export const partWords = {
  potTable: { unfold: 'Another pot', fold: 'Only this pot' },
  school: {
    house: 'Rimbo’s own',
    roomy: 'Roomy',
    middle: 'Middle',
    bucket: 'Bucket',
    bushOnly: 'Bush only',
    smallest: 'Smallest',
    dense: 'Dense',
    bags: 'Bags',
  },
  viewFailure: {
    title: 'This view could not be drawn',
    text: 'Your garden is safe, and the other views go on working. Try again, undo what was changed last, or export the garden and look for what is odd in it.',
    again: 'Try again',
    undo: 'Undo the last change',
    export: 'Export the garden',
  },
}
