import type { ArrangementWishes } from './arrangementSchema'

/** Nothing wished for yet. */
export const noArrangement: ArrangementWishes = {
  wishes: [],
  offers: [],
  budget: 0,
  pins: [],
  school: 'house',
  acceptsTight: true,
  mostPerPot: 2,
}
