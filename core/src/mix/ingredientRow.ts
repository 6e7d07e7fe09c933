import type { Ingredient, Pack } from './ingredientSchema'

/** An ingredient as its table writes it. */
export type Row = Omit<Ingredient, 'waterShares' | 'nutrientsMgL' | 'cautions'> &
  Partial<Pick<Ingredient, 'cautions'>> & {
    /** At the tabled suctions. */
    readonly waterPercents: readonly number[]
    /** N, P, K, Ca and Mg at once available, mg/L. */
    readonly nutrients: readonly [n: number, p: number, k: number, ca: number, mg: number]
  }

/** A bag of loose goods: it holds what its label says. */
export const bag = (labelL: number, price: number): Pack => ({
  kind: 'bag',
  labelL,
  looseL: labelL,
  price,
})
/** A pressed bale: so many litres on the label, so many once it is loose. */
export const bale = (labelL: number, looseL: number, price: number): Pack => ({
  kind: 'bale',
  labelL,
  looseL,
  price,
})
const byMass =
  (kind: Pack['kind']) =>
  (labelKg: number, looseL: number, price: number): Pack => ({ kind, labelKg, looseL, price })
export const brick = byMass('brick')
export const block = byMass('block')
export const sack = byMass('sack')
