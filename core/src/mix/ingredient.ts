import { memory, type Provenance } from '../units'
import type { Ingredient } from './ingredientSchema'

/** All that a gardener can mix with, by id. */
export type IngredientShelf = Readonly<Record<string, Ingredient>>

export const particleClasses = ['fine', 'mixed', 'coarse'] as const

/** How coarse an ingredient is, in a word. */
export const particleClassOf = ({ coarseShare }: Pick<Ingredient, 'coarseShare'>) =>
  coarseShare >= 0.6 ? 'coarse' : coarseShare > 0.3 ? 'mixed' : 'fine'

/** Water in it as it is bought, share of its volume: of an ingredient, or of a blend. */
export const boughtWaterShare = ({
  moistDensityGL,
  bulkDensityGL,
}: Pick<Ingredient, 'moistDensityGL' | 'bulkDensityGL'>): number =>
  Math.max(0, moistDensityGL - bulkDensityGL) / 1000

/** Where an ingredient's figures come from. */
export const ingredientProvenance = ({ isMeasured }: Ingredient): Provenance =>
  isMeasured ? { mark: 'measured' } : memory

/** The lowest price of a loose litre among its packs; undefined where it is not bought. */
export const cheapestPriceL = ({ packs }: Ingredient): number | undefined =>
  packs.length ? Math.min(...packs.map(({ price, looseL }) => price / looseL)) : undefined
