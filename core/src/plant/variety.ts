import type { Variety } from './varietySchema'

/** Small fruit sets and ripens whatever happens; large fruit shows every lapse. */
export const isSmallFruited = (variety: Variety): boolean =>
  variety.fruitClass === 'currant' || variety.fruitClass === 'cherry'

/** A cordon: one stem that grows until frost. */
export const isVine = (variety: Variety): boolean =>
  variety.crop === 'tomato' && variety.habit === 'indeterminate'
